<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

it('counts the shelf, moves a product with its reason, orders what is low, and says on a bowl what is short', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $page->get($this->address('/shelf/stock'));
    $this->press($page, '[aria-label="Which are shown"] .chip', 'not counted');
    $this->see($page, '.stock-unknown', '4C');

    // A whole count; what cannot be read keeps all of it back.
    $this->press($page, '#count');
    $this->type($page, '[aria-label="Counted of Tidewater 4C"]', '2 tubes');
    $this->type($page, '[aria-label="Counted of Tidewater 5V"]', 'some');
    $this->press($page, '#save-count');
    $this->see($page, '.stock-table .field-problem', '“some” is not an amount');
    $this->type($page, '[aria-label="Counted of Tidewater 5V"]', '10');
    $this->press($page, '#save-count', 'Keep 2 counted');
    $this->see($page, '#count');
    $this->press($page, '[aria-label="Which are shown"] .chip', 'low or short');
    $this->see($page, '.stock-low', '5V');

    // Thrown away wants a reason; the ledger keeps who and why.
    $this->press($page, '[aria-label="5V: what moved"]');
    $this->press($page, '[aria-label="What moved"] .chip', 'thrown away');
    $this->type($page, '#move-amount', '4');
    $this->press($page, '#keep-move');
    $this->see($page, '.stock-moves .field-problem', 'There is no reason');
    $this->type($page, '#move-note', 'dried out');
    $this->press($page, '#keep-move');
    $this->see($page, '.ledger', 'Tomasz Wilk: dried out');
    $this->see($page, '.stock-low', '6 g');

    $page->get($this->address('/shelf/order'));
    $this->see($page, '.order-list', '5V');
    $page->get($this->address('/shelf/costs'));
    $this->see($page, '.cost-total', 'never came onto a head');
    $this->press($page, '[aria-label="Told by"] .chip', 'line');
    $this->see($page, '.stock-table tbody', 'Tidewater');
    // Days that cannot be told are refused where they can be set right.
    $last = "const [day] = arguments, to = document.querySelector('#cost-to'); "
        ."Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(to, day); "
        ."to.dispatchEvent(new Event('input', { bubbles: true }))";
    $today = $page->executeScript("return document.querySelector('#cost-to').value");
    $page->executeScript(str_replace('#cost-to', '#cost-from', $last), [$today]);
    $page->executeScript($last, ['2025-01-01']);
    $this->see($page, '.costs [role=alert]', 'The last day comes before the first');
    expect($page->findElements(WebDriverBy::cssSelector('.cost-total')))->toBe([]);
    $page->executeScript($last, [$today]);
    $this->see($page, '.cost-total', 'never came onto a head');
    expect($page->findElements(WebDriverBy::cssSelector('.costs [role=alert]')))->toBe([]);

    // An assistant counts, and is shown no cost.
    $other = $this->browser(1024, 768);
    $this->signIn($other, 'noor');
    $other->get($this->address('/shelf/stock'));
    $this->see($other, '#count');
    expect($other->findElements(WebDriverBy::cssSelector('.shelf-rail a[href="/shelf/costs"], .shelf-new')))->toBe([]);
});

<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

it('draws the head as strands, says why, tries what if, and plans a way to a wish', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $this->press($page, 'a[href^="/visits/"]', 'Philippa Thorne');
    // Foils and what they leave, side by side; the sentence; how sure; the reason behind one of them.
    $this->see($page, '.strand-hair');
    $this->see($page, '.outlook-words', 'from some steps away');
    $this->see($page, '.outlook-words', 'give or take');
    expect(count($page->findElements(WebDriverBy::cssSelector('.strand-row'))))->toBeGreaterThan(3);
    $this->press($page, 'summary.strand-row', 'in A');
    $this->see($page, '.strand-why', 'lies bare');

    // Four bowls on one cell can be told apart: one round at a time.
    $this->press($page, '.round-map .chip', 'Tone');
    expect($page->findElement(WebDriverBy::cssSelector('.round-map svg'))->getAttribute('aria-label'))
        ->toContain('ends B')
        ->not->toContain('and');
    $this->press($page, '.round-map .chip', 'all');

    // What if the lightener stays on for ten minutes: nothing is kept until it is said.
    $this->press($page, '.what-if > summary');
    $this->see($page, '.outlook-swatches');
    // Asked in one go: the page may draw it anew between finding and reading.
    $swatches = fn (): string => (string) $page->executeScript(
        "return document.querySelector('.outlook-swatches').innerText",
    );
    $before = $swatches();
    $page->executeScript(<<<'JS'
        const slide = document.querySelector('#what-if-minutes')
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(slide, '10')
        slide.dispatchEvent(new Event('input', { bubbles: true }))
        JS);
    $this->see($page, '.what-if label', '10 min');
    $until = microtime(true) + 10;
    while (microtime(true) < $until && $swatches() === $before) {
        usleep(100_000);
    }
    expect($swatches())->not->toBe($before)
        ->and($page->findElement(WebDriverBy::id('minutes'))->getAttribute('value'))->toBe('40');
    $this->press($page, '.what-if .chip', 'Back');

    // From a wish back to formulas; one of them planned with one press.
    $this->press($page, '.ways > summary');
    $this->press($page, '.ways .chip', 'Ends');
    $this->see($page, '.way', 'ΔE');
    $bowls = count($page->findElements(WebDriverBy::cssSelector('.visit-rail .weigh-link')));
    $this->press($page, '.way .chip', 'Plan');
    $until = microtime(true) + 10;
    while (
        microtime(true) < $until
        && count($page->findElements(WebDriverBy::cssSelector('.visit-rail .weigh-link'))) === $bowls
    ) {
        usleep(100_000);
    }
    expect(count($page->findElements(WebDriverBy::cssSelector('.visit-rail .weigh-link'))))->toBeGreaterThan($bowls);

    // How far off the outlook has been.
    $page->get($this->address('/house'));
    $this->see($page, '.miss-chart', 'with the client’s own');
});

it('tries more of a shade and a bowl less, and keeps only what is kept', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $this->press($page, 'a[href^="/visits/"]', 'Isolde Marchetti');
    $this->press($page, '.what-if > summary');
    $this->see($page, '.what-if .slide label', '6C: 2 parts');
    $slides = 'const slide = document.querySelector(".what-if-shade"); Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(slide, "4"); slide.dispatchEvent(new Event("input", { bubbles: true }))';
    $page->executeScript($slides);
    $this->see($page, '.what-if .slide label', '6C: 4 parts');
    $this->press($page, '.what-if .chip', 'without A');
    $this->see($page, '.outlook-swatches', 'expected –');
    // It goes along from station to station, and says what it is; where nothing can be tried, nothing of it is shown.
    $this->press($page, '.station', 'Place');
    $this->see($page, '.outlook-swatches', 'expected –');
    $this->see($page, '.what-if [role=status]', 'Tried, not planned');
    $this->press($page, '.station', 'Read');
    $this->see($page, '.outlook-swatches', 'expected 5');
    $this->press($page, '.station', 'Formulate');
    $this->see($page, '.outlook-swatches', 'expected –');
    $this->press($page, '.what-if > summary');
    $this->press($page, '.what-if .chip', 'Back');
    $this->see($page, '.what-if .slide label', '6C: 2 parts');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $page->executeScript($slides);
    $this->press($page, '#what-if-keep');
    $this->see($page, '.desk-foot [role=status]', 'Draft');
    $this->see($page, '.desk', '7.3 g'); // A sixth of 44 g each beside four sixths: not 11 g any more.
    $this->press($page, '.desk-foot button', 'Undo changes');
});

it('asks of a bowl that is on the hair how long it stays, and of nothing else', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $visit = $this->visitOf($page, 'Teodora Petrova');
    $page->get($this->address("/visits/{$visit['id']}?at=run"));
    $this->press($page, '.what-if > summary');
    $planned = (int) $this->see($page, '.what-if .slide label')->getText();
    expect($page->findElements(WebDriverBy::cssSelector('.what-if .what-if-shade, .what-if [role=group]')))->toBe([]);
    $slide = fn (int $minutes) => $page->executeScript(
        "const slide = document.querySelector('#what-if-minutes'); Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(slide, '{$minutes}'); slide.dispatchEvent(new Event('input', { bubbles: true }))",
    );
    $kept = fn (): mixed => $this->visitOf($page, 'Teodora Petrova')['rounds'][0]['bowls'][0]['sheet']['minutes']
        ?? null;
    $before = $kept();
    $slide(12);
    $this->see($page, '.what-if [role=status]', 'Tried, not planned');
    expect($kept())->toBe($before);
    foreach ([$planned - 1, $planned] as $minutes) {
        $slide($minutes);
        $this->press($page, '#what-if-keep');
        for ($until = microtime(true) + 5; $kept() !== $minutes && microtime(true) < $until;) {
            usleep(100_000);
        }
        expect($kept())->toBe($minutes);
    }
});

it('keeps the answer that a slip of the ratio was meant', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $this->press($page, 'a[href^="/visits/"]', 'Isolde Marchetti');
    $this->type($page, '#ratio', '1:4');
    $this->see($page, '.cautions', 'Is it meant so?');
    $this->press($page, '.meant', 'Yes, it is meant so');
    $this->see($page, '.cautions', 'answered: meant so');
    $this->press($page, '.desk-foot button', 'Save bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $page->navigate()->refresh();
    $this->see($page, '.cautions', 'answered: meant so');
});

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
    expect($page->findElement(WebDriverBy::cssSelector('.round-map svg'))->getAttribute('aria-label'))->toContain('ends B')->not->toContain('and');
    $this->press($page, '.round-map .chip', 'all');

    // What if the lightener stays on for ten minutes: nothing is kept until it is said.
    $this->press($page, '.what-if > summary');
    $this->see($page, '.outlook-swatches');
    // Asked in one go: the page may draw it anew between finding and reading.
    $swatches = fn (): string => (string) $page->executeScript("return document.querySelector('.outlook-swatches').innerText");
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
    while (microtime(true) < $until && count($page->findElements(WebDriverBy::cssSelector('.visit-rail .weigh-link'))) === $bowls) {
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
    // Away from the trial nothing of it is shown; back at it, it is still there.
    $this->press($page, '.station', 'Place');
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

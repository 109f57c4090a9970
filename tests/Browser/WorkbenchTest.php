<?php

declare(strict_types=1);

it('answers while settings move, by keyboard, and opens the same from a link', function () {
    $page = $this->browser();
    $this->signIn($page, 'amara');
    $this->key($page, 'w');
    $this->see($page, '.answer-headline', 'Level 6');
    $this->type($page, '#set-text', '30 vol');
    $this->see($page, '.answer-facts', 'level 8');
    $page->findElement(Facebook\WebDriver\WebDriverBy::cssSelector('#set-history option[value=coloured]'))->click();
    $this->see($page, '.answer-why', 'Tint does not lift tint');
    $link = $page->getCurrentURL();
    $this->press($page, '.tools .chip', 'Read a code');
    $this->see($page, '.answer-headline', 'Level 7, gold');
    $this->type($page, '#set-code', '7X');
    $this->see($page, '.notice', 'means nothing in this line');
    $page->get($link);
    $this->see($page, '.answer-why', 'Tint does not lift tint');
    $page->findElement(Facebook\WebDriver\WebDriverBy::cssSelector('h1'))->click();
    $this->key($page, '4');
    $this->see($page, '.answer-headline', '50 % natural');
});

it('finds a substitute, puts it into a formula and sends it into a visit', function () {
    $page = $this->browser();
    $this->signIn($page, 'amara');
    $page->get($this->address('/workbench?tool=substitute&code=7G&grams=60 g'));
    $this->see($page, '.answer-headline', ' g of ');
    $this->press($page, '#to-formula');
    $this->see($page, '#bowl-total', '150.0 g');
    // Scaled by its total: everything follows.
    $page->findElement(Facebook\WebDriver\WebDriverBy::cssSelector('#amount-of option[value=total]'))->click();
    foreach (
        $page->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('.part:first-child .share')) as $at => $share
    ) {
        $this->type($page, 'input[aria-label="Share of Colour '.($at + 1).'"]', (string) ($at + 1));
    }
    $this->type($page, '#amount', '50 g');
    $this->see($page, '#bowl-total', '50.0 g');
    $page->navigate()->refresh();
    $this->see($page, '#bowl-total', '50.0 g');
    $this->see($page, '#send-visit option', 'Hana Kobayashi');
    foreach ($page->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('#send-visit option')) as $option) {
        str_contains($option->getText(), 'Hana Kobayashi') && $option->click();
    }
    $this->press($page, '#send');
    $this->see($page, '.visit-head', 'Hana Kobayashi');
    $this->see($page, '.is-chosen', 'draft, not saved');
    $this->see($page, '#bowl-total', '50.0 g');
});

<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

it('plans two bowls, weighs both on the scale, over-pours once and keeps the proportion, closes, repeats', function () {
    $page = $this->browser();
    $this->inMotion($page);
    expect($page->executeScript("return matchMedia('(prefers-reduced-motion: reduce)').matches"))->toBeFalse();
    $this->signIn($page, 'tomasz');

    // Plan: a client without a visit today.
    $this->press($page, '.frame-head a', 'Clients');
    $this->type($page, 'input[type=search]', 'brigid');
    $this->press($page, '.client-list a', 'Brigid Kinsella');
    $this->type($page, '#service', 'Copper, two bowls');
    $this->press($page, '#plan');
    $this->see($page, '.visit-head', 'Copper, two bowls');

    // Bowl A: two shades, worked while it is typed.
    $this->press($page, '.round button', '+ bowl');
    $this->type($page, '#job', 'Root');
    $this->type($page, '#amount', '30 g');
    foreach (['6c', '7c'] as $code) {
        $this->press($page, '#add-0');
        $this->type($page, '#shade-search', $code);
        $this->key($page, WebDriverKeys::ENTER);
        $this->see($page, '.shade-button', strtoupper($code));
    }
    $this->type($page, 'input[aria-label="Share of Colour 1"]', '2');
    $this->see($page, '#bowl-total', '75.0 g');
    $this->press($page, '#at-place');
    $this->press($page, '#add-stroke');
    $this->see($page, '.zone-tab', 'all over');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');

    // Bowl B: given by its total, a blended strength.
    $this->press($page, '#at-formulate');
    $this->press($page, '.round button', '+ bowl');
    $this->see($page, '.bowl-choice', 'New bowl');
    $this->type($page, '#job', 'Ends');
    $page->findElement(WebDriverBy::cssSelector('#amount-of option[value=total]'))->click();
    $this->type($page, '#amount', '60 g');
    $this->type($page, '#ratio', '1:2');
    $this->press($page, '#add-0');
    $this->type($page, '#shade-search', '8g');
    $this->key($page, WebDriverKeys::ENTER);
    $this->type($page, '#wish', '15 vol');
    $this->key($page, WebDriverKeys::ENTER);
    $this->see($page, '.bowl-totals', '15 vol (4.5 %)');
    $this->see($page, '#bowl-total', '60.0 g');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');

    // Weigh A: 20 g and 10 g of colour, 45 g of developer; the second is poured 2 g over.
    $this->press($page, '.weigh-link[aria-label="Bench, bowl A"]');
    $this->scale('bowl 210');
    $this->see($page, '.stage-number', '210.0 g');
    $this->begin($page);
    $this->see($page, '.stage-label', '6C');
    $this->see($page, '#stage-number', '20.0 g');
    $this->pour($page, '12.3', '12.3 g');
    // A reload in the middle of a pour loses nothing.
    $page->navigate()->refresh();
    $this->see($page, '#stage-in', '12.3 g');
    $this->pour($page, '7.7', '20.0 g');
    $this->key($page, ' ');
    $this->see($page, '.stage-label', '7C');
    $this->pour($page, '12', '12.0 g');
    $this->see($page, '.stage-over');
    $this->key($page, ' ');
    $this->see($page, '#over-title', '7C is 2.0 g over');
    $this->see($page, '.over-choice', 'New total 90.0 g');
    $this->key($page, '1');
    $this->see($page, '.stage-label', '6C');
    $this->see($page, '#stage-number', '4.0 g');
    $this->pour($page, '4', '24.0 g');
    $this->key($page, ' ');
    $this->see($page, '.stage-label', '20 vol');
    $this->pour($page, '54', '54.0 g');
    $this->key($page, ' ');
    $this->see($page, '.stage-words', 'Everything is in');
    $this->key($page, ' ');
    $this->see($page, '.stage-words', 'Bowl finished');
    $this->see($page, '.bench-bowl', '90.0 g');

    // Used, back on the scale with 15 g in it: one key, pressed while it still moves, and read once it is at rest.
    $this->scale('lift');
    $this->see($page, '#scale-badge', 'scale 0.0 g');
    $this->scale('hold 15');
    $this->see($page, '#weigh-back', 'the scale shows');
    $this->key($page, 'w');
    $this->see($page, '.stage', '75.0 g used');
    $this->key($page, WebDriverKeys::ESCAPE);
    $this->see($page, '.state-mixed');
    $this->press($page, '.weigh-link[aria-label="Bench, bowl B"]');
    $this->scale('bowl 190');
    $this->see($page, '.stage-number', '190.0 g');
    $this->begin($page);
    foreach (['8G' => '20', '10 vol' => '20', '20 vol' => '20'] as $label => $grams) {
        $this->see($page, '.stage-label', $label);
        $this->pour($page, $grams, "{$grams}.0 g");
        $this->key($page, ' ');
    }
    $this->see($page, '.stage-words', 'Everything is in');
    $this->key($page, ' ');
    $this->see($page, '.stage-words', 'Bowl finished');
    $this->key($page, WebDriverKeys::ESCAPE);

    // Close, then repeat from the client file with one press.
    $this->press($page, '#close');
    // What was weighed went on or was not used: the gate of both is shut here, so neither went on.
    $this->press($page, '.notice button', 'It went on');
    $this->see($page, '.notice-stop', 'Oxidative colour may not go on');
    $this->press($page, '#not-used-A');
    $this->press($page, '#not-used-B');
    $this->press($page, '.chip', 'Good');
    $this->type($page, '#outcome', 'Even and bright.');
    $this->type($page, '#change', 'Less on the ends.');
    $this->press($page, '#close-visit');
    $this->see($page, '.state-closed');
    $this->press($page, '.visit-head h1 a');
    $this->see($page, '.lineage-card', 'Even and bright.');
    $this->press($page, '#repeat');
    $this->see($page, '.visit-head', 'repeats');
    $this->press($page, '#at-read');
    $this->see($page, '.proposal', 'Less on the ends');
    $this->press($page, '#at-formulate');
    $this->see($page, '#bowl-total', '75.0 g');
    expect(count($page->findElements(WebDriverBy::cssSelector('.bowl-choice'))))->toBe(2);
});

it('says that the scale is gone and takes grams by hand', function () {
    $page = $this->browser(1024, 768);
    $this->signIn($page, 'noor');
    $this->press($page, '.next-hand', 'Carry on weighing bowl B');
    // Weighed up to here on another day: nobody knows yet what stands on the scale.
    $this->see($page, '.stage-label', 'What stands on the scale?');
    $this->scale('drop 6');
    $this->see($page, '#scale-badge', 'scale disconnected');
    $this->see($page, '.stage-words', 'The scale is disconnected');
    $before = $page->findElement(WebDriverBy::cssSelector('.stage-label'))->getText();
    $this->key($page, '1');
    $this->see($page, '#hand');
    $this->key($page, '.5');
    $this->key($page, WebDriverKeys::ENTER);
    $this->see($page, '.bench-line.is-current', '1.5 g');
    $this->see($page, '.bench-line.is-current', $before);
    $this->see($page, '#scale-badge', 'scale 0.0 g', 15);
    $this->scale('garbage 30');
    $this->see($page, '#scale-badge', 'garbage');
    $this->see($page, '#scale-badge', 'scale 0.0 g');
    $this->scale('bowl 3200');
    $this->see($page, '#scale-badge', 'too heavy');
});

it('keeps a half-typed bowl through a reload and shows a newer version instead of overwriting it', function () {
    $one = $this->browser();
    $this->signIn($one, 'ines');
    $this->press($one, '.visit-card', 'Isolde Marchetti');
    $this->see($one, '#bowl-total');
    $this->type($one, '#job', 'Root, half typed');
    $this->type($one, '#amount', '-3');
    $this->see($one, '.field-problem', 'below zero');
    $one->navigate()->refresh();
    $this->see($one, '.field-problem', 'below zero');
    expect($this->see($one, '#job')->getAttribute('value'))->toBe('Root, half typed');
    $this->type($one, '#amount', '40 g');

    $two = $this->browser();
    $this->signIn($two, 'amara');
    $this->press($two, '.visit-card', 'Isolde Marchetti');
    $this->type($two, '#job', 'Root, the other device');
    $this->press($two, '#save-bowl');
    $this->see($two, '.desk-foot [role=status]', 'Saved');

    $this->press($one, '#save-bowl');
    $this->see($one, '.notice', 'changed on another device');
    $this->see($one, '.notice', 'Root, the other device');
    expect($this->see($one, '#job')->getAttribute('value'))->toBe('Root, half typed');
    $this->press($one, '.notice button', 'Put mine in its place');
    $this->see($one, '.desk-foot [role=status]', 'Saved');
    $this->see($two, '.bowl-choice', 'Root, half typed', 15);
});

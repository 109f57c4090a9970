<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

// What is done at the workspace between two visits: two devices, a bowl by eye, a shade that is out.

it('shows the newer canvas on the second device instead of overwriting it', function () {
    $open = function (string $who) {
        $page = $this->browser();
        $this->signIn($page, $who);
        $this->press($page, '.visit-card', 'Sunniva Lie');
        $this->press($page, '#at-canvas');
        $this->see($page, '.zone-tab', 'Mids');

        return $page;
    };
    [$one, $two] = [$open('tomasz'), $open('amara')];
    $this->type($one, '#zone-regrowth', '3.3');
    $this->type($two, '#zone-regrowth', '4.4');
    $this->press($two, '#save-canvas');
    $this->see($two, '.desk-foot [role=status]', 'Saved');
    $this->press($one, '#save-canvas');
    $this->see($one, '.notice', 'changed on another device');
    $this->see($one, '.notice', 'Amara Okafor');
    expect($this->see($one, '#zone-regrowth')->getAttribute('value'))->toBe('3.3');
    $this->press($one, '.notice button', 'Take the newer');
    $until = microtime(true) + 8;
    while ($this->see($one, '#zone-regrowth')->getAttribute('value') !== '4.4' && microtime(true) < $until) {
        usleep(100_000);
    }
    expect($this->see($one, '#zone-regrowth')->getAttribute('value'))->toBe('4.4');
});

it('pours by eye on the scale and keeps the formula that came of it', function () {
    $page = $this->browser();
    $this->signIn($page, 'leilani');
    $page->get($this->address('/clients'));
    $this->press($page, '.client-list a', 'Gunnar Eide');
    $this->type($page, '#service', 'Gloss by eye');
    $this->press($page, '#plan');
    $this->press($page, '.round button', '+ bowl');
    (new WebDriverSelect($this->see($page, '#line')))->selectByVisibleText('Slack Water');
    $this->type($page, '#job', 'Gloss');
    $this->press($page, '#add-0');
    $this->type($page, '#shade-search', '9p');
    $this->key($page, WebDriverKeys::ENTER);
    $this->see($page, '.shade-button', '9P');
    $this->type($page, 'input[aria-label="Share of Colour 1"]', '“a ribbon”');
    $this->type($page, 'input[aria-label="Share of Developer 1"]', '?');
    $this->see($page, '#bowl-total', 'no grams yet');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $this->press($page, '#weigh');
    $this->scale('bowl 200');
    $this->see($page, '.stage-number', '200.0 g');
    $this->begin($page);
    $pourByEye = function (string $label, string $grams) use ($page): void {
        $this->see($page, '.stage-label', $label);
        $this->see($page, '.stage-words', 'By eye');
        $this->pour($page, $grams, number_format((float) $grams, 1).' g');
        $this->key($page, ' ');
    };
    $pourByEye('9P', '21.4');
    // A drop of something else, thought of with the brush in hand.
    $this->see($page, '.stage-label', '6 vol');
    $this->key($page, '+');
    $this->type($page, '#shade-search', '8b');
    $this->key($page, WebDriverKeys::ENTER);
    $pourByEye('8B', '3.2');
    // The ratio is known: what was poured by eye gives the developer its target, 1:2 of 24.6 g.
    $this->see($page, '.stage-label', '6 vol');
    $this->see($page, '#stage-number', '49.2 g');
    $this->pour($page, '49.2', '49.2 g');
    $this->key($page, ' ');
    $this->see($page, '.stage-words', 'Everything is in');
    $this->key($page, ' ');
    $this->see($page, '.stage-words', 'Bowl finished');
    $this->key($page, WebDriverKeys::ESCAPE);
    $this->see($page, '.poured', 'it came to 73.8 g');
    $this->see($page, '.poured', '21.4 g 9P, 3.2 g 8B, 49.2 g 6 vol');
});

it('swaps a shade that is out for its nearest blend, splits the bowl, and moves the new one', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $this->press($page, '.visit-card', 'Linnea Forsberg');
    $this->see($page, '#bowl-total');
    $this->press($page, '.part-row button', 'out?');
    $this->see($page, '.stand-in');
    $this->press($page, '.stand-in button', 'Take');
    $this->see($page, '.wanted', 'out of stock');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $before = $this->see($page, '#bowl-total')->getText();
    // An extra that says nothing yet changes nothing; what cannot be read is said beside the button, and the head stays.
    $this->press($page, '.adjust > summary', 'Bowl, clock and jobs');
    $this->press($page, '.adjust button', '+ extra beside');
    $this->see($page, '.desk-foot [role=status]', 'Draft');
    expect($this->see($page, '#bowl-total')->getText())->toBe($before);
    $this->type($page, 'input[aria-label="Grams of extra 1"]', '12 hands');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot .notice', 'Not saved.');
    $this->see($page, '.desk-foot .notice', '“hands” in “12 hands”');
    $this->see($page, '.side-panel .off-target', 'as it was saved');
    $this->press($page, '.desk-foot button', 'Undo changes');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    expect($this->see($page, '#bowl-total')->getText())->toBe($before);
    // Typed on while it is saved, and saved again: in no conflict with oneself.
    $page->executeScript(<<<'JS'
        const type = (id, text) => {
          const field = document.getElementById(id)
          Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, text)
          field.dispatchEvent(new Event('input', { bubbles: true }))
        }
        const save = () => { document.getElementById('save-bowl').click() }
        type('mark', 'the yellow one')
        const steps = [save, ...Array.from({ length: 30 }, (_, n) => () => { type('treatment', `rest ${n}`) }), save]
        const next = () => { steps.shift()?.(); if (steps.length > 0) setTimeout(next, 20) }
        setTimeout(next, 200)
        JS);
    $until = microtime(true) + 8;
    do {
        usleep(300_000);
        $kept = $this->visitOf($page, 'Linnea Forsberg')['rounds'][0]['bowls'][0]['sheet'];
    } while (($kept['treatment'] ?? '') !== 'rest 29' && microtime(true) < $until);
    expect($kept)->toMatchArray(['mark' => 'the yellow one', 'treatment' => 'rest 29'])
        ->and($page->findElements(WebDriverBy::cssSelector('.workspace .notice-warn')))->toBe([]);
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $this->press($page, '.adjust > summary', 'Copy, split, merge, move');
    $this->press($page, '#split-bowl');
    $this->see($page, '.bowl-choice svg[aria-label="Bowl C"]');
    $half = $this->see($page, '#bowl-total')->getText();
    $until = microtime(true) + 8;
    while ($half === $before && microtime(true) < $until) {
        usleep(100_000);
        $half = $this->see($page, '#bowl-total')->getText();
    }
    expect((float) $half)->toBeGreaterThan((float) $before / 2 - 0.5)->toBeLessThan((float) $before / 2 + 0.5);
    // A round gets another name where it stands.
    $this->press($page, '.round-name');
    $this->type($page, '.round .new-round input', 'Colour, both halves');
    $this->press($page, '.round .new-round button', 'Name it');
    $this->see($page, '.round-name', 'Colour, both halves');
});

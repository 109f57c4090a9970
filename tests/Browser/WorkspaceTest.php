<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

it('takes a first visit through the order of work, and the next one from what was said', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $page->get($this->address('/clients'));
    $this->type($page, '#new-name', 'Orla Whitby');
    $this->press($page, '.new-client button', 'Add client');
    $this->see($page, '.safety-state', 'no skin test');
    $this->type($page, '#service', 'Copper, first time');
    $this->press($page, '#plan');

    // Canvas, by its key: read two zones; the core reads along.
    $this->see($page, '.stations');
    $this->key($page, '2');
    $this->press($page, '#start-canvas');
    $this->type($page, '#zone-natural', '6');
    // A level is picked from the ladder as well as typed.
    $this->press($page, '[aria-label="Level now, from the ladder"] .rung[aria-label="6, dark blonde"]');
    expect($this->see($page, '#zone-level')->getAttribute('value'))->toBe('6');
    $this->type($page, '#zone-grey', '60');
    $this->type($page, '#wish-level', '6');
    $this->press($page, '[aria-label="Wished tone, strongest first"] .chip', 'copper');
    $this->see($page, '.zone-reading', '60 % grey: 50 % natural');
    // A reload in the middle loses nothing.
    $page->navigate()->refresh();
    $this->see($page, '.zone-reading', '60 % grey: 50 % natural');
    $this->type($page, '#zone-level', '66');
    $this->press($page, '#save-canvas');
    $this->see($page, '.field-problem', 'A level of 66 cannot be.');
    $this->type($page, '#zone-level', '6');
    $this->press($page, '#save-canvas');
    $this->see($page, '.desk-foot [role=status]', 'Saved');

    // Formulate, then make it deeper with one press, and take that back.
    $this->press($page, '#at-formulate');
    $this->press($page, '.round button', '+ bowl');
    $this->type($page, '#job', 'Root, first time');
    $this->type($page, '#amount', '40 g');
    $this->press($page, '#add-0');
    $this->type($page, '#shade-search', '6c');
    $this->key($page, WebDriverKeys::ENTER);
    $this->see($page, '.shade-button', '6C');
    // Once it lies somewhere, the grey there asks for more natural; one press takes that.
    $this->press($page, '#at-place');
    $this->press($page, '#add-stroke');
    $this->press($page, '#at-formulate');
    $this->see($page, '.suggestions li', 'more natural in A');
    $this->press($page, '.suggestions li:first-child button', 'change it');
    $this->see($page, '.shade-button', '6N');
    $this->see($page, '#bowl-total', '100.0 g');
    $this->press($page, '.adjust > summary', 'Adjust');
    $this->press($page, '.adjust .chip', 'a level deeper');
    // Seen in grams first; nothing is changed until it is taken.
    $this->see($page, '.change-preview', '5C');
    $this->press($page, '.change-way button', 'Change it');
    $this->see($page, '.shade-button', '5N');
    $this->press($page, '.adjusted button', 'Undo');
    $this->see($page, '.shade-button', '6N');

    // Place: the whole root is wished for; paint the top, see what is bare, then all over.
    $this->press($page, '#at-place');
    $this->press($page, '.head-region[aria-label=top]');
    $this->see($page, '.cautions', 'Wished for, but no bowl goes there');
    $this->press($page, '#all-over');
    $this->press($page, '[aria-label="Along the strand"] .chip', 'regrowth');
    (new WebDriverSelect($this->see($page, '#method')))->selectByValue('root-touch-up');
    $this->see($page, '.pattern-list', 'all over, root to regrowth, root touch-up');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    expect($page->findElements(WebDriverBy::cssSelector('.head-letter-bare')))->toBe([]);
    $this->press($page, '#at-formulate');
    $this->see($page, '.outlook', 'level');
    // What is painted says how much it takes.
    $this->press($page, '.painted-amount .chip', 'take 150 g');
    $this->see($page, '#bowl-total', '150.0 g');
    $this->press($page, '#save-bowl');
    $this->see($page, '.desk-foot [role=status]', 'Saved');

    // Run: weighed by hand, the gate is shut, a licensed reason opens it, the clock runs.
    $this->press($page, '.weigh-link[aria-label="Bench, bowl A"]');
    $this->scale('drop 60');
    $this->see($page, '#scale-badge', 'scale disconnected');
    $this->key($page, ' ');
    foreach (['30', '30', '90'] as $grams) {
        $this->see($page, '.stage-label');
        $this->press($page, '#by-hand');
        $this->type($page, '#hand', $grams);
        $this->press($page, '#hand-enter');
        usleep(300_000);
    }
    $this->see($page, '.stage-words', 'Everything is in');
    $this->key($page, ' ');
    $this->see($page, '.stage-words', 'Bowl finished');
    $this->key($page, WebDriverKeys::ESCAPE);
    $this->see($page, '#gate', 'No skin test of Tidewater');
    $this->press($page, '.lane-acts button', 'First touch');
    $this->see($page, '.lane .notice', 'Oxidative colour may not go on');
    $this->type($page, '[aria-label="Reason of a licensed person"]', 'Patch of Friday read here, not written down');
    $this->type($page, '[aria-label="Your password"]', 'not-hers');
    $this->press($page, '.gate-waive button');
    $this->see($page, '.gate .notice', 'This is not your password.');
    $this->type($page, '[aria-label="Your password"]', 'harbour-light');
    $this->press($page, '.gate-waive button');
    $this->see($page, '.notice-warn', 'licence HB-0417');
    $this->press($page, '.lane-acts button', 'First touch');
    $this->see($page, '.clock-face', 'going on');
    $this->press($page, '.lane-acts button', 'Last touch');
    $this->see($page, '.clock-number', '34:');
    // Another device shows the same clock.
    $other = $this->browser(1024, 768);
    $this->signIn($other, 'noor');
    $other->get(str_replace('at=formulate', 'at=run', $page->getCurrentURL()));
    $this->see($other, '.clock-face', 'working, rinse');
    // Far before its window a rinse is asked about; the first device hears of it within two seconds.
    $this->press($other, '.lane-acts button', 'Rinsed');
    $this->see($other, '.lane .notice', 'has not had half of its least time');
    $this->press($other, '.lane .notice button', 'Rinsed all the same');
    $this->see($other, '.clock-face', 'rinsed');
    $this->see($page, '.clock-face', 'rinsed', 2);

    // What the round came to is read before the next one; care stands beside the colour.
    $this->press($page, '.reached summary', 'What was reached?');
    $this->type($page, '.reached [aria-label="Level Root came to"]', '6.5');
    $this->press($page, '.reached button[type="submit"]');
    $this->see($page, '.reached summary', 'Root 6.5');
    $this->see($page, '.outlook-words', 'reached level 6.5');
    $this->type($page, '[aria-label="What is done"]', 'conditioner first');
    $this->type($page, '[aria-label="Minutes of it"]', '5');
    $this->press($page, '#add-care');
    $this->see($page, '.care', 'wash: conditioner first · 5 min');

    // Close with a result and a wish for next time; repeat; the wish is applied with one press.
    $this->press($page, '#close');
    $this->press($page, '.chip', 'Mixed');
    $this->type($page, '[aria-label="Level Root came to"]', '6');
    $this->type($page, '#outcome', 'A little flat.');
    $this->type($page, '#change', '10 g of colour less');
    // A photograph, once they agree: any file of the tablet; what is kept is drawn anew.
    $this->press($page, '#agree-photographs');
    $this->see($page, '.photo-file');
    $file = sys_get_temp_dir().'/tinta-head.png';
    imagepng(imagecreatetruecolor(60, 40), $file);
    $page->findElement(WebDriverBy::cssSelector('.photo-file input'))->sendKeys($file);
    $this->see($page, '.photos figure', 'before');
    expect(
        $page->executeAsyncScript(
            "const done = arguments[arguments.length - 1]; const image = document.querySelector('.photos img'); image.decode().then(() => done(image.naturalWidth), () => done(0))",
        ),
    )->toBe(60);
    $this->press($page, '#close-visit');
    $this->see($page, '.notice-good', 'This visit is closed');
    $this->see($page, '.proposal', '10 g of colour less');
    // Read again in daylight: corrected, with a reason, and the first words stay.
    $this->press($page, '#amend summary');
    $this->type($page, '#amend-outcome', 'Flat at the crown only.');
    $this->type($page, '#amend-minutes-A', '30 to 40');
    $this->type($page, '#amend-why', 'seen in daylight');
    $this->press($page, '#save-amend');
    $this->see($page, '.amendments', 'A little flat.');
    $this->see($page, '.amendments', 'A, minutes');
    $this->press($page, '#repeat');
    $this->see($page, '.visit-head', 'repeats');
    $this->press($page, '#at-read');
    $this->press($page, '.proposal button', 'Apply');
    $this->see($page, '.proposal-applied', 'done');
    $this->press($page, '#at-formulate');
    $this->see($page, '#bowl-total', '125.0 g');
    $this->press($page, '.visit-head a', 'compare');
    $this->see($page, '.compare-pair tr.differs', '−25 g');
    $page->navigate()->back();
    $this->press($page, '#card');
    $this->see($page, '.card-head', 'Orla Whitby');
    $this->see($page, '.card-formula', '25.0 g');
    expect($page->findElements(WebDriverBy::cssSelector('.card-qr path')))->toHaveCount(1);
});

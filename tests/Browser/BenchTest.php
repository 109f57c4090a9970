<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Presses a key twice within a third of a second, as a wet finger does. */
function twice(object $page, string $key): void
{
    $page->getKeyboard()->sendKeys($key);
    usleep(120_000);
    $page->getKeyboard()->sendKeys($key);
}

it('begins no second batch by a finger that presses twice, and leaves one that was begun by mistake', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $bowl = $this->toTheBench($page, 'Valentina Ricci', '20 g', ['6C'], '210');
    $this->begin($page);
    foreach (['6C' => '20', '20 vol' => '30'] as $label => $grams) {
        $this->see($page, '.stage-label', (string) $label);
        $this->pour($page, $grams, "{$grams}.0 g");
        $this->rest($page);
        twice($page, ' ');
    }
    $this->see($page, '.stage-words', 'Everything is in');
    $this->rest($page);
    twice($page, ' ');
    $this->see($page, '.stage-words', 'Bowl finished');
    $batch = $this->ask($page, "bowls/{$bowl}/batch");
    expect($batch['number'])->toBe(1)->and($batch['total'])->toBe('50.0 g')->and($batch['status'])->toBe('finished');

    // Another batch has a place of its own, with the old bowl still on the scale: nothing of that counts.
    $this->key($page, 'b');
    $this->press($page, '.bench-choices button', 'Half');
    $this->press($page, '#begin-batch');
    $this->see($page, '.stage-label', 'What stands on the scale?');
    $this->see($page, '#act', 'It is the empty bowl');
    $this->key($page, ' ');
    $this->see($page, '#pan-question', 'No bowl that was seen empty here weighs 260 g');
    $this->press($page, '.bench-choices button', 'No: look again');
    // Begun by mistake: left as if it had not been.
    $this->press($page, '#withdraw');
    $this->see($page, '.stage-words', 'Bowl finished');
    expect($this->ask($page, "bowls/{$bowl}/batch")['number'])->toBe(1);

    // Thrown away at any time; keys in the reason are letters, and Esc leaves it.
    $this->key($page, 'x');
    $this->see($page, '#discard-reason');
    $page->getKeyboard()->sendKeys('bwx 1');
    expect($this->see($page, '#discard-reason')->getAttribute('value'))->toBe('bwx 1');
    $page->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->see($page, '.stage-words', 'Bowl finished');
    $this->key($page, 'x');
    $this->type($page, '#discard-reason', 'Stood too long');
    $this->press($page, '#discard-now');
    $this->see($page, '.stage-words', 'Thrown away: Stood too long');
    $this->key($page, 'u');
    $this->see($page, '.stage-words', 'Bowl finished');
});

it('takes no other bowl, no bowl in the hand and no leap for a pour, and finds what went in unseen', function () {
    $page = $this->browser();
    $this->signIn($page, 'leilani');
    $bowl = $this->toTheBench($page, 'Gunnar Eide', '40 g', ['6C', '7C'], '210');
    $this->begin($page);
    $this->pour($page, '12', '12.0 g');
    $this->rest($page);
    // Another bowl of fifty grams more comes to stand there: asked, not taken.
    $this->scale('lift');
    $this->see($page, '#scale-badge', 'scale 0.0 g');
    $this->scale('bowl 260');
    $this->see($page, '.stage-label', 'What stands on the scale?');
    expect($this->see($page, '#act')->getText())->not->toContain('Record');
    // The bowl itself, with the twelve grams and thirteen more in it.
    $this->scale('lift');
    $this->see($page, '#scale-badge', 'scale 0.0 g');
    $this->scale('bowl 210');
    $this->scale('hold 25');
    $this->see($page, '#scale-badge', 'scale 235.0 g');
    $this->see($page, '#act', 'It is this bowl');
    $this->key($page, ' ');
    // Nothing is on record yet, and the bowl is known by its weight.
    $this->see($page, '#pan-question', '25 g more than the bowl with its 0 g should weigh');
    $this->press($page, '.bench-choices button', 'No: look again');
    // Twenty of it were 6C: typed; of the rest it is said what it was.
    $this->key($page, '2');
    $this->type($page, '#hand', '20');
    $this->press($page, '#hand-enter');
    $this->see($page, '.stage-label', 'What stands on the scale?');
    $this->see($page, '#act', 'It is this bowl');
    $this->key($page, ' ');
    $this->see($page, '#pan-question', '5 g more than the bowl with its 20 g should weigh');
    $this->press($page, '.bench-choices button', '5 g of 7C');
    $this->see($page, '.stage-label', '7C');
    expect(array_column($this->ask($page, "bowls/{$bowl}/batch")['lines'], 'poured', 'label'))
        ->toMatchArray(['6C' => '20.0 g', '7C' => '5.0 g']);
    // Far more than was wanted is asked about before it is believed.
    $this->pour($page, '58', '63.0 g');
    $this->rest($page);
    $this->key($page, ' ');
    $this->see($page, '.notice-stop', '58.0 g of 7C are in the bowl and not on the record.');
    $this->press($page, '#record-refused');
    $this->see($page, '#over-title', '7C is 43.0 g over');
});

it('plans a service by one line a bowl', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $page->get($this->address('/clients'));
    $this->type($page, 'input[type=search]', 'brigid');
    $this->press($page, '.client-list a', 'Brigid Kinsella');
    $this->type($page, '#service', 'Two bowls');
    $this->press($page, '#plan');
    $lines = '“Root” 30 6N + 15 6G, quarter 6C, 1:1.5 20 vol, root regrowth, 35 min'."\n"
        .'“Ends” equal 7G 7C 1:2 10 vol, mids ends, total 90 g, a wish';
    $this->see($page, '#write-bowl');
    // Pasted, not typed: two lines are two bowls.
    $page->executeScript(
        'const field = document.querySelector("#write-bowl"); const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set; set.call(field, arguments[0]); field.dispatchEvent(new Event("input", {bubbles: true}))',
        [$lines],
    );
    $this->see($page, '.written-read', '30.0 g 6N');
    $this->see($page, '.written-read', 'not understood: “a wish”');
    $this->press($page, '#add-written', 'Add 2 bowls');
    $this->see($page, '.bowl-choice', 'Root');
    $this->see($page, '.bowl-choice', 'Ends');
    // What was not understood stays in the field.
    expect($this->see($page, '#write-bowl')->getAttribute('value'))->toBe('a wish');
    $this->see($page, '#bowl-total', '90.0 g');
    expect(count($page->findElements(WebDriverBy::cssSelector('.bowl-choice'))))->toBe(2);
});

it('plans the services of real life in a few letters and two presses each, and one of the house in one press', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $services = json_decode((string) file_get_contents(dirname(__DIR__).'/fixtures/services.json'), true);
    $client = $this->ask($page, 'clients?search=brigid');
    $client = $client['clients'][0]['id'] ?? $client[0]['id'];
    $write = fn (string $text) => $page->executeScript(
        'const field = document.querySelector("#write-bowl"); const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set; set.call(field, arguments[0]); field.dispatchEvent(new Event("input", {bubbles: true}))',
        [$text],
    );
    $sums = ['presses' => 0, 'letters' => 0];
    foreach (array_filter($services) as $name => $lines) {
        $visit = '0199b000-0000-4000-8000-'.bin2hex(random_bytes(6));
        $this->send(
            $page,
            "clients/{$client}/visits",
            ['id' => $visit, 'service' => mb_substr($name, 0, 60), 'startsAt' => gmdate('c')],
        );
        $page->get($this->address("/visits/{$visit}?at=formulate"));
        $this->see($page, '#write-bowl');
        $page->executeScript(
            'window.presses = 0; document.addEventListener("click", () => { window.presses++ }, true)',
        );
        // Into the field, the lines, and “Add”.
        $this->press($page, '#write-bowl');
        $write(implode("\n", $lines));
        $this->press($page, '#add-written', count($lines) === 1 ? 'Add it' : 'Add '.count($lines).' bowls');
        $this->see($page, '.bowl-choice:not([disabled])');
        for (
            $until = microtime(true) + 20; microtime(true) < $until
            && count($page->findElements(WebDriverBy::cssSelector('.bowl-choice'))) < count($lines);
        ) {
            usleep(60_000);
        }
        expect($page->findElements(WebDriverBy::cssSelector('.bowl-choice')))->toHaveCount(count($lines), $name)
            ->and($this->see($page, '#write-bowl')->getAttribute('value'))->toBe('', $name);
        $letters = mb_strlen(implode('', $lines));
        // Field by field they took 95 to 205 presses and 330 to 820 letters.
        $presses = (int) $page->executeScript('return window.presses');
        expect($presses)->toBeGreaterThan(0)->toBeLessThan(95 / 2)->and($letters)->toBeLessThan(450);
        $sums = ['presses' => $sums['presses'] + $presses, 'letters' => $sums['letters'] + $letters];
    }
    fwrite(
        STDERR,
        sprintf(
            "\n%d services planned: %d presses, %d letters; %.0f letters each\n",
            count(array_filter($services)),
            $sums['presses'],
            $sums['letters'],
            $sums['letters'] / count(array_filter($services)),
        ),
    );

    // The last one becomes a service of the house; in another visit it is one press.
    $page->executeScript("document.querySelector('.to-take').open = true");
    $this->type($page, '[aria-label="Name of a service of the house"]', 'As we do it');
    $this->press($page, '#keep-service');
    $this->see($page, '[aria-label="Services of the house"]', 'As we do it');
    $visit = '0199b000-0000-4000-8000-'.bin2hex(random_bytes(6));
    $this->send(
        $page,
        "clients/{$client}/visits",
        ['id' => $visit, 'service' => 'One press', 'startsAt' => gmdate('c')],
    );
    $page->get($this->address("/visits/{$visit}?at=formulate"));
    $this->see($page, '#write-bowl');
    $page->executeScript("document.querySelector('.to-take').open = true");
    $this->press($page, '[aria-label="Services of the house"] .chip', 'As we do it');
    $this->see($page, '.bowl-choice');
});

it('weighs by ounces in a house that reads them, and keeps grams', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $house = $this->ask($page, 'house');
    $kept = [];
    foreach ($house['groups'] as $group) {
        foreach ($group['rules'] as $rule) {
            $kept[$rule['key']] = $rule['value'];
        }
    }
    $page->get($this->address('/house'));
    $this->press($page, '[aria-label="Masses are read in"] .chip', 'weight ounces');
    $this->press($page, '#save-house');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    try {
        $bowl = $this->toTheBench($page, 'Valentina Ricci', '1 oz', ['6C'], '210', '7.41 oz 210.0 g');
        $this->begin($page);
        $this->see($page, '.stage-label', '6C');
        $this->pour($page, '14.2', '0.50 oz (14.2 g)');
        // Said by hand, in ounces, on the key for them.
        $this->key($page, '0');
        $this->type($page, '#hand', '0.5');
        $this->press($page, '.pad-wide', 'oz');
        $this->press($page, '#hand-enter');
        $this->see($page, '.bench-lines', '0.50 oz 14.17 g of 1.00 oz');
        expect($this->ask($page, "bowls/{$bowl}/batch")['lines'][0]['poured'])->toBe('14.17 g');
        $this->key($page, 'x');
        $this->see($page, '.stage-label', 'Throw 0.50 oz (14.17 g) away?');
        $this->press($page, '.bench-choices button', 'Spilt');
    } finally {
        $now = $this->ask($page, 'house');
        $this->send(
            $page,
            'house',
            ['version' => $now['version'], 'timezone' => $now['timezone'], 'rules' => $kept],
            method: 'PUT',
        );
    }
});

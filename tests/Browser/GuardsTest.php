<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

it('loses nothing that is done while the network is gone, and does it once when it is back', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $this->press($page, '.frame-head a', 'Clients');
    $this->type($page, '#new-name', 'Wren Atterley');
    $this->press($page, '.new-client button', 'Add client');
    $this->see($page, '.safety-states');
    $before = visitOrFile($this, $page);
    $page->executeScript("document.querySelectorAll('details').forEach((each) => { each.open = true })");
    $this->network($page, false);
    $page
        ->findElement(
            WebDriverBy::cssSelector('[aria-label="What speaks against colouring"] option[value="earlier-reaction"]'),
        )
        ->click();
    $this->see($page, '[aria-label="In words"]')->sendKeys('swollen eyelids');
    $this->see($page, '.safety-form button', 'Note it')->click();
    $this->see($page, '#its-cautions')->clear();
    $this->see($page, '#its-cautions')->sendKeys('Allergic to PPD.');
    $this->see($page, 'button', 'Save particulars')->click();
    $this->see($page, '#outbox', '2 not sent yet');
    $this->network($page, true);
    $this->see($page, '.notice-stop', 'swollen eyelids', 25);
    $this->see($page, '.notice-warn', 'Allergic to PPD.', 25);
    $file = $this->ask($page, "clients/{$before['id']}");
    expect($file['cautions'])->toBe('Allergic to PPD.')
        ->and(array_column($file['safety']['contraindications'], 'note'))->toBe(['swollen eyelids'])
        ->and($this->ask($page, "clients/{$before['id']}/trail")[0]['by'])->toBe('Tomasz Wilk');
})->repeat((int) (getenv('TINTA_DRILLS') ?: 1));

/** @return array<string, mixed> */
function visitOrFile(Tests\Browser\BrowserTestCase $test, Facebook\WebDriver\Remote\RemoteWebDriver $page): array
{
    preg_match('#/clients/(\d+)#', $page->getCurrentURL(), $m);

    return (fn () => $this->ask($page, "clients/{$m[1]}"))->call($test);
}

it('goes on pouring by hand without the network, and brings every gram onto the record in order', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $bowl = $this->toTheBench($page, 'Rosalind Peake', '30 g', ['6C', '7C'], '210');
    // The gate's words stand on the bench: this house weighs ahead.
    $this->see($page, '.notice-warn', 'Weighed ahead');
    $this->begin($page);
    $this->see($page, '.stage-label', '6C');
    $this->network($page, false);
    foreach (['6C' => '15', '7C' => '15.2', '20 vol' => '45'] as $label => $grams) {
        $this->see($page, '.stage-label', (string) $label);
        $this->press($page, '#by-hand');
        $this->type($page, '#hand', $grams);
        $this->press($page, '#hand-enter');
        $this->see($page, '.notice-warn', 'Not sent yet');
        usleep(1_200_000);
    }
    $this->see($page, '.stage-words', 'Everything is noted');
    $this->network($page, true);
    $this->see($page, '.stage-words', 'Everything is in', 30);
    $this->see($page, '.bench-bowl', '75.2 g');
    $batch = $this->ask($page, "bowls/{$bowl}/batch");
    expect(array_column($batch['lines'], 'poured', 'label'))->toBe([
        '6C' => '15.0 g',
        '7C' => '15.2 g',
        '20 vol' => '45.0 g',
    ])
        ->and($batch['sequence'])->toBe(4);
})->repeat((int) (getenv('TINTA_DRILLS') ?: 1));

it('takes no bowl for a pour after the scale was off', function () {
    $page = $this->browser();
    $this->signIn($page, 'amara');
    $this->toTheBench($page, 'Imogen Castellan', '30 g', ['6C'], '210');
    $this->begin($page);
    $this->see($page, '.stage-label', '6C');
    $this->pour($page, '12', '12.0 g');
    $this->key($page, ' ');
    $this->see($page, '.bench-line.is-current', '12.0 g');
    // Off and on: something else may stand on it since.
    $this->scale('drop 2');
    $this->see($page, '#scale-badge', 'scale disconnected');
    $this->scale('reset');
    $this->scale('bowl 222');
    $this->see($page, '#scale-badge', 'scale 222.0 g', 15);
    $this->see($page, '.stage-label', 'What stands on the scale?');
    expect($this->see($page, '#act')->getText())->not->toContain('Record');
    $this->press($page, '#act', 'It is this bowl');
    $this->see($page, '#stage-in', '12.0 g');
    $this->pour($page, '18', '30.0 g');
    $this->key($page, ' ');
    $this->see($page, '.stage-label', '20 vol');
});

it('locks itself, shows nothing, and opens again for its person with everything as it was', function () {
    $page = $this->browser();
    $this->signIn($page, 'leilani');
    $this->press($page, '.visit-card', 'Hana Kobayashi');
    $this->type($page, '#job', 'Half typed');
    $this->press($page, '#lock');
    $this->see($page, '.lock-screen', 'Leilani Kahale');
    expect($page->findElement(WebDriverBy::cssSelector('#job'))->isDisplayed())->toBeFalse();
    // A reload opens nothing, and the server says no.
    $page->navigate()->refresh();
    $this->see($page, '.lock-screen');
    expect($this->ask($page, 'today'))->toMatchArray(['message' => 'This device is locked.']);
    $this->type($page, '#unlock-password', 'wrong');
    $this->press($page, '#unlock');
    $this->see($page, '.notice', 'This is not your password.');
    $this->type($page, '#unlock-password', 'harbour-light');
    $this->press($page, '#unlock');
    expect($this->see($page, '#job')->getAttribute('value'))->toBe('Half typed');
    // Untouched for longer than the house allows: by itself.
    $page->executeScript("localStorage.setItem('tinta.touched', String(Date.now() - 16 * 60000))");
    $page->navigate()->refresh();
    $this->see($page, '.lock-screen', 'Leilani Kahale');
    $this->press($page, '#somebody-else');
    $this->see($page, '.modal', '1 draft on this device will be cleared');
    $this->press($page, '#sign-out-now');
    $this->see($page, '#email');
    expect(
        $page->executeScript("return Object.keys(localStorage).filter((key) => key.startsWith('tinta.keep.drafts'))"),
    )->toBe([]);
});

it('keeps what one person could not send for that person, through a sign-out', function () {
    $page = $this->browser();
    $this->signIn($page, 'noor');
    $this->press($page, '.visit-card', 'Linnea Forsberg');
    $this->see($page, '.visit-head');
    $visit = $this->visitOf($page, 'Linnea Forsberg');
    // As if it had been made while the server was away.
    $page->executeScript('localStorage.setItem("tinta.keep.outbox", JSON.stringify([arguments[0]]))', [[
        'id' => '0a0b0c0d-1111-4222-8333-444455556666',
        'author' => ['id' => 5, 'name' => 'Noor Haddad'],
        'madeAt' => (int) (microtime(true) * 1000) - 600_000,
        'stream' => 'x',
        'method' => 'POST',
        'path' => "clients/{$visit['client']['id']}/contraindications",
        'body' => ['id' => '0a0b0c0d-1111-4222-8333-444455557777', 'kind' => 'face-rash', 'note' => 'seen by Noor'],
        'about' => 'Noted: rash',
        'at' => '',
        'pour' => null,
        'failures' => 0,
        'refused' => null,
    ]]);
    $this->press($page, '#sign-out');
    $this->press($page, '#sign-out-now');
    $this->signIn($page, 'ines');
    $this->see($page, '#outbox', '1 of somebody else’s');
    expect($this->ask($page, "clients/{$visit['client']['id']}")['safety']['contraindications'])->toBe([]);
    $this->press($page, '#sign-out');
    $this->press($page, '#sign-out-now');
    $this->signIn($page, 'noor');
    $until = microtime(true) + 15;
    do {
        $noted = $this->ask($page, "clients/{$visit['client']['id']}")['safety']['contraindications'];
        usleep(200_000);
    } while ($noted === [] && microtime(true) < $until);
    expect($noted[0]['notedBy'])->toBe('Noor Haddad')
        ->and(time() - strtotime($noted[0]['notedAt']))->toBeGreaterThan(590)->toBeLessThan(700);
});

it('says how many grams are in the bowl and not on the record, and records them', function () {
    $page = $this->browser();
    $this->signIn($page, 'amara');
    $bowl = $this->toTheBench($page, 'Pernille Dahl', '40 g', ['6C', '7C'], '200');
    $this->begin($page);
    $this->see($page, '.stage-label', '6C');
    $batch = $this->ask($page, "bowls/{$bowl}/batch");

    // While this tablet is away, another one records the first product.
    $other = $this->browser();
    $this->signIn($other, 'noor');
    $this->network($page, false);
    $this->press($page, '#by-hand');
    $this->type($page, '#hand', '12.3');
    $this->press($page, '#hand-enter');
    $this->see($page, '.notice-warn', 'Not sent yet');
    $this->send(
        $other,
        "batches/{$batch['id']}/events",
        [
            'id' => '0a0b0c0d-2222-4222-8333-44445555aaaa',
            'after' => $batch['sequence'],
            'kind' => 'poured',
            'line' => $batch['lines'][0]['key'],
            'grams' => '5 g',
            'source' => 'hand',
        ],
    );
    $this->network($page, true);
    $this->see($page, '.notice-stop', '12.3 g of 6C are in the bowl and not on the record.', 30);
    // It stands there through a reload, and on every page.
    $page->navigate()->refresh();
    $this->see($page, '.notice-stop', '12.3 g of 6C are in the bowl and not on the record.');
    $this->see($page, '#outbox', '1 refused');
    $this->press($page, '#record-refused');
    $this->see($page, '.bench-line', '17.3 g');
    expect($this->ask($page, "bowls/{$bowl}/batch")['lines'][0]['poured'])->toBe('17.3 g')
        ->and($page->findElements(WebDriverBy::cssSelector('#outbox')))->toBe([]);
});

it('takes over what was typed and pressed before the page’s own piece had come', function (bool $presses) {
    $page = $this->browser();
    // Somebody quick: as soon as the fields stand, they are filled, and Enter is pressed.
    $press = $presses ? 'door.querySelector("form").requestSubmit()' : '';
    $page->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
        'cmd' => 'Page.addScriptToEvaluateOnNewDocument',
        'params' => ['source' => <<<JS
            new MutationObserver((_, seen) => {
                const door = document.querySelector('[data-door]');
                if (!door?.querySelector('#sign-in')) return;
                seen.disconnect();
                globalThis.wasQuick = true;
                door.querySelector('#email').value = 'tomasz@sailcloth.example';
                door.querySelector('#password').value = 'harbour-light';
                door.querySelector('#password').focus();
                {$press}
            }).observe(document, { childList: true, subtree: true });
            JS],
    ]);
    $page->get($this->address());
    expect($page->executeScript('return globalThis.wasQuick'))->toBeTrue();
    if (! $presses) {
        expect($this->see($page, '#email')->getAttribute('value'))->toBe('tomasz@sailcloth.example')
            ->and($page->executeScript('return document.activeElement.id'))->toBe('password')
            ->and($page->getCurrentURL())->not->toContain('?');
        $this->press($page, '#sign-in');
    }
    $this->see($page, '.frame-head');
    expect($page->getCurrentURL())->not->toContain('?');
})->with(['typed' => false, 'typed and pressed' => true]);

<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

// Ten products over three bowls, in the real page: each step one key, or one touch.

$lines = implode(
    "\n",
    [
        '“Root” Tidewater, 20 6C + 10 7C + 10 6N, 1:1.5 20 vol',
        '“Ends” Tidewater, 20 8G + 10 9G, 1:1.5 10 vol',
        '“Front” Tidewater, 10 7C + 10 8G, 1:1 20 vol',
    ],
);

/** @return list<array{string, string, list<array{string, string}>}> id and letter of each bowl, and what goes in */
$plan = function (Tests\Browser\BrowserTestCase $test, RemoteWebDriver $page, string $client) use ($lines): array {
    return (function () use ($page, $client, $lines): array {
        $found = $this->ask($page, 'clients?search='.rawurlencode(mb_strtolower(explode(' ', $client)[0])));
        $person = array_values(
            array_filter($found['clients'] ?? $found, fn (array $each): bool => $each['name'] === $client),
        )[0];
        $visit = '0199c000-0000-4000-8000-'.bin2hex(random_bytes(6));
        $made = $this->send(
            $page,
            "clients/{$person['id']}/visits",
            ['id' => $visit, 'service' => 'Three bowls', 'startsAt' => gmdate('c')],
        );
        $read = $this->send($page, "visits/{$visit}/written", ['text' => $lines]);
        foreach ($read['bowls'] as $each) {
            $this->send(
                $page,
                "rounds/{$made['rounds'][0]['id']}/bowls",
                ['id' => '0199d000-0000-4000-8000-'.bin2hex(random_bytes(6)), 'bowl' => $each['sheet']],
            );
        }
        $bowls = $this->ask($page, "visits/{$visit}")['rounds'][0]['bowls'];

        return array_map(fn (array $bowl): array => [$bowl['id'], $bowl['letter'], array_map(
            fn (array $row): array => [$row['label'], $row['grams']],
            array_merge(...array_column($bowl['worked']['parts'], 'ingredients')),
        )], $bowls);
    })->call($test);
};

/** What the record holds of a bowl must be what went in. */
$onRecord = function (Tests\Browser\BrowserTestCase $test, RemoteWebDriver $page, array $bowls): void {
    foreach ($bowls as [$id, , $rows]) {
        $batch = (fn () => $this->ask($page, "bowls/{$id}/batch"))->call($test);
        expect($batch['status'])->toBe('finished')
            ->and(array_column($batch['lines'], 'poured', 'label'))->toBe(array_column($rows, 1, 0));
    }
};

it('weighs them by keyboard alone, one key a step', function () use ($plan, $onRecord) {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $bowls = $plan($this, $page, 'Rosalind Peake');
    expect(array_sum(array_map(fn (array $bowl): int => count($bowl[2]), $bowls)))->toBe(10);
    $page->get($this->address("/bench/{$bowls[0][0]}"));
    $page->executeScript(
        'window.clicks = 0; document.addEventListener("pointerdown", () => { window.clicks++ }, true)',
    );
    foreach ($bowls as $at => [, $letter, $rows]) {
        $this->see($page, '.bench-head .bowl-glyph, .bench-head svg');
        $this->scale('lift');
        $this->see($page, '#scale-badge', 'scale 0.0 g');
        $this->scale('bowl '.(205 + 10 * $at));
        $this->see($page, '#scale-badge', (205 + 10 * $at).'.0 g');
        $this->see($page, '#act', 'The empty bowl is on: begin');
        $this->key($page, ' ');
        $this->see($page, '#stage-in, #pan-question');
        if ($page->findElements(WebDriverBy::cssSelector('#pan-question')) !== []) {
            $this->key($page, '1');
        }
        foreach ($rows as [$label, $grams]) {
            $this->see($page, '.stage-label', $label);
            $this->scale('pour '.(float) $grams);
            $this->see($page, '#stage-in', $grams);
            $this->key($page, ' ');
        }
        $this->see($page, '.stage-words', 'Everything is in');
        $this->key($page, ' ');
        $this->see($page, '.stage-words', 'Bowl finished');
        if ($at < 2) {
            $this->see($page, '#next-bowl', "Next bowl: {$bowls[$at + 1][1]}");
            $this->key($page, 'n');
            $this->see($page, '#act', 'begin');
        }
    }
    expect($page->executeScript('return window.clicks'))->toBe(0);
    $onRecord($this, $page, $bowls);
});

it('weighs them by touch alone, one touch a step', function () use ($plan, $onRecord) {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $bowls = $plan($this, $page, 'Imogen Castellan');
    $page->executeCustomCommand(
        '/session/:sessionId/goog/cdp/execute',
        'POST',
        ['cmd' => 'Emulation.setTouchEmulationEnabled', 'params' => ['enabled' => true]],
    );
    $page->get($this->address("/bench/{$bowls[0][0]}"));
    $page->executeScript(
        'window.keys = 0; window.mice = 0; document.addEventListener("keydown", () => { window.keys++ }, true); document.addEventListener("pointerdown", (event) => { if (event.pointerType === "mouse") window.mice++ }, true)',
    );
    foreach ($bowls as $at => [, $letter, $rows]) {
        $this->scale('lift');
        $this->see($page, '#scale-badge', 'scale 0.0 g');
        $this->scale('bowl '.(305 + 10 * $at));
        $this->see($page, '#scale-badge', (305 + 10 * $at).'.0 g');
        $this->tap($page, '#act', 'The empty bowl is on: begin');
        $this->see($page, '#stage-in, #pan-question');
        if ($page->findElements(WebDriverBy::cssSelector('#pan-question')) !== []) {
            $this->tap($page, '.bench-choices button', 'It is empty');
        }
        foreach ($rows as [$label, $grams]) {
            $this->see($page, '.stage-label', $label);
            $this->scale('pour '.(float) $grams);
            $this->see($page, '#stage-in', $grams);
            $this->tap($page, '#act', 'Record');
        }
        $this->tap($page, '#act', 'Finish the bowl');
        $this->see($page, '.stage-words', 'Bowl finished');
        if ($at < 2) {
            $this->tap($page, '#next-bowl');
            $this->see($page, '#act', 'begin');
        }
    }
    expect($page->executeScript('return [window.keys, window.mice]'))->toBe([0, 0]);
    $onRecord($this, $page, $bowls);
});

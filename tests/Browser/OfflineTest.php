<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Cable;

it('opens without the network, weighs a bowl and the next one by hand, and brings both onto the record', function () {
    $this->cable = Cable::to(self::webPort());
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $first = $this->toTheBench($page, 'Rosalind Peake', '30 g', ['6C'], '210');
    $visit = $this->ask($page, "bowls/{$first}/bench")['visit'];
    $second = '0199a000-0000-4000-8000-'.bin2hex(random_bytes(6));
    $bowl = $this->ask($page, "visits/{$visit}")['rounds'][0]['bowls'][0]['sheet'];
    $round = $this->ask($page, "visits/{$visit}")['rounds'][0]['id'];
    $this->send(
        $page,
        "rounds/{$round}/bowls",
        ['id' => $second, 'bowl' => ['letter' => 'B', 'job' => 'Ends'] + $bowl],
    );
    $this->send($page, "visits/{$visit}/receive", []);
    // The visit is looked at once, so that this device has what it needs.
    $page->get($this->address("/visits/{$visit}?at=run"));
    $this->see($page, '.lane[aria-label="Bowl B"]');
    heldForNoNetwork($page);
    usleep(3_500_000);

    $this->cable->pull();
    $page->get($this->address("/bench/{$first}"));
    foreach ([['A', $first], ['B', $second]] as [$letter, $id]) {
        $this->see($page, '.bench-head h1', $letter === 'A' ? 'Root' : 'Ends');
        $this->see($page, '#act', 'Begin without the scale');
        $this->press($page, '#act');
        foreach (['6C' => '30', '20 vol' => '45'] as $label => $grams) {
            $this->see($page, '.stage-label', (string) $label);
            $this->press($page, '#by-hand');
            $this->type($page, '#hand', $grams);
            $this->press($page, '#hand-enter');
            $this->see($page, '#outbox', 'not sent yet');
        }
        $this->see($page, '.stage-words', 'Everything is noted');
        // The tab is closed, and another one opened: nothing is lost.
        $this->closeTab($page);
        $page->get($this->address("/bench/{$id}"));
        $this->see($page, '.stage-words', 'Everything is noted');
        if ($letter === 'A') {
            $this->key($page, WebDriverKeys::ESCAPE);
            $this->see($page, '#outbox', 'not sent yet');
            $this->press($page, '.lane[aria-label="Bowl B"] a', 'Weigh');
        }
    }

    $this->cable->plug();
    $this->see($page, '.stage-words', 'Everything is in', 40);
    foreach ([$first, $second] as $id) {
        $batch = $this->ask($page, "bowls/{$id}/batch");
        expect(array_column($batch['lines'], 'poured', 'label'))->toBe(['6C' => '30.0 g', '20 vol' => '45.0 g'])
            ->and($batch['sequence'])->toBe(2)->and($batch['status'])->toBe('complete');
    }
    expect(
        $page->executeScript('return document.querySelector("#outbox")?.textContent ?? ""'),
    )->not->toContain('not sent yet');
})->repeat((int) (getenv('TINTA_DRILLS') ?: 1));

it('shows nothing without the network to whoever comes after the person who left', function () {
    $this->cable = Cable::to(self::webPort());
    $page = $this->browser();
    $this->signIn($page, 'noor');
    $this->see($page, '.visit-card, .today-visit, .frame-main');
    heldForNoNetwork($page);
    // Untouched for longer than the house allows, it opens locked.
    $this->cable->pull();
    $page->executeScript("localStorage.setItem('tinta.touched', String(Date.now() - 3 * 3600 * 1000))");
    $page->get($this->address('/'));
    $this->see($page, '.lock-screen', 'Locked');
    $this->cable->plug();
    $this->type($page, '#unlock-password', 'harbour-light');
    $this->press($page, '#unlock');
    $this->press($page, '#sign-out');
    $this->press($page, '#sign-out-now');
    $this->see($page, '#sign-in');
    $this->cable->pull();
    $page->get($this->address('/'));
    $this->see($page, '.notice-warn', 'No connection');
    expect($page->executeScript('return document.body.textContent'))->not->toContain('Teodora Petrova');
    // Nobody reloads it: it asks by itself until it is answered.
    $this->cable->plug();
    $this->see($page, '#sign-in');
});

/**
 * Waits until the device holds the shell and every built piece that this page was opened with, and not a moment longer.
 */
function heldForNoNetwork(RemoteWebDriver $page): void
{
    $held = <<<'JS'
        const done = arguments[0]
        const pieces = performance.getEntriesByType('resource').map((entry) => entry.name).filter((name) => new URL(name).pathname.startsWith('/build/assets/'))
        Promise.all(['/', ...pieces].map((name) => caches.match(name))).then((held) => done(['/', ...pieces].filter((name, index) => held[index] === undefined)))
        JS;
    $until = microtime(true) + 20;
    while (($missing = $page->executeAsyncScript($held)) !== []) {
        if (microtime(true) > $until) {
            throw new RuntimeException('This device does not hold '.implode(', ', $missing).'.');
        }
        usleep(50_000);
    }
    expect($missing)->toBe([]);
}

it('keeps the page of this release without the sign-in page in it, whoever opened it', function () {
    $page = $this->browser();
    $this->see($page, '#email');
    $kept = fn (): ?string => $page->executeAsyncScript(<<<'JS'
        const done = arguments[0];
        // Longer than it takes; a worker that could not be put in place is never ready, and says so by that.
        const until = performance.now() + 20_000;
        const look = async () => {
            const page = await caches.match('/', { cacheName: 'tinta-shell' }).then((held) => held?.text()).catch(() => undefined);
            if (page !== undefined || performance.now() > until) done(page ?? null); else setTimeout(look, 100);
        };
        void look();
        JS);
    $first = $kept();
    if ($first === null) {
        // A worker that was not put in place the first time is put there when the page is opened again.
        $page->get($this->address());
        $first = $kept();
    }
    expect($first)->toContain('<div id="root"></div>');
    // What stands there from now on comes from opening the page with nobody signed in.
    $page->executeAsyncScript('caches.delete("tinta-shell").then(arguments[0])');
    $page->get($this->address());
    $this->see($page, '#email');
    expect($page->executeScript('return navigator.serviceWorker.controller !== null'))->toBeTrue()
        ->and($kept())->toContain('<div id="root"></div>')->toContain('type="module"');
});

/** Does something while PHP is away, and brings it back whatever comes of it. */
function whilePhpIsAway(string $instance, Closure $do): void
{
    $service = escapeshellarg("{$instance}/sv/fpm");
    exec("sv -w 10 force-stop {$service}");
    try {
        $do();
    } finally {
        exec("sv -w 10 up {$service}");
    }
}

it('opens while what answers is being started again, and goes on by itself', function () {
    $page = $this->browser();
    $this->see($page, '#email');
    whilePhpIsAway(self::instance(), function () use ($page): void {
        $page->get($this->address('/clients'));
        $this->see($page, '.notice-warn', 'opens by itself');
    });
    $this->see($page, '#email');
    // Somebody is at it whom the device knows, and does not know for how long nobody has touched it: the server does.
    $this->signIn($page, 'tomasz');
    whilePhpIsAway(self::instance(), function () use ($page): void {
        $page->get($this->address('/clients'));
        $this->see($page, '.lock-screen', 'Locked');
    });
    $this->see($page, '.client-list a', 'Hana Kobayashi');
});

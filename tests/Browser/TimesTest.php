<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

it('seats a walk-in in three presses and finds it in the day', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $this->press($page, '#walk-in');
    $this->type($page, '[aria-label="Who sits down"]', 'Ottoline Reyes');
    $this->press($page, '.walk-in button', 'New: Ottoline Reyes');
    $this->see($page, '.visit-head', 'in the chair');
    $this->press($page, '.frame-head a', 'Today');
    $this->see($page, '.next-hand', 'Ottoline Reyes');
});

it('moves a bowl on its lane by key, says at once what breaks, keeps or takes back, and asks for more hands', function () {
    $page = $this->browser();
    $this->signIn($page, 'leilani');
    // Two bowls of one round, both her own to move.
    $visit = $this->visitOf($page, 'Hana Kobayashi');
    $page->get($this->address("/visits/{$visit['id']}?at=run"));
    $lane = $this->see($page, '.time-lane .time-apply');
    $began = $lane->getAttribute('aria-label');
    $lane->click();
    $this->see($page, '.time-nudge', 'begins');
    for ($press = 0; $press < 8; $press++) {
        $this->see($page, '.time-lane .time-apply')->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT]);
        $this->rest($page);
    }
    $this->see($page, '.time-keep');
    expect($this->see($page, '.time-lane .time-apply')->getAttribute('aria-label'))->not->toBe($began);
    $this->press($page, '.time-keep button', 'Back');
    $this->rest($page);
    expect($this->see($page, '.time-lane .time-apply')->getAttribute('aria-label'))->toBe($began);
    $this->press($page, '[aria-label="More hands"]');
    $this->see($page, '.time-hands strong', '2');
    $this->press($page, '[aria-label="Fewer hands"]');
    $this->see($page, '.time-hands strong', '1');
});

it('keeps what is seen of the strands through a reload, says their pace, and holds what was done against what was planned', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $visit = $this->visitOf($page, 'Teodora Petrova');
    $page->get($this->address("/visits/{$visit['id']}?at=run"));
    // Foils on the root alone: what was looked at needs no question.
    $this->type($page, '.look-level', '7,5');
    $this->type($page, '.look-fields input:last-child', 'orange-gold');
    $page->navigate()->refresh();
    expect($this->see($page, '.look-level')->getAttribute('value'))->toBe('7,5');
    $this->press($page, '.lane-acts button', 'Looked');
    $this->see($page, '.seen-list', 'orange-gold');
    // From 7 to 7.5 in half an hour: nine is not there when the line's time is up.
    expect($this->see($page, '.seen-list', 'At this pace it is level')->getText())
        ->toContain('Root')
        ->toContain('level 7.5')
        ->toContain('not 9.');
    expect($this->see($page, '.look-level')->getAttribute('value'))->toBe('');
    $this->see($page, '.meant-was', 'begun as planned');
    $page->get($this->address("/visits/{$visit['id']}/card"));
    $this->see($page, '.card-times .meant-was', 'begun as planned');
    $this->see($page, '.card-bowl', 'orange-gold');
    // The two visits before it, on clocks of one length.
    $closed = array_values(
        array_filter(
            $this->ask($page, "clients/{$visit['client']['id']}")['visits'],
            static fn (array $each): bool => $each['status'] === 'closed',
        ),
    );
    $page->get($this->address("/compare/{$closed[1]['id']}/{$closed[0]['id']}"));
    $this->see($page, '.compare-times', 'begun as planned');
    expect($page->findElements(WebDriverBy::cssSelector('.compare-times .time-lanes')))->toHaveCount(2)
        ->and($page->findElements(WebDriverBy::cssSelector('.compare-times .time-meant')))->toHaveCount(4);
    // Taken back, it was not seen.
    $page->get($this->address("/visits/{$visit['id']}?at=run"));
    $this->press($page, '.lane-acts button', 'Take the last mark back');
    $this->rest($page);
    expect($page->findElements(WebDriverBy::cssSelector('.seen-list')))->toBe([]);
});

it('calls every device when a rinse is due, shows it on the wall, and gives it more minutes from either', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $visit = $this->visitOf($page, 'Teodora Petrova');
    $bowl = $visit['rounds'][0]['bowls'][0];
    $other = $this->browser(1024, 768);
    $this->signIn($other, 'noor');
    $other->get($this->address('/wall'));
    $this->see($other, '.wall-head', 'Teodora Petrova');
    $page->get($this->address("/visits/{$visit['id']}?at=run"));
    // Rinse A, or beyond its time: rinse A, as long as the tests before it took.
    $this->see($page, '.act-bar', 'inse A');
    // Looked at on one device: the other knows within two seconds, and both count to the same moment.
    $due = fn (): string => $this->ask($page, "visits/{$visit['id']}")['times']['bowls'][0]['due'];
    $before = $due();
    $this->press($page, '.lane-marks button', '+10 min');
    $this->see($page, '.clock-marks', '10 min more');
    expect(strtotime($due()) - strtotime($before))->toBe(600);
    // Everything of it happened half an hour ago, on a device that was without a network: now it is over.
    $id = (string) Ramsey\Uuid\Uuid::uuid4();
    foreach (['undone', 'undone', 'undone'] as $kind) {
        $this->send($page, "bowls/{$bowl['id']}/stamps", ['id' => (string) Ramsey\Uuid\Uuid::uuid4(), 'kind' => $kind]);
    }
    $this->send($page, "bowls/{$bowl['id']}/stamps", ['id' => $id, 'kind' => 'began'], 3900);
    $this->send(
        $page,
        "bowls/{$bowl['id']}/stamps",
        ['id' => (string) Ramsey\Uuid\Uuid::uuid4(), 'kind' => 'completed'],
        3600,
    );
    $this->see($other, '.wall-over', 'Beyond its time: rinse A', 3);
    $this->see($page, '.alarms', 'Beyond its time: rinse A');
    expect($page->getTitle())->toContain('rinse A');
    $this->see($page, '.act-over', 'min late');
    // Where the page moved under the finger the press was not heard: a person presses again.
    $rinsed = fn (): bool => $page->findElements(WebDriverBy::cssSelector('.lane-rinsed')) !== [];
    for ($press = 0; $press < 3 && ! $rinsed(); $press++) {
        $this->press($page, '#act-done');
        for ($until = microtime(true) + 4; ! $rinsed() && microtime(true) < $until;) {
            usleep(100_000);
        }
    }
    $this->see($page, '.lane-rinsed', 'rinsed');
    $this->see($other, '.wall footer', 'Teodora Petrova', 3);
    $alarms = fn (): int => count($page->findElements(WebDriverBy::cssSelector('.alarms')));
    for ($until = microtime(true) + 5; $alarms() > 0 && microtime(true) < $until;) {
        usleep(100_000);
    }
    expect($alarms())->toBe(0);
});

it('shows one clock on a device that is an hour wrong, and goes on when the server is killed in the middle', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $visit = $this->visitOf($page, 'Teodora Petrova')['id'];
    $bowl = collect($this->ask($page, "visits/{$visit}")['rounds'])
        ->pluck('bowls')
        ->flatten(1)
        ->firstWhere('letter', 'B')['id'];
    foreach (['began' => 300, 'completed' => 240] as $kind => $ago) {
        $this->send($page, "bowls/{$bowl}/stamps", ['id' => (string) Ramsey\Uuid\Uuid::uuid4(), 'kind' => $kind], $ago);
    }
    $wrong = $this->browser(1024, 768);
    $wrong->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Page.addScriptToEvaluateOnNewDocument', 'params' => (object) ['source' => <<<'JS'
        const Right = Date, hour = 3600000
        window.Date = class extends Right { constructor(...said) { if (said.length === 0) super(Right.now() + hour); else super(...said) } static now() { return Right.now() + hour } }
        JS]]);
    $this->signIn($wrong, 'noor');
    foreach ([$page, $wrong] as $each) {
        $each->get($this->address("/visits/{$visit}?at=run"));
        $this->see($each, '.clock-processing .clock-number', ':');
    }
    expect(
        $wrong->executeScript('return Date.now()') - $page->executeScript('return Date.now()'),
    )->toBeGreaterThan(3_500_000);
    $left = static function ($each): int {
        [$minutes, $seconds] = explode(
            ':',
            trim($each->executeScript('return document.querySelector(".clock-processing .clock-number").textContent')),
        );

        return 60 * (int) $minutes + (int) $seconds;
    };
    $agree = static function () use ($left, $page, $wrong): void {
        // Read one after the other: on a busy machine seconds may pass between them, and an hour lies between the clocks.
        expect(abs($left($page) - $left($wrong)))->toBeLessThan(6);
    };
    $agree();
    $before = $left($page);
    // What runs PHP here and what hands it out are killed; both come back by themselves.
    $run = self::instance().'/run';
    exec(
        'kill -9 '.(int) file_get_contents("{$run}/fpm.pid").' '.(int) file_get_contents("{$run}/nginx.pid"),
        result_code: $status,
    );
    expect($status)->toBe(0);
    // The clocks go on meanwhile, and a mark that is made waits and is made once.
    $this->press($wrong, '.clock-lane ~ .lane-marks button, .lane-marks button', '+5 min');
    $this->see($page, '.clock-marks', '5 min more', 45);
    $this->see($wrong, '.clock-marks', '5 min more', 45);
    $agree();
    expect($left($page))->toBeGreaterThan($before + 200)->toBeLessThan($before + 301);
    $stamps = collect($this->ask($page, "visits/{$visit}")['rounds'])
        ->pluck('bowls')
        ->flatten(1)
        ->firstWhere('letter', 'B')['clock']['stamps'];
    expect(
        array_values(array_filter($stamps, static fn (array $stamp): bool => $stamp['kind'] === 'more')),
    )->toHaveCount(1);
});

it('gives the address of one’s own calendar, and the visit as a file', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $page->get($this->address('/house'));
    $this->press($page, '.own-calendar summary', 'My calendar elsewhere');
    $this->press($page, '#calendar-address');
    $address = $this->see($page, '.calendar-address')->getText();
    $feed = (string) file_get_contents($address);
    expect($feed)->toStartWith('BEGIN:VCALENDAR')->toContain('SUMMARY:');
});

it('walks through days and weeks, and moves a visit by key', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $this->press($page, '.day-walk button', 'Week');
    $this->see($page, '.week-day', 'Hana Kobayashi');
    $this->press($page, '[aria-label="The next week"]');
    $this->see($page, '.week-day .quiet', 'Nobody is planned.');
    $this->press($page, '.day-walk button', 'Today');
    $start = $this->see($page, '.day-start[aria-label^="Isolde Marchetti"]');
    $was = $start->getAttribute('aria-label');
    $start->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $until = microtime(true) + 10;
    while (
        $this->see($page, '.day-start[aria-label^="Isolde Marchetti"]')->getAttribute('aria-label') === $was
        && microtime(true) < $until
    ) {
        usleep(100_000);
    }
    expect(
        $this->see($page, '.day-start[aria-label^="Isolde Marchetti"]')->getAttribute('aria-label'),
    )->not->toBe($was);
});

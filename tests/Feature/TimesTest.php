<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use Sabre\VObject\Reader;
use Tests\Feature\Rounds\RealVisit;

beforeEach(function () {
    // Two days and an hour before: the skin test is read as the visit begins, at ten.
    $this->travelTo('2026-02-28 09:00:00');
    $this->v = (new RealVisit($this, 'Times'))->testSkin();
    $this->patchJson(
        "/api/visits/{$this->v->visit['id']}",
        ['version' => 1, 'startsAt' => '2026-03-02T10:00'],
    )->assertOk();
    $this->v->refresh();
});

/** @param  array<string, mixed>  $more */
function timedRoot(RealVisit $v, string $letter, array $more): void
{
    $v->bowl(
        'Colour',
        $letter,
        "Root {$letter}",
        'Tidewater',
        ['6N' => 'all'],
        [20 => 'all'],
        ['colour', '60 g'],
        $more + ['applying' => 10, 'place' => [['regions' => [], 'spans' => ['root']]]],
    );
}

/** @param  array<string, mixed>  $more */
function timedDemi(RealVisit $v, string $letter, array $more, string $round = 'Colour'): void
{
    $v->bowl(
        $round,
        $letter,
        "Demi {$letter}",
        'Slack Water',
        ['7N' => 'all'],
        [10 => 'all'],
        ['total', '60 g'],
        $more + ['applying' => 8, 'place' => [['regions' => [], 'spans' => ['mids', 'ends']]]],
    );
}

/** @return array<string, mixed> */
function timesOf(RealVisit $v, string $letter): array
{
    return collect($v->visit['times']['bowls'])->firstWhere('letter', $letter);
}

/** Minutes after ten. */
function minuteOf(string $moment): int
{
    return (int) round((strtotime($moment) - strtotime('2026-03-02T10:00:00Z')) / 60);
}

it('calls the demi late, and moves the rinse for it', function () {
    timedRoot($this->v, 'A', ['minutes' => 30]);
    timedDemi($this->v, 'B', ['minutes' => 20, 'rinse' => 'A']);
    $this->v->refresh()->weigh('A');
    $this->v->stamp('A', 'began');
    expect(minuteOf(timesOf($this->v, 'A')['rinse']))->toBe(40)
        ->and(minuteOf(timesOf($this->v, 'B')['begin']))->toBe(12)
        ->and(minuteOf(timesOf($this->v, 'B')['mix']))->toBe(9);
    $this->v->after(10)->stamp('A', 'completed');
    $this->v->after(6)->refresh();
    // Mixing takes three: on at 19 instead of 12, the common rinse seven minutes later.
    expect($this->v->visit['next'])->toMatchArray(
        ['do' => 'weigh', 'words' => 'Weigh bowl B now, 7 min late', 'bowl' => $this->v->of('B')['id']],
    )
        ->and(minuteOf(timesOf($this->v, 'A')['rinse']))->toBe(47);
    // Who has colour on is on the wall, whoever pressed what.
    $head = $this->getJson('/api/wall')->assertOk()->json('heads.0');
    expect($head['onHair'])->toBeTrue()->and($head['next']['words'])->toBe('Weigh bowl B now, 7 min late');
});

it('plans with the minutes it took this client the last time, in proportion, until somebody says others', function () {
    $foils = fn (int $count): array => [
        'place' => [['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'fine-foils', 'foils' => $count]],
    ];
    $this->v->bowl('Colour', 'A', 'Foils', 'Tidewater', ['7N' => 'all'], [20 => 'all'], ['colour', '40 g'], $foils(12));
    $this->v->refresh()->weigh('A');
    $this->v->stamp('A', 'began')->after(31)->stamp('A', 'completed')->after(35)->stamp('A', 'rinsed');
    $was = timesOf($this->v->refresh(), 'A');
    // Held against what the technique says: a minute and a half a foil (our own model).
    expect($was['asBefore'])
        ->toBeFalse()
        ->and($was['meant'])
        ->toMatchArray(['begunLate' => 0, 'appliedLonger' => 31 - 18])
        ->and($was['meant']['rinsedLate'])->toBe(66 - minuteOf($was['meant']['rinse']) + minuteOf($was['begin']));
    $this->v->close()->repeat();
    $this->v->refresh();
    $long = fn (): int => minuteOf(timesOf($this->v, 'A')['complete']) - minuteOf(timesOf($this->v, 'A')['begin']);
    expect($long())
        ->toBe(31)
        ->and(timesOf($this->v, 'A')['asBefore'])
        ->toBeTrue()
        ->and(timesOf($this->v, 'A')['meant'])
        ->toBeNull();
    $write = function (array $more): void {
        $bowl = $this->v->of('A');
        $this->putJson(
            "/api/bowls/{$bowl['id']}",
            ['version' => $bowl['version'], 'bowl' => $more + $bowl['sheet']],
        )->assertOk();
        $this->v->refresh();
    };
    $write($foils(18));
    expect($long())->toBe(47);
    $write(['applying' => 40]);
    expect($long())->toBe(40)->and(timesOf($this->v, 'A')['asBefore'])->toBeFalse();
});

it('plans sides that are timed apart, and marks one or both from the plan', function () {
    timedRoot($this->v, 'A', ['minutes' => 30]);
    $this->v->refresh()->weigh('A');
    $mark = fn (string $kind, string $side) => $this->postJson(
        "/api/bowls/{$this->v->of('A')['id']}/stamps",
        ['id' => (string) Str::uuid(), 'kind' => $kind, 'side' => $side],
    )->assertCreated();
    $mark('began', 'right');
    $this->v->refresh();
    expect(array_column($this->v->visit['times']['bowls'], 'letter'))->toBe(['A left', 'A right'])
        ->and($this->v->visit['times']['acts'][0])->toMatchArray(
            [
                'kind' => 'complete',
                'words' => 'Last touch of A right',
                'bowls' => [['bowl' => $this->v->of('A')['id'], 'batch' => null, 'side' => 'right']],
            ],
        );
    $this->v->after(5);
    $mark('completed', 'right');
    $mark('began', 'left');
    $this->v->after(5);
    $mark('completed', 'left');
    // One rinse for both, when the later one has had its thirty.
    $rinse = collect($this->v->refresh()->visit['times']['acts'])->firstWhere('kind', 'rinse');
    expect($rinse['letters'])->toBe(['A left', 'A right'])->and(minuteOf($rinse['at']))->toBe(40);
    $path = "/api/visits/{$this->v->visit['id']}/stamps";
    $mine = fn (string ...$sides): array => array_map(
        fn (string $side): array => [
            'id' => (string) Str::uuid(),
            'bowl' => $this->v->of('A')['id'],
            'batch' => null,
            'side' => $side,
        ],
        $sides,
    );
    $this->postJson(
        $path,
        ['kind' => 'rinsed', 'marks' => [['side' => 'upside'] + $mine('left')[0]]],
    )->assertUnprocessable();
    $this->v->after(28);
    $this->postJson($path, ['kind' => 'rinsed', 'marks' => $mine('right')])->assertCreated();
    expect($this->v->refresh()->of('A')['clock']['state'])->not->toBe('rinsed')
        ->and(
            array_column(
                array_filter($this->v->visit['times']['bowls'], fn (array $bowl): bool => $bowl['rinsed']),
                'side',
            ),
        )->toBe(['right']);
    $this->v->after(2);
    $this->postJson($path, ['kind' => 'rinsed', 'marks' => $mine('left')])->assertCreated();
    expect($this->v->refresh()->of('A')['clock']['state'])
        ->toBe('rinsed')
        ->and($this->v->visit['times']['acts'])
        ->toBe([]);
});

it('has a second batch on its lane beside sides that are timed apart', function () {
    timedRoot($this->v, 'A', ['minutes' => 30]);
    $this->v->refresh()->weigh('A');
    $second = $this->v->weigh('A', how: ['times' => '1/2']);
    $mark = fn (array $more) => $this->postJson(
        "/api/bowls/{$this->v->of('A')['id']}/stamps",
        $more + ['id' => (string) Str::uuid(), 'kind' => 'began'],
    )->assertCreated();
    $mark(['side' => 'left']);
    $this->v->after(4)->refresh();
    $mark(['batch' => $second['id']]);
    $times = $this->v->refresh()->visit['times'];
    expect(array_column($times['bowls'], 'letter'))->toBe(['A left', 'A right', 'A2'])->and($times['faults'])->toBe([])
        ->and(array_unique(array_column($times['bowls'], 'rinse')))->toHaveCount(1);
});

it('keeps what was seen of which strands, and says at what pace they lift', function () {
    $this->v->canvas(
        [
            'lengths' => [
                'spans' => ['mids', 'ends'],
                'level' => '5',
                'natural' => '5',
                'wish' => ['level' => '9', 'tone' => ['gold']],
            ],
        ],
    );
    $this->v->bowl(
        'Colour',
        'A',
        'Foils',
        'Brightwork',
        ['Powder' => 'all'],
        [20 => 'all'],
        ['colour', '30 g'],
        [
            'place' => [['regions' => [], 'spans' => ['mids', 'ends'], 'method' => 'fine-foils', 'foils' => 20]],
            'until' => 'until pale gold',
        ],
    );
    $this->v->refresh()->weigh('A');
    $this->v->stamp('A', 'began')->after(10)->stamp('A', 'completed')->after(10)->refresh();
    $strand = collect($this->v->visit['picture']['zones'][0]['strands'])->first(
        fn (array $each): bool => $each['letters'] === ['A'],
    );
    $look = fn (array $more) => $this->postJson(
        "/api/bowls/{$this->v->of('A')['id']}/stamps",
        $more + ['id' => (string) Str::uuid(), 'kind' => 'checked'],
    );
    $look(['zone' => 'lengths', 'strand' => $strand['key'], 'level' => '7', 'words' => 'orange-gold'])->assertCreated();
    // Two levels in twenty minutes: twenty more for the other two.
    $seen = $this->v->refresh()->visit['picture']['seen'];
    expect($seen)->toHaveCount(1)->and($seen[0])->toMatchArray([
        'letter' => 'A', 'zone' => 'Lengths', 'level' => '7', 'words' => 'orange-gold', 'strand' => $strand['name'],
        'pace' => 'At this pace level 9 comes in 20 min.',
    ]);
    // What cannot be: another zone, a level that no hair has, a look at what was rinsed.
    $look(['zone' => 'nowhere'])->assertUnprocessable()->assertJsonValidationErrors('zone');
    $look(['level' => '14'])->assertUnprocessable()->assertJsonValidationErrors('level');
    $look(['kind' => 'rinsed', 'level' => '7'])->assertUnprocessable()->assertJsonValidationErrors('level');
    // Taken back, it was not seen; a look that says nothing is a look all the same.
    $look(['kind' => 'undone'])->assertCreated();
    expect($this->v->refresh()->visit['picture']['seen'])->toBe([]);
    $look([])->assertCreated();
    expect($this->v->refresh()->visit['picture']['seen'])->toBe([])->and($this->v->of('A')['clock']['checks'])->toBe(1);
});

it('leaves a shadow under its toner and rinses both with one mark', function () {
    timedDemi($this->v, 'A', ['minutes' => 10, 'rinse' => 'not', 'applying' => 5]);
    $this->v->round('Tone');
    timedDemi($this->v, 'B', ['minutes' => 20], 'Tone');
    $this->v->refresh()->weigh('A');
    $this->v->weigh('B');
    $this->v->stamp('A', 'began', 'completed');
    $this->v->stamp('B', 'began', 'completed');
    $this->v->after(25)->refresh();
    // The shadow is far beyond its own twenty: only the toner's rinse is called, for both.
    expect($this->v->visit['next']['words'])->toBe('Beyond its time: rinse A, B now, 5 min late');
    $marks = array_map(
        fn (string $letter): array => [
            'id' => (string) Str::uuid(),
            'bowl' => $this->v->of($letter)['id'],
            'batch' => null,
        ],
        ['A', 'B'],
    );
    $path = "/api/visits/{$this->v->visit['id']}/stamps";
    $this->postJson($path, ['kind' => 'rinsed', 'marks' => $marks])
        ->assertCreated()
        ->assertJsonPath('next.do', 'close');
    // Sent again it is known; another bowl's mark, or one of another visit, is refused whole.
    $this->postJson($path, ['kind' => 'rinsed', 'marks' => $marks])->assertCreated();
    $other = $this->v->ofAnother('Other');
    timedRoot($other, 'A', []);
    $this->postJson(
        $path,
        ['kind' => 'rinsed', 'marks' => [['id' => (string) Str::uuid(), 'bowl' => $other->refresh()->of('A')['id']]]],
    )->assertUnprocessable();
    $this->postJson($path, ['kind' => 'began', 'marks' => $marks])->assertUnprocessable();
});

it('marks heat, more minutes, taken through and emulsified, each in its turn', function () {
    timedRoot(
        $this->v,
        'A',
        [
            'minutes' => 30,
            'emulsify' => 3,
            'through' => 5,
            'heat' => [['with' => true, 'minutes' => 10], ['with' => false, 'minutes' => 20]],
        ],
    );
    $this->v->refresh()->weigh('A');
    $stamp = fn (string $kind, array $more = []) => $this->postJson(
        "/api/bowls/{$this->v->of('A')['id']}/stamps",
        ['id' => Str::uuid(), 'kind' => $kind] + $more,
    );
    $stamp('heat-on')->assertUnprocessable();
    $this->v->stamp('A', 'began', 'completed');
    $stamp('heat-off')->assertUnprocessable()->assertJsonPath('message', 'No heat is on it.');
    $stamp('heat-on')->assertCreated();
    $stamp('heat-on')->assertUnprocessable();
    $this->travel(10)->minutes();
    expect($this->v->refresh()->visit['next']['words'])->toBe('Heat off A now');
    $stamp('heat-off')->assertCreated()->assertJsonPath('next.words', 'Take A through in 15 min');
    $stamp('more')->assertUnprocessable();
    $stamp('more', ['minutes' => 500])->assertUnprocessable();
    $stamp('more', ['minutes' => 5])->assertCreated()->assertJsonPath('next.words', 'Take A through in 20 min');
    expect(minuteOf($this->v->refresh()->of('A')['clock']['due']))->toBe(35);
    $stamp('through')->assertCreated()->assertJsonPath('next.words', 'Emulsify A in 22 min');
    $stamp('through')->assertUnprocessable();
    $stamp('emulsified')->assertCreated()->assertJsonPath('next.words', 'Rinse A in 25 min');
    $stamp('undone')->assertCreated()->assertJsonPath('next.words', 'Emulsify A in 22 min');
});

it('tries times without keeping them, keeps them by the bowl’s version, and says what breaks and what mends it', function () {
    timedRoot($this->v, 'A', ['minutes' => 30]);
    timedDemi($this->v, 'B', ['minutes' => '20']);
    $this->v->refresh();
    $bowl = $this->v->of('B');
    $path = "/api/visits/{$this->v->visit['id']}/times";
    $tried = $this->postJson($path, ['bowls' => [$bowl['id'] => ['starts' => 0]]])->assertOk()->json();
    expect($tried['breaks'])->not->toBe([])->and($tried['mends'])->not->toBe([])
        ->and($this->v->refresh()->visit['times']['breaks'])->toBe([]);
    $this->patchJson(
        "/api/bowls/{$bowl['id']}/times",
        ['version' => $bowl['version'], 'set' => ['starts' => 12, 'applying' => 5]],
    )->assertOk();
    $this->patchJson(
        "/api/bowls/{$bowl['id']}/times",
        ['version' => $bowl['version'], 'set' => ['starts' => 15]],
    )->assertConflict();
    $changed = $this->v->refresh()->of('B');
    expect(
        [$changed['sheet']['starts'], $changed['sheet']['applying'], $changed['sheet']['parts']],
    )->toBe([12, 5, $bowl['sheet']['parts']]);
    $this->patchJson(
        "/api/bowls/{$bowl['id']}/times",
        ['version' => $changed['version'], 'set' => ['starts' => null]],
    )->assertOk();
    expect($this->v->refresh()->of('B')['sheet'])->not->toHaveKey('starts');
    foreach (
        [
            ['starts' => -1],
            ['starts' => 'soon'],
            ['plus' => '30 to 20'],
            ['ratio' => '1:1'],
            ['afterFrom' => 'noon'],
        ] as $wrong
    ) {
        $this->patchJson(
            "/api/bowls/{$bowl['id']}/times",
            ['version' => $this->v->refresh()->of('B')['version'], 'set' => $wrong],
        )->assertUnprocessable();
    }
    $this->putJson("/api/visits/{$this->v->visit['id']}/hands", ['version' => $this->v->visit['version'], 'hands' => 2])
        ->assertOk()
        ->assertJsonPath('times.hands', 2);
    $this->putJson(
        "/api/visits/{$this->v->visit['id']}/hands",
        ['version' => $this->v->visit['version'], 'hands' => 3],
    )->assertConflict();
    $this->putJson("/api/visits/{$this->v->visit['id']}/hands", ['version' => 1, 'hands' => 90])->assertUnprocessable();
});

it('keeps a range of minutes and of a start, and says what follows nothing', function () {
    timedRoot($this->v, 'A', ['minutes' => '10 to 15']);
    timedDemi($this->v, 'B', ['after' => 'A', 'plus' => '25 to 30', 'rinse' => 'Z']);
    $this->v->refresh();
    expect($this->v->of('A')['minutes'])->toBe('10 to 15 min')
        ->and($this->v->of('B')['sheet']['plus'])->toBe('25 to 30')
        ->and($this->v->visit['times']['faults'][0]['words'])->toBe(
            'Bowl B is rinsed with Z, and there is no such bowl beside it.',
        );
});

it('shows any day and week, what stands in it, and where two heads need the same hands', function () {
    timedRoot($this->v, 'A', []);
    $other = $this->v->ofAnother('Second');
    timedRoot($other, 'A', []);
    $today = $this->getJson('/api/today')->assertOk()->json();
    expect($today['clashes'])->toHaveCount(1)
        ->and($today['clashes'][0]['words'])->toMatch(
            '/^Somebody is needed twice: bowl A on Client of (Times|Second), and bowl A on Client of (Times|Second)$/',
        );
    $move = $today['clashes'][0]['move'];
    $this->patchJson(
        "/api/visits/{$move['visit']}",
        ['version' => $move['version'], 'startsAt' => $move['startsAt']],
    )->assertOk();
    expect($this->getJson('/api/today')->json('clashes'))->toBe([]);
    $this->postJson(
        "/api/clients/{$this->v->client->id}/skin-tests",
        ['id' => Str::uuid(), 'lines' => [$this->v->lines['Tidewater']], 'spot' => 'behind the ear'],
    )->assertSuccessful();
    $week = $this->getJson('/api/today?days=7&day=2026-03-05')->assertOk()->json();
    expect([$week['day'], count($week['visits'])])->toBe(['2026-03-02', 2])
        ->and(
            array_map(fn (array $note): array => [$note['day'], $note['kind']], $week['notes']),
        )->toBe([['2026-03-02', 'test'], ['2026-03-04', 'reading']]);
    $this->getJson('/api/today?day=2026-03-03')
        ->assertOk()
        ->assertJsonPath('visits', [])
        ->assertJsonPath('today', '2026-03-02');
    foreach (['day=yesterday', 'day=2026-13-01', 'days=30'] as $wrong) {
        $this->getJson("/api/today?{$wrong}")->assertUnprocessable();
    }
});

it('seats a walk-in at once, known or new, once however often it is sent', function () {
    $id = (string) Str::uuid();
    $made = $this->postJson('/api/walk-ins', ['id' => $id, 'name' => 'Ottoline Reyes'])->assertCreated()->json();
    expect(
        [$made['status'], $made['client']['name'], $made['service']],
    )->toBe(['in-chair', 'Ottoline Reyes', 'Walk-in']);
    $this->postJson('/api/walk-ins', ['id' => $id, 'name' => 'Ottoline Reyes'])
        ->assertCreated()
        ->assertJsonPath('id', $made['id']);
    $this->postJson('/api/walk-ins', ['id' => Str::uuid(), 'client' => $this->v->client->id])
        ->assertCreated()
        ->assertJsonPath('client.id', $this->v->client->id);
    $this->postJson('/api/walk-ins', ['id' => Str::uuid()])->assertUnprocessable();
    $elsewhere = new RealVisit($this, 'Elsewhere');
    $this->postJson('/api/walk-ins', ['id' => Str::uuid(), 'client' => $this->v->client->id])->assertNotFound();
    expect($elsewhere->client->id)->not->toBe($this->v->client->id);
});

// Outside check: RFC 5545 by a parser that is not ours, and its own list of what is wrong.
it('gives visits and skin tests as an iCalendar', function () {
    timedRoot($this->v, 'A', ['minutes' => 30]);
    $this->postJson(
        "/api/clients/{$this->v->client->id}/skin-tests",
        ['id' => Str::uuid(), 'lines' => [$this->v->lines['Tidewater']], 'spot' => 'behind the ear'],
    )->assertSuccessful();
    $one = $this->get("/api/visits/{$this->v->visit['id']}/calendar")
        ->assertOk()
        ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
        ->getContent();
    $path = $this->postJson('/api/calendar')->assertCreated()->json('path');
    $feed = $this->get($path)->assertOk()->getContent();
    foreach ([[$one, 1], [$feed, 4]] as [$text, $events]) {
        $calendar = Reader::read((string) $text);
        expect($calendar->validate())->toBe([])->and(count($calendar->VEVENT))->toBe($events);
    }
    $visit = Reader::read((string) $one)->VEVENT;
    // On in 10, 30 to work.
    expect($visit->DTSTART->getDateTime()->format('c'))->toBe('2026-03-02T10:00:00+00:00')
        ->and($visit->DTEND->getDateTime()->format('c'))->toBe('2026-03-02T10:40:00+00:00');
    // A new address, and the old one leads nowhere.
    $this->postJson('/api/calendar')->assertCreated();
    $this->get($path)->assertNotFound();
    $this->get('/calendar/'.str_repeat('0', 40).'.ics')->assertNotFound();
});

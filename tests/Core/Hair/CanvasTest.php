<?php

declare(strict_types=1);

use Core\Advice\ZoneReading;
use Core\Codec\Problem;
use Core\Codec\ReadCanvas;
use Core\Codec\UnreadableDocument;
use Core\Fact;
use Core\Hair\AgeCanvas;
use Core\Hair\Canvas;
use Core\Hair\Cell;
use Core\Hair\Direction;
use Core\Hair\HairHistory;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Shelf\LineKind;

/** @param  array<string, array<string, mixed>>  $zones */
function canvas(array $zones): Canvas
{
    return ReadCanvas::from(['zones' => array_map(
        static fn (string $id, array $zone): array => $zone + ['id' => $id, 'name' => $id],
        array_keys($zones),
        $zones,
    )]);
}

/** @return list<string> */
function canvasProblems(mixed $json): array
{
    try {
        ReadCanvas::from($json);
    } catch (UnreadableDocument $refusal) {
        return array_map(
            static fn (Problem $problem): string => $problem->pointer.': '.words($problem),
            $refusal->problems(),
        );
    }

    return [];
}

it('writes a canvas as it reads it', function () {
    $whole = canvas(['front' => [
        'regions' => ['hairline'], 'spans' => ['root', 'regrowth'], 'natural' => '5', 'level' => '6,5',
        'tone' => ['gold', 'copper'], 'grey' => 40, 'resistant' => true, 'porosity' => 'low', 'history' => 'direct-dye',
        'historyWords' => 'red conditioner',
        'confidence' => 'told',
        'banded' => true,
        'bandWords' => 'at 5 cm',
        'regrowth' => '2.5',
        'density' => 'thick',
        'texture' => 'coarse',
        'length' => 'mid-back',
        'elasticity' => 'weak',
        'breakage' => 'some',
        'offLimits' => false,
        'wish' => ['level' => '7', 'tone' => ['beige'], 'words' => 'soft'],
        'note' => 'cowlick',
    ], 'rest' => []]);
    expect(ReadCanvas::from(ReadCanvas::write($whole)))->toEqual($whole)
        ->and(ReadCanvas::write($whole)['zones'][0]['level'])->toBe('6.5');
});

it('says what cannot be, where, all at once', function () {
    expect(
        canvasProblems(
            [
                'zones' => [
                    [
                        'id' => 'a',
                        'level' => '14',
                        'grey' => 120,
                        'tone' => ['teal'],
                        'history' => 'magic',
                        'regrowth' => '-1',
                        'wish' => ['level' => 'light'],
                    ],
                    ['id' => 'a'],
                    ['id' => '', 'spans' => ['tip']],
                ],
            ],
        ),
    )->toBe([
        '/zones/0/grey: Grey, in percent, should be a whole number from 0 to 100.',
        '/zones/0/level: A level of 14 cannot be.',
        '/zones/0/tone/0: This is no tone.',
        '/zones/0/history: This is no history.',
        '/zones/0/regrowth: Regrowth of -1 cannot be.',
        '/zones/0/wish/level: “light” is not a number.',
        '/zones/2/id: The zone has no id.',
        '/zones/2/spans/0: This is no span of the strand.',
        '/zones/1/id: Two zones have the same id.',
    ]);
});

it('never crashes on any JSON', function () {
    mt_srand(9);
    $values = [null, true, 0, -1, 1.5, '', 'x', [], ['a' => 1], [[]], str_repeat('9', 400), ['zones' => 'none'], "\0"];
    $fields = [
        'id',
        'level',
        'natural',
        'tone',
        'grey',
        'wish',
        'regions',
        'spans',
        'regrowth',
        'history',
        'offLimits',
    ];
    for ($i = 0; $i < 1500; $i++) {
        $zone = ['id' => 'z'];
        for ($changes = mt_rand(1, 4); $changes > 0; $changes--) {
            $zone[$fields[mt_rand(0, 10)]] = $values[mt_rand(0, 12)];
        }
        expect(canvasProblems(mt_rand(0, 9) === 0 ? $values[mt_rand(0, 12)] : ['zones' => [$zone]]))->toBeArray();
    }
});

// Regrowth grows about 1.25 cm a month (common practice, no source).
it('ages what has grown', function (int $days, ?string $before, bool $coloured, string $now) {
    $past = canvas(['root' => [
        'spans' => ['root', 'regrowth'],
        'natural' => '6',
        'level' => '6',
        'regrowth' => $before,
    ]]);
    $done = $coloured
        ? array_fill_keys(array_map(static fn (Cell $cell): string => $cell->key(), Cell::all()), [LineKind::Permanent])
        : [];
    expect(AgeCanvas::by(
        $past,
        $days,
        [],
        $done,
        HouseRules::standard(),
    )->canvas->zones[0]->regrowth?->decimal(1))->toBe($now);
})->with([
    'a month after a root' => [30, '2', true, '1.2'],
    'ten weeks after a root' => [70, '2', true, '2.9'],
    'a month, root left alone' => [30, '2', false, '3.2'],
    'the same day' => [0, '2', true, '0'],
    'a year' => [365, null, true, '15'],
]);

it('says what it carried on, with every number', function (array $zone, bool $coloured, array $said) {
    $done = $coloured
        ? array_fill_keys(array_map(static fn (Cell $cell): string => $cell->key(), Cell::all()), [LineKind::Permanent])
        : [];
    // 39 days at 1.25 cm a month of 30.4375 days are 1.60 cm.
    $aged = AgeCanvas::by(canvas(['a' => $zone]), 39, [], $done, HouseRules::standard());
    $facts = array_map(static fn (Fact $fact): array => [$fact->key => $fact->values], $aged->said);
    expect($facts[0])->toBe(['why.age-canvas.carried-on-from-days-ago' => ['days' => 39, 'grown' => '1.6']])
        ->and(array_slice($facts, 1))->toBe($said);
})->with([
    'a root that was coloured' => [['spans' => ['root'], 'regrowth' => '2.5'], true, [
        ['why.age-canvas.regrowth' => ['zone' => 'a', 'now' => '1.6']],
        ['why.age-canvas.regrowth-not-read' => ['zone' => 'a']],
    ]],
    'grown out and left alone' => [['spans' => ['regrowth', 'mids'], 'regrowth' => '2.5'], false, [
        ['why.age-canvas.regrowth-longer' => ['zone' => 'a', 'old' => '2.5', 'now' => '4.1']],
    ]],
    'lengths that were coloured' => [['spans' => ['mids', 'ends'], 'history' => 'natural'], true, [
        ['why.age-canvas.before-now' => ['zone' => 'a', 'history' => 'natural', 'history2' => 'coloured']],
    ]],
    'lengths left alone' => [['spans' => ['mids']], false, []],
]);

it('takes what has grown for natural, also where nobody read its level; what was left alone is what was there', function () {
    $rules = HouseRules::standard();
    $read = canvas(['a' => [
        'spans' => ['root'], 'natural' => '5', 'level' => '7', 'tone' => ['gold'], 'history' => 'coloured',
        'banded' => true,
        'elasticity' => 'weak',
    ]]);
    $unread = canvas(['a' => ['spans' => ['root'], 'level' => '7', 'tone' => ['gold'], 'history' => 'coloured']]);
    [$natural] = AgeCanvas::by($read, 30, [], [], $rules)->canvas->zones;
    [$other] = AgeCanvas::by($unread, 30, [], [], $rules)->canvas->zones;
    expect(
        [$natural->level?->decimal(1), $natural->tone->families, $natural->history],
    )->toBe(['5', [], HairHistory::Natural])
        ->and(
            [$natural->banded, $natural->elasticity?->value, $natural->natural?->decimal(1)],
        )->toBe([true, 'weak', '5'])
        ->and([$other->level?->decimal(1), $other->tone->words(), $other->history])
        ->toBe(['7', 'gold', HairHistory::Coloured]);
    // Coloured over last time, what has grown since is natural, of a level that is still to be read.
    $done = array_fill_keys(
        array_map(static fn (Cell $cell): string => $cell->key(), Cell::all()),
        [LineKind::Permanent],
    );
    [$grown] = AgeCanvas::by($unread, 30, [], $done, $rules)->canvas->zones;
    expect([$grown->level, $grown->tone->families, $grown->history])->toBe([null, [], HairHistory::Natural]);
});

it('grows nothing before its day', function () {
    $past = canvas(['a' => ['spans' => ['root'], 'regrowth' => '1']]);
    [$zone] = AgeCanvas::by($past, -20, [], [], HouseRules::standard())->canvas->zones;
    expect($zone->regrowth?->decimal(1))->toBe('1');
});

it('never grows backwards', function () {
    $past = canvas(['root' => ['spans' => ['root'], 'regrowth' => '1']]);
    $last = 0;
    foreach (range(0, 400, 10) as $days) {
        $now = AgeCanvas::by(
            $past,
            $days,
            [],
            [],
            HouseRules::standard(),
        )->canvas->zones[0]->regrowth?->rounded(1, Core\Units\Rounding::Down);
        expect($now)->toBeGreaterThanOrEqual($last);
        $last = $now;
    }
});

it('remembers how the lengths were left and what was done to them', function (
    array $kinds,
    string $history,
    HairHistory $now,
) {
    $past = canvas(['ends' => [
        'spans' => ['ends'],
        'level' => '6',
        'tone' => ['brown'],
        'history' => $history,
        'banded' => true,
    ]]);
    $results = ReadCanvas::results(
        [['zone' => 'ends', 'level' => '8.5', 'tone' => ['gold'], 'elasticity' => 'weak']],
        ['ends'],
    );
    $aged = AgeCanvas::by($past, 40, $results, ['top/ends' => $kinds], HouseRules::standard());
    [$zone] = $aged->canvas->zones;
    expect($zone->history)->toBe($now)
        ->and($zone->level?->decimal(1))->toBe('8.5')
        ->and($zone->tone->words())->toBe('gold')
        ->and($zone->elasticity?->value)->toBe('weak')
        ->and($zone->banded)->toBe($kinds === [])
        ->and(implode(' ', said($aged->said)))->toContain('as it was left, level 8.5 gold');
})->with([
    'lightened' => [[LineKind::Lightener, LineKind::Demi], 'natural', HairHistory::Lightened],
    'tinted' => [[LineKind::Permanent], 'natural', HairHistory::Coloured],
    'tint on lightened hair leaves it lightened' => [[LineKind::Permanent], 'lightened', HairHistory::Lightened],
    'unknown stays unknown' => [[LineKind::Demi], 'unknown', HairHistory::Unknown],
    'nothing done' => [[], 'natural', HairHistory::Natural],
]);

it('reads which way a zone is to go', function (array $zone, Direction $direction, string $headline) {
    $reading = ZoneReading::of(canvas(['z' => $zone])->zones[0], HouseRules::standard());
    expect($reading->direction)->toBe($direction)->and(said($reading->headline))->toBe($headline);
})->with([
    'not read' => [[], Direction::Unread, 'Read its level'],
    'nothing wished' => [['level' => '6'], Direction::Leave, 'Nothing wished'],
    'left out' => [['level' => '6', 'offLimits' => true, 'wish' => ['level' => '9']], Direction::Leave, 'Leave out'],
    'lighter' => [['level' => '5', 'wish' => ['level' => '7.5']], Direction::Lift, 'Lift 2.5 levels'],
    'deeper' => [['level' => '7', 'wish' => ['level' => '5']], Direction::Deepen, '2 levels deeper'],
    'lightened and deeper by two: fill' => [
        ['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '7']],
        Direction::Fill,
        'Fill, then 2 levels deeper',
    ],
    'lightened and deeper by one: no fill' => [
        ['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '8']],
        Direction::Deepen,
        '1 level deeper',
    ],
    'only a tone' => [
        ['level' => '9', 'wish' => ['tone' => ['pearl', 'beige']]],
        Direction::Tone,
        'Tone to pearl-beige',
    ],
    'at its level' => [
        ['level' => '6', 'wish' => ['level' => '6', 'tone' => ['copper']]],
        Direction::Tone,
        'Deposit at its level',
    ],
]);

it('says what needs care', function (array $zone, array $keys) {
    $reading = ZoneReading::of(canvas(['z' => $zone])->zones[0], HouseRules::standard());
    expect(array_map(static fn (Caution $caution): string => $caution->key, $reading->cautions))->toBe($keys);
})->with([
    'sound' => [['level' => '6'], []],
    'gum' => [['level' => '6', 'elasticity' => 'gum', 'breakage' => 'much'], ['gum']],
    'weak' => [['level' => '6', 'elasticity' => 'weak'], ['weak']],
    'unknown, told by guess' => [
        ['level' => '6', 'history' => 'unknown', 'historyWords' => 'henna?', 'confidence' => 'guessed'],
        ['unknown-dye', 'guessed'],
    ],
    'tint does not lift tint' => [
        ['level' => '5', 'history' => 'coloured', 'wish' => ['level' => '7']],
        ['tint-on-tint'],
    ],
    'lightened again' => [['level' => '8', 'history' => 'lightened', 'wish' => ['level' => '9']], ['lift-again']],
]);

it('finds the zone of a place: the part before the whole', function () {
    $canvas = canvas([
        'all' => ['spans' => ['root']],
        'temples' => ['regions' => ['left', 'right'], 'spans' => ['root']],
    ]);
    expect($canvas->zoneAt(new Cell(Region::Left, Span::Root))?->id)->toBe('temples')
        ->and($canvas->zoneAt(new Cell(Region::Back, Span::Root))?->id)->toBe('all')
        ->and($canvas->zoneAt(new Cell(Region::Back, Span::Ends)))->toBeNull();
});

<?php

declare(strict_types=1);

use Core\Practice\HouseRules;
use Core\Record\BowlFacts;
use Core\Record\CompareBowls;
use Core\Record\Row;
use Core\Units\Grams;
use Tests\Core\Record\Ladder;

/** @return list<string> */
function sideBySide(?BowlFacts $before, ?BowlFacts $after): array
{
    return array_map(
        static fn (Row $row): string => trim("{$row->what} | {$row->before} | {$row->after} | {$row->difference}", ' |'),
        CompareBowls::rows($before, $after, Ladder::shelf(), HouseRules::standard()),
    );
}

it('sets everything of two bowls side by side, a new shade under the shades', function () {
    $before = new BowlFacts(
        Ladder::bowl(more: ['note' => 'Warm room']),
        Grams::ofCentigrams(14000),
        38,
        'Even.',
    );
    $after = new BowlFacts(
        Ladder::bowl(['6N' => '1', '6C' => '1'], ['d30' => 'all'], ['minutes' => 40, 'place' => []]),
        Grams::ofCentigrams(12000),
        38,
    );
    expect(sideBySide($before, $after))->toBe([
        'Job | Root | Root',
        'Line | Ladder | Ladder',
        '6N | 40.0 g · 66.7 % | 30.0 g · 50 % | −10 g',
        '6G | 20.0 g · 33.3 %',
        '20 vol | 90.0 g · 100 %',
        '6C |  | 30.0 g · 50 %',
        '30 vol |  | 90.0 g · 100 %',
        'Ratio | 1:1.5 | 1:1.5',
        'Total | 150.0 g | 150.0 g',
        'Used | 140 g | 120 g | −20 g',
        'Developer | 20 vol (6 %) | 30 vol (9 %)',
        'On the head | 12 vol (3.6 %) | 18 vol (5.4 %)',
        'Behaves as | level 6 | level 6',
        'Tone | 67 % natural, 33 % gold | 50 % natural, 50 % copper',
        'Pigment | 1 | 1',
        'Goes on | all over, root to regrowth',
        'Planned minutes | 35 min | 40 min | +5 min',
        'Real minutes | 38 min | 38 min',
        'Note | Warm room',
        'Outcome | Even.',
    ]);
});

it('says in brackets what was planned where something else was poured', function () {
    $poured = new BowlFacts(
        Ladder::bowl(),
        planned: Ladder::bowl(['6N' => '2', '6G' => '1', '6C' => '1'], ['d30' => 'all']),
    );
    expect(sideBySide($poured, null))->toBe([
        'Job | Root',
        'Line | Ladder',
        '6N | 40.0 g · 66.7 % (planned 30.0 g · 50 %)',
        '6G | 20.0 g · 33.3 % (planned 15.0 g · 25 %)',
        '20 vol | 90.0 g · 100 %',
        'Ratio | 1:1.5',
        'Total | 150.0 g',
        'Developer | 20 vol (6 %) (planned 30 vol (9 %))',
        'On the head | 12 vol (3.6 %) (planned 18 vol (5.4 %))',
        'Behaves as | level 6',
        'Tone | 67 % natural, 33 % gold (planned 50 % natural, 25 % gold, 25 % copper)',
        'Pigment | 1',
        'Goes on | all over, root to regrowth',
        'Planned minutes | 35 min',
        '6C | not poured (planned 15.0 g · 25 %)',
        '30 vol | not poured (planned 90.0 g · 100 %)',
    ]);
});

it('keeps two products of one name, and what has no name on the shelf', function () {
    $twice = Ladder::bowl(['6N' => '20 g', 'd6N' => '10 g'], more: ['amount' => ['of' => 'shares']]);
    expect(sideBySide(new BowlFacts($twice), null))->toContain('6N | 20.0 g · 66.7 % + 10.0 g · 33.3 %');
});

it('says nothing of a difference where a word is meant or the unit is another', function () {
    $rows = sideBySide(
        new BowlFacts(Ladder::bowl(['6N' => 'all'], more: ['minutes' => 35]), minutes: 40),
        new BowlFacts(Ladder::bowl(['6N' => 'all'], more: ['minutes' => '30-35']), minutes: 39),
    );
    expect($rows)->toContain('Planned minutes | 35 min | 30 to 35 min')
        ->and($rows)->toContain('Real minutes | 40 min | 39 min | −1 min');
});

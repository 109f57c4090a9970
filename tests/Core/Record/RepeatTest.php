<?php

declare(strict_types=1);

use Core\Advice\PastUse;
use Core\Codec\WriteBowl;
use Core\Practice\HouseRules;
use Core\Record\BowlFacts;
use Core\Record\CompareBowls;
use Core\Record\DeriveBowl;
use Core\Record\PastBowl;
use Core\Record\RepeatBowl;
use Core\Record\Row;
use Core\Record\StandIns;
use Core\Record\Trend;
use Core\Units\Fraction;
use Core\Units\Grams;
use Tests\Core\Record\Ladder;

function g(int $grams): Grams
{
    return Grams::ofCentigrams($grams * 100);
}

it('repeats a bowl as it was where nothing has changed', function () {
    $sheet = Ladder::bowl();
    $made = RepeatBowl::of(
        new PastBowl(
            $sheet,
            [new PastUse(g(60), g(150), g(150), true, false)],
            ['6N' => g(40)],
            1,
            Fraction::of(2),
            Fraction::of(3, 2),
        ),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    expect($made['differences'])->toBe([])->and($made['sheet'])->toBe($sheet);
});

it('puts the nearest blend in the place of a shade that is not to be had', function () {
    $shelf = Ladder::shelf(['7N']);
    $made = RepeatBowl::of(
        new PastBowl(Ladder::bowl(['7N' => '1', '7G' => '1'], shelf: $shelf)),
        $shelf,
        HouseRules::standard(),
    );
    // 6 and 8 in equal parts for a missing 7 (common practice, no source).
    expect(Ladder::grams($made['sheet']))->toBe(['6N' => '15 g', '8N' => '15 g', '7G' => '30 g', '20 vol' => '90 g'])
        ->and($made['differences'][0]->key)->toBe('substitute')
        ->and($made['differences'][0]->applied)->toBeTrue()
        ->and(WriteBowl::toArray($made['sheet'])['parts'][0]['ingredients'][0])
        ->toBe(['product' => '6N', 'share' => '0.5', 'wanted' => '7N', 'why' => 'not to be had any more']);
});

it('makes a withdrawn strength from what is there, or says that it cannot', function () {
    $shelf = Ladder::shelf(['d20']);
    $made = RepeatBowl::of(new PastBowl(Ladder::bowl()), $shelf, HouseRules::standard());
    // Reached from 10 and 30: share of the higher = (20 − 10) / (30 − 10).
    expect(array_slice(Ladder::grams($made['sheet']), 2))->toBe(['10 vol' => '45 g', '30 vol' => '45 g'])
        ->and(words($made['differences'][0]->words))->toBe('20 vol is not to be had any more');
    $low = Ladder::shelf(['d10']);
    $kept = RepeatBowl::of(
        new PastBowl(Ladder::bowl(developer: ['d10' => 'all'], shelf: $low)),
        $low,
        HouseRules::standard(),
    );
    expect($kept['differences'][0]->applied)->toBeFalse()->and(Ladder::grams($kept['sheet']))->toHaveKey('10 vol');
});

it('follows a regrowth beyond two centimetres, and only there', function (int $then, int $now, string $colour) {
    $made = RepeatBowl::of(
        new PastBowl(Ladder::bowl(), regrowthThen: Fraction::of($then, 10), regrowthNow: Fraction::of($now, 10)),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    // Offered: nothing is taken without a press.
    $offered = $made['differences'][0] ?? null;
    expect($made['sheet']->work(HouseRules::standard()->step)->parts[0]->total->text())->toBe('60 g')
        ->and(
            ($offered->to ?? $made['sheet'])->work(HouseRules::standard()->step)->parts[0]->total->text(),
        )->toBe($colour);
})->with([[10, 20, '60 g'], [20, 30, '90 g'], [30, 20, '40 g'], [15, 30, '90 g']]);

it('leaves the lengths alone whatever has grown', function () {
    $sheet = Ladder::bowl(more: ['place' => [['regions' => [], 'spans' => ['mids', 'ends']]]]);
    expect(RepeatBowl::of(
        new PastBowl($sheet, regrowthThen: Fraction::of(2), regrowthNow: Fraction::of(6)),
        Ladder::shelf(),
        HouseRules::standard(),
    )['differences'])->toBe([]);
});

it('makes a formula of what was poured by eye', function () {
    $sheet = Ladder::bowl(['6N' => '“a good ribbon”', '6G' => '?'], ['d20' => '?']);
    $poured = ['6N' => Grams::ofCentigrams(2630), '6G' => Grams::ofCentigrams(180), 'd20' => Grams::ofCentigrams(4210)];
    $derived = DeriveBowl::from($sheet, $poured, Ladder::shelf());
    // A dash becomes 1.8 g, and can be repeated.
    expect(Ladder::grams($derived))->toBe(['6N' => '26.3 g', '6G' => '1.8 g', '20 vol' => '42.1 g']);
    $made = RepeatBowl::of(new PastBowl($sheet, poured: $poured, batches: 1), Ladder::shelf(), HouseRules::standard());
    expect($made['differences'][0]->key)->toBe('derived')
        ->and(Ladder::grams($made['sheet']))->toBe(Ladder::grams($derived));
    // What was not poured is not in it.
    expect(Ladder::grams(DeriveBowl::from($sheet, ['6N' => g(20)], Ladder::shelf())))->toBe(['6N' => '20 g']);
});

it('derives exactly what went in, whatever it was', function () {
    mt_srand(11);
    for ($i = 0; $i < 200; $i++) {
        $poured = [
            '6N' => Grams::ofCentigrams(10 * mt_rand(20, 900)),
            '6G' => Grams::ofCentigrams(10 * mt_rand(20, 900)),
            'd20' => Grams::ofCentigrams(10 * mt_rand(200, 1800)),
        ];
        $derived = DeriveBowl::from(Ladder::bowl(['6N' => '?', '6G' => '?'], ['d20' => '?']), $poured, Ladder::shelf());
        expect(array_values(Ladder::grams($derived)))->toBe(array_values(array_map(
            fn (Grams $each): string => $each->text(),
            $poured,
        )));
    }
});

it('finds what can stand in for a shade and keeps the rest in its grams', function () {
    $found = StandIns::for(Ladder::bowl(), '6G', 'tube was dry', Ladder::shelf(), HouseRules::standard());
    expect($found)->not->toBeEmpty();
    foreach ($found as ['blend' => $blend, 'sheet' => $sheet]) {
        $worked = $sheet->work(HouseRules::standard()->step);
        expect($worked->total()->text())->toBe('150 g')
            ->and(Ladder::grams($sheet)['6N'])->toBe('40 g')
            ->and(Ladder::grams($sheet))->not->toHaveKey('6G');
        expect(array_sum(array_map(fn (array $part): int => $part['grams']->centigrams, $blend->parts)))->toBe(2000);
    }
});

it('sets two bowls side by side and says the gap in grams and minutes', function () {
    $before = new BowlFacts(Ladder::bowl(), g(140), 35, 'Even.');
    $after = new BowlFacts(
        Ladder::bowl(
            ['6N' => '1', '6C' => '1'],
            ['d30' => 'all'],
            ['minutes' => 40, 'amount' => ['of' => 'colour', 'grams' => '50 g']],
        ),
        g(120),
        null,
        '',
    );
    $rows = [];
    foreach (CompareBowls::rows($before, $after, Ladder::shelf(), HouseRules::standard()) as $row) {
        $rows[$row->what] = $row;
    }
    expect([
        $rows['6N']->before,
        $rows['6N']->after,
        $rows['6N']->difference,
    ])->toBe(['40.0 g · 66.7 %', '25.0 g · 50 %', '−15 g'])
        ->and([$rows['6C']->before, $rows['6C']->after])->toBe(['', '25.0 g · 50 %'])
        ->and($rows['Used']->difference)->toBe('−20 g')
        ->and($rows['Planned minutes']->difference)->toBe('+5 min')
        ->and($rows['Developer']->differs())->toBeTrue()
        ->and($rows['Ratio']->differs())->toBeFalse()
        ->and(said($rows['Behaves as']->after))->toBe('level 6')
        ->and(said($rows['Outcome']->before))->toBe('Even.');
    expect(CompareBowls::said(
        $before,
        new BowlFacts(Ladder::bowl()),
        Ladder::shelf(),
        HouseRules::standard(),
    ))->toBe([]);
    expect(CompareBowls::said($before, $after, Ladder::shelf(), HouseRules::standard()))->toContain(
        'Planned minutes 35 min → 40 min',
        '6G 20.0 g · 33.3 %, gone',
        '6C 25.0 g · 50 %, new',
    );
});

it('compares with a bowl that is not there', function () {
    $rows = CompareBowls::rows(null, new BowlFacts(Ladder::bowl()), Ladder::shelf(), HouseRules::standard());
    expect(array_filter($rows, fn (Row $row): bool => $row->before !== ''))->toBe([])->and($rows)->not->toBeEmpty();
});

it('calls a drift by its numbers, and nothing else one', function (array $values, string $drift) {
    $points = array_map(fn (int $value): array => ['at' => (string) $value, 'value' => Fraction::of($value)], $values);
    expect(said(Trend::of('Used', 'g', $points)->drift) ?? '')->toBe($drift);
})->with([
    'steady' => [[100, 98, 101, 99, 100], ''],
    'too few to say' => [[150, 120, 80], ''],
    'shaved visit after visit' => [[150, 140, 130, 110, 95, 80], 'Drifting down: from 145 to 87.5 g over 6 visits.'],
    'growing' => [[60, 60, 70, 75], 'Drifting up: from 60 to 75 g over 4 visits.'],
]);

it('makes a formula of what was poured by eye, with what was added on the way', function () {
    $sheet = Ladder::bowl(['6N' => '?'], ['d20' => '?'], ['additives' => [['product' => 'blue', 'dose' => '5 %']]]);
    $derived = DeriveBowl::from(
        $sheet,
        ['6N' => g(20), 'd20' => g(40), 'blue' => g(1), '6G' => g(5), 'd10' => g(10)],
        Ladder::shelf(),
    );
    expect(Ladder::grams($derived))->toBe([
        '6N' => '20 g',
        '6G' => '5 g',
        '20 vol' => '40 g',
        '10 vol' => '10 g',
        'Blue' => '1 g',
    ])
        ->and(WriteBowl::toArray($derived)['ratio'])->toBe('1:2')
        // Four parts of 20 and one of 10 by mass are 18 vol.
        ->and($derived->work(HouseRules::standard()->step)->developerStrength()?->volume->decimal(1))->toBe('18');
});

it('derives a bowl to which developer came only in the pouring', function () {
    $sheet = Ladder::bowl(['6N' => '?'], [], ['ratio' => 'no developer']);
    expect(Ladder::grams(DeriveBowl::from($sheet, ['6N' => g(30), 'd10' => g(45)], Ladder::shelf())))->toBe([
        '6N' => '30 g',
        '10 vol' => '45 g',
    ])
        ->and(Ladder::grams(DeriveBowl::from($sheet, ['6N' => g(30)], Ladder::shelf())))->toBe(['6N' => '30 g']);
});

it('mixes again what went in beside the plan', function (int $poured, string $each) {
    $sheet = Ladder::bowl();
    $made = RepeatBowl::of(
        new PastBowl(
            $sheet,
            [],
            ['6N' => g(40), '6G' => g(20), 'd20' => g(90), '6A' => g($poured), 'd30' => g(90)],
            1,
            added: ['6A' => g($poured), 'blue' => g(0)],
        ),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    $beside = array_values(array_filter($made['differences'], static fn ($each): bool => $each->key === 'beside'));
    expect($beside)->toHaveCount(1)
        ->and(said($beside[0]->after))->toBe("{$poured} g 6A")
        ->and($beside[0]->applied)->toBeTrue()
        ->and(WriteBowl::toArray($made['sheet'])['extras'] ?? [])
        ->toBe([['product' => '6A', 'grams' => $each, 'counts' => 'on-top']])
        // The plan itself is not moved by it.
        ->and(Ladder::grams($made['sheet']))->toBe([...Ladder::grams($sheet), '6A, extra' => $each]);
})->with([[2, '2 g'], [3, '3 g']]);

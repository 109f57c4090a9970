<?php

declare(strict_types=1);

use Core\Advice\PastUse;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Record\BowlFacts;
use Core\Record\CompareBowls;
use Core\Record\Difference;
use Core\Record\PastBowl;
use Core\Record\RepeatBowl;
use Core\Record\Row;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;
use Tests\Core\Sample;

/** @return array<string, Row> by what */
function rowsBetween(BowlFacts $before, ?BowlFacts $after): array
{
    return array_column(
        array_map(
            static fn (Row $row): array => [$row->what, $row],
            CompareBowls::rows($before, $after, Ladder::shelf(), HouseRules::standard()),
        ),
        1,
        0,
    );
}

/** @return array<string, Difference> by key */
function differencesOf(PastBowl $past, ?Core\Shelf\Shelf $shelf = null, ?HouseRules $rules = null): array
{
    return array_column(
        array_map(
            static fn (Difference $each): array => [$each->key, $each],
            RepeatBowl::of($past, $shelf ?? Ladder::shelf(), $rules ?? HouseRules::standard())['differences'],
        ),
        1,
        0,
    );
}

it('compares what is not known as it was written', function () {
    $rows = rowsBetween(
        new BowlFacts(Ladder::bowl(
            ['6N' => '20 g', '6G' => '“a dash”'],
            ['d20' => '?'],
            ['amount' => null, 'ratio' => '?'],
        )),
        new BowlFacts(Ladder::bowl(
            ['6N' => '20 g', '6G' => '1.8 g'],
            ['d20' => '43 g'],
            ['amount' => ['of' => 'shares'], 'ratio' => '21.8:43'],
        )),
    );
    expect([$rows['6G']->before, $rows['6G']->after])->toBe(['“a dash”', '1.8 g · 8.3 %'])
        ->and([$rows['Total']->before, $rows['Total']->after])->toBe(['more than 20.0 g', '64.8 g'])
        ->and($rows['20 vol']->before)->toBe('not known · 100 %')->and($rows['Job']->differs())->toBeFalse();
});

it('compares what goes in beside the ratio, on top and by name', function () {
    $plain = new BowlFacts(Ladder::bowl());
    $with = new BowlFacts(Ladder::bowl(more: [
        'additives' => [['product' => 'blue', 'dose' => '2.0 g']],
        'extras' => [['product' => '9N', 'grams' => '12 g', 'counts' => 'on-top']],
    ]));
    $rows = rowsBetween($plain, $with);
    expect([$rows['Blue']->before, $rows['Blue']->after])->toBe(['', '2.0 g'])
        ->and([$rows['9N, extra']->before, $rows['9N, extra']->after])->toBe(['', '12.0 g'])
        ->and(rowsBetween($with, $plain)['9N, extra']->after)->toBe('');
});

it('says nothing of a side that has nothing to say', function () {
    $rows = rowsBetween(
        new BowlFacts(Ladder::bowl(more: ['minutes' => null])),
        new BowlFacts(Ladder::bowl(more: ['minutes' => null])),
    );
    expect($rows)->not->toHaveKeys(['Used', 'Planned minutes', 'Real minutes', 'Note', 'Outcome'])
        ->and($rows)->toHaveKeys(['Job', 'Line', 'Total', 'Ratio']);
});

it('measures a difference in its own unit, and only where both sides have one', function () {
    $rows = rowsBetween(
        new BowlFacts(Ladder::bowl(), Sample::g('150'), 35, 'Even.'),
        new BowlFacts(
            Ladder::bowl(more: ['amount' => ['of' => 'colour', 'grams' => '50 g']]),
            Sample::g('118.5'),
            42,
            'Even.',
        ),
    );
    expect($rows['Used']->difference)->toBe('−31.5 g')
        ->and($rows['Real minutes']->difference)->toBe('+7 min')
        ->and($rows['Total']->difference)->toBe('−25 g')
        ->and($rows['Outcome']->difference)->toBe('')->and($rows['Ratio']->difference)->toBe('');
    expect(rowsBetween(new BowlFacts(Ladder::bowl()), null)['Total'])->toEqual(new Row('Total', '150.0 g', '', ''));
});

it('keeps what is gone in its place and says so where no blend will do', function () {
    $shelf = Ladder::shelf([
        '9C',
        '9N',
        '9A',
        '9G',
        '8C',
        '8N',
        '8A',
        '8G',
        '7C',
        '7N',
        '7A',
        '7G',
        '6C',
        '6N',
        '6A',
        '6G',
        '5C',
        '5N',
        '5A',
        '5G',
        '4C',
        '4N',
        '4A',
        '4G',
    ]);
    $difference = differencesOf(new PastBowl(Ladder::bowl(['9C' => 'all'], shelf: $shelf)), $shelf)['substitute'];
    expect(words($difference->words))->toBe('9C is not to be had any more')
        ->and($difference->applied)->toBeFalse()
        ->and(said($difference->after))->toBe('')
        ->and(words($difference->reason))->not->toBeEmpty();
    // With only naturals left, the nearest is named and left to the colourist.
    $naturals = Ladder::shelf([
        '9C',
        '8C',
        '7C',
        '6C',
        '5C',
        '4C',
        '9G',
        '8G',
        '7G',
        '6G',
        '5G',
        '4G',
        '9A',
        '8A',
        '7A',
        '6A',
        '5A',
        '4A',
    ]);
    $far = differencesOf(new PastBowl(Ladder::bowl(['9C' => 'all'], shelf: $naturals)), $naturals)['substitute'];
    expect($far->applied)->toBeFalse()
        ->and(said($far->reason))->toStartWith('Nothing comes near; the nearest is 30 g of 9N and 30 g of Clear: ');
});

it('mixes a strength that is gone from what is there, and says where it cannot', function (
    array $gone,
    bool $applied,
    string $after,
) {
    $shelf = Ladder::shelf($gone);
    $difference = differencesOf(
        new PastBowl(Ladder::bowl(developer: ['d20' => 'all'], shelf: $shelf)),
        $shelf,
    )['strength'];
    expect(said([$difference->applied, $difference->after, $difference->before]))->toBe([$applied, $after, '20 vol'])
        ->and(words($difference->words))->toBe('20 vol is not to be had any more');
})->with([
    // Equal parts of 10 and 30 by mass make 20 (common practice, no source).
    'from its neighbours' => [['d20'], true, '50 % 10 vol and 50 % 30 vol'],
    'from further off' => [['d20', 'd30'], true, '66.7 % 10 vol and 33.3 % 40 vol'],
    'not at all' => [['d20', 'd10'], false, ''],
]);

it('follows what was really used, not a miss of the hand', function (array $uses, array $rules, ?string $after) {
    $past = new PastBowl(
        Ladder::bowl(),
        array_map(
            static fn (array $use): PastUse => new PastUse(
                Sample::g($use[0]),
                Sample::g($use[1]),
                Sample::g($use[2]),
                $use[3],
                $use[4],
            ),
            $uses,
        ),
    );
    $difference = differencesOf($past, null, Schools::read($rules))['amount'] ?? null;
    expect(said($difference?->after))->toBe($after);
    if ($difference !== null) {
        expect(said($difference->before))->toBe('60 g colour')->and($difference->applied)->toBeFalse()
            ->and($difference->to)->not->toBeNull();
    }
})->with([
    'all was used' => [[['60', '150', '150', true, false]], [], null],
    'three times some was left' => [
        [['60', '150', '137.5', true, false], ['60', '150', '137.5', true, false], ['60', '150', '137.5', true, false]],
        [],
        '55 g colour',
    ],
    'a house that steps by ten' => [
        [['60', '150', '125', true, false], ['60', '150', '125', true, false], ['60', '150', '125', true, false]],
        ['step-down' => '10'],
        '50 g colour',
    ],
    'it was not good' => [
        [['60', '150', '140', true, false], ['60', '150', '140', false, false], ['60', '150', '140', true, false]],
        [],
        null,
    ],
]);

it('calls a drift before it says what to mix', function () {
    $past = new PastBowl(
        Ladder::bowl(more: ['amount' => ['of' => 'colour', 'grams' => '32 g']]),
        [
            new PastUse(Sample::g('60'), Sample::g('150'), Sample::g('150'), true, false),
            new PastUse(Sample::g('32'), Sample::g('80'), Sample::g('80'), false, true),
        ],
    );
    $found = differencesOf($past);
    expect(words($found['drift']->words))->toContain('The last amount that covered was 60 g')
        ->and($found['drift']->applied)->toBeFalse()
        ->and(said($found['amount']->after))->toBe('60 g colour');
});

it('grows with the regrowth, from two centimetres on and only at the root', function (
    ?string $then,
    ?string $now,
    array $spans,
    ?string $after,
) {
    $past = new PastBowl(
        Ladder::bowl(more: ['place' => [['regions' => [], 'spans' => $spans]]]),
        regrowthThen: $then === null ? null : Fraction::parse($then),
        regrowthNow: $now === null ? null : Fraction::parse($now),
    );
    expect(said((differencesOf($past)['regrowth'] ?? null)?->after))->toBe($after);
})->with([
    'as long' => ['2', '2', ['root'], null],
    'shorter than two' => ['2', '1', ['root'], null],
    'twice as long' => ['2', '4', ['root', 'regrowth'], '120 g colour'],
    'from under two' => ['1', '3', ['root'], '90 g colour'],
    'back again' => ['4', '2', ['root'], '30 g colour'],
    'not on the lengths' => ['2', '4', ['root', 'mids'], null],
    'not where nothing is painted' => ['2', '4', [], null],
    'not measured then' => [null, '4', ['root'], null],
    'not measured now' => ['2', null, ['root'], null],
]);

it('plans the sum where more than one batch was mixed, with where it was split', function () {
    $poured = ['6N' => Sample::g('60'), '6G' => Sample::g('30'), 'd20' => Sample::g('135')];
    $made = RepeatBowl::of(
        new PastBowl(Ladder::bowl(), [], $poured, 2, split: '150 g, 75 g'),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    expect($made['differences'][0]->key)->toBe('batches')
        ->and(words($made['differences'][0]->words))->toBe('2 batches were mixed last time')
        ->and(words($made['differences'][0]->reason))->toContain('150 g, 75 g')
        ->and($made['differences'][0]->applied)->toBeTrue()
        ->and(Ladder::grams($made['sheet']))->toBe(['6N' => '60 g', '6G' => '30 g', '20 vol' => '135 g']);
});

it('repeats what was poured where a hand took more on purpose', function () {
    $poured = ['6N' => Sample::g('40'), '6G' => Sample::g('24'), 'd20' => Sample::g('90')];
    $past = static fn (bool $follows): PastBowl => new PastBowl(Ladder::bowl(), [], $poured, 1, followsPlan: $follows);
    $made = RepeatBowl::of($past(false), Ladder::shelf(), HouseRules::standard());
    expect($made['differences'][0]->key)->toBe('poured')
        ->and(Ladder::grams($made['sheet']))->toBe(['6N' => '40 g', '6G' => '24 g', '20 vol' => '90 g'])
        // A miss of the hand is no wish.
        ->and(RepeatBowl::of($past(true), Ladder::shelf(), HouseRules::standard())['differences'])->toBe([]);
});

it('lets nothing follow the regrowth but a regrowth job', function (
    array $stroke,
    string $line,
    int $uses,
    bool $follows,
) {
    $past = new PastBowl(
        Ladder::bowl(more: ['place' => [['regions' => [], 'spans' => ['root', 'regrowth'], ...$stroke]]]),
        array_fill(0, $uses, new PastUse(Sample::g('60'), Sample::g('150'), Sample::g('150'), true, false)),
        regrowthThen: Fraction::of(2),
        regrowthNow: Fraction::of(4),
    );
    $found = differencesOf($past)['regrowth'] ?? null;
    expect($found !== null)->toBe($follows)->and($found->applied ?? false)->toBeFalse();
})->with([
    'a root touch-up' => [['method' => 'root-touch-up'], '', 0, true],
    'foils' => [['method' => 'fine-foils', 'foils' => 12], '', 0, false],
    'a shadow' => [['method' => 'root-shadow'], '', 0, false],
    'a gloss at the root' => [['method' => 'gloss'], '', 0, false],
    'a usual amount is known' => [['method' => 'root-touch-up'], '', 2, false],
]);

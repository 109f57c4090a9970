<?php

declare(strict_types=1);

use Core\Codec\WorkFormula;
use Core\Fact;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Zone;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Judgement\Process;
use Core\Judgement\Undertone;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Strength;

/**
 * @param  array<string, mixed>  $bowl  beside a sound bowl of a permanent line at 1:1.5: 60 g of 6N, 20 vol
 * @param  string  $kind  of the line
 * @return array<string, array<string, mixed>> the values of each caution by its key; of several of one key, the last
 */
function cautionsTold(array $bowl, string $kind = 'permanent'): array
{
    $window = ['min' => 30, 'target' => 35, 'max' => 45];
    $worked = WorkFormula::work([
        'tinta' => 2,
        'developers' => array_map(
            static fn (int $volume): array => ['id' => "d{$volume}", 'strength' => "{$volume} vol"],
            [10, 20, 30, 40],
        ),
        'lines' => [
            ['id' => 'tide', 'name' => 'Tide', 'kind' => $kind, 'ratio' => '1:1.5', 'window' => $window,
                'notation' => 'letters', 'tones' => ['N' => ['natural' => 1]], 'developers' => [
                    'd10',
                    'd20',
                    'd30',
                    'd40',
                ],
                'products' => [
                    ['id' => '6N', 'code' => '6N'],
                    ['id' => '7N', 'code' => '7N'],
                    ['id' => '9Q', 'code' => '9Q'],
                ]],
            ['id' => 'slack', 'name' => 'Slack', 'kind' => 'demi', 'ratio' => '1:2', 'window' => $window,
                'notation' => 'letters', 'tones' => ['N' => ['natural' => 1]], 'developers' => ['d10'],
                'products' => [['id' => 'S8', 'code' => '8N']]],
        ],
        'bowls' => [$bowl + [
            'letter' => 'A', 'line' => 'tide', 'ratio' => '1:1.5', 'amount' => ['of' => 'colour', 'grams' => '60 g'],
            'parts' => colourAndDeveloper(['6N' => 'all'], ['d20' => 'all']),
        ]],
    ]);
    $said = [];
    foreach ($worked[0]['warnings'] as ['key' => $key, 'reason' => $fact]) {
        expect($fact)->toBeInstanceOf(Fact::class);
        $said[$key] = $fact->values;
    }

    return $said;
}

/**
 * @param  array<string, string>  $colour  share by product
 * @param  array<string, string>  $developer  share by product
 */
function colourAndDeveloper(array $colour, array $developer): array
{
    $part = static fn (array $of): array => ['ingredients' => array_map(
        static fn (string $product, string $share): array => ['product' => $product, 'share' => $share],
        array_keys($of),
        $of,
    )];

    return [$part($colour), $part($developer)];
}

it('asks for a skin test of what meets peroxide, and for nothing else in a sound bowl', function (
    string $kind,
    array $keys,
) {
    expect(array_keys(cautionsTold([], $kind)))->toBe($keys);
})->with([
    ['permanent', ['skin-test']], ['demi', ['skin-test']], ['lightener', ['skin-test']], ['direct', []], ['care', []],
]);

// Half as much again, or a third less: our own model. What was typed is kept and asked about.
it('asks about a ratio that is far from the line’s own', function (string $ratio, ?array $said) {
    expect(cautionsTold(['ratio' => $ratio])['implausible-ratio'] ?? null)->toBe($said);
})->with([
    'the line’s own' => ['1:1.5', null],
    'half as much again' => ['1:2.25', null],
    'more than that' => ['1:2.5', [
        'colour' => '60.0 g', 'developer' => '150.0 g', 'would' => '90.0 g', 'line' => 'Tide', 'usual' => '1:1.5',
    ]],
    'a third less' => ['1:1', null],
    'less than that' => ['1:0.9', [
        'colour' => '60.0 g', 'developer' => '54.0 g', 'would' => '90.0 g', 'line' => 'Tide', 'usual' => '1:1.5',
    ]],
]);

it('asks about it with what is known, where no gram is', function () {
    expect(cautionsTold(['ratio' => '1:3', 'amount' => null])['implausible-ratio'])
        ->toBe(['ratio' => '1:3', 'line' => 'Tide', 'usual' => '1:1.5']);
});

it('warns of more minutes than the line bears', function (int $minutes, ?array $said) {
    expect(cautionsTold(['minutes' => $minutes])['over-time'] ?? null)->toBe($said);
})->with([[45, null], [46, ['minutes' => 46, 'line' => 'Tide', 'max' => 45]]]);

// Common practice, no source: nothing above 30 vol on the scalp; from 20 vol up the root takes faster.
it('warns of what is too strong for the scalp, and of roots that run hot', function (
    string $developer,
    ?array $spans,
    array $keys,
) {
    $bowl = ['parts' => colourAndDeveloper(['6N' => 'all'], [$developer => 'all'])];
    if ($spans !== null) {
        $bowl['place'] = ['spans' => $spans];
    }
    expect(array_values(array_diff(array_keys(cautionsTold($bowl)), ['skin-test'])))->toBe($keys);
})->with([
    '40 on the root' => ['d40', ['root'], ['strong-on-scalp']],
    '40 on the ends' => ['d40', ['mids', 'ends'], []],
    '30 on the root' => ['d30', ['root'], []],
    '40 from scalp to ends' => ['d40', ['root', 'regrowth', 'mids', 'ends'], ['strong-on-scalp', 'hot-roots']],
    '20 from scalp to ends' => ['d20', ['root', 'regrowth', 'mids', 'ends'], ['hot-roots']],
    '10 from scalp to ends' => ['d10', ['root', 'regrowth', 'mids', 'ends'], []],
    'no place said' => ['d40', null, []],
]);

it('lets an unknown gram silence no caution', function () {
    $said = cautionsTold([
        'amount' => null, 'place' => ['spans' => ['root']],
        'parts' => colourAndDeveloper(['6N' => '20 g', '7N' => '?'], ['d40' => 'all']),
    ]);
    expect($said)->toHaveKeys(['strong-on-scalp', 'skin-test', 'not-known'])
        ->and($said['strong-on-scalp']['volume'])->toBe('40')
        ->and($said['not-known']['line'])->toBe('7N');
});

it('never runs hot with what only deposits', function () {
    $all = ['place' => ['spans' => ['root', 'regrowth', 'mids', 'ends']]];
    expect(cautionsTold($all))->toHaveKey('hot-roots')->and(cautionsTold($all, 'demi'))->not->toHaveKey('hot-roots');
});

it('says of an addition what both ways of counting it come to', function () {
    $extra = static fn (array $more): array => ['extras' => [$more + ['product' => '7N', 'grams' => '15 g']]];
    // 90 g of developer to 60 + 15 g inside are 1:1.2.
    expect(cautionsTold($extra([]))['inside-or-on-top'])->toBe([
        'amount' => '15 g', 'product' => '7N', 'inside' => '1:1.2', 'top' => '1:1.5', 'total' => '165.0 g',
    ])
        ->and(cautionsTold($extra(['counts' => 'inside'])))->not->toHaveKey('inside-or-on-top')
        ->and(cautionsTold($extra(['counts' => 'on-top'])))->not->toHaveKey('inside-or-on-top');
});

it('says what the scale cannot show, what no maker speaks for, and what has no level', function () {
    $of = static fn (array $colour): array => cautionsTold([
        'amount' => null, 'parts' => colourAndDeveloper($colour, ['d20' => 'all']),
    ]);
    expect($of(['6N' => '14.26 g', '7N' => '10 g'])['rounded'])
        ->toBe(['grams' => '14.26 g', 'product' => '6N', 'weighed' => '14.3 g', 'gap' => '0.04 g'])
        ->and($of(['6N' => '14.23 g', '7N' => '10 g'])['rounded'])
        ->toBe(['grams' => '14.23 g', 'product' => '6N', 'weighed' => '14.2 g', 'gap' => '0.03 g'])
        ->and($of(['6N' => '14.2 g']))->not->toHaveKey('rounded')
        ->and($of(['6N' => '10 g', 'S8' => '10 g'])['other-line'])->toBe(['product' => '8N', 'line' => 'Tide'])
        ->and($of(['9Q' => '10 g'])['no-pigment'])->toBe(['product' => '9Q']);
});

it('says that a ratio is not known', function () {
    expect(cautionsTold(['ratio' => '?']))->toHaveKey('ratio-not-known');
});

/** @return list<string> keys of the cautions of a bowl on hair */
function onHair(Zone $zone, array $process, int $lifts = 0): array
{
    $kind = $process['kind'] ?? LineKind::Permanent;
    $found = Cautions::of($zone, new Process(...[...[
        'kind' => $kind, 'mix' => null, 'strength' => Strength::vol(20), 'minutes' => 35,
        'window' => ['min' => 30, 'target' => 35, 'max' => 45], 'lift' => LiftTable::standard($kind),
    ], ...$process]), Fraction::of($lifts, 4));

    return array_map(static fn (Caution $caution): string => $caution->key, $found);
}

// Common practice, no source.
it('warns of a bowl by the hair it is laid on', function (Zone $zone, array $process, array $keys, int $lifts = 0) {
    expect(onHair($zone, $process, $lifts))->toBe($keys);
})->with([
    'sound hair' => [new Zone(Fraction::of(6)), [], []],
    'lightener on lightened hair' => [
        new Zone(Fraction::of(9), HairHistory::Lightened), ['kind' => LineKind::Lightener], ['overlap'],
    ],
    'lightener on natural hair' => [new Zone(Fraction::of(6)), ['kind' => LineKind::Lightener], []],
    'strong colour on lightened hair' => [new Zone(Fraction::of(9), HairHistory::Lightened), [], ['strong-on-light']],
    'weak colour on lightened hair' => [
        new Zone(Fraction::of(9), HairHistory::Lightened), ['strength' => Strength::vol(10)], [],
    ],
    'no developer on lightened hair' => [new Zone(Fraction::of(9), HairHistory::Lightened), ['strength' => null], []],
    'an unknown dye' => [new Zone(Fraction::of(6), HairHistory::Unknown), [], ['unknown-dye']],
    'an unknown dye, and no peroxide' => [
        new Zone(Fraction::of(6), HairHistory::Unknown), ['kind' => LineKind::Direct, 'strength' => null], [],
    ],
    'at the end of its time' => [new Zone(Fraction::of(6)), ['minutes' => 45], []],
    'over its time' => [new Zone(Fraction::of(6)), ['minutes' => 46], ['over-time']],
    '40 on the scalp' => [
        new Zone(Fraction::of(6)), ['strength' => Strength::vol(40), 'onScalp' => true], ['strong-on-scalp'],
    ],
    'one pass that lifts half a level' => [new Zone(Fraction::of(6)), ['onePass' => true], ['hot-roots'], 2],
    'one pass that lifts less' => [new Zone(Fraction::of(6)), ['onePass' => true], [], 1],
    'two passes' => [new Zone(Fraction::of(6)), [], [], 8],
    'porous hair under colour' => [
        new Zone(Fraction::of(6), porosity: Porosity::High),
        ['mix' => new Pigment(Fraction::of(6), ToneMix::only(ToneFamily::Gold), Fraction::one())], ['porous'],
    ],
    'porous hair under clear' => [
        new Zone(Fraction::of(6), porosity: Porosity::High), ['mix' => Pigment::clear()], [],
    ],
    'bands' => [new Zone(Fraction::of(6), banded: true), [], ['bands']],
]);

// Common practice, no source: violet against yellow, blue against orange, green against red.
it('lays bare what the level has, and softens it with its opposite', function (
    int $level,
    string $tone,
    string $neutraliser,
    int $elevenths,
) {
    $bare = Undertone::at(Fraction::of($level));
    expect([$bare->tone->words(), $bare->neutraliser->words()])->toBe([$tone, $neutraliser])
        ->and($bare->strength->equals(Fraction::of($elevenths, 11)))->toBeTrue();
})->with([
    [1, '50 % red, 50 % brown', 'matte', 11],
    [2, '50 % red, 50 % brown', 'matte', 10],
    [3, '67 % red, 33 % brown', 'matte', 9],
    [4, 'red', 'matte', 8],
    [5, '50 % copper, 50 % red', '50 % ash, 50 % matte', 7],
    [6, 'copper', 'ash', 6],
    [7, '50 % gold, 50 % copper', '50 % ash, 50 % violet', 5],
    [8, 'gold', '67 % violet, 33 % ash', 4],
    [9, 'gold', 'violet', 3],
    [10, 'gold', 'violet', 2],
]);

it('takes the nearest level, and never one that there is not', function () {
    $name = static fn (int $quarters): string => Undertone::at(Fraction::of($quarters, 4))->name;
    expect([$name(-8), $name(0), $name(22), $name(21), $name(60)])
        ->toBe(['dark red-brown', 'dark red-brown', 'orange', 'red-orange', 'pale yellow']);
});

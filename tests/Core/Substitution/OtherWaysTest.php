<?php

declare(strict_types=1);

use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadShelf;
use Core\Fact;
use Core\Practice\HouseRules;
use Core\Shelf\Line;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Substitution\Blend;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Substitution\OtherWay;
use Core\Substitution\OtherWays;
use Core\Substitution\SubstitutionRefused;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;

/** Three permanent lines, one of them with double naturals, and a demi. */
function linesOfAShelf(): Shelf
{
    $line = static fn (string $id, string $name, string $kind, array $codes): array => [
        'id' => $id,
        'name' => $name,
        'kind' => $kind,
        'ratio' => '1:1.5',
        'window' => ['min' => 20, 'target' => 35, 'max' => 45],
        'notation' => 'letters',
        'tones' => ['N' => ['natural' => 1], 'G' => ['gold' => 1], 'A' => ['ash' => 1]],
        'products' => array_map(
            static fn (string $code): array => ['id' => $id.$code, 'code' => $code]
                + ($code === 'Bond' ? ['kind' => 'additive'] : []),
            $codes,
        ),
        'developers' => ['d20'],
    ];

    return ReadShelf::from(new JsonNode([
        'developers' => [['id' => 'd20', 'strength' => '20 vol']],
        'lines' => [
            $line('d', 'Drift', 'demi', ['6N', '6NN']),
            $line('z', 'Shoal', 'permanent', ['6N', '6NN', '6G', '7N']),
            $line('p', 'Ladder', 'permanent', ['6N', '6NN', '6G', '6A', '7N', '7NN', 'Bond']),
            $line('b', 'Bay', 'permanent', ['6N', '5N']),
        ],
    ], '', new ProblemList), HouseRules::standard());
}

/** @return list<string> */
function waysOutOf(string $missing): array
{
    $shelf = linesOfAShelf();
    $product = $shelf->product($missing);
    $line = $shelf->line(substr($missing, 0, 1));
    expect($product)->toBeInstanceOf(Product::class)->and($line)->toBeInstanceOf(Line::class);

    return array_map(
        static fn (OtherWay $way): string => "{$way->key} {$way->product->id} {$way->line->id}",
        OtherWays::for($product->pigment ?? Pigment::clear(), $missing, $line, $shelf),
    );
}

it('offers the line’s own double first, then the same shade of lines of the same kind by their names', function () {
    expect(waysOutOf('p6N'))->toBe(['double-pigment p6NN p', 'another-line b6N b', 'another-line z6N z'])
        ->and(waysOutOf('z7N'))->toBe(['another-line p7N p'])
        ->and(waysOutOf('p6G'))->toBe(['another-line z6G z'])
        // No other 6A, and no double of it.
        ->and(waysOutOf('p6A'))->toBe([])
        // What is stronger already has no stronger one; the other line's is as strong.
        ->and(waysOutOf('p7NN'))->toBe(['another-line z7N z'])
        ->and(waysOutOf('d6N'))->toBe(['double-pigment d6NN d']);
});

it('says which shade, of which line, and what is different about it', function () {
    $shelf = linesOfAShelf();
    $product = $shelf->product('p6N');
    $line = $shelf->line('p');
    expect($product)->not->toBeNull()->and($line)->not->toBeNull();
    $ways = OtherWays::for($product?->pigment ?? Pigment::clear(), 'p6N', $line, $shelf);
    $said = array_map(static fn (OtherWay $way): array => [
        $way->of() instanceof Fact ? $way->of()->text() : $way->of(), $way->differs()->key,
    ], $ways);
    expect($said)->toBe([
        ['6NN', 'why.blend.double-pigment'],
        ['why.blend.of-line (shade: 6N; line: Bay)', 'why.blend.another-line'],
        ['why.blend.of-line (shade: 6N; line: Shoal)', 'why.blend.another-line'],
    ]);
});

/** The nearest blend of these for a 7 gold, and what it says of itself. */
function nearestToGold(array $shelf, int $natural = 0, int $grams = 60): Blend
{
    $one = static fn (
        string $key,
        Fraction $level,
        array $tone,
        Fraction $intensity,
        ?int $stock,
    ): Candidate => new Candidate(
        $key,
        $key,
        new Pigment($level, ToneMix::mean(array_map(
            static fn (ToneFamily $family, int $share): array => [ToneMix::only($family), Fraction::of($share)],
            array_map(ToneFamily::from(...), array_keys($tone)),
            array_values($tone),
        )), $intensity),
        $stock === null ? null : Grams::ofCentigrams($stock * 100),
    );
    $candidates = [];
    foreach ($shelf as $key => $shade) {
        [$level, $tone, $intensity] = $shade;
        $level = $level instanceof Fraction ? $level : Fraction::of($level);
        $candidates[] = $one((string) $key, $level, $tone, $intensity, $shade[3] ?? null);
    }

    return FindBlends::for(
        new Pigment(Fraction::of(7), ToneMix::only(ToneFamily::Gold), Fraction::one()),
        Grams::ofCentigrams($grams * 100),
        $candidates,
        Fraction::of($natural, 100),
        HouseRules::standard(),
    )[0];
}

it('says what is different about a blend, level, tones and strength', function (array $shelf, int $natural, array $said) {
    $blend = nearestToGold($shelf, $natural);
    expect(array_map(static fn (Fact $fact): string => $fact->text(), $blend->said()))->toBe($said);
})->with([
    'nothing' => [['7G' => [7, ['gold' => 1], Fraction::one()]], 0, ['why.blend.nothing-differs']],
    'deeper, another tone' => [
        ['6GA' => [6, ['gold' => 3, 'ash' => 1], Fraction::one()]],
        0,
        ['why.blend.deeper (levels: 1)', 'why.blend.more (percent: 25; tone: ash)', 'why.blend.less (percent: 25; tone: gold)'],
    ],
    'lighter and stronger' => [
        ['8G' => [8, ['gold' => 1], Fraction::of(2)]],
        0,
        ['why.blend.lighter (levels: 1)', 'why.blend.more-intense'],
    ],
    'weaker' => [['7G' => [7, ['gold' => 1], Fraction::of(3, 4)]], 0, ['why.blend.less-intense']],
    'a third of a level, a third of the tone' => [
        ['7GA' => [Fraction::of(22, 3), ['gold' => 2, 'ash' => 1], Fraction::one()]],
        0,
        ['why.blend.lighter (levels: 0.3)', 'why.blend.more (percent: 33; tone: ash)', 'why.blend.less (percent: 33; tone: gold)'],
    ],
    'two thirds of a level deeper' => [
        ['6G' => [Fraction::of(19, 3), ['gold' => 1], Fraction::one()]],
        0,
        ['why.blend.deeper (levels: 0.7)'],
    ],
    // Grey cover goes before pigment, and either where there is no other.
    'grey cover of weak shades' => [
        ['7N' => [7, ['natural' => 1], Fraction::of(1, 4)], '7G' => [7, ['gold' => 1], Fraction::one()]],
        75,
        [
            'why.blend.more (percent: 43; tone: natural)', 'why.blend.less (percent: 43; tone: gold)',
            'why.blend.less-intense',
        ],
    ],
    'weak, and no grey cover' => [
        ['7G' => [7, ['gold' => 1], Fraction::of(1, 4)]], 50, ['why.blend.less-intense', 'why.blend.covers-grey-less'],
    ],
    'no grey cover' => [['7G' => [7, ['gold' => 1], Fraction::one()]], 50, ['why.blend.covers-grey-less']],
]);

it('names the most of it first, and of equal ones the first of the shelf', function () {
    $even = nearestToGold([
        '8G' => [8, ['gold' => 1], Fraction::one()],
        '6G' => [6, ['gold' => 1], Fraction::one()],
    ]);
    $uneven = nearestToGold([
        '4G' => [4, ['gold' => 1], Fraction::one()],
        '8G' => [8, ['gold' => 1], Fraction::one()],
    ]);
    // The nearer one has run low: the other is most of it.
    $low = nearestToGold([
        '8G' => [8, ['gold' => 1], Fraction::one(), 10],
        '4G' => [4, ['gold' => 1], Fraction::one()],
    ]);
    $both = nearestToGold([
        'b' => [6, ['gold' => 1], Fraction::one(), 30],
        'a' => [5, ['gold' => 1], Fraction::one(), 30],
    ]);
    $named = static fn (Blend $blend): array => array_map(
        static fn (array $part): string => "{$part['grams']->text()} {$part['candidate']->label}",
        $blend->parts,
    );
    expect($named($low))->toBe(['50 g 4G', '10 g 8G'])->and($named($both))->toBe(['30 g a', '30 g b']);
    expect($even->of()->text())->toBe(
        'why.blend.of (parts: why.blend.part (grams: 30 g; shade: 6G), why.blend.part (grams: 30 g; shade: 8G))',
    )->and($uneven->of()->text())->toBe(
        'why.blend.of (parts: why.blend.part (grams: 45 g; shade: 8G), why.blend.part (grams: 15 g; shade: 4G))',
    );
});

it('says that there may be a nearer one where the search stopped', function () {
    $blend = nearestToGold(['7G' => [7, ['gold' => 1], Fraction::one()]]);
    $stopped = new Blend(
        parts: $blend->parts,
        distance: $blend->distance,
        behaves: $blend->behaves,
        keepsGreyCover: true,
        differs: [],
        complete: false,
    );
    expect(array_map(static fn (Fact $fact): string => $fact->key, $stopped->said()))
        ->toBe(['why.blend.nothing-differs', 'why.blend.stopped-at-its-limit']);
});

it('searches among four hundred shades, and no more', function () {
    $shelf = array_fill_keys(array_map(static fn (int $at): string => "s{$at}", range(1, 400)), [
        7, ['gold' => 1], Fraction::one(),
    ]);
    expect(nearestToGold($shelf)->differs)->toBe([])
        ->and(fn () => nearestToGold($shelf + ['one more' => [7, ['gold' => 1], Fraction::one()]]))
        ->toThrow(SubstitutionRefused::class);
});

it('makes as little as the scale can show', function () {
    $wanted = new Pigment(Fraction::of(7), ToneMix::only(ToneFamily::Gold), Fraction::one());
    $shelf = [new Candidate('7G', '7G', $wanted)];
    $make = static fn (int $centigrams): array => FindBlends::for(
        $wanted,
        Grams::ofCentigrams($centigrams),
        $shelf,
        Fraction::zero(),
        HouseRules::standard()->withStep(ScaleStep::WholeGram),
    );
    expect($make(100))->toHaveCount(1)
        ->and($make(50)[0]->parts[0]['grams']->centigrams)->toBe(100)
        ->and(fn () => $make(49))->toThrow(SubstitutionRefused::class);
});

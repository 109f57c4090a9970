<?php

declare(strict_types=1);

use Core\Colour\Lab;
use Core\Fact;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Span;
use Core\Hair\Technique;
use Core\Hair\Zone;
use Core\Judgement\Caution;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Learnt;
use Core\Judgement\Lift;
use Core\Judgement\Observed;
use Core\Judgement\Prediction;
use Core\Judgement\Process;
use Core\Judgement\Shrunk;
use Core\Practice\Number;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Strength;

/** @param  array<string, mixed>  $change */
function laidOn(LineKind $kind, int $volume, array $change = []): Process
{
    return new Process(...[...[
        'kind' => $kind, 'mix' => $kind === LineKind::Lightener
            ? null
            : new Pigment(Fraction::of(6), ToneMix::only(ToneFamily::Ash), Fraction::one()),
        'strength' => Strength::vol($volume), 'minutes' => 40, 'window' => [
            'min' => 20,
            'target' => 40,
            'max' => 50,
        ], 'lift' => LiftTable::standard($kind),
    ], ...$change]);
}

/** @return list<array{count: int, sum: Fraction, weight: Fraction}> visits that all said the same */
function visits(int $count, string $each): array
{
    return $count === 0
        ? []
        : [
            [
                'count' => $count,
                'sum' => Fraction::parse($each)->times(Fraction::of($count)),
                'weight' => Fraction::one(),
            ],
        ];
}

/** @param  list<Fact>  $facts  @return array<string, array<string, mixed>> values by key */
function byKey(array $facts): array
{
    return array_column(array_map(static fn (Fact $fact): array => [$fact->key, $fact->values], $facts), 1, 0);
}

it('is as sure as one visit and what is not known of the client yet, by the textbook', function (int $own, string $spread) {
    // Posterior predictive of a normal quantity: σ·√(1 + 1/(k + n)), with k = 0.5 for a client and σ = 0.3 levels.
    $held = Shrunk::of(Fraction::zero(), [], visits($own, '0'), Number::HoldScatter);
    expect($held->spread->decimal(3))->toBe($spread)->and($held->own)->toBe($own)->and($held->house)->toBe(0);
})->with([
    // √3 = 1.73, √(5/3) = 1.29, √(13/11) = 1.09, √(23/21) = 1.05, rounded as the core keeps roots.
    [0, '0.519'], [1, '0.387'], [5, '0.327'], [10, '0.315'],
]);

it('says how sure it is in quarters of a level, and from whose visits', function (
    LineKind $kind,
    int $own,
    int $house,
    string $give,
    string $from,
) {
    $zone = new Zone(Fraction::of(3), HairHistory::Natural);
    $said = $kind === LineKind::Lightener
        ? ['lifted' => Fraction::of(4), 'said' => Fraction::of(4)]
        : ['deeper' => Fraction::zero()];
    $learnt = new Learnt(
        array_fill(0, $own, new Observed(...['kind' => $kind, 'line' => 'a', 'alike' => $zone->alike(), ...$said])),
        $house === 0 ? [] : ['a' => [$zone->alike() => [
            'lift' => ['count' => $house, 'sum' => Fraction::of($house)],
            'deeper' => ['count' => $house, 'sum' => Fraction::zero()],
        ]]],
    );
    $sure = Prediction::of(
        $zone,
        laidOn(
            $kind,
            20,
            [
                'line' => 'a',
                'mix' => $kind === LineKind::Lightener
                    ? null
                    : new Pigment(Fraction::of(3), ToneMix::only(ToneFamily::Ash), Fraction::one()),
            ],
        ),
        $learnt,
    )->sureness();
    $gives = $sure->values['give'];
    expect($sure->key)
        ->toBe("why.spread.{$from}")
        ->and($gives instanceof Fact ? $gives->key : '')
        ->toBe("why.spread.{$give}")
        ->and(array_diff_key($sure->values, ['give' => 1]))->toEqual(match ($from) {
            'from-own' => ['own' => $own, 'house' => $house],
            'from-house' => ['house' => $house],
            default => [],
        });
})->with([
    // Half a level of a gloss nobody knows, a quarter of one that has been seen ten times; of a lift of five levels,
    // more.
    'a gloss, by the table' => [LineKind::Demi, 0, 0, 'half', 'from-table'],
    'a gloss, by the house' => [LineKind::Demi, 0, 40, 'half', 'from-house'],
    'a gloss, by ten visits of this client' => [LineKind::Demi, 10, 40, 'quarter', 'from-own'],
    'foils, by the table' => [LineKind::Lightener, 0, 0, 'more', 'from-table'],
    'foils, by ten visits of this client' => [LineKind::Lightener, 10, 0, 'three-quarters', 'from-own'],
]);

it('tells each step of a lift that really took part, and no other', function (
    array $zone,
    array $process,
    array $keys,
) {
    $lift = Lift::of(
        new Zone(...['level' => Fraction::of(2), 'history' => HairHistory::Natural, ...$zone]),
        laidOn(...['kind' => LineKind::Lightener, 'volume' => 20, 'change' => $process]),
    );
    expect(
        array_map(static fn (Fact $fact): string => substr($fact->key, strlen('why.lift.')), $lift->why),
    )->toBe(['lifts-levels-lines-minutes', ...$keys]);
})->with([
    'in foil, at its target' => [[], ['technique' => Technique::Foil], []],
    'half its minutes' => [[], ['minutes' => 20], ['minutes']],
    'up to the end of its window' => [[], ['minutes' => 50], ['minutes']],
    'in open air' => [[], ['technique' => Technique::OpenAir], ['open-air-misses-foils-heat']],
    'damp' => [['damp' => true], [], ['damp-hair-dilutes']],
    'at the root' => [['span' => Span::Root], [], ['warm-scalp-adds-about-at']],
    'near the top of the ladder' => [['level' => Fraction::of(9)], [], ['cannot-go-beyond-top-ladder']],
    'all of it' => [
        ['damp' => true, 'span' => Span::Root, 'level' => Fraction::of(9)],
        ['technique' => Technique::OpenAir, 'minutes' => 30],
        [
            'minutes',
            'open-air-misses-foils-heat',
            'damp-hair-dilutes',
            'warm-scalp-adds-about-at',
            'cannot-go-beyond-top-ladder',
        ],
    ],
]);

it('lifts as the minutes say, to the end of a lightener’s window and no further', function (
    int $minutes,
    string $share,
) {
    $whole = Lift::of(new Zone(Fraction::of(2), HairHistory::Natural), laidOn(LineKind::Lightener, 20));
    $part = Lift::of(
        new Zone(Fraction::of(2), HairHistory::Natural),
        laidOn(LineKind::Lightener, 20, ['minutes' => $minutes]),
    );
    expect($part->levels->dividedBy($whole->levels)->decimal(2))->toBe($share);
})->with([[10, '0.25'], [20, '0.5'], [40, '1'], [50, '1.25'], [80, '1.25'], [0, '0']]);

it('adds half of a small lift at a warm root, and half a level at most', function (int $minutes, string $root) {
    $at = static fn (Span $span): Fraction => Lift::of(
        new Zone(Fraction::of(2), HairHistory::Natural, span: $span),
        laidOn(LineKind::Lightener, 20, ['minutes' => $minutes]),
    )->levels;
    expect($at(Span::Root)->minus($at(Span::Mids))->decimal(2))->toBe($root);
})->with([
    'nothing lifted' => [0, '0'],
    'a full lift' => [40, '0.5'],
]);

it('says of white hair whether it will still show', function (array $mix, string $key) {
    $said = byKey(Prediction::of(
        new Zone(level: Fraction::of(6), history: HairHistory::Natural, grey: 60),
        laidOn(...$mix),
    )->why);
    expect($said)->toHaveKey("why.prediction.{$key}")->and($said["why.prediction.{$key}"]['grey'])->toBe(60);
})->with([
    'a permanent tint covers' => [['kind' => LineKind::Permanent, 'volume' => 20], 'grey-taken'],
    'a thinned gloss does not' => [
        [
            'kind' => LineKind::Demi,
            'volume' => 6,
            'change' => [
                'minutes' => 5,
                'mix' => new Pigment(Fraction::of(9), ToneMix::only(ToneFamily::Beige), Fraction::of(1, 4)),
            ],
        ],
        'grey-shows',
    ],
]);

it('tells how much of a bowl stays, part by part', function () {
    $why = byKey(Prediction::of(
        new Zone(level: Fraction::of(7), history: HairHistory::Natural, porosity: Porosity::High, damp: true),
        laidOn(LineKind::Demi, 10, ['minutes' => 20]),
    )->why);
    // 80 % of a demi, half of its minutes, 120 % on porous hair, 80 % when damp: 38.4 %.
    expect($why['why.prediction.hold'])->toBe(
        ['line' => '80', 'time' => '50', 'grab' => '120', 'wet' => '80', 'hold' => '38'],
    );
});

it('gathers a caution once with all its zones, what hurts first, and asks only what can be meant', function () {
    $made = array_map(static fn (array $each): Caution => new Caution($each[0], Fact::of($each[1]), $each[2]), [
        ['low-contrast', 'cautions.porous', ['Ends']],
        ['porous', 'cautions.hot-roots', ['Ends']],
        ['strong-on-scalp', 'cautions.strong-on-scalp', ['Root']],
        ['porous', 'cautions.hot-roots', ['Mids', 'Ends']],
        ['gum', 'cautions.gum', []],
        ['never-heard-of', 'cautions.weak', []],
    ]);
    $told = Caution::together($made);
    expect(array_column($told, 'key'))->toBe(['gum', 'strong-on-scalp', 'porous', 'low-contrast', 'never-heard-of'])
        ->and($told[2]->zones)->toBe(['Ends', 'Mids'])
        ->and(
            array_map(static fn (Caution $each): bool => $each->asks(), $told),
        )->toBe([false, false, true, true, false]);
});

it('never lets what can hurt be answered with “it is meant so”', function (string $key) {
    expect((new Caution($key, Fact::of('cautions.gum')))->asks())->toBeFalse();
})->with(
    [
        'gum',
        'weak',
        'strong-on-scalp',
        'unknown-dye',
        'overlap',
        'lift-again',
        'touching',
        'heated',
        'over-time',
        'skin-test',
        'strong-on-light',
        'runs-into',
        'tint-on-tint',
    ],
);

it('lets what may be meant be answered', function (string $key) {
    expect((new Caution($key, Fact::of('cautions.gum')))->asks())->toBeTrue();
})->with(
    [
        'implausible-ratio',
        'hot-roots',
        'root-as-strong',
        'root-order',
        'combed-through',
        'other-line',
        'rounded',
        'low-contrast',
        'doubled',
        'uncovered',
        'bands',
        'porous',
        'in-doubt',
    ],
);

it('calls a miss by its kind', function (Lab $result, Lab $wish, ?string $spread, array $said) {
    expect(
        ExpectedTone::against($result, $wish, true, true, $spread === null ? null : Fraction::parse($spread)),
    )->toBe($said);
})->with([
    'alike' => [new Lab(55, 8, 25), new Lab(55, 8, 25), null, [ExpectedTone::OnTarget]],
    'redder' => [new Lab(55, 30, 25), new Lab(55, 8, 25), null, [ExpectedTone::TooRed]],
    'less red, and as bright' => [new Lab(55, 8, 40), new Lab(55, 28, 25), null, [ExpectedTone::TooGolden]],
    'warmer' => [new Lab(55, 8, 45), new Lab(55, 8, 22), null, [ExpectedTone::TooWarm]],
    'cooler than hair is' => [new Lab(55, 4, 0), new Lab(55, 8, 32), null, [ExpectedTone::TooCool]],
    'green' => [new Lab(55, -8, 20), new Lab(55, 6, 24), null, [ExpectedTone::Green]],
    'much lighter' => [new Lab(80, 8, 25), new Lab(50, 8, 25), null, [ExpectedTone::TooLight]],
]);

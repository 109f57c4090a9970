<?php

declare(strict_types=1);

use Core\Fact;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Span;
use Core\Hair\Technique;
use Core\Hair\Zone;
use Core\Judgement\Caution;
use Core\Judgement\Learnt;
use Core\Judgement\Lift;
use Core\Judgement\MixJudgement;
use Core\Judgement\Observed;
use Core\Judgement\Prediction;
use Core\Judgement\Process;
use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

// Whatever a prediction says of itself can be followed with a pencil: each step with its figures, as they are shown.

/** @param  array<string, mixed>  $change */
function hairAt(string $level, array $change = []): Zone
{
    return new Zone(...['level' => Fraction::parse($level), 'history' => HairHistory::Natural, ...$change]);
}

function inks(?string $level, ToneFamily $tone, string $intensity): Pigment
{
    return new Pigment(
        $level === null ? null : Fraction::parse($level),
        ToneMix::only($tone),
        Fraction::parse($intensity),
    );
}

/** @param  array<string, mixed>  $change */
function glossLaid(array $change = []): Process
{
    return laidOn(LineKind::Demi, 6, [
        'line' => 'a', 'minutes' => 33, 'mix' => inks('3.25', ToneFamily::Ash, '0.9'), ...$change,
    ]);
}

/** Three visits of this client whose gloss came out so much deeper and so many units warmer. */
function glossesSeen(Zone $zone, string $deeper, string $warmer): Learnt
{
    return new Learnt(array_fill(0, 3, new Observed(
        kind: LineKind::Demi,
        line: 'a',
        alike: $zone->alike(),
        deeper: Fraction::parse($deeper),
        warmer: Fraction::parse($warmer),
        redder: Fraction::parse('1.25'),
    )), []);
}

it('tells a gloss step by step', function (string $deeper, string $warmer, array $learnt) {
    $zone = hairAt('3.45', ['porosity' => Porosity::High, 'damp' => true]);
    $told = Prediction::of($zone, glossLaid(), glossesSeen($zone, $deeper, $warmer));
    $said = byKey($told->why);
    expect(array_slice(array_keys($said), 0, 2))->toBe(['why.lift.line-only-deposits', 'why.prediction.hold'])
        // 80 % of a demi, 33 of 40 minutes, 120 % on porous hair, 80 % damp: 63.36 %.
        ->and($said['why.prediction.hold'])
        ->toBe(['line' => '80', 'time' => '83', 'grab' => '120', 'wet' => '80', 'hold' => '63'])
        ->and(array_intersect_key($said, $learnt))->toBe($learnt)
        ->and($said['why.prediction.laid-on-holds-level'])
        ->toMatchArray(['mix' => '3.3', 'lifted' => '3.5', 'deposit' => '63'])
        ->and($told->calibrated)->toBeTrue()
        ->and($said)->not->toHaveKey('why.prediction.at-level-lies-bare');
})->with([
    // (half a visit of the table's nothing + three of 0.77) ÷ 3.5 = 0.66; three of 4.6 ÷ 3.5 = 3.9.
    'deeper and warmer than expected' => ['0.77', '4.6', [
        'why.prediction.held-more' => ['own' => 3, 'house' => 0, 'levels' => '0.7'],
        'why.prediction.warmer' => ['own' => 3, 'house' => 0, 'units' => '4'],
    ]],
    'lighter and cooler' => ['-0.77', '-4.6', [
        'why.prediction.held-less' => ['own' => 3, 'house' => 0, 'levels' => '0.7'],
        'why.prediction.cooler' => ['own' => 3, 'house' => 0, 'units' => '4'],
    ]],
]);

it('comes out deeper where this client’s glosses did, lighter where they did not', function () {
    $zone = hairAt('3.45', ['porosity' => Porosity::High, 'damp' => true]);
    $at = static fn (string $deeper): Fraction => Prediction::of($zone, glossLaid(), glossesSeen($zone, $deeper, '0'))->level;
    $expected = Prediction::of($zone, glossLaid());
    expect($at('0.77')->compare($expected->level))->toBeLessThan(0)
        ->and($at('-0.77')->compare($expected->level))->toBeGreaterThan(0)
        ->and($expected->calibrated)->toBeFalse()
        ->and(byKey($expected->why))->not->toHaveKeys(['why.prediction.held-more', 'why.prediction.warmer']);
});

it('tells a lift step by step', function () {
    $zone = hairAt('3.45', ['span' => Span::Root, 'damp' => true]);
    $foils = laidOn(LineKind::Lightener, 20, [
        'minutes' => 33, 'technique' => Technique::OpenAir, 'line' => 'a',
        'lift' => LiftTable::of([20 => Fraction::parse('4.65')]),
    ]);
    $seen = new Learnt(array_fill(0, 2, new Observed(
        kind: LineKind::Lightener,
        line: 'a',
        said: Fraction::of(4),
        lifted: Fraction::parse('3.3'),
        alike: $zone->alike(),
    )), []);
    // 4.65 × 33/40 = 3.836; × 0.8 in open air = 3.069; × 0.9 damp = 2.762; + 0.5 at the warm root = 3.262;
    // seen 0.825 of it twice, with half a visit of the table's 1: 0.86; 3.262 × 0.86 = 2.81.
    expect(byKey(Prediction::of($zone, $foils, $seen)->why))->toMatchArray([
        'why.lift.lifts-levels-lines-minutes' => ['strength' => '20 vol', 'table' => '4.7', 'target' => 40],
        'why.lift.minutes' => ['minutes' => 33, 'target' => 40, 'levels' => '3.8'],
        'why.lift.open-air-misses-foils-heat' => ['levels' => '3.1'],
        'why.lift.damp-hair-dilutes' => ['levels' => '2.8'],
        'why.lift.warm-scalp-adds-about-at' => ['extra' => '0.5', 'levels' => '3.3'],
        'why.lift.closed-visits-say' => ['own' => 2, 'house' => 0, 'factor' => '0.86', 'levels' => '2.8'],
        'why.prediction.at-level-lies-bare' => ['lifted' => '6.3', 'bare' => 'orange'],
    ])->and(Prediction::of($zone, $foils, $seen)->calibrated)->toBeTrue()
        ->and(Prediction::of($zone, $foils)->calibrated)->toBeFalse();
});

it('lifts no further than the top of what it is', function (LineKind $kind, string $level, string $table, string $lifts) {
    $process = laidOn($kind, 20, ['lift' => LiftTable::of([20 => Fraction::parse($table)])]);
    $lift = Lift::of(hairAt($level), $process);
    $stopped = array_column(array_map(static fn (Fact $fact): array => [$fact->key], $lift->why), 0);
    expect($lift->levels->decimal(2))->toBe($lifts)
        ->and(in_array('why.lift.cannot-go-beyond-top-ladder', $stopped, true))
        ->toBe(Fraction::parse($lifts)->compare(Fraction::parse($table)) < 0);
})->with([
    'a lightener to level 10' => [LineKind::Lightener, '7.5', '4', '2.5'],
    'exactly there' => [LineKind::Lightener, '6', '4', '4'],
    'a tint to 12' => [LineKind::Permanent, '9', '4', '3'],
    'a tint exactly there' => [LineKind::Permanent, '8', '4', '4'],
    'hair beyond it' => [LineKind::Lightener, '10.5', '4', '0'],
]);

it('says with what it cannot lift, and without a developer', function () {
    $said = Lift::of(hairAt('5'), laidOn(LineKind::Lightener, 20, ['strength' => null]))->why[0]->values['strength'];
    expect($said)->toBeInstanceOf(Fact::class)->and($said->key)->toBe('why.lift.no-developer')
        ->and(Lift::of(hairAt('5'), glossLaid())->why)->toHaveCount(1);
});

it('says how far a bowl lighter than the hair, or without a level, shows', function (array $mix, array $said) {
    $zone = hairAt('3.45', ['porosity' => Porosity::High, 'damp' => true]);
    expect(byKey(Prediction::of($zone, glossLaid($mix))->why))->toMatchArray($said);
})->with([
    'lighter than the hair' => [
        ['mix' => inks('6.25', ToneFamily::Ash, '0.9')],
        ['why.prediction.bowl-lighter-than-hair-at' => ['mix' => '6.3', 'lifted' => '3.5']],
    ],
    // 70 % of a direct dye, 33 of 40 minutes, 120 %, 80 %: 55.4 %.
    'a direct dye without a level' => [
        ['kind' => LineKind::Direct, 'mix' => inks(null, ToneFamily::Violet, '0.7')],
        ['why.prediction.laid-on-without-level' => ['deposit' => '55', 'level' => '3.1']],
    ],
]);

it('says of white hair how light it stays beside the rest', function (Process $process, string $key, array $said) {
    expect(byKey(Prediction::of(hairAt('5.65', ['grey' => 45]), $process)->why)["why.prediction.{$key}"])->toBe($said);
})->with([
    'it shows' => [
        glossLaid(['minutes' => 5, 'mix' => inks('9.25', ToneFamily::Beige, '0.25')]),
        'grey-shows', ['grey' => 45, 'white' => '12', 'level' => '5.6'],
    ],
    'it is taken' => [
        laidOn(LineKind::Permanent, 20, ['mix' => inks('5.25', ToneFamily::Natural, '1')]),
        'grey-taken', ['grey' => 45, 'white' => '5.9', 'level' => '5.3'],
    ],
]);

it('says nothing of white hair where nothing was laid on it', function () {
    $care = laidOn(LineKind::Care, 20, ['strength' => null, 'mix' => null]);
    $told = Prediction::of(hairAt('5.65', ['grey' => 45]), $care);
    expect(byKey($told->why))->not->toHaveKeys(['why.prediction.grey-shows', 'why.prediction.grey-taken'])
        ->and($told->level->decimal(2))->toBe('5.65')
        ->and($told->words())->toStartWith('level 5.7, ')
        ->and(strlen($told->words()))->toBeGreaterThan(strlen('level 5.7, '))
        ->and($told->sureness()->key)->toBe('why.spread.from-table');
});

it('says what lies bare of hair that was lightened before, though nothing lifts it now', function () {
    $care = laidOn(LineKind::Care, 20, ['strength' => null, 'mix' => null]);
    $told = Prediction::of(hairAt('8.65', ['history' => HairHistory::Lightened]), $care);
    expect(byKey($told->why)['why.prediction.at-level-lies-bare'])->toBe(['lifted' => '8.7', 'bare' => 'yellow']);
});

it('begins with the colour that lies in the hair already, where that is known', function () {
    $first = Prediction::of(hairAt('5'), glossLaid(['mix' => inks('4', ToneFamily::Red, '1'), 'minutes' => 40]));
    $care = laidOn(LineKind::Care, 20, ['strength' => null, 'mix' => null]);
    expect(Prediction::of(hairAt('5'), $care, new Learnt, $first->colour)->swatch())->toBe($first->swatch())
        ->and(Prediction::of(hairAt('5'), $care)->swatch())->not->toBe($first->swatch());
});

it('says how a mix was judged, with the grams of what carried it', function (LevelSchool $school, array $said) {
    $mix = MixJudgement::of([
        grams('6N', shade(6, ToneFamily::Natural), 20),
        grams('8G', shade(8, ToneFamily::Gold), 25),
        grams('clear', Pigment::clear(), 15),
    ], HouseRules::standard()->withLevelSchool($school));
    expect(byKey($mix->why))->toBe($said);
})->with([
    // (6 × 20 + 8 × 25) ÷ 45 = 7.11; 45 of 60 g carry pigment.
    'by weight' => [LevelSchool::Linear, [
        'why.mix-judgement.mean-by-weight' => ['level' => '7.1', 'carrying' => ['20 g of 6N', '25 g of 8G']],
        'why.mix-judgement.tone-by-weight' => ['tone' => '56 % gold, 44 % natural'],
        'why.mix-judgement.pigment-thinned' => ['share' => '0.75'],
    ]],
    // Weights 12 − level: (6 × 6 × 20 + 8 × 4 × 25) ÷ (6 × 20 + 4 × 25) = 1520 ÷ 220 = 6.91.
    'by dye' => [LevelSchool::DyeWeighted, [
        'why.mix-judgement.mean-by-dye' => ['level' => '6.9', 'carrying' => ['20 g of 6N', '25 g of 8G']],
        'why.mix-judgement.tone-by-weight' => ['tone' => '56 % gold, 44 % natural'],
        'why.mix-judgement.pigment-thinned' => ['share' => '0.75'],
    ]],
]);

it('says nothing of thinning where nothing thins, and that clear brings no tone', function () {
    $rules = HouseRules::standard();
    expect(byKey(MixJudgement::of([grams('6N', shade(6, ToneFamily::Natural), 20)], $rules)->why))
        ->toHaveKeys(['why.mix-judgement.mean-by-weight', 'why.mix-judgement.tone-by-weight'])
        ->toHaveCount(2)
        ->and(byKey(MixJudgement::of([grams('clear', Pigment::clear(), 20)], $rules)->why))->toBe([
            'why.mix-judgement.nothing-carries-level' => [],
            'why.mix-judgement.brings-no-tone' => [],
            'why.mix-judgement.pigment-thinned' => ['share' => '0'],
        ])
        ->and(MixJudgement::of([grams('clear', Pigment::clear(), 20)], $rules)->asPigment()?->intensity->isZero())
        ->toBeTrue();
});

it('puts what hurts before what spoils, in one order', function () {
    // The bench shows the first ones: somebody's skin, then the hair's strength, then the look.
    $order = [
        'gum', 'weak', 'strong-on-scalp', 'unknown-dye', 'overlap', 'lift-again', 'touching', 'heated', 'over-time',
        'skin-test', 'strong-on-light', 'dark-strength-on-light', 'hot-roots', 'root-as-strong', 'root-order',
        'runs-into', 'tint-on-tint', 'implausible-ratio', 'doubled', 'uncovered', 'bands', 'combed-through', 'porous',
        'low-contrast', 'mixed-early', 'said-last',
    ];
    foreach (array_slice($order, 1) as $at => $later) {
        $two = Caution::together([
            new Caution($later, Fact::of('cautions.weak')),
            new Caution($order[$at], Fact::of('cautions.gum')),
        ]);
        expect(array_column($two, 'key'))->toBe([$order[$at], $later]);
    }
});

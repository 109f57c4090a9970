<?php

declare(strict_types=1);

use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Zone;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Prediction;
use Core\Judgement\Process;
use Core\Pigment\Ladder;
use Core\Pigment\Real;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Strength;

/*
 * What a bowl lays on the hair: our own model throughout; the directions in which it moves are common practice, no
 * source (porous ends grab, damp hair dilutes, clear thins, a demi holds less, tint does not lift tint).
 */

/** @param  array<string, mixed>  $change */
function laid(
    array $change = [],
    ?Zone $zone = null,
    int $intensity = 100,
    string $level = '7',
    ToneFamily $tone = ToneFamily::Ash,
): Prediction {
    $mix = new Pigment(Fraction::parse($level), ToneMix::only($tone), Fraction::of($intensity, 100));
    $process = new Process(...[
        ...[
            'kind' => LineKind::Demi,
            'mix' => $mix,
            'strength' => Strength::vol(10),
            'minutes' => 20,
            'window' => ['min' => 10, 'target' => 20, 'max' => 20],
            'lift' => LiftTable::standard(LineKind::Demi),
        ],
        ...$change,
    ]);

    return Prediction::of($zone ?? new Zone(Fraction::of(9), HairHistory::Lightened), $process);
}

/** How much of the yellow beneath is softened: the more ash stays, the less warm it looks. */
$ash = static fn (Prediction $seen): Fraction => Real::hundredths(
    Ladder::warmth($seen->bared->seen()) - Ladder::warmth($seen->colour->seen()),
);

it('lays more on porous hair, less on damp or closed hair, and less in less time', function () use ($ash) {
    $zone = static fn (Porosity $porosity, bool $damp = false): Zone => new Zone(
        Fraction::of(9),
        HairHistory::Lightened,
        $porosity,
        null,
        $damp,
    );
    [$low, $normal, $high] = array_map(
        static fn (Porosity $porosity): Fraction => $ash(laid([], $zone($porosity))),
        [Porosity::Low, Porosity::Normal, Porosity::High],
    );
    expect($low->compare($normal))->toBeLessThan(0)->and($normal->compare($high))->toBeLessThan(0)
        ->and($ash(laid([], $zone(Porosity::Normal, true)))->compare($normal))->toBeLessThan(0)
        ->and($ash(laid(['minutes' => 8]))->compare($normal))->toBeLessThan(0)
        // Beyond the target no more is laid.
        ->and($ash(laid(['minutes' => 60]))->equals($normal))->toBeTrue();
});

it('lays less of a thinned bowl and nothing of clear', function () use ($ash) {
    $last = Fraction::zero();
    foreach ([0, 25, 50, 75, 100] as $intensity) {
        $now = $ash(laid(intensity: $intensity));
        expect($now->compare($last))->toBeGreaterThanOrEqual(0);
        $last = $now;
    }
    expect($ash(laid(intensity: 0))->isZero())->toBeTrue()->and(laid(intensity: 0)->level->decimal(1))->toBe('9');
});

it('holds by the kind of line: permanent more than demi, demi more than direct colour, care nothing', function () use ($ash) {
    $shares = array_map(
        static fn (LineKind $kind): Fraction => $ash(laid([
            'kind' => $kind,
            'lift' => LiftTable::standard(LineKind::Demi),
        ])),
        [LineKind::Permanent, LineKind::Demi, LineKind::Direct, LineKind::Lightener, LineKind::Care],
    );
    for ($i = 1; $i < count($shares); $i++) {
        expect($shares[$i]->compare($shares[$i - 1]))->toBeLessThan(0);
    }
    expect($shares[4]->isZero())->toBeTrue();
});

it('deepens toward a deeper bowl, hardly beyond it, and lightens nothing with a lighter one', function (string $level) {
    $seen = laid(level: $level);
    expect($seen->level->compare(Fraction::of(9)))->toBeLessThanOrEqual(0);
    $deepest = min(9, (float) $level) - 0.5;
    expect((float) $seen->level->decimal(2))->toBeGreaterThanOrEqual($deepest);
    if ((float) $level < 8) {
        expect($seen->level->compare(Fraction::of(9)))->toBeLessThan(0);
    }
})->with(['4', '6', '7.5', '8.9', '9', '10']);

it('says that a much lighter bowl changes the depth little, and only then', function (string $level, bool $says) {
    $why = implode(
        ' ',
        said(laid(
            ['strength' => Strength::vol(10)],
            new Zone(Fraction::of(6), HairHistory::Coloured),
            level: $level,
        )->why),
    );
    expect(str_contains(
        $why,
        "The bowl is a {$level}, lighter than the hair at 6: it changes the depth little.",
    ))->toBe($says);
})->with([['7', false], ['7.1', true], ['9', true], ['5', false]]);

it('judges a result against the wish by a good half of a level and by how it looks', function (
    array $wish,
    ExpectedTone $verdict,
) {
    [$level, $tone] = $wish;
    $zone = static fn (?Fraction $wishLevel): Zone => new Zone(
        Fraction::of(7),
        HairHistory::Lightened,
        wishLevel: $wishLevel,
        wishTone: $tone === null ? null : ToneMix::only($tone),
    );
    $comes = laid(zone: $zone(null))->level;
    $wished = $level === null ? null : $comes->plus(Fraction::parse($level));
    expect(laid(zone: $zone($wished))->against)->toContain($verdict);
})->with([
    'as wished' => [['0', null], ExpectedTone::OnTarget],
    'half a level is as wished' => [['0.5', null], ExpectedTone::OnTarget],
    'more is too deep' => [['0.7', null], ExpectedTone::TooDeep],
    'less is too light' => [['-0.7', null], ExpectedTone::TooLight],
    'a warm wish from ash is too cool' => [[null, ToneFamily::Copper], ExpectedTone::TooCool],
]);

it('judges nothing where nothing is wished', function () {
    expect(laid()->against)->toBe([])->and(laid()->words())->toStartWith('level ');
});

it('keeps every share of tone between nothing and all, together one, whatever is laid on whatever', function () {
    mt_srand(77);
    for ($i = 0; $i < 400; $i++) {
        $zone = new Zone(
            Fraction::of(mt_rand(10, 100), 10),
            HairHistory::cases()[mt_rand(0, count(HairHistory::cases()) - 1)],
            Porosity::cases()[mt_rand(0, 2)],
            null,
            mt_rand(0, 1) === 1,
        );
        $kind = LineKind::cases()[mt_rand(0, count(LineKind::cases()) - 1)];
        $seen = laid(
            [
                'kind' => $kind,
                'lift' => LiftTable::standard($kind),
                'minutes' => mt_rand(0, 60),
                'strength' => Strength::vol(mt_rand(1, 40)),
            ],
            $zone,
            mt_rand(0, 200),
            (string) mt_rand(1, 12),
            ToneFamily::cases()[mt_rand(0, count(ToneFamily::cases()) - 1)],
        );
        $sum = Fraction::zero();
        foreach ($seen->tone->shares() as $share) {
            expect($share->isNegative())->toBeFalse();
            $sum = $sum->plus($share);
        }
        expect($sum->isZero() || $sum->equals(Fraction::one()))->toBeTrue()
            ->and($seen->lifted->compare($zone->level))->toBeGreaterThanOrEqual(0)
            // Softened, warm hair reads a little lighter; never more than that.
            ->and($seen->level->minus($seen->lifted)->compare(Fraction::of(1, 2)))->toBeLessThanOrEqual(0);
    }
});

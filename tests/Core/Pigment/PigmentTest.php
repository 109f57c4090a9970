<?php

declare(strict_types=1);

use Core\Colour\Ciede2000;
use Core\Colour\Lab;
use Core\Pigment\Dye;
use Core\Pigment\Gap;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\Light;
use Core\Pigment\Melanin;
use Core\Pigment\SeenTone;
use Core\Pigment\Shade;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/*
 * The model is ours. What it must come to without being told is common practice, no source: each test says which.
 */

/** @param  ToneFamily  ...$tones  in equal parts */
function dye(?string $level, int $percent, ToneFamily ...$tones): Shade
{
    return Shade::of(
        $level === null ? null : Fraction::parse($level),
        ToneMix::mean(
            array_map(static fn (ToneFamily $tone): array => [ToneMix::only($tone), Fraction::one()], $tones),
        ),
        Fraction::of($percent, 100),
    );
}

function hue(Lab $lab): float
{
    return fmod(360 + rad2deg(atan2($lab->b, $lab->a)), 360);
}

function chroma(Lab $lab): float
{
    return hypot($lab->a, $lab->b);
}

/** Dark hair lightened to a level, with nothing on it. */
function bare(float $level): HairColour
{
    return HairColour::natural(2.0)->lightenedTo($level);
}

it('has the white of D65 where the observer’s fit and the table meet', function () {
    // CIE 1931, D65: x 0.3127, y 0.3290 (IEC 61966-2-1). The fit is good to a few thousandths.
    $sums = [0.0, 0.0, 0.0];
    foreach (Light::wavelengths() as $at => $wavelength) {
        foreach (Light::observer($wavelength) as $axis => $each) {
            $sums[$axis] += $each * Light::D65[$at];
        }
    }
    expect($sums[0] / array_sum($sums))->toEqualWithDelta(0.3127, 0.003)
        ->and($sums[1] / array_sum($sums))->toEqualWithDelta(0.3290, 0.003);
    $white = Light::seen(array_fill(0, 31, 1.0));
    expect($white->hex())->toBe('#ffffff')->and($white->lightness)->toEqualWithDelta(100, 1e-9);
    // Half of every light is a grey without a tone: L* 76.07 for Y 0.5 (CIE 15:2004).
    expect(Light::seen(array_fill(0, 31, 0.5))->lightness)->toEqualWithDelta(76.069, 0.001)
        ->and(chroma(Light::seen(array_fill(0, 31, 0.5))))->toBeLessThan(1e-9);
});

it('has the peak of the luminous efficiency where the CIE has it', function () {
    // CIE 1931: y is 1 at 555 nm; x has its two peaks near 442 and 599, z near 446 (within what the fit allows).
    $peak = static function (int $axis, int $from, int $to): int {
        $range = range($from, $to);
        usort($range, static fn (int $a, int $b): int => Light::observer($b)[$axis] <=> Light::observer($a)[$axis]);

        return $range[0];
    };
    expect($peak(1, 400, 700))->toEqualWithDelta(555, 4)
        ->and(Light::observer(555)[1])->toEqualWithDelta(1.0, 0.01)
        ->and($peak(0, 520, 700))->toEqualWithDelta(599, 4)
        ->and($peak(0, 400, 500))->toEqualWithDelta(442, 4)
        ->and($peak(2, 400, 700))->toEqualWithDelta(446, 6);
});

it('swallows blue more than red, pheomelanin more so', function () {
    // Donner and Jensen 2006, from memory: eumelanin 6.6e10 λ^-3.33 and pheomelanin 2.9e14 λ^-4.75 per mm at λ nm.
    $published = static fn (Melanin $melanin, int $wavelength): float => $melanin === Melanin::Eumelanin
        ? 6.6e10 * $wavelength ** -3.33
        : 2.9e14 * $wavelength ** -4.75;
    foreach (Melanin::cases() as $melanin) {
        foreach ([400, 500, 694] as $wavelength) {
            expect($melanin->at($wavelength) / $melanin->at(600.0))->toEqualWithDelta(
                $published($melanin, $wavelength) / $published($melanin, 600),
                1e-9,
            );
        }
    }
    // Halfway numbers worked by hand: twice the wavelength is ten and twenty-seven times less.
    expect(Melanin::Eumelanin->at(350) / Melanin::Eumelanin->at(700))->toEqualWithDelta(10.06, 0.01)
        ->and(Melanin::Pheomelanin->at(350) / Melanin::Pheomelanin->at(700))->toEqualWithDelta(26.91, 0.01);
});

it('weighs a dose of every family alike', function (ToneFamily $family) {
    $curve = Dye::curve($family);
    expect(array_sum($curve) / count($curve))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(min($curve))
        ->toBeGreaterThanOrEqual(0.0);
})->with(ToneFamily::cases());

it('bares red-brown, red, orange, gold, yellow as the level rises', function () {
    $last = 0.0;
    foreach (range(2, 11) as $level) {
        $seen = bare($level)->seen();
        expect(hue($seen))->toBeGreaterThan($last);
        $last = hue($seen);
    }
    // Red-brown at the bottom, yellow at the top, and never green.
    expect(hue(bare(2)->seen()))->toBeLessThan(60)->and(hue(bare(10)->seen()))->toBeGreaterThan(80)->toBeLessThan(95)
        // The middle of the way is the most vivid: orange and gold, then it pales.
        ->and(chroma(bare(7)->seen()))->toBeGreaterThan(chroma(bare(3)->seen()))
        ->and(chroma(bare(7)->seen()))->toBeGreaterThan(chroma(bare(10)->seen()));
});

it('bares more warmth than natural hair of that level shows, and more the deeper the hair began', function (int $level) {
    $natural = Ladder::warmth(Ladder::natural($level)->seen());
    $little = Ladder::warmth(HairColour::natural($level - 2)->lightenedTo($level)->seen());
    $much = Ladder::warmth(HairColour::natural(2)->lightenedTo($level)->seen());
    expect($little)->toBeGreaterThan($natural + 3)->and($much)->toBeGreaterThan($little);
})->with([6, 7, 8, 9]);

it('softens yellow with violet, orange with blue, red with green', function (float $level, ToneFamily $with) {
    $hair = bare($level);
    $toned = $hair->dyed(dye((string) $level, 100, $with), 1.0);
    expect(chroma($toned->seen()))->toBeLessThan(chroma($hair->seen()));
})->with([[9.0, ToneFamily::Violet], [6.0, ToneFamily::Ash], [3.0, ToneFamily::Matte]]);

it('turns the hue over with too much of it', function (float $level, ToneFamily $with, callable $is) {
    $hair = bare($level);
    for ($i = 0; $i < 8; $i++) {
        $hair = $hair->dyed(dye((string) $level, 100, $with), 1.0);
    }
    expect($is(hue($hair->seen())))->toBeTrue();
})->with([
    'yellow to violet' => [9.0, ToneFamily::Violet, static fn (float $hue): bool => $hue > 290 || $hue < 30],
    'orange to blue-green' => [6.0, ToneFamily::Ash, static fn (float $hue): bool => $hue > 150 && $hue < 280],
    'red to green' => [4.0, ToneFamily::Matte, static fn (float $hue): bool => $hue > 100 && $hue < 180],
]);

it('softens orange with a little ash, and makes it dull with a lot', function () {
    $orange = bare(6);
    $chromas = [];
    foreach ([0, 1, 2, 3, 4] as $times) {
        $hair = $orange;
        for ($i = 0; $i < $times; $i++) {
            $hair = $hair->dyed(dye('6', 50, ToneFamily::Ash), 1.0);
        }
        $chromas[] = chroma($hair->seen());
    }
    expect($chromas[1])->toBeLessThan($chromas[0])->toBeGreaterThan(0.75 * $chromas[0])
        ->and($chromas[4])->toBeLessThan(0.6 * $chromas[0]);
});

it('thins a tone with clear and leaves the lightness nearly alone', function (ToneFamily $tone) {
    $hair = bare(9);
    $last = INF;
    foreach ([100, 75, 50, 25, 0] as $percent) {
        $toned = $hair->dyed(dye('9', $percent, $tone), 0.8)->seen();
        $moved = Ciede2000::between($hair->seen(), $toned);
        expect($moved)
            ->toBeLessThanOrEqual($last)
            ->and(abs($toned->lightness - $hair->seen()->lightness))
            ->toBeLessThan(7.0);
        $last = $moved;
    }
    expect($last)->toBe(0.0);
})->with([ToneFamily::Pearl, ToneFamily::Beige, ToneFamily::Gold]);

it('never adds chroma with clear', function () {
    foreach ([2, 4, 6, 8, 10] as $level) {
        $seen = bare($level)->dyed(Shade::of(null, ToneMix::none(), Fraction::zero()), 1.0)->seen();
        expect(chroma($seen))->toBe(chroma(bare($level)->seen()));
    }
});

it('stains with a seven on a nine, and hardly shows with a nine on a seven', function () {
    $nine = bare(9);
    $seven = HairColour::natural(7);
    $stained = $nine->dyed(dye('7', 100, ToneFamily::Natural), 1.0);
    $hardly = $seven->dyed(dye('9', 100, ToneFamily::Natural), 1.0);
    expect($stained->level())->toBeLessThan(7.5)
        ->and(Ciede2000::between($nine->seen(), $stained->seen()))->toBeGreaterThan(10.0)
        ->and(Ciede2000::between($seven->seen(), $hardly->seen()))->toBeLessThan(2.5);
});

it('goes dull or greenish with brown over lightened hair, and does not once gold and copper were put back', function () {
    $light = bare(10);
    $brown = dye('6', 100, ToneFamily::Natural);
    $straight = $light->dyed($brown, 1.0)->seen();
    $filled = $light->dyed(dye('7', 100, ToneFamily::Gold, ToneFamily::Gold, ToneFamily::Gold, ToneFamily::Copper), 0.8)
        ->dyed($brown, 1.0)->seen();
    $wanted = Ladder::natural(6.0)->seen();
    expect($straight->a)->toBeLessThan($wanted->a - 4)
        ->and(hue($straight))->toBeGreaterThan(hue($wanted) + 8)
        ->and(SeenTone::in($straight)->share(ToneFamily::Matte)->isZero())->toBeFalse()
        ->and($filled->a)->toBeGreaterThan($wanted->a)
        ->and(SeenTone::in($filled)->share(ToneFamily::Matte)->isZero())->toBeTrue();
});

it('cannot tone yellow to white: only greyer and darker', function () {
    $hair = bare(9);
    $best = INF;
    foreach (range(1, 6) as $times) {
        $hair = $hair->dyed(dye('10', 100, ToneFamily::Violet, ToneFamily::Pearl), 1.0);
        expect($hair->level())->toBeLessThan(9.0);
        $best = min($best, Ciede2000::between($hair->seen(), Ladder::natural(12.0)->seen()));
    }
    expect($best)->toBeGreaterThan(Ciede2000::between(bare(11)->seen(), Ladder::natural(12.0)->seen()));
});

it('shows the same tone stronger on lighter hair', function (ToneFamily $tone) {
    $last = 0.0;
    foreach ([4, 6, 8, 10] as $level) {
        $hair = bare($level);
        $moved = Ciede2000::between($hair->seen(), $hair->dyed(dye('10', 100, $tone), 1.0)->seen());
        expect($moved)->toBeGreaterThan($last);
        $last = $moved;
    }
})->with([ToneFamily::Copper, ToneFamily::Violet, ToneFamily::Red]);

it('gives grey a tone without warmth beneath it', function (ToneFamily $tone) {
    $shade = dye('6', 100, $tone);
    $grey = HairColour::natural(6, 1.0)->onlyGrey()->dyed($shade, 1.0)->seen();
    $brown = HairColour::natural(6)->dyed($shade, 1.0)->seen();
    $toward = static fn (Lab $lab): float => Ladder::warmth($lab);
    // A cool tone looks cooler on grey than on brown hair, which brings its own warmth.
    expect($toward($grey))->toBeLessThan($toward($brown));
})->with([ToneFamily::Natural, ToneFamily::Ash, ToneFamily::Violet, ToneFamily::Pearl]);

it('looks darker wet than dry', function (float $level) {
    expect(bare($level)->seen(wet: true)->lightness)->toBeLessThan(bare($level)->seen()->lightness - 1);
})->with([3.0, 5.0, 7.0, 9.0]);

it('reads back the level it drew, whatever the tone', function (ToneFamily $tone) {
    foreach (['3', '5.5', '7', '8.25', '10'] as $level) {
        expect(
            Ladder::level(Ladder::of(Fraction::parse($level), ToneMix::only($tone))),
        )->toEqualWithDelta((float) $level, 0.01);
    }
    expect(bare(7.5)->level())->toEqualWithDelta(7.5, 0.01);
})->with(ToneFamily::cases());

it('calls a colour that is drawn for a wish by the words of the wish', function (ToneFamily $tone) {
    foreach ([4, 6, 7, 9] as $level) {
        $seen = SeenTone::in(Ladder::of(Fraction::of($level), ToneMix::only($tone)));
        expect(
            $seen->share($tone)->compare(Fraction::of(4, 5)),
        )->toBeGreaterThanOrEqual(0, "{$level} {$seen->words()}");
    }
})->with(ToneFamily::cases());

it('gets no lighter by dye, and no darker by lightening', function () {
    mt_srand(1931);
    for ($i = 0; $i < 150; $i++) {
        $hair = bare(mt_rand(20, 105) / 10);
        $shade = dye((string) mt_rand(1, 12), mt_rand(0, 100), ToneFamily::cases()[mt_rand(0, 10)]);
        $hold = mt_rand(0, 120) / 100;
        $dyed = $hair->dyed($shade, $hold);
        $more = $hair->dyed($shade, $hold + 0.1);
        expect($dyed->seen()->lightness)->toBeLessThanOrEqual($hair->seen()->lightness + 1e-9)
            ->and($more->seen()->lightness)->toBeLessThanOrEqual($dyed->seen()->lightness + 1e-9)
            ->and($dyed->lightenedTo(min(12, $dyed->level() + 1))->seen()->lightness)
            ->toBeGreaterThanOrEqual($dyed->seen()->lightness);
    }
});

it('does not care in which order a mixture’s shades are named', function () {
    $one = dye('8', 100, ToneFamily::Gold, ToneFamily::Ash, ToneFamily::Red);
    $other = dye('8', 100, ToneFamily::Red, ToneFamily::Gold, ToneFamily::Ash);
    expect(bare(8)->dyed($one, 0.8)->seen()->hex())->toBe(bare(8)->dyed($other, 0.8)->seen()->hex());
});

it('mixes grey and brown hair by their shares', function () {
    $lightness = array_map(
        static fn (int $percent): float => HairColour::natural(5, $percent / 100)->seen()->lightness,
        [0, 25, 50, 75, 100],
    );
    for ($at = 1; $at < 5; $at++) {
        expect($lightness[$at])->toBeGreaterThan($lightness[$at - 1]);
    }
    expect($lightness[4])->toEqualWithDelta(HairColour::natural(5, 1.0)->onlyGrey()->seen()->lightness, 1e-9);
});

it('measures a gap the same both ways round', function () {
    mt_srand(7);
    for ($i = 0; $i < 60; $i++) {
        [$one, $two] = array_map(static fn (): Lab => Ladder::of(
            Fraction::of(mt_rand(20, 100), 10),
            ToneMix::only(ToneFamily::cases()[mt_rand(0, 10)]),
        ), [0, 0]);
        [$there, $back] = [Gap::between($one, $two), Gap::between($two, $one)];
        expect($there->levels->equals($back->levels->negated()))->toBeTrue()
            ->and($there->warmth->equals($back->warmth->negated()))->toBeTrue()
            ->and($there->redness->equals($back->redness->negated()))->toBeTrue()
            ->and($there->seen->equals($back->seen))->toBeTrue();
    }
});

<?php

declare(strict_types=1);

use Core\Colour\Ciede2000;
use Core\Colour\Lab;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\NearestHair;
use Core\Pigment\NearestMix;
use Core\Pigment\Shade;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** @return array<string, Shade> a small shelf: naturals, a few tones, clear */
function fewShades(): array
{
    $shades = ['clear' => Shade::of(null, ToneMix::none(), Fraction::zero())];
    foreach ([6, 7, 8, 9] as $level) {
        foreach (
            [
                'N' => ToneFamily::Natural,
                'A' => ToneFamily::Ash,
                'G' => ToneFamily::Gold,
                'C' => ToneFamily::Copper,
            ] as $letter => $tone
        ) {
            $shades["{$level}{$letter}"] = Shade::of(Fraction::of($level), ToneMix::only($tone), Fraction::one());
        }
    }

    return $shades;
}

/** How far a mixture of these parts, laid on this hair, is from the wish. */
function awayOf(HairColour $on, Lab $wish, array $parts): float
{
    $shades = fewShades();

    return Ciede2000::between($on->dyed(Shade::mixed(array_map(
        static fn (string $key, int $weight): array => [$shades[$key], $weight],
        array_keys($parts),
        $parts,
    )), 1.0)->seen(), $wish);
}

it('calls a swatch by the level and the tone it was drawn from', function (string $level, ToneFamily ...$tones) {
    $found = NearestHair::to(Ladder::of(Fraction::parse($level), ToneMix::inOrder(array_values($tones))));
    expect($found->level->decimal(1))
        ->toBe($level)
        ->and($found->families)
        ->toBe(array_values($tones))
        ->and($found->away->decimal(1))
        ->toBe('0');
})->with([
    ['3', ToneFamily::Red], ['5.5', ToneFamily::Copper], ['7', ToneFamily::Ash], [
        '8',
        ToneFamily::Gold,
        ToneFamily::Beige,
    ], ['9.5', ToneFamily::Violet], [
        '6',
        ToneFamily::Copper,
        ToneFamily::Red,
    ],
]);

it('names what is near a swatch as that swatch, and how far off it is', function (float $lighter, float $redder) {
    $swatch = Ladder::of(Fraction::of(7), ToneMix::only(ToneFamily::Copper));
    $colour = new Lab($swatch->lightness + $lighter, $swatch->a + $redder, $swatch->b);
    $found = NearestHair::to($colour);
    // Nothing that is nearer than what was drawn from is further away than it.
    expect((float) $found->away->decimal(2))->toBeLessThanOrEqual(Ciede2000::between($swatch, $colour) + 0.01)
        ->and(abs((float) $found->level->decimal(1) - 7))->toBeLessThan(1.0);
})->with([[1.5, 0.0], [-2.0, 1.0], [0.0, -3.0]]);

it('is as near as the nearest single shade, and nearer than all of them where a mixture is', function (
    string $level,
    ToneFamily $tone,
) {
    $on = HairColour::natural(7.0);
    $wish = Ladder::of(Fraction::parse($level), ToneMix::only($tone));
    $found = NearestMix::of($on, 1.0, $wish, fewShades());
    $singles = array_map(
        static fn (string $key): float => awayOf($on, $wish, [$key => 1]),
        array_values(array_diff(array_keys(fewShades()), ['clear'])),
    );
    expect($found)->not->toBeNull()
        ->and($found?->gap)->toBeLessThanOrEqual(min($singles) + 1e-6)
        // It is what it says it is: mixed and laid, it is so far away.
        ->and(abs(($found->gap ?? 0) - awayOf($on, $wish, $found->parts ?? [])))->toBeLessThan(1e-6)
        ->and(count($found->parts ?? []))->toBeLessThanOrEqual(3);
})->with([['6', ToneFamily::Gold], ['6.5', ToneFamily::Copper], ['7', ToneFamily::Ash], ['6.5', ToneFamily::Beige]]);

it('comes as near as the mixture that the wish was made of', function (string $one, string $other, int $a, int $b) {
    $on = HairColour::lightened(8.0);
    $made = $on->dyed(Shade::mixed([[fewShades()[$one], $a], [fewShades()[$other], $b]]), 1.0)->seen();
    $found = NearestMix::of($on, 1.0, $made, fewShades());
    // That one, or another that no eye tells from it.
    expect($found?->gap)->toBeLessThan(0.41);
})->with([['7G', '7C', 1, 1], ['6N', '8G', 2, 1], ['7A', '7G', 1, 3]]);

it('finds every small proportion of two or three shades, whichever of them is the nearest', function (array $parts) {
    $shade = static fn (int $level, ToneFamily $tone): Shade => Shade::of(
        Fraction::of($level),
        ToneMix::only($tone),
        Fraction::one(),
    );
    // Far apart, so that nothing else looks like their mixture.
    $shades = [
        '5R' => $shade(5, ToneFamily::Red), '7V' => $shade(7, ToneFamily::Violet), '6M' => $shade(6, ToneFamily::Matte),
    ];
    $on = HairColour::lightened(9.0);
    $keys = array_keys($shades);
    foreach ([[0, 1, 2], [1, 2, 0], [2, 0, 1]] as $order) {
        $made = [];
        foreach ($parts as $at => $weight) {
            $made[$keys[$order[$at]]] = $weight;
        }
        $mixed = array_map(static fn (string $key): array => [$shades[$key], $made[$key]], array_keys($made));
        $found = NearestMix::of($on, 1.0, $on->dyed(Shade::mixed($mixed), 1.0)->seen(), $shades);
        expect($found?->parts)->toEqualCanonicalizing($made)->and($found?->gap)->toBeLessThan(0.001);
        foreach ($made as $key => $weight) {
            expect($found->parts[$key] ?? 0)->toBe($weight, $key);
        }
    }
})->with([
    '1:1' => [[1, 1]], '2:1' => [[2, 1]], '1:2' => [[1, 2]], '3:1' => [[3, 1]], '1:3' => [[1, 3]],
    '1:1:1' => [[1, 1, 1]], '2:1:1' => [[2, 1, 1]], '1:2:1' => [[1, 2, 1]], '1:1:2' => [[1, 1, 2]],
    '2:2:1' => [[2, 2, 1]], '2:1:2' => [[2, 1, 2]], '1:2:2' => [[1, 2, 2]],
]);

it('brings natural for grey, whatever is nearest without it, and says so where there is none', function () {
    $on = HairColour::natural(7.0);
    $wish = Ladder::of(Fraction::of(7), ToneMix::only(ToneFamily::Copper));
    $free = NearestMix::of($on, 1.0, $wish, fewShades());
    $half = NearestMix::of($on, 1.0, $wish, fewShades(), natural: 0.5);
    $share = static fn (?NearestMix $mix): float => $mix === null ? 0.0 : array_sum(array_filter(
        $mix->parts,
        static fn (string $key): bool => str_ends_with($key, 'N'),
        ARRAY_FILTER_USE_KEY,
    )) / array_sum($mix->parts);
    expect($share($free))->toBeLessThan(0.5)->and($share($half))->toBeGreaterThanOrEqual(0.5)
        ->and($half->gap ?? 0)->toBeGreaterThanOrEqual($free->gap ?? 0);
    $none = array_filter(
        fewShades(),
        static fn (string $key): bool => ! str_ends_with($key, 'N'),
        ARRAY_FILTER_USE_KEY,
    );
    expect(NearestMix::of($on, 1.0, $wish, $none, natural: 0.5))->toBeNull();
});

it('takes no clear by itself, no more shades than were asked for, and does not care how the shelf is ordered', function (int $most) {
    $on = HairColour::lightened(9.0);
    $wish = Ladder::of(Fraction::parse('8.5'), ToneMix::only(ToneFamily::Beige));
    $found = NearestMix::of($on, 1.0, $wish, fewShades(), most: $most);
    expect(count($found->parts ?? []))
        ->toBeGreaterThan(0)
        ->toBeLessThanOrEqual($most)
        ->and(array_keys($found->parts ?? []))
        ->not->toBe(['clear'])
        ->and(NearestMix::of($on, 1.0, $wish, array_reverse(fewShades(), true), most: $most)?->gap)->toBe($found?->gap)
        ->and(NearestMix::of($on, 1.0, $on->seen(), ['clear' => fewShades()['clear']]))->toBeNull();
})->with([1, 2, 3]);

it('is no further away the more shades it may take', function (string $level, ToneFamily $tone) {
    $wish = Ladder::of(Fraction::parse($level), ToneMix::only($tone));
    $gaps = array_map(
        static fn (int $most): float => NearestMix::of(
            HairColour::natural(6.0),
            1.0,
            $wish,
            fewShades(),
            most: $most,
        )->gap ?? INF,
        [1, 2, 3],
    );
    // Less what a further shade must bring to be worth a tube.
    expect($gaps[1])->toBeLessThanOrEqual($gaps[0])->and($gaps[2])->toBeLessThanOrEqual($gaps[1]);
})->with([['5', ToneFamily::Copper], ['6', ToneFamily::Beige], ['5.5', ToneFamily::Gold]]);

<?php

declare(strict_types=1);

use Core\Colour\Ciede2000;
use Core\Colour\InvalidColour;
use Core\Colour\Lab;
use Core\Colour\PhotographedSpot;
use Core\Judgement\MatchedColour;
use Core\Pigment\Ladder;
use Core\Pigment\NearestHair;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** @return list<array{int, int, int}> so many pixels of a colour, each up to so much off it */
function spotPixels(string $hex, int $count = 200, int $noise = 0, int $seed = 1): array
{
    mt_srand($seed);
    [$red, $green, $blue] = array_map(hexdec(...), str_split(substr($hex, 1), 2));
    $off = static fn (int|float $channel): int => max(0, min(255, (int) $channel + mt_rand(-$noise, $noise)));

    return array_map(static fn (): array => [$off($red), $off($green), $off($blue)], range(1, $count));
}

/**
 * The same pixels under another light: each channel's light so many times as much.
 *
 * @param  list<array{int, int, int}>  $pixels
 * @param  array{float, float, float}  $light
 * @return list<array{int, int, int}>
 */
function underLight(array $pixels, array $light): array
{
    $encode = static fn (float $linear): int => (int) round(
        255 * ($linear <= 0.0031308 ? 12.92 * $linear : 1.055 * min(1.0, $linear) ** (1 / 2.4) - 0.055),
    );

    return array_map(static fn (array $pixel): array => [
        $encode(Lab::linear($pixel[0] / 255) * $light[0]), $encode(Lab::linear($pixel[1] / 255) * $light[1]), $encode(
            Lab::linear($pixel[2] / 255) * $light[2],
        ),
    ], $pixels);
}

it('reads an even spot as the colour it is, and a restless one as its mean, less sure', function () {
    $even = PhotographedSpot::of(spotPixels('#a08060'), null);
    expect($even->colour->hex())->toBe('#a08060')->and($even->scatter)->toBeLessThan(0.001);
    $restless = PhotographedSpot::of(spotPixels('#a08060', noise: 40), null);
    expect(Ciede2000::between($restless->colour, $even->colour))->toBeLessThan(3.0)
        ->and($restless->scatter)->toBeGreaterThan(3.0)
        ->and($restless->uncertainty())->toBeGreaterThan($even->uncertainty());
});

it('takes the light out where a white lies beside it, whatever the light was', function (array $light) {
    // A sheet of paper gives back nine tenths of what falls on it.
    $paper = spotPixels('#f3f3f3');
    $true = PhotographedSpot::of(spotPixels('#8a6a4c'), null)->colour;
    $shifted = underLight(spotPixels('#8a6a4c'), $light);
    $blind = PhotographedSpot::of($shifted, null);
    $seeing = PhotographedSpot::of($shifted, underLight($paper, $light));
    expect(Ciede2000::between($seeing->colour, $true))->toBeLessThan(1.5)
        ->and(Ciede2000::between($seeing->colour, $true))->toBeLessThan(Ciede2000::between($blind->colour, $true))
        ->and($seeing->uncertainty())->toBeLessThan($blind->uncertainty())
        // What is said of how sure it is holds.
        ->and(Ciede2000::between($blind->colour, $true))->toBeGreaterThan(3.0);
})->with([[[1.0, 0.8, 0.55]], [[0.6, 0.75, 1.0]], [[0.5, 0.5, 0.5]]]);

it('refuses what cannot be read, and says what to mark instead', function (array $pixels, ?array $white, string $said) {
    expect(fn () => PhotographedSpot::of($pixels, $white))->toThrow(
        fn (InvalidColour $refusal) => expect($refusal->fact()->text())->toContain($said),
    );
})->with([
    'too small' => [array_slice(spotPixels('#a08060'), 0, 5), null, 'spot-small'],
    'cut off' => [spotPixels('#ffffff'), null, 'spot-bright'],
    'a white cut off' => [spotPixels('#a08060'), spotPixels('#ffffff'), 'white-bright'],
    'hair marked as white' => [spotPixels('#a08060'), spotPixels('#503020'), 'white-dark'],
    'a white outside the picture' => [spotPixels('#a08060'), [], 'white-bright'],
]);

it('calls a swatch by the level and tone it was drawn for', function (int $level, ToneFamily $family) {
    $drawn = Ladder::of(Fraction::of($level), ToneMix::only($family));
    $called = NearestHair::to($drawn);
    // By another name only where that looks the same.
    expect($called->away->compare(Fraction::of(1)))->toBeLessThan(0)
        ->and(
            abs(
                $called->level->minus(Fraction::of($level))
                    ->numerator / $called->level->minus(Fraction::of($level))
                    ->denominator,
            ),
        )->toBeLessThanOrEqual(0.6);
})->with(
    [
        [4, ToneFamily::Natural],
        [6, ToneFamily::Gold],
        [7, ToneFamily::Ash],
        [8, ToneFamily::Beige],
        [9, ToneFamily::Pearl],
        [6, ToneFamily::Copper],
        [5, ToneFamily::Red],
    ],
);

it('says how a result stands against its target, and never more than two photographs can tell', function () {
    $spot = static fn (string $hex, bool $white = true): PhotographedSpot => PhotographedSpot::of(
        spotPixels($hex),
        $white ? spotPixels('#f3f3f3') : null,
    );
    $said = static fn (string $result, string $target, bool $white = true): string => words(
        MatchedColour::of($spot($result, $white), $spot($target, $white))->fact,
    );
    expect($said('#a08060', '#a08060'))->toStartWith('ΔE 0 from the target: as like as two photographs can tell')
        ->and($said('#c0a080', '#a08060'))->toContain('lighter')
        ->and($said('#60452f', '#a08060'))->toContain('deeper')
        ->and($said('#b07a3c', '#9c8268'))->toContain('warmer')
        ->and($said('#9c8a80', '#a8804c'))->toContain('cooler');
    // The same two, where nobody knows the light: what was a difference may be none.
    expect($said('#a88a6c', '#a08060'))
        ->not->toContain('as like')
        ->and($said('#a88a6c', '#a08060', white: false))
        ->toContain('as like');
});

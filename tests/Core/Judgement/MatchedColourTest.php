<?php

declare(strict_types=1);

use Core\Colour\Ciede2000;
use Core\Colour\Lab;
use Core\Colour\PhotographedSpot;
use Core\Fact;
use Core\Judgement\MatchedColour;
use Core\Pigment\Ladder;
use Core\Pigment\Real;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** A spot as sure as a photograph against white paper can be. */
function spotOf(Lab $colour, float $scatter = 0.5): PhotographedSpot
{
    return PhotographedSpot::kept($colour, $scatter, true);
}

function hairOf(string $level, ToneFamily $tone = ToneFamily::Natural): Lab
{
    return Ladder::of(Fraction::parse($level), ToneMix::only($tone));
}

it('says in which way a result misses its target', function (Lab $result, Lab $target, string $how) {
    $match = MatchedColour::of(spotOf($result), spotOf($target));
    $said = $match->fact->values['how'];
    expect($match->fact->key)
        ->not->toBe('photos.match.same')
        ->and($said instanceof Fact ? $said->key : null)
        ->toBe("photos.how.{$how}");
})->with([
    'three levels lighter' => [fn (): Lab => hairOf('9'), fn (): Lab => hairOf('6'), 'lighter'],
    'three levels deeper' => [fn (): Lab => hairOf('6'), fn (): Lab => hairOf('9'), 'deeper'],
    'gold on what was to be ash' => [fn (): Lab => hairOf('9', ToneFamily::Gold), fn (): Lab => hairOf('9', ToneFamily::Ash), 'warmer'],
    'ash on what was to be gold' => [fn (): Lab => hairOf('9', ToneFamily::Ash), fn (): Lab => hairOf('9', ToneFamily::Gold), 'cooler'],
    'red' => [fn (): Lab => new Lab(55, 40, 25), fn (): Lab => new Lab(55, 8, 25), 'redder'],
    'green' => [fn (): Lab => new Lab(55, -24, 25), fn (): Lab => new Lab(55, 8, 25), 'greener'],
]);

it('calls them the same only as far as two photographs can tell', function (float $apart, float $scatter, string $key) {
    $target = new Lab(60, 8, 25);
    // Along lightness, so that the formula is asked for nothing but a distance.
    $match = MatchedColour::of(spotOf(new Lab(60 + $apart, 8, 25), $scatter), spotOf($target, $scatter));
    expect($match->fact->key)->toBe("photos.match.{$key}")
        // Outside check: the distance is CIEDE2000, which is held against its published pairs elsewhere.
        ->and($match->seen->decimal(1))->toBe(
            Real::hundredths(Ciede2000::between(new Lab(60 + $apart, 8, 25), $target))->decimal(1),
        );
})->with([
    'hardly apart' => [1, 0.5, 'same'],
    'a little apart' => [6, 0.5, 'near'],
    'far apart' => [40, 0.5, 'off'],
    'as far, of spots that are not of one colour' => [6, 12, 'same'],
]);

it('gives as much as both photographs may be off together', function (float $one, float $two) {
    $spots = [spotOf(new Lab(60, 8, 25), $one), spotOf(new Lab(61, 8, 25), $two)];
    $give = Real::of(MatchedColour::of(...$spots)->give);
    $each = array_map(static fn (PhotographedSpot $spot): float => $spot->uncertainty(), $spots);
    // More than either alone, less than both added up.
    expect($give)->toBeGreaterThanOrEqual(max($each) - 0.01)->toBeLessThanOrEqual(array_sum($each) + 0.01)
        ->and(Real::of(MatchedColour::of(...array_reverse($spots))->give))->toBe($give);
})->with([[0.5, 0.5], [0.5, 6.0], [3.0, 9.0]]);

it('is the same where it is the same photograph', function (string $level, ToneFamily $tone) {
    $match = MatchedColour::of(spotOf(hairOf($level, $tone)), spotOf(hairOf($level, $tone)));
    expect($match->seen->isZero())->toBeTrue()->and($match->fact->key)->toBe('photos.match.same');
})->with([['3', ToneFamily::Red], ['6', ToneFamily::Ash], ['9.5', ToneFamily::Beige]]);

<?php

declare(strict_types=1);

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\MassReading;
use Core\Units\Ounce;

it('reads amounts in every unit a salon uses', function (string $text, int $centigrams) {
    $reading = MassReading::plain()
        ->withPack(Grams::ofCentigrams(6000))
        ->withMeasures(['scoop' => Grams::ofCentigrams(1250)]);
    expect($reading->read($text)->centigrams)->toBe($centigrams);
})->with([
    'plain number is grams' => ['60', 6000],
    'grams' => ['60 g', 6000],
    'no blank' => ['12,5g', 1250],
    'kilograms' => ['0.06 kg', 6000],
    'millilitres at density 1' => ['90 ml', 9000],
    'weight ounce' => ['1 wt oz', 2835],
    'two weight ounces' => ['2 oz wt', 5670],
    'US fluid ounce' => ['1 US fl oz', 2957],
    'imperial fluid ounce' => ['1 imp fl oz', 2841],
    'half a tube' => ['1/2 tube', 3000],
    'one and a half tubes' => ['1½ tubes', 9000],
    'three quarters of a tube' => ['3/4 of a tube', 4500],
    'a measure the salon weighed' => ['2 scoops', 2500],
]);

it('converts volume honestly when the density is not one', function () {
    expect(MassReading::plain()->withDensity(Fraction::of(11, 10))->read('50 ml')->centigrams)->toBe(5500);
});

it('knows what reads the same in every house, and takes nothing else for it', function (string $text, bool $same) {
    expect(MassReading::isInGrams($text))->toBe($same);
    $read = function (MassReading $reading) use ($text): int|string {
        try {
            return $reading->read($text)->centigrams;
        } catch (InvalidAmount $refusal) {
            return words($refusal);
        }
    };
    $house = MassReading::plain()
        ->withOunce(Ounce::Weight)
        ->withPack(Grams::ofCentigrams(6000))
        ->withDensity(Fraction::of(11, 10))
        // Even where a house has weighed a measure of that very name.
        ->withMeasures(['g' => Grams::ofCentigrams(7)]);
    expect($read(MassReading::plain()) === $read($house))->toBe($same);
})->with([
    ['8.42 g', true], ['8,42g', true], [' 60 ', true], ['1,234 g', true], ['.5 g', true], ['..', true],
    ['2 oz', false], ['90 ml', false], ['1 tube', false],
]);

it('asks which ounce is meant until the house rule says', function (Ounce $rule, ?int $centigrams) {
    $reading = MassReading::plain()->withOunce($rule);
    if ($centigrams === null) {
        expect(fn () => $reading->read('2 oz'))->toRefuse(InvalidAmount::class, 'could be a weight ounce');
    } else {
        expect($reading->read('2 oz')->centigrams)->toBe($centigrams);
    }
})->with([
    'ask' => [Ounce::Ask, null],
    'weight' => [Ounce::Weight, 5670],
    'US fluid' => [Ounce::UsFluid, 5915],
    'imperial fluid' => [Ounce::ImperialFluid, 5683],
]);

it('never reads a fluid ounce as weight', function () {
    MassReading::plain()->withOunce(Ounce::Weight)->read('2 fl oz');
})->throws(InvalidAmount::class);

it('says what is wrong with an amount and how to mend it', function (string $text, string $message) {
    try {
        MassReading::plain()->read($text);
        $this->fail("“{$text}” was read");
    } catch (InvalidAmount $refusal) {
        expect(words($refusal))->toContain($message)->and(mend($refusal))->not->toBeEmpty();
    }
})->with([
    'nothing' => ['', 'no amount'],
    'words' => ['a dash', 'not an amount'],
    'negative' => ['-5 g', 'below zero'],
    'unknown unit' => ['5 furlongs', 'not a unit'],
    'absurd' => ['90000 g', 'more than any bowl holds'],
    'absurd in kilograms' => ['900 kg', 'more than any bowl holds'],
    'too fine' => ['12.345 g', 'finer than'],
    'tube without a pack' => ['1 tube', 'no pack size'],
    'ratio in the amount field' => ['1:2', 'not'],
    'two numbers' => ['5 6 g', 'not'],
]);

// Outside check: GNU units (Debian package "units"), and the constants of NIST SP 811.
it('agrees with GNU units', function (string $ours, string $theirs, string $unit) {
    exec("units -t '{$theirs}' '{$unit}' 2>/dev/null", $output, $status);
    expect($status)->toBe(0, 'GNU units is not installed');
    expect(MassReading::plain()->read($ours)->centigrams)->toBe((int) round(100 * (float) $output[0]));
})->with([
    ['100 wt oz', '100 oz', 'g'],
    ['33 US fl oz', '33 usfloz', 'ml'],
    ['33 imp fl oz', '33 brfloz', 'ml'],
]);

it('never crashes and never guesses, whatever is typed', function () {
    mt_srand(5);
    $alphabet = ['1', '2', '.', ',', '/', '½', ' ', 'g', 'ml', 'oz', 'tube', '-', ':', '%', 'é', "\0", '𝛑', 'kg', '0'];
    for ($i = 0; $i < 3000; $i++) {
        $text = implode(
            '',
            array_map(static fn () => $alphabet[mt_rand(0, count($alphabet) - 1)], range(1, mt_rand(1, 7))),
        );
        try {
            $grams = MassReading::plain()->read($text);
            expect($grams->centigrams)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(Grams::LARGEST_TYPED * 100);
        } catch (Core\CoreException $refusal) {
            expect(words($refusal))->not->toBeEmpty();
        }
    }
});

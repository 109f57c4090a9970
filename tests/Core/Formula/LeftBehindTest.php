<?php

declare(strict_types=1);

use Core\Formula\BowlSheet;
use Core\Formula\Dose;
use Core\Formula\KnownBowl;
use Core\Formula\Leftover;
use Core\Formula\UnworkableBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Units\Grams;
use Core\Units\InvalidShare;
use Tests\Core\Record\Ladder;

function shelfWithLeft(int $grams): Shelf
{
    $bowl = Ladder::bowl();
    $left = Leftover::of('one', $bowl, $bowl->known(HouseRules::standard()->step), null);

    return Ladder::shelf()->withMixtures($left->holding(Grams::ofCentigrams($grams * 100)));
}

function takingOfIt(string $grams, string $letter, Shelf $shelf): BowlSheet
{
    return Ladder::bowl(
        ['bowl:one' => $grams, 'clear' => '10 g'],
        [],
        ['letter' => $letter, 'ratio' => 'no developer', 'amount' => ['of' => 'shares']],
        $shelf,
    );
}

it('is there once, however many bowls take of it', function (string $own, array $others, ?string $there) {
    $shelf = shelfWithLeft(100);
    $known = static fn (string $grams, string $letter): KnownBowl => takingOfIt($grams, $letter, $shelf)
        ->known(HouseRules::standard()->step);
    $sheet = takingOfIt($own, 'B', $shelf);
    $said = null;
    try {
        Leftover::assertShared($sheet, $known($own, 'B'), array_map(
            static fn (string $grams): KnownBowl => $known($grams, 'C'),
            $others,
        ));
    } catch (UnworkableBowl $refusal) {
        $said = $refusal->fact()->values;
    }
    expect($said)->toBe($there === null ? null : [
        'wanted' => number_format((float) $own, 1).' g',
        'name' => 'What is left of bowl A',
        'there' => $there,
    ]);
})->with([
    'alone' => ['80 g', [], null],
    'all of it' => ['80 g', ['20 g'], null],
    'more than the other leaves' => ['80 g', ['20.1 g'], '79.9 g'],
    'two others' => ['60 g', ['20 g', '30 g'], '50 g'],
    'where nothing is left' => ['10 g', ['60 g', '60 g'], '0 g'],
]);

it('asks no bowl that takes of nothing left', function () {
    $step = HouseRules::standard()->step;
    Leftover::assertShared(Ladder::bowl(), Ladder::bowl()->known($step), [Ladder::bowl()->known($step)]);
})->throwsNoExceptions();

it('never takes more in one bowl than is left', function () {
    $step = HouseRules::standard()->step;
    expect(fn () => takingOfIt('100.1 g', 'B', shelfWithLeft(100))->known($step))
        ->toRefuse(UnworkableBowl::class, '100')
        ->and(takingOfIt('100 g', 'B', shelfWithLeft(100))->known($step)->total->show())->toBe('110.0 g');
});

it('reads how much of an addition goes in, and writes it back', function (string $text, string $written, int $centigrams) {
    $dose = Dose::parse($text);
    expect($dose->text())->toBe($written)->and($dose->grams()->centigrams)->toBe($centigrams);
})->with([
    'grams' => [' 3 G ', '3 g', 300],
    'percent' => ['5 %', '5 %', 0],
    'an eighth of a percent' => ['0.125 %', '0.125 %', 0],
    'per gram' => ['0.1 g per gram', '0.1 g per gram', 0],
    'per gram, short' => ['0.0625 g/g', '0.0625 g per gram', 0],
    'ten per gram' => ['10 g per g', '10 g per gram', 0],
]);

it('refuses a dose that is none', function (string $text) {
    Dose::parse($text);
})->with(['', '0 g', '0 g per gram', '-1 g per gram', '10.1 g per gram', 'x %', '101 %'])->throws(InvalidShare::class);

<?php

declare(strict_types=1);

use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\Knowing;
use Core\Units\MassReading;
use Core\Units\ScaleStep;

function amountOf(string $text): Amount
{
    return Amount::parse($text, MassReading::plain());
}

it('reads what is known of an amount, and writes it so that it is read back', function (
    string $text,
    Knowing $knowing,
    int $least,
    ?int $most,
    string $written,
    string $shown = '',
) {
    $amount = amountOf($text);
    expect([$amount->knowing, $amount->least->centigrams, $amount->most?->centigrams])->toBe([$knowing, $least, $most])
        ->and($amount->text())->toBe($written)
        ->and($amount->show())->toBe($shown === '' ? $written : $shown)
        ->and(amountOf($written))->toEqual($amount);
})->with([
    'grams' => ['12 g', Knowing::Known, 1200, 1200, '12 g'],
    'a bare number' => [' 12.5 ', Knowing::Known, 1250, 1250, '12.5 g'],
    'nothing' => ['?', Knowing::Unknown, 0, null, '?', 'not known'],
    'nothing, in words' => ['Not known', Knowing::Unknown, 0, null, '?', 'not known'],
    'unknown' => ['unknown', Knowing::Unknown, 0, null, '?', 'not known'],
    'not said' => ['not said', Knowing::Unknown, 0, null, '?', 'not known'],
    'a range, one unit' => ['10 to 15 g', Knowing::Range, 1000, 1500, '10 g to 15 g'],
    'a range, both' => ['10 g – 15 g', Knowing::Range, 1000, 1500, '10 g to 15 g'],
    'a range with a stroke' => ['10-15 g', Knowing::Range, 1000, 1500, '10 g to 15 g'],
    'a range the other way round' => ['15 to 10 g', Knowing::Range, 1000, 1500, '10 g to 15 g'],
    'a range of one' => ['10 to 10 g', Knowing::Known, 1000, 1000, '10 g'],
    'more than' => ['more than 10 g', Knowing::AtLeast, 1000, null, 'more than 10 g'],
    'over' => ['over 10 g', Knowing::AtLeast, 1000, null, 'more than 10 g'],
    'a sign for more' => ['> 10 g', Knowing::AtLeast, 1000, null, 'more than 10 g'],
    'at most' => ['at most 5 g', Knowing::AtMost, 0, 500, 'less than 5 g'],
    'up to' => ['up to 5 g', Knowing::AtMost, 0, 500, 'less than 5 g'],
    'a sign for less' => ['<5 g', Knowing::AtMost, 0, 500, 'less than 5 g'],
    'either' => ['10 g or 20 g', Knowing::Doubtful, 1000, 2000, '10 g or 20 g', '10 g or 20 g, in doubt'],
    'one of three, one unit' => [
        '20, 10 or 15 g?',
        Knowing::Doubtful,
        1000,
        2000,
        '10 g or 15 g or 20 g',
        '10 g or 15 g or 20 g, in doubt',
    ],
    'a word' => ['a dash', Knowing::Worded, 0, null, '“a dash”'],
    'a word in quotes' => ['"a drop, no more"', Knowing::Worded, 0, null, '“a drop, no more”'],
    'a word with a number, in quotes' => ['“2 scoops”', Knowing::Worded, 0, null, '“2 scoops”'],
    'an ounce in a range' => ['1 to 2 wt oz', Knowing::Range, 2835, 5670, '28.35 g to 56.7 g'],
]);

it('says whether it is known, and whether anything is', function (string $text, bool $known, bool $saysGrams) {
    expect([amountOf($text)->isKnown(), amountOf($text)->saysGrams()])->toBe([$known, $saysGrams]);
})->with([
    ['12 g', true, true], ['10 to 15 g', false, true], ['more than 1 g', false, true], ['at most 5 g', false, true],
    ['5 g or 6 g', false, true], ['a dash', false, false], ['?', false, false],
]);

it('refuses what is neither grams nor words', function (string $text) {
    expect(fn () => amountOf($text))->toRefuse(InvalidAmount::class);
})->with(['', '12 lightyears', '-5 g', '1,000 g', '6000 g', '10 to 15 furlongs']);

it('is so many times as much at the scale’s step, and a word stays the word', function (string $text, string $half) {
    expect(amountOf($text)->times(Fraction::of(1, 2), ScaleStep::TenthGram)->text())->toBe($half);
})->with([
    ['12.5 g', '6.3 g'], ['10 to 15 g', '5 g to 7.5 g'], [
        'more than 3 g',
        'more than 1.5 g',
    ], ['at most 5 g', 'less than 2.5 g'],
    ['10 g or 20 g', '5 g or 10 g'], ['a dash', '“a dash”'], ['?', '?'],
]);

it('leaves the rest when a part has gone', function (string $whole, string $part, string $rest) {
    expect(amountOf($whole)->lessPart(amountOf($part), Fraction::of(3, 4), ScaleStep::TenthGram)->text())->toBe($rest);
})->with([
    'grams' => ['20 g', '5.1 g', '14.9 g'],
    'more than there was' => ['5 g', '6 g', '0 g'],
    'a range: three quarters of it' => ['20 to 40 g', '5 to 10 g', '15 g to 30 g'],
    'a known one of which an unknown part went' => ['20 g', '?', '15 g'],
    'a word' => ['a dash', 'a dash', '“a dash”'],
]);

it('is known as it was made', function () {
    expect(Amount::known(Grams::ofCentigrams(5))->text())->toBe('0.05 g')
        ->and(Amount::unknown()->most)->toBeNull()
        ->and(Amount::worded('a ribbon')->words)->toBe('a ribbon');
});

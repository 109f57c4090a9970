<?php

declare(strict_types=1);

use Core\Practice\Mark;
use Core\Practice\Number;
use Core\Practice\Override;
use Core\Units\Fraction;

it('says of every number what it is of, and what it does', function (Number $number) {
    expect($number->unit())->not->toBe('')
        ->and($number->says())->not->toBe('')
        ->and($number->value()->compare(Fraction::zero()))->toBeGreaterThan(0)
        // A number of nature or of an agreement is nobody's to change.
        ->and($number->mark() !== Mark::Published || $number->override() === Override::Nobody)->toBeTrue();
})->with(Number::cases());

it('has the published numbers as they are published', function (Number $number, string $value, int $places) {
    expect($number->mark())->toBe(Mark::Published)->and($number->value()->decimal($places))->toBe($value);
})->with([
    'an inch: International Yard and Pound Agreement, 1959' => [Number::InchCentimetres, '2.54', 4],
    'a twelfth of a Julian year of 365.25 days: IAU' => [Number::MonthDays, '30.4375', 4],
]);

// The values are common practice or our own model, no source; what must hold between them holds whatever they are.
it('keeps its order', function (array $rising) {
    for ($at = 1; $at < count($rising); $at++) {
        expect($rising[$at]->value()->compare($rising[$at - 1]->value()))->toBeGreaterThan(0, $rising[$at]->value);
    }
})->with([
    'what only deposits is weaker than what lifts, and that than what never goes on the scalp' => [[
        Number::DepositsUpTo, Number::LiftsFrom, Number::ScalpMost,
    ]],
    'a toning lightener holds less than a direct dye, that less than a demi' => [[
        Number::HoldLightener, Number::HoldDirect, Number::HoldDemi,
    ]],
    'porous hair takes more' => [[Number::GrabLow, Number::GrabHigh]],
    'longer hair takes more' => [[Number::ChinLength, Number::MidBackLength]],
    'thicker hair takes more' => [[Number::FineHair, Number::ThickHair]],
    'a slip in the ratio is far on either side' => [[Number::RatioFarBelow, Number::RatioFarAbove]],
]);

it('takes pearl apart into violet and ash, and nothing else', function () {
    expect(Number::PearlViolet->value()->plus(Number::PearlAsh->value())->equals(Fraction::one()))->toBeTrue();
});

it('never takes more of a whole than all of it', function (Number $number) {
    expect($number->value()->compare(Fraction::one()))->toBeLessThanOrEqual(0);
})->with([
    Number::DampLift, Number::OpenAirLift, Number::HoldDemi, Number::HoldDirect, Number::HoldLightener, Number::WetHold,
    Number::WeaveTakes, Number::RemixAt,
    Number::LeastOfBowl, Number::ToneStep, Number::StandInPigment, Number::SameTone, Number::AmountSunk,
]);

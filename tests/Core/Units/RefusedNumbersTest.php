<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Fact;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\InvalidRatio;
use Core\Units\MassReading;
use Core\Units\MixRatio;
use Core\Units\Share;
use Core\Units\Strength;
use Core\Units\StrengthBlend;

/** What is refused, told with the number that was refused, as it is written. */
function refusedOf(Closure $making): Fact
{
    try {
        $making();
    } catch (CoreException $refusal) {
        return $refusal->fact();
    }
    throw new LogicException('It was not refused.');
}

it('tells the number that it refuses as the trade writes it', function (Closure $making, string $key, string $text) {
    $fact = refusedOf($making);
    expect($fact->key)->toBe("refusals.{$key}")->and($fact->values['text'])->toBe($text);
})->with([
    'no parts' => [fn () => Share::parts(Fraction::zero()), 'invalid-share.not-positive', '0'],
    'parts below nothing' => [fn () => Share::parts(Fraction::of(-1125, 1000)), 'invalid-share.not-positive', '-1.125'],
    'no percent' => [fn () => Share::percent(Fraction::of(-1, 8)), 'invalid-share.not-positive', '-0.125 %'],
    'more than all' => [fn () => Share::percent(Fraction::of(801, 8)), 'invalid-share.over-whole', '100.125 %'],
    'a fraction of nothing' => [fn () => Share::fraction(Fraction::of(-1, 8)), 'invalid-share.not-positive', '-0.125'],
    'a fraction over one' => [fn () => Share::fraction(Fraction::of(9, 8)), 'invalid-share.over-whole', '1.125'],
    'no grams' => [fn () => Share::fixed(Grams::zero()), 'invalid-share.not-positive', '0 g'],
    'no strength' => [fn () => Strength::ofVolume(Fraction::of(-5, 4)), 'invalid-strength.not-positive', '-1.25 vol'],
    'stronger than sold' => [
        fn () => Strength::ofVolume(Fraction::of(161, 4)),
        'invalid-strength.above-limit',
        '40.25 vol',
    ],
]);

it('says that nothing is there where nothing is', function (Closure $making, string $of) {
    expect(refusedOf($making))->toEqual(Fact::of("refusals.{$of}.missing"));
})->with([
    'number' => [fn () => Fraction::parse(' '), 'invalid-number'],
    'strength' => [fn () => Strength::parse(''), 'invalid-strength'],
    'ratio' => [fn () => MixRatio::parse(''), 'invalid-ratio'],
]);

it('takes the edges themselves', function () {
    expect(Share::percent(Fraction::of(100))->text())->toBe('100 %')
        ->and(Share::fraction(Fraction::one())->text())->toBe('all')
        ->and(Share::parse(' 2 ')->text())->toBe('2')
        ->and(Share::parse('The Rest ')->text())->toBe('rest')
        ->and(Strength::ofVolume(Fraction::of(40))->show())->toBe('40 vol (12 %)')
        ->and(Share::parts(Fraction::of(1, 8))->text())->toBe('0.125')
        ->and(Share::parts(Fraction::of(1, 16))->text())->toBe('1/16 parts')
        ->and(Share::percent(Fraction::of(1, 8))->text())->toBe('0.125 %')
        ->and(Share::percent(Fraction::of(1, 16))->text())->toBe('1/16 %')
        ->and(Share::parse('3')->grams()->centigrams)->toBe(0)
        ->and(Share::parse('1/2')->equals(Share::parse('50 %')))->toBeFalse()
        ->and(Share::parse('1/2')->equals(Share::parse('1/3')))->toBeFalse();
});

it('says from which bottles a strength cannot be had', function () {
    $bottles = [Strength::vol(30), Strength::vol(10), Strength::vol(20)];
    $fact = refusedOf(static fn () => StrengthBlend::toReach(Strength::vol(40), $bottles));
    expect($fact->values)->toBe([
        'wanted' => '40 vol (12 %)', 'weakest' => '10 vol (3 %)', 'strongest' => '30 vol (9 %)',
    ])
        ->and(refusedOf(static fn () => StrengthBlend::toReach(Strength::vol(40), []))->key)
        ->toBe('refusals.invalid-strength.nothing-to-blend');
});

it('reads a ratio without a developer however it is said', function (string $said) {
    expect(MixRatio::parse($said)->hasDeveloper())->toBeFalse();
})->with(['no developer', ' No Developer ', 'without developer', 'none']);

it('takes a ratio as far as anybody mixes, and no further', function () {
    expect(MixRatio::parse('1:50')->show())->toBe('1:50')
        ->and(MixRatio::parse('50:1')->show())->toBe('50:1')
        ->and(static fn () => MixRatio::parse('1:51'))->toRefuse(InvalidRatio::class)
        ->and(static fn () => MixRatio::parse('51:1'))->toRefuse(InvalidRatio::class)
        ->and(static fn () => MixRatio::parse('1'))->toRefuse(InvalidRatio::class)
        ->and(MixRatio::parse('2 : 3')->show())->toBe(MixRatio::parse('40 g : 60 g')->show())
        ->and(MixRatio::parse('0.5:0.75:1')->show())->toBe(MixRatio::parse('2:3:4')->show());
});

it('takes amounts as large as anybody types, and no larger', function () {
    $reading = MassReading::plain();
    $most = Grams::LARGEST_TYPED;
    expect($reading->read("{$most} g")->centigrams)->toBe($most * 100)
        ->and($reading->read(' 1 kg ')->centigrams)->toBe(100_000)
        ->and($reading->read('0.001 kg')->text())->toBe('1 g')
        ->and(static fn () => $reading->read($most.'.01 g'))->toRefuse(InvalidAmount::class)
        ->and(static fn () => $reading->read('99999999999 g'))->toRefuse(InvalidAmount::class);
});

it('shows a strength in both ways, as short as it is, and volumes to the hundredth', function (
    Fraction $volume,
    string $both,
    string $alone,
) {
    expect(Strength::ofVolume($volume)->show())
        ->toBe($both)
        ->and(Strength::ofVolume($volume)->showVolume())
        ->toBe($alone);
})->with([
    'whole' => [fn () => Fraction::of(20), '20 vol (6 %)', '20 vol'],
    // 8.125 vol is 2.4375 %.
    'to be rounded' => [fn () => Fraction::of(65, 8), '8.1 vol (2.44 %)', '8.13 vol'],
    'a third' => [fn () => Fraction::of(40, 3), '13.3 vol (4 %)', '13.33 vol'],
]);

it('says which two strengths disagree, and what a bare number may be', function () {
    expect(refusedOf(static fn () => Strength::parse('20 vol 9.125 %'))->values)
        ->toBe(['text' => '20 vol 9.125 %', 'volume' => '20 vol (6 %)', 'percent' => '9.13 %'])
        ->and(
            refusedOf(static fn () => Strength::parse('9 % vol 20'))->key,
        )->toBe('refusals.invalid-strength.unreadable')
        ->and(Strength::parse('vol 20 6 %')->show())->toBe('20 vol (6 %)')
        ->and(Strength::parse(' 20 VOL ')->show())->toBe('20 vol (6 %)')
        ->and(refusedOf(static fn () => Strength::parse('12'))->values)
        ->toBe(['text' => '12', 'asVolume' => '12 vol (3.6 %)', 'asPercent' => '40 vol (12 %)'])
        ->and(Strength::parse('12.5')->show())->toBe('12.5 vol (3.75 %)')
        ->and(Strength::known(' 10 or 20 vol? ')->most?->decimal(0))->toBe('20')
        ->and(StrengthBlend::toReach(Strength::vol(20), [Strength::vol(20)])->isSingle())->toBeTrue()
        ->and(
            StrengthBlend::toReach(Strength::vol(15), [Strength::vol(10), Strength::vol(20)])->isSingle(),
        )->toBeFalse();
});

<?php

declare(strict_types=1);

use Core\Advice\CatchUp;
use Core\Advice\FillAdvice;
use Core\Advice\GreyAdvice;
use Core\Advice\TonerAdvice;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Practice\HouseRules;
use Core\Practice\InvalidRule;
use Core\Practice\Schools;
use Core\Shelf\LineKind;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Strength;
use Tests\Core\Record\Ladder;

// Schools that good people differ in: each changes what is worked out, and nothing else (common practice, no source).

it('asks for as much natural as the house says', function (string $parts, int $grey, array $shares) {
    $advice = GreyAdvice::for($grey, false, Schools::set(HouseRules::standard(), 'grey-parts', $parts));
    expect([$advice->least->decimal(2), $advice->most->decimal(2)])->toBe($shares);
})->with([
    'the usual, a little grey' => ['25, 33, 50, 75', 30, ['0.25', '0.33']],
    'the usual, much grey' => ['25, 33, 50, 75', 90, ['0.75', '1']],
    'a generous house' => ['33, 50, 60, 100', 60, ['0.6', '0.6']],
    'and much grey there' => ['33, 50, 60, 100', 80, ['1', '1']],
]);

it('makes a filler of the house’s parts and minutes, the other way round for a vivid red', function (
    ToneFamily $wish,
    array $shares,
) {
    $rules = Schools::set(Schools::set(HouseRules::standard(), 'filler-parts', '2:1'), 'filler-minutes', '15');
    $shelf = Ladder::shelf();
    $advice = FillAdvice::for(
        Fraction::of(9),
        HairHistory::Lightened,
        Fraction::of(6),
        ToneMix::only($wish),
        $shelf->productsOf($shelf->line('D')),
        $rules,
    );
    expect(array_column($advice->filler->ingredients ?? [], 'share'))
        ->toBe($shares)
        ->and($advice->filler?->minutes)
        ->toBe(15);
})->with([[ToneFamily::Brown, ['2', '1']], [ToneFamily::Red, ['1', '2']]]);

it('softens as much of the bare warmth as the house wants', function () {
    $shelf = Ladder::shelf();
    // Of a natural wish on bare gold, an ash toner is nearer the less of the gold is to stay.
    $ash = static function (string $keep) use ($shelf): Fraction {
        $rules = Schools::set(HouseRules::standard(), 'keep-warmth', $keep);
        $toners = TonerAdvice::for(
            Fraction::of(8), Fraction::of(8), ToneMix::only(ToneFamily::Natural), false, Porosity::Normal,
            [$shelf->product('d8A') ?? throw new RuntimeException('d8A')], $rules,
        )->toners;

        return $toners[0]['distance'];
    };
    expect($ash('little')->compare($ash('half')))
        ->toBeLessThan(0)
        ->and($ash('half')->compare($ash('keep')))
        ->toBeLessThan(0);
});

it('lets a later batch of lightener catch up, where nothing forbids it', function (
    int $own,
    int $behind,
    bool $scalp,
    bool $porous,
    string $school,
    ?string $strength,
    string $why,
) {
    $found = CatchUp::of(
        LineKind::Lightener, Strength::vol($own), array_map(
            Strength::vol(...),
            [10, 20, 30, 40],
        ), $behind, 45, $scalp, $porous,
        Schools::set(HouseRules::standard(), 'second-batch', $school),
    );
    expect($found?->strength?->showVolume())->toBe($strength)->and($found?->why[1]->key)->toBe("why.catch-up.{$why}")
        ->and($found?->why[0]->values)->toBe(['behind' => $behind, 'minutes' => 45]);
})->with([
    'the usual step' => [20, 25, false, false, 'stronger', '30 vol', 'strength-up'],
    'a house that keeps it' => [20, 25, false, false, 'equal', null, 'house-keeps'],
    'at the scalp' => [20, 25, true, false, 'stronger', null, 'touches-scalp'],
    'on porous hair' => [20, 25, false, true, 'stronger', null, 'porous-hair'],
    'nothing stronger' => [40, 25, false, false, 'stronger', null, 'strongest'],
]);

it('has nothing to catch up with at once, nor for colour', function () {
    $of = static fn (LineKind $kind, int $behind): ?CatchUp => CatchUp::of(
        $kind,
        Strength::vol(20),
        [Strength::vol(30)],
        $behind,
        45,
        false,
        false,
        HouseRules::standard(),
    );
    expect($of(LineKind::Lightener, 9))->toBeNull()->and($of(LineKind::Permanent, 25))->toBeNull()
        ->and($of(LineKind::Lightener, 10)?->strength?->showVolume())->toBe('30 vol');
});

it('refuses what is no such rule, with the mend', function (string $key, string $text) {
    expect(fn () => Schools::set(HouseRules::standard(), $key, $text))->toThrow(InvalidRule::class);
})->with([
    ['grey-parts', '25, 50'], ['grey-parts', '50, 33, 50, 75'], [
        'grey-parts',
        '25, 33, 50, 120',
    ], ['filler-parts', '0:1'],
    ['filler-parts', 'gold'], ['filler-minutes', '0'], ['filler-minutes', '90'],
]);

<?php

declare(strict_types=1);

use Core\Rules\Filling;
use Core\Rules\GreyBreakpoints;
use Core\Rules\HouseRules;
use Core\Rules\InvalidRule;
use Core\Rules\LevelSchool;

it('gives every rule a default and a reason', function () {
    foreach (HouseRules::standard()->texts() as $rule) {
        expect($rule->value)->toBe($rule->default)->and($rule->reason)->not->toBeEmpty();
    }
});

it('says what is set and what else could be', function () {
    $rules = HouseRules::standard()->withLevelSchool(LevelSchool::DyeWeighted)->withFilling(Filling::Skip);
    $texts = array_column(array_map(static fn ($rule) => (array) $rule, $rules->texts()), null, 'key');
    expect($texts['level-school'])->toMatchArray(['value' => 'dye-weighted', 'default' => 'linear', 'alternatives' => ['linear']])
        ->and($texts['filling']['value'])->toBe('skip');
});

it('refuses settings that are none', function (callable $set) {
    expect(fn () => $set(HouseRules::standard()))->toThrow(InvalidRule::class);
})->with([
    'deposit' => [fn (HouseRules $rules) => $rules->withDepositVolume(15)],
    'filler' => [fn (HouseRules $rules) => $rules->withFillFromLevels(5)],
    'grey falls' => [fn (HouseRules $rules) => $rules->withGrey(GreyBreakpoints::of(50, 25, 75))],
]);

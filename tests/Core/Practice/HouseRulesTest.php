<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Practice\Filling;
use Core\Practice\GreyBreakpoints;
use Core\Practice\HouseRules;
use Core\Practice\InvalidRule;
use Core\Practice\LevelSchool;
use Core\Practice\PourMiss;
use Core\Practice\RuleText;
use Core\Practice\Schools;
use Core\Units\Fraction;
use Core\Units\Grams;

/** @return array<string, RuleText> by key */
function rulesAsText(HouseRules $rules): array
{
    return array_column(
        array_map(static fn (RuleText $rule): array => [$rule->key, $rule], Schools::texts($rules)),
        1,
        0,
    );
}

it('gives every rule a default, a reason, and at least two ways or a number', function () {
    $texts = Schools::texts(HouseRules::standard());
    foreach ($texts as $rule) {
        expect($rule->isStandard())->toBeTrue()
            ->and(said($rule->reason))->not->toBeEmpty()
            ->and(count($rule->options))->not->toBe(1);
        if ($rule->options === []) {
            expect($rule->unit)->not->toBeEmpty();
        }
    }
    expect(array_unique(array_map(
        static fn (RuleText $rule): string => $rule->key,
        $texts,
    )))->toHaveCount(count($texts));
});

it('says in words what is set and what is standard', function (
    string $key,
    string $value,
    string $words,
    string $standard,
) {
    $text = rulesAsText(Schools::read([$key => $value]))[$key];
    expect([$text->words(), $text->standardWords(), $text->isStandard()])->toBe([$words, $standard, false]);
})->with([
    // Our own words; the standards are the trade's (common practice, no source) and our models.
    ['level-school', 'dye-weighted', 'the darker shade weighs more', 'mean by weight'],
    ['deposit', '20', '20 vol', '10 vol'],
    ['grey-shares', '20 / 45 / 70', '20, 45, 70 % grey', '25, 50, 75 % grey'],
    ['step-down', '2,5 g', '2.5 g colour', '5 g colour'],
    ['step', '0.5 g', '0.5 g', '0.1 g'],
    ['freshness', '20', '20 min', '30 min'],
    ['miss-large', '3', '3 %', '2 %'],
    ['damp', '0', '0 levels deeper', '0.5 levels deeper'],
    ['regrowth', '1', '1 cm a month', '1.25 cm a month'],
]);

it('reads every option back as what was set, and nothing else changes', function () {
    foreach (Schools::texts(HouseRules::standard()) as $rule) {
        foreach ($rule->options as $option) {
            $changed = array_filter(
                rulesAsText(Schools::read([$rule->key => $option->value])),
                static fn (RuleText $text): bool => ! $text->isStandard(),
            );
            expect(array_map(
                static fn (RuleText $text): string => $text->value,
                $changed,
            ))->toBe($option->value === $rule->default ? [] : [$rule->key => $option->value]);
        }
    }
});

it('keeps only what differs, and comes back the same from it', function (array $settings) {
    $rules = Schools::read($settings);
    expect(Schools::differing($rules))->toBe($settings)
        ->and(Schools::read(Schools::differing($rules)))->toEqual($rules);
})->with([
    'nothing' => [[]],
    'one' => [['clock' => 'first-touch']],
    'all kinds' => [
        [
            'skin-test' => '14',
            'waivers' => 'nobody',
            'open-air' => 'slow-and-low',
            'filling' => 'skip',
            'fill-from' => '3',
            'primary-weight' => '3',
            'good-visits' => '4',
            'miss-small' => '0.3',
            'miss-medium' => '0.8',
            'ounce' => 'us-fluid',
        ],
    ],
]);

it('refuses what cannot be set so, and says what can', function (
    string $key,
    string $text,
    string $message,
    string $mend,
) {
    try {
        Schools::set(HouseRules::standard(), $key, $text);
    } catch (CoreException $refusal) {
        expect(words($refusal))->toContain($message)->and(mend($refusal))->toContain($mend);

        return;
    }
    $this->fail("{$key} took “{$text}”.");
})->with([
    'no such rule' => ['moon', 'full', 'no house rule “moon”', 'skin-test, waivers'],
    'no such option' => ['filling', 'maybe', 'no setting of “Going darker on lightened hair”', 'fill or skip'],
    'deposit between' => ['deposit', '15', '“15” is no setting', '10 or 20'],
    'too few days' => ['skin-test', '1', 'cannot be 1', 'from 2 to 60 days'],
    'days before today' => ['skin-test', '-3', 'cannot be -3', 'from 2 to 60 days'],
    'too many days' => ['skin-test', '61', 'cannot be 61', 'from 2 to 60 days'],
    'half a day' => ['skin-test', '2.5', 'not a whole number', 'such as 7'],
    'no number' => ['freshness', 'soon', '“soon”', ''],
    'stale' => ['freshness', '91', 'cannot be 91', '5 to 90 min'],
    'never' => ['good-visits', '0', 'cannot be 0', '1 to 10 good visits'],
    'secondary first' => ['primary-weight', '0.5', 'cannot be 0.5', '1 to 5'],
    'drowned' => ['damp', '2.1', 'cannot be 2.1', '0 to 2 levels deeper'],
    'a crumb' => ['step-down', '0.9', 'cannot be 0.9 g', '1 to 20 g'],
    'a landslide' => ['step-down', '20.1', 'cannot be 20.1 g', '1 to 20 g'],
    'wizard hair' => ['regrowth', '3.1', 'cannot be 3.1', '0.5 to 3 cm'],
    'grey falls' => ['grey-shares', '50, 25, 75', 'must rise', 'smallest first'],
    'grey of two' => ['grey-shares', '25, 50', 'must rise', 'smallest first'],
    'grey beyond all' => ['grey-shares', '25, 50, 101', 'must rise', 'smallest first'],
    'loose small' => ['miss-small', '5.1', 'cannot be 5.1 g', '0 to 5 g'],
    'loose medium' => ['miss-medium', '10.1', 'cannot be 10.1 g', '0 to 10 g'],
    'loose large' => ['miss-large', '10.1', 'cannot be 10.1 %', '0 to 10 %'],
    'less than none' => ['miss-large', '-1', 'cannot be -1 %', '0 to 10 %'],
]);

it('takes each edge of a range', function (string $key, string $text) {
    expect(Schools::read([$key => $text]))->not->toEqual(HouseRules::standard());
})->with(
    [
        ['skin-test', '2'],
        ['skin-test', '60'],
        ['freshness', '5'],
        ['freshness', '90'],
        ['good-visits', '1'],
        ['good-visits', '10'],
        ['primary-weight', '1'],
        ['primary-weight', '5'],
        ['damp', '0'],
        ['damp', '2'],
        ['step-down', '1'],
        ['step-down', '20'],
        ['regrowth', '0.5'],
        ['regrowth', '3'],
        ['miss-small', '0'],
        ['miss-small', '5'],
        ['miss-medium', '10'],
        ['miss-large', '0'],
        ['miss-large', '10'],
        ['grey-shares', '0, 1, 100'],
    ],
);

it('refuses settings that are none by their types too', function (callable $set) {
    expect(fn () => $set(HouseRules::standard()))->toThrow(InvalidRule::class);
})->with([
    'deposit' => [fn (HouseRules $rules) => $rules->withDepositVolume(15)],
    'filler' => [fn (HouseRules $rules) => $rules->withFillFromLevels(5)],
    'grey falls' => [fn (HouseRules $rules) => $rules->withGrey(GreyBreakpoints::of(50, 25, 75))],
    'a pour that may miss by half' => [
        fn (HouseRules $rules) => $rules->withPourMiss(
            PourMiss::of(Grams::ofCentigrams(50), Grams::ofCentigrams(100), Fraction::of(1, 2)),
        ),
    ],
]);

it('changes only the rule that is set', function () {
    $rules = HouseRules::standard()->withLevelSchool(LevelSchool::DyeWeighted)->withFilling(Filling::Skip);
    expect(Schools::differing($rules))->toBe(['level-school' => 'dye-weighted', 'filling' => 'skip']);
});

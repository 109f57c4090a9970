<?php

declare(strict_types=1);

use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

function shade(int $level, ToneFamily|ToneMix $tone, int $intensity = 1): Pigment
{
    return new Pigment(
        Fraction::of($level),
        $tone instanceof ToneMix ? $tone : ToneMix::only($tone),
        Fraction::of($intensity),
    );
}

function grams(string $label, Pigment $pigment, int $grams): Weighed
{
    return new Weighed($label, $pigment, Fraction::of($grams * 100));
}

it('takes the mean of the levels by weight', function (array $parts, string $level) {
    // Common practice, no source: equal parts of a 6 and an 8 behave as a 7.
    $mix = MixJudgement::of(
        array_map(
            static fn (array $part) => grams("{$part[0]}N", shade($part[0], ToneFamily::Natural), $part[1]),
            $parts,
        ),
        HouseRules::standard(),
    );
    expect($mix->level?->show(2))->toBe($level);
})->with([
    'equal' => [[[6, 20], [8, 20]], '7'],
    'two to one' => [[[6, 40], [9, 20]], '7'],
    'one' => [[[5, 33]], '5'],
]);

it('holds with the other school that the darker dominates', function () {
    $parts = [grams('6N', shade(6, ToneFamily::Natural), 20), grams('8N', shade(8, ToneFamily::Natural), 20)];
    $linear = MixJudgement::of($parts, HouseRules::standard());
    $dye = MixJudgement::of($parts, HouseRules::standard()->withLevelSchool(LevelSchool::DyeWeighted));
    expect($dye->level?->least->compare($linear->level->least))->toBeLessThan(0)
        ->and($dye->level?->least->compare(Fraction::of(6)))->toBeGreaterThan(0)
        ->and(implode(' ', said($dye->why)))->toContain('the darker counts more');
});

it('takes the mean of the tones by weight', function () {
    // Common practice, no source: 10 g of gold plus 10 g of copper-gold is 75 % gold, 25 % copper.
    $copperGold = ToneMix::mean([
        [ToneMix::only(ToneFamily::Copper), Fraction::one()],
        [ToneMix::only(ToneFamily::Gold), Fraction::one()],
    ]);
    $mix = MixJudgement::of(
        [grams('7G', shade(7, ToneFamily::Gold), 10), grams('copper-gold', shade(7, $copperGold), 10)],
        HouseRules::standard(),
    );
    expect($mix->tone->words())->toBe('75 % gold, 25 % copper');
});

it('lets clear thin the pigment and leave the level alone', function () {
    $mix = MixJudgement::of(
        [grams('8P', shade(8, ToneFamily::Pearl), 30), grams('clear', Pigment::clear(), 10)],
        HouseRules::standard(),
    );
    expect($mix->level?->show(1))->toBe('8')
        ->and($mix->pigmentShare->show(2))->toBe('0.75')
        ->and($mix->tone->words())->toBe('pearl');
});

it('lets a booster tint without a level', function () {
    $mix = MixJudgement::of(
        [
            grams('7N', shade(7, ToneFamily::Natural), 30),
            grams('red', Pigment::booster(ToneMix::only(ToneFamily::Red)), 5),
        ],
        HouseRules::standard(),
    );
    expect($mix->level?->show(1))->toBe('7')->and($mix->tone->words())->toBe('75 % natural, 25 % red');
});

it('has no level where nothing carries one', function () {
    expect(MixJudgement::of([grams('clear', Pigment::clear(), 10)], HouseRules::standard())->level)->toBeNull();
});

it('does not care about the order of shades, nor about how much there is of the same mix', function () {
    mt_srand(78);
    for ($i = 0; $i < 60; $i++) {
        $parts = array_map(
            static fn () => [mt_rand(3, 10), ToneFamily::cases()[mt_rand(0, 10)], mt_rand(1, 40)],
            range(1, mt_rand(2, 5)),
        );
        $mix = static fn (array $list, int $times) => MixJudgement::of(
            array_map(static fn (array $p) => grams('x', shade($p[0], $p[1]), $p[2] * $times), $list),
            HouseRules::standard(),
        );
        $one = $mix($parts, 1);
        shuffle($parts);
        $two = $mix($parts, 3);
        expect($two->level)->toEqual($one->level)
            ->and($two->tone)->toEqual($one->tone)
            ->and($two->pigmentShare)->toEqual($one->pigmentShare);
    }
});

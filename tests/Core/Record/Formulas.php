<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Core\Formula\BowlSheet;
use Core\Formula\Leftover;
use Core\Judgement\JudgeBowl;
use Core\Practice\HouseRules;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Shelf;
use Core\Units\Share;

/**
 * Formulas of every kind that people write: parts, percent, grams, rests, house blends, what was left, poured, on
 * several jobs.
 */
final class Formulas
{
    public static function shelf(): Shelf
    {
        $shelf = Ladder::shelf();
        $ingredient = static fn (string $code, string $share): Ingredient => new Ingredient(
            $code,
            $code,
            Share::parse($share),
        );
        $shelf = $shelf->withBlends([new HouseBlend('Sand', 1, [$ingredient('7N', '2'), $ingredient('7G', '1')])]);
        $left = Ladder::bowl(['6C' => 'all'], ['d20' => 'all'], ['letter' => 'L'], $shelf);
        $known = $left->known(HouseRules::standard()->step);

        return $shelf->withMixtures(Leftover::of(
            'L',
            $left,
            $known,
            JudgeBowl::of($known, HouseRules::standard())?->asPigment(),
        ));
    }

    /** One after the other, so that a seed gives every kind its turn. */
    public static function one(int $turn, Shelf $shelf): BowlSheet
    {
        $grams = static fn (int $least, int $most): string => (mt_rand($least * 10, $most * 10) / 10).' g';
        [$a, $b, $c] = [mt_rand(20, 400) / 10, mt_rand(20, 400) / 10, mt_rand(20, 400) / 10];
        $level = mt_rand(5, 8);
        $place = ['colour', 'total', 'developer'][$turn % 3];
        $amount = ['of' => $place, 'grams' => $grams(30, 120)];

        return match ($turn % 9) {
            0 => Ladder::bowl(
                ["{$level}N" => (string) mt_rand(1, 5), "{$level}G" => (string) mt_rand(1, 5)],
                more: ['amount' => $amount],
                shelf: $shelf,
            ),
            1 => Ladder::bowl(
                ["{$level}N" => '40 %', "{$level}A" => 'rest'],
                ['d10' => '1', 'd40' => '1'],
                ['amount' => $amount],
                $shelf,
            ),
            // As it was poured: every part in grams, near its ratio and never on it.
            2 => Ladder::bowl(
                ["{$level}N" => "{$a} g", "{$level}G" => "{$b} g", "{$level}A" => "{$c} g"],
                ['d20' => round(($a + $b + $c) * 1.5 + mt_rand(-30, 30) / 10, 1).' g'],
                ['amount' => ['of' => 'shares']],
                $shelf,
            ),
            3 => Ladder::bowl(
                ["{$level}G" => 'all'],
                more: ['amount' => ['of' => 'ingredient', 'ingredient' => "{$level}G", 'grams' => $grams(30, 90)]],
                shelf: $shelf,
            ),
            4 => Ladder::bowl(
                ["{$level}A" => '15 g', "{$level}C" => 'rest'],
                more: [
                    'amount' => ['of' => 'colour', 'grams' => $grams(40, 90)],
                    'additives' => [['product' => 'blue', 'dose' => '3 g']],
                ],
                shelf: $shelf,
            ),
            5 => Ladder::bowl(
                more: [
                    'parts' => [
                        ['ingredients' => [
                            ['blend' => 'Sand', 'version' => 1, 'share' => '1/2'],
                            ['product' => '7A', 'share' => '1/2'],
                        ]],
                        ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
                    ],
                    'amount' => $amount,
                ],
                shelf: $shelf,
            ),
            6 => Ladder::bowl(
                ["{$level}N" => '2', "{$level}C" => '1', 'clear' => '1'],
                more: ['uses' => [
                    ['job' => 'root', 'grams' => $grams(40, 90)],
                    ['job' => 'ends', 'grams' => $grams(20, 40)],
                ]],
                shelf: $shelf,
            ),
            7 => Ladder::bowl(
                ['bowl:L' => '20 g', "{$level}N" => "{$a} g"],
                ['d20' => 'all'],
                ['amount' => ['of' => 'shares']],
                $shelf,
            ),
            default => Ladder::bowl(
                ["{$level}N" => "{$a} g", "{$level}C" => "{$b} g"],
                more: [
                    'amount' => ['of' => 'shares'],
                    'extras' => [[
                        'product' => 'clear',
                        'grams' => '12 g',
                        'counts' => ['inside', 'on-top', ''][$turn % 3],
                    ]],
                ],
                shelf: $shelf,
            ),
        };
    }
}

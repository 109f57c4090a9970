<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Formula\Leftover;
use Core\Shelf\Product;

/** The shorter way to say that what is left of a bowl is used again with something added. */
final class ReadBottle
{
    /**
     * @param  array<string, Product>  $leftovers  of the bowls so far, by product id
     * @return array<string, mixed> the same as an ordinary bowl
     */
    public static function fill(JsonNode $node, array $leftovers): array
    {
        $bottle = $node->at('bottle')->record();
        $node->at('line')->text();
        $letter = $bottle->at('of')->letter();
        $of = Leftover::PREFIX.$letter;
        $from = $leftovers[$of] ?? null;
        if ($from === null) {
            $bottle->at('of')->problem(Fact::of(
                'documents.no-worked-bowl-before-one',
                bottle: $letter,
            ));
        }
        $ingredients = [['product' => $of, 'share' => $bottle->at('left')->text()]];
        foreach ($bottle->at('add')->records(ReadBowl::MOST_INGREDIENTS) as $entry) {
            // What it stands in for, and why, goes with it.
            $added = ['share' => $entry->at('grams')->text()];
            foreach (['product', 'wanted', 'why', 'words', 'or', 'doubt'] as $member) {
                if ($entry->at($member)->isGiven()) {
                    $added[$member] = $entry->at($member)->value();
                }
            }
            $ingredients[] = $added;
        }
        $json = [
            'line' => $from->line ?? '',
            'ratio' => 'no developer',
            'amount' => ['of' => 'shares'],
            'parts' => [['ingredients' => $ingredients]],
        ];
        foreach ($node->members() as $member => $each) {
            $json[(string) $member] ??= $each->value();
        }

        return $json;
    }

    /** What is wrong with the ordinary bowl, where it was said: in the bottle. */
    public static function said(Problem $problem, string $bowl): Problem
    {
        $pattern = '/^'.preg_quote("{$bowl}/parts/0/ingredients/", '/').'(\d+)(\/.*)?$/';
        if (preg_match($pattern, $problem->pointer, $m) !== 1) {
            return $problem;
        }
        $rest = $m[2] ?? '';

        return new Problem(match (true) {
            $m[1] !== '0' => "{$bowl}/bottle/add/".((int) $m[1] - 1).($rest === '/share' ? '/grams' : $rest),
            default => "{$bowl}/bottle/".($rest === '/share' ? 'left' : 'of'),
        }, $problem->fact);
    }
}

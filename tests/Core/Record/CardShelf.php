<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadShelf;
use Core\Practice\HouseRules;
use Core\Shelf\Product;
use Core\Shelf\Shelf;

/** A permanent line with names of several words, a line of three parts in its maker's order, and one that colours nothing. */
final class CardShelf
{
    public static function shelf(): Shelf
    {
        $tones = ['N' => ['natural' => 1], 'G' => ['gold' => 1], 'A' => ['ash' => 1]];
        $line = static fn (string $id, string $name, string $kind, string $ratio, array $products, array $more = []): array => [
            'id' => $id,
            'name' => $name,
            'kind' => $kind,
            'ratio' => $ratio,
            'window' => ['min' => 20, 'target' => 35, 'max' => 45],
            'notation' => 'letters',
            'tones' => $tones,
            'products' => $products,
        ] + $more;
        $shelf = ReadShelf::from(new JsonNode([
            'developers' => array_map(
                static fn (int $volume): array => ['id' => "d{$volume}", 'strength' => "{$volume} vol"],
                [5, 10, 20, 30],
            ),
            'lines' => [
                $line('P', 'Ladder', 'permanent', '1:1.5', [
                    ['id' => '6N', 'code' => '6N'],
                    ['id' => '6G', 'code' => '6G'],
                    ['id' => '7G', 'code' => '7G'],
                    ['id' => '9G', 'code' => '9G'],
                    ['id' => '7Gi', 'code' => '7G+'],
                    ['id' => 'red', 'code' => 'Red +', 'kind' => 'booster', 'tone' => ['red' => 1]],
                    ['id' => 'clear', 'code' => 'Clear', 'kind' => 'clear'],
                    ['id' => 'bond', 'code' => 'Bond', 'name' => 'Sea bond drops', 'kind' => 'additive'],
                    [
                        'id' => 'quiet',
                        'code' => '',
                        'name' => 'Quiet blue mix',
                        'kind' => 'booster',
                        'tone' => ['ash' => 1],
                    ],
                ], ['developers' => ['d10', 'd20', 'd30']]),
                $line('T', 'Trio', 'demi', '1:2.5:3.5', [
                    ['id' => 't8A', 'code' => '8A'],
                    ['id' => 't8G', 'code' => '8G'],
                    ['id' => 't9A', 'code' => '9A'],
                    ['id' => 'gel', 'code' => 'Gel', 'name' => 'Trio gel', 'kind' => 'base'],
                ], ['developers' => ['d5', 'd10'], 'order' => ['colour', 'base', 'developer']]),
                $line('C', 'Kelp', 'care', '1:1', [
                    ['id' => 'shield', 'code' => 'Shield', 'name' => 'Ends shield', 'kind' => 'care'],
                    ['id' => 'balm', 'code' => 'Balm', 'kind' => 'care'],
                    ['id' => 'c9A', 'code' => '9A', 'kind' => 'care'],
                ]),
            ],
        ], '', new ProblemList), HouseRules::standard());
        $old = $shelf->product('9G') ?? throw new \RuntimeException('9G');

        return $shelf->withMixtures(new Product(
            id: $old->id,
            line: $old->line,
            code: $old->code,
            name: $old->name,
            kind: $old->kind,
            strength: null,
            pack: null,
            density: $old->density,
            withdrawn: true,
            pigment: $old->pigment,
        ));
    }
}

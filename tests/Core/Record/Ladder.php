<?php

declare(strict_types=1);

namespace Tests\Core\Record;

use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadBowl;
use Core\Codec\ReadShelf;
use Core\Formula\BowlSheet;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;

/** One permanent line from 4 to 9 in four tones, a lightener, and four developers. */
final class Ladder
{
    /**
     * @param  list<string>  $withdrawn  product ids
     * @param  array<string, mixed>  $permanent  what its permanent line says besides
     */
    public static function shelf(array $withdrawn = [], array $permanent = []): Shelf
    {
        $tones = ['N' => ['natural' => 1], 'A' => ['ash' => 1], 'G' => ['gold' => 1], 'C' => ['copper' => 1]];
        $products = [
            ['id' => 'clear', 'code' => 'Clear', 'kind' => 'clear'],
            ['id' => 'blue', 'code' => 'Blue', 'kind' => 'booster', 'tone' => ['ash' => 1]],
        ];
        foreach (range(4, 9) as $level) {
            foreach (array_keys($tones) as $tone) {
                $products[] = ['id' => "{$level}{$tone}", 'code' => "{$level}{$tone}"];
            }
        }
        $soft = [['id' => 'dclear', 'code' => 'Clear', 'kind' => 'clear']];
        foreach (range(6, 9) as $level) {
            foreach (['N', 'G', 'C', 'A'] as $tone) {
                $soft[] = ['id' => "d{$level}{$tone}", 'code' => "{$level}{$tone}"];
            }
        }
        $window = ['min' => 20, 'target' => 35, 'max' => 45];
        $shelf = ReadShelf::from(new JsonNode([
            'developers' => array_map(
                fn (int $volume): array => ['id' => "d{$volume}", 'strength' => "{$volume} vol"],
                [10, 20, 30, 40],
            ),
            'lines' => [
                [
                    'id' => 'P',
                    'name' => 'Ladder',
                    'kind' => 'permanent',
                    'ratio' => '1:1.5',
                    'window' => $window,
                    'notation' => 'letters',
                    'tones' => $tones,
                    'developers' => ['d10', 'd20', 'd30', 'd40'],
                    'products' => $products,
                    ...$permanent,
                ],
                [
                    'id' => 'D',
                    'name' => 'Soft',
                    'kind' => 'demi',
                    'ratio' => '1:2',
                    'window' => ['min' => 10, 'target' => 20, 'max' => 20],
                    'notation' => 'letters',
                    'tones' => $tones,
                    'developers' => ['d10'],
                    'products' => $soft,
                ],
                [
                    'id' => 'L',
                    'name' => 'Powdery',
                    'kind' => 'lightener',
                    'ratio' => '1:2',
                    'window' => $window,
                    'notation' => 'letters',
                    'tones' => [],
                    'developers' => ['d10', 'd20', 'd30', 'd40'],
                    'products' => [['id' => 'powder', 'code' => 'Powder', 'kind' => 'lightener']],
                ],
            ],
        ], '', new ProblemList), HouseRules::standard());
        foreach ($withdrawn as $id) {
            $product = $shelf->product($id) ?? throw new \RuntimeException($id);
            $shelf = $shelf->withMixtures(new \Core\Shelf\Product(
                $product->id,
                $product->line,
                $product->code,
                $product->name,
                $product->kind,
                $product->strength,
                $product->pack,
                $product->density,
                true,
                $product->pigment,
            ));
        }

        return $shelf;
    }

    /**
     * @param  array<int|string, string>  $colour
     * @param  array<string, string>  $developer
     * @param  array<string, mixed>  $more
     */
    public static function bowl(
        array $colour = ['6N' => '2', '6G' => '1'],
        array $developer = ['d20' => 'all'],
        array $more = [],
        ?Shelf $shelf = null,
    ): BowlSheet {
        $part = fn (array $shares): array => ['ingredients' => array_map(
            fn (int|string $id, string $share): array => ['product' => (string) $id, 'share' => $share],
            array_keys($shares),
            $shares,
        )];

        return ReadBowl::from($more + [
            'letter' => 'A',
            'job' => 'Root',
            'line' => 'P',
            'ratio' => '1:1.5',
            'amount' => ['of' => 'colour', 'grams' => '60 g'],
            'parts' => $developer === [] ? [$part($colour)] : [$part($colour), $part($developer)],
            'minutes' => 35,
            'note' => '',
            'place' => [['regions' => [], 'spans' => ['root', 'regrowth']]],
        ], $shelf ?? self::shelf());
    }

    /** @return array<string, string> grams by label */
    public static function grams(BowlSheet $sheet): array
    {
        $grams = [];
        foreach ($sheet->work(HouseRules::standard()->step)->pouringOrder() as $each) {
            $grams[$each->label] = $each->grams->text();
        }

        return $grams;
    }
}

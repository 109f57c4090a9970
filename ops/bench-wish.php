<?php

declare(strict_types=1);

// A formula for a wish at its worst: a permanent line of 120 shades beside a demi and a lightener, every strength, grey or not;
// beside the same work of JSON, as everywhere.

require dirname(__DIR__).'/vendor/autoload.php';

use Core\Advice\FormulaForWish;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadCanvas;
use Core\Codec\ReadShelf;
use Core\Practice\HouseRules;

$tones = ['N' => 'natural', 'A' => 'ash', 'M' => 'matte', 'V' => 'violet', 'P' => 'pearl', 'B' => 'beige', 'G' => 'gold', 'C' => 'copper', 'R' => 'red', 'H' => 'mahogany', 'W' => 'brown', 'Q' => 'gold'];
$products = static fn (string $of, array $levels): array => array_merge(...array_map(
    static fn (int $level): array => array_map(static fn (string $tone): array => ['id' => "{$of}{$level}{$tone}", 'code' => "{$level}{$tone}"], array_keys($tones)),
    $levels,
));
$legend = array_map(static fn (string $family): array => [$family => 1], $tones);
$window = ['min' => 20, 'target' => 35, 'max' => 45];
$shelf = ReadShelf::from(new JsonNode([
    'developers' => array_map(static fn (int $volume): array => ['id' => "d{$volume}", 'strength' => "{$volume} vol"], [6, 10, 20, 30, 40]),
    'lines' => [
        ['id' => 'P', 'name' => 'Permanent', 'kind' => 'permanent', 'ratio' => '1:1.5', 'window' => $window, 'notation' => 'letters', 'tones' => $legend, 'developers' => ['d10', 'd20', 'd30', 'd40'], 'products' => $products('p', range(1, 10))],
        ['id' => 'D', 'name' => 'Demi', 'kind' => 'demi', 'ratio' => '1:2', 'window' => $window, 'notation' => 'letters', 'tones' => $legend, 'developers' => ['d6', 'd10'], 'products' => $products('q', range(6, 9))],
        ['id' => 'L', 'name' => 'Lightener', 'kind' => 'lightener', 'ratio' => '1:2', 'window' => $window, 'notation' => 'letters', 'tones' => [], 'developers' => ['d10', 'd20', 'd30', 'd40'], 'products' => [['id' => 'powder', 'code' => 'Powder', 'kind' => 'lightener']]],
    ],
], '', new ProblemList), HouseRules::standard());
$wishes = [
    'same level, copper' => ['level' => '6', 'natural' => '6', 'wish' => ['level' => '6', 'tone' => ['copper', 'gold']]],
    'grey, natural' => ['level' => '5', 'natural' => '5', 'grey' => 70, 'wish' => ['level' => '6', 'tone' => ['natural', 'gold']]],
    'lift and tone' => ['level' => '6', 'natural' => '5', 'history' => 'coloured', 'wish' => ['level' => '9', 'tone' => ['pearl']]],
    'fill and deepen' => ['level' => '9', 'history' => 'lightened', 'wish' => ['level' => '6', 'tone' => ['brown']]],
    'two levels up' => ['level' => '6', 'natural' => '6', 'wish' => ['level' => '8', 'tone' => ['beige']]],
];
$json = json_encode(array_fill(0, 3000, ['grams' => 12.5, 'product' => '7G', 'share' => '1/4']));
$began = hrtime(true);
for ($i = 0; $i < 5; $i++) {
    json_encode(json_decode((string) $json, true));
}
$unit = (hrtime(true) - $began) / 5e6;
printf("JSON of three thousand lines read and written: %.1f ms\n", $unit);
foreach ($wishes as $name => $zone) {
    $canvas = ReadCanvas::from(['zones' => [$zone + ['id' => 'z', 'name' => 'Zone', 'spans' => ['mids', 'ends']]]]);
    $times = [];
    for ($i = 0; $i < 3; $i++) {
        $began = hrtime(true);
        $ways = FormulaForWish::of($canvas->zones[0], $shelf, HouseRules::standard());
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    printf("%-20s first %6.0f ms, then %6.0f ms, ratio %6.1f; best %s\n", $name, $times[0], min($times), $times[0] / $unit, $ways === [] ? '–' : implode(' + ', array_map(static fn ($step): string => $step->shades(), $ways[0]->steps)));
}

<?php

declare(strict_types=1);

use Core\Codec\WorkFormula;

/**
 * A document of short bowls: line, ratio, amount, colour (product => share), developer (product => share),
 * and whatever else the bowl says. Lines and formulas are invented.
 *
 * @param  list<array<int|string, mixed>>  $bowls
 * @return array<string, mixed>
 */
function service(array $bowls): array
{
    $tones = [
        'N' => ['natural' => 1],
        'A' => ['ash' => 1],
        'G' => ['gold' => 1],
        'C' => ['copper' => 1],
        'R' => ['red' => 1],
        'P' => ['pearl' => 1],
        'B' => ['beige' => 1],
        'V' => ['violet' => 1],
    ];
    $shades = static function (string $prefix, array $levels) use ($tones): array {
        $products = [['id' => "{$prefix}clear", 'code' => 'clear', 'kind' => 'clear']];
        foreach ($levels as $level) {
            foreach ([...array_keys($tones), 'NN', 'RR'] as $tone) {
                $products[] = ['id' => "{$prefix}{$level}{$tone}", 'code' => "{$level}{$tone}"];
            }
        }

        return $products;
    };
    $window = ['min' => 5, 'target' => 30, 'max' => 50];
    $developers = ['d6', 'd10', 'd20', 'd30', 'd40'];
    $line = static fn (string $id, string $kind, string $ratio, array $products) => [
        'id' => $id,
        'kind' => $kind,
        'ratio' => $ratio,
        'window' => $window,
        'notation' => 'letters',
        'tones' => $tones,
        'developers' => $developers,
        'products' => $products,
    ];
    $written = [];
    foreach ($bowls as $at => $bowl) {
        [$lineId, $ratio, $amount, $colour, $developer] = $bowl;
        $part = static fn (array $shares): array => ['ingredients' => array_map(
            static fn (string $product, string $share): array => ['product' => $product, 'share' => $share],
            array_map(strval(...), array_keys($shares)),
            $shares,
        )];
        $parts = array_map($part, array_values(array_filter([$colour, $developer, $bowl['third'] ?? []])));
        unset($bowl[0], $bowl[1], $bowl[2], $bowl[3], $bowl[4], $bowl['third']);
        $written[] = $bowl + ['letter' => chr(65 + $at), 'line' => $lineId, 'ratio' => $ratio, 'parts' => $parts]
            + ($amount === null ? [] : ['amount' => is_array($amount) ? $amount : [
                'of' => str_contains($amount, 'all') ? 'total' : 'colour',
                'grams' => trim(str_replace('all', '', $amount)),
            ]]);
    }

    return [
        'tinta' => 1, 'measures' => ['scoop' => '14 g'],
        'developers' => array_map(
            static fn (int $volume): array => ['id' => "d{$volume}", 'strength' => "{$volume} vol"],
            [6, 10, 20, 30, 40],
        ),
        'lines' => [
            $line('p', 'permanent', '1:1.5', $shades('p', [3, 4, 5, 6, 7, 8])),
            $line('g', 'demi', '1:2', $shades('g', [5, 6, 7, 8, 9, 10])),
            $line(
                'l',
                'lightener',
                '1:2',
                [
                    ['id' => 'powder', 'code' => 'powder', 'kind' => 'lightener'],
                    ['id' => 'bond', 'code' => 'bond', 'kind' => 'additive'],
                    ['id' => 'cream', 'code' => 'cream', 'kind' => 'base'],
                    ['id' => 'shield', 'code' => 'shield', 'kind' => 'care'],
                ],
            ),
        ],
        'bowls' => $written,
    ];
}

it('works every kind of service a team describes', function (array $bowls, array $totals) {
    $worked = WorkFormula::work(service($bowls));
    expect(array_column($worked, 'total'))->toBe($totals);
    foreach ($worked as $bowl) {
        expect(said($bowl['why']))->not->toBeEmpty();
    }
})->with([
    'a warm red on uncoloured hair: deeper root, mixed strengths, a foil bowl' => [[
        ['p', '1:1.5', '40 g', ['p4R' => '2', 'p4N' => '1'], ['d20' => 'all'], 'place' => ['spans' => ['root']]],
        [
            'p',
            '1:1.5',
            '60 g',
            ['p5R' => '70 %', 'p5C' => 'rest'],
            ['d20' => '1', 'd40' => '1'],
            'place' => ['spans' => ['mids', 'ends']],
        ],
        ['l', '1:2', '20 g', ['powder' => 'all'], ['d20' => 'all']],
    ], ['100.0 g', '150.0 g', '60.0 g']],
    'lightening, base, root shadow with an all-over gloss' => [[
        [
            'l',
            '1:2',
            '30 g',
            ['powder' => 'all'],
            ['d20' => 'all'],
            'additives' => [['product' => 'bond', 'dose' => '0.1 g/g']],
        ],
        ['p', '1:1.5', '30 g', ['p6N' => 'all'], ['d10' => 'all']],
        ['g', '1:2', '45 g all', ['g7N' => '2', 'g7B' => '1'], ['d6' => 'all']],
        ['g', '1:2', '75 g all', ['g9P' => '1', 'g9B' => '1'], ['d6' => 'all']],
    ], ['93.0 g', '75.0 g', '45.0 g', '75.0 g']],
    'a melt with other developers on three spans' => [[
        ['p', '1:1.5', '30 g', ['p5N' => 'all'], ['d20' => 'all'], 'place' => ['spans' => ['root']]],
        ['p', '1:1.5', '30 g', ['p6G' => 'all'], ['d10' => 'all'], 'place' => ['spans' => ['mids']]],
        ['g', '1:2', '20 g', ['g8G' => 'all'], ['d6' => 'all'], 'place' => ['spans' => ['ends']]],
    ], ['75.0 g', '75.0 g', '60.0 g']],
    'pure deposit with a doubled code' => [[['p', '1:1.5', '50 g', ['p5RR' => 'all'], ['d10' => 'all']]], ['125.0 g']],
    'a root shadow blended from three levels to match' => [
        [['g', '1:2', '42 g all', ['g6N' => '1', 'g7N' => '1', 'g8N' => '1'], ['d6' => 'all']]],
        ['42.0 g'],
    ],
    'fill, then permanent root and demi ends' => [[
        ['g', '1:2', '20 g', ['g7G' => '3', 'g7C' => '1'], ['d6' => 'all']],
        ['p', '1:1.5', '40 g', ['p6N' => 'all'], ['d20' => 'all']],
        ['g', '1:2', '30 g', ['g6N' => '1/2', 'g6G' => 'rest'], ['d6' => 'all']],
    ], ['60.0 g', '100.0 g', '90.0 g']],
    'two levels global, foils, gloss' => [[
        ['p', '1:1.5', '100 g', ['p7N' => '1', 'p7A' => '1'], ['d30' => 'all']],
        ['l', '1:2', '24 g', ['powder' => 'all'], ['d20' => 'all']],
        ['g', '1:2', '60 g all', ['g8B' => 'all'], ['d6' => 'all']],
    ], ['250.0 g', '72.0 g', '60.0 g']],
    'a test strand, then a gloss of six shades' => [[
        ['g', '1:2', '3 g', ['g8P' => 'all'], ['d6' => 'all'], 'job' => 'test strand'],
        [
            'g',
            '1:2',
            '30 g',
            ['g7N' => '10 %', 'g8N' => '20 %', 'g8P' => '20 %', 'g9P' => '20 %', 'g9B' => '20 %', 'gclear' => 'rest'],
            ['d6' => 'all'],
        ],
    ], ['9.0 g', '90.0 g']],
    'colour between foils, shielded ends, a second stronger batch' => [[
        ['l', '1:2', '20 g', ['powder' => 'all'], ['d20' => 'all']],
        ['l', '1:2', '10 g', ['powder' => 'all'], ['d30' => 'all'], 'job' => 'second batch'],
        ['p', '1:1.5', '40 g', ['p6N' => 'all'], ['d10' => 'all'], 'job' => 'between foils'],
        ['l', 'no developer', '15 g', ['shield' => 'all'], [], 'place' => ['spans' => ['ends']]],
    ], ['60.0 g', '30.0 g', '100.0 g', '15.0 g']],
    'three bowls alternating by layer' => [[
        ['p', '1:1.5', '30 g', ['p5C' => 'all'], ['d20' => 'all']], [
            'p',
            '1:1.5',
            '30 g',
            ['p6C' => 'all'],
            ['d20' => 'all'],
        ], [
            'p',
            '1:1.5',
            '30 g',
            ['p7G' => 'all'],
            ['d20' => 'all'],
        ],
    ], ['75.0 g', '75.0 g', '75.0 g']],
    'grey root with an overlapping demi' => [[
        ['p', '1:1.5', '60 g', ['p5NN' => 'half', 'p5N' => 'rest', 'p5A' => 'rest'], ['d20' => 'all'], 'minutes' => 40],
        ['g', '1:2', '30 g', ['g6N' => 'all'], ['d6' => 'all'], 'minutes' => 20],
    ], ['150.0 g', '90.0 g']],
    'a three-part mix' => [
        [['l', '1:2.5:3.5', '16 g', ['powder' => 'all'], ['d10' => 'all'], 'third' => ['cream' => 'all']]],
        ['112.0 g'],
    ],
    'grey blending with scoops of powder and a fade' => [[
        ['l', '1:2', '2 scoops', ['powder' => 'all'], ['d20' => 'all']],
        ['l', '1:2', '1 scoop', ['powder' => 'all'], ['d20' => 'all'], 'job' => 'remix'],
        ['g', '1:2', '60 g all', ['g7A' => '1', 'gclear' => '1'], ['d6' => 'all'], 'job' => 'fade'],
    ], ['84.0 g', '42.0 g', '60.0 g']],
    'dimensional toning, one bowl cut with clear' => [[
        ['g', '1:2', '30 g', ['g7N' => 'all'], ['d6' => 'all']], [
            'g',
            '1:2',
            '30 g',
            ['g8B' => 'all'],
            ['d6' => 'all'],
        ], [
            'g',
            '1:2',
            '30 g',
            ['g9P' => '2', 'gclear' => '1'],
            ['d6' => 'all'],
        ],
    ], ['90.0 g', '90.0 g', '90.0 g']],
    'blocks in two techniques' => [[
        ['l', '1:2', '25 g', ['powder' => 'all'], ['d20' => 'all'], 'note' => 'foil'], [
            'l',
            '1:2',
            '25 g',
            ['powder' => 'all'],
            ['d30' => 'all'],
            'note' => 'open air',
        ],
    ], ['75.0 g', '75.0 g']],
    'two-to-one foils with late roots' => [[
        [
            'l',
            '1:2',
            '40 g',
            ['powder' => 'all'],
            ['d20' => 'all'],
        ], ['p', '1:1.5', '20 g', ['p6N' => 'all'], ['d10' => 'all']], [
            'p',
            '1:1.5',
            '40 g',
            ['p5N' => 'all'],
            ['d20' => 'all'],
            'job' => 'roots, late',
        ],
    ], ['120.0 g', '50.0 g', '100.0 g']],
    'a dark and light alternating bob' => [[
        ['p', '1:1.5', '40 g', ['p4N' => 'all'], ['d10' => 'all']], [
            'p',
            '1:1.5',
            '40 g',
            ['p8N' => 'all'],
            ['d30' => 'all'],
        ],
    ], ['100.0 g', '100.0 g']],
    'a pinwheel gloss on damp hair' => [[
        ['g', '1:2', '45 g all', ['g7G' => 'all'], ['d6' => 'all'], 'note' => 'damp'], [
            'g',
            '1:2',
            '45 g all',
            ['g8G' => 'all'],
            ['d6' => 'all'],
            'note' => 'damp',
        ],
    ], ['45.0 g', '45.0 g']],
    'a grey touch-up that feeds a blending bowl' => [[
        [
            'p',
            '1:1.5',
            null,
            ['p5NN' => '1', 'p5N' => '1'],
            ['d20' => 'all'],
            'uses' => [['job' => 'root', 'grams' => '100 g'], ['job' => 'blend', 'grams' => '25 g']],
        ],
    ], ['125.0 g']],
    'a correction: foils in groups, a diluted glaze, a base drop' => [[
        ['l', '1:2', '30 g', ['powder' => 'all'], ['d10' => 'all']],
        ['g', '1:2', '60 g all', ['g8B' => 'all'], ['d6' => 'all']],
        [
            'g',
            '1:2',
            null,
            [],
            [],
            'bottle' => ['of' => 'B', 'left' => '20 g', 'add' => [['product' => 'gclear', 'grams' => '10 g']]],
        ],
        ['p', '1:1.5', '24 g', ['p6N' => 'all'], ['d10' => 'all'], 'job' => 'base drop'],
    ], ['90.0 g', '60.0 g', '30.0 g', '60.0 g']],
    'a weighed retouch stepping down over visits' => [[
        ['p', '1:1.5', '60 g', ['p6N' => 'all'], ['d20' => 'all']], [
            'p',
            '1:1.5',
            '55 g',
            ['p6N' => 'all'],
            ['d20' => 'all'],
        ], [
            'p',
            '1:1.5',
            '50 g',
            ['p6N' => 'all'],
            ['d20' => 'all'],
        ],
    ], ['150.0 g', '137.5 g', '125.0 g']],
]);

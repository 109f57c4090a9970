<?php

declare(strict_types=1);

use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Practice\HouseRules;
use Tests\Core\Record\Ladder;

/** @return array<string, mixed> the example’s document with one bowl and this change of its first line */
function documentWith(array $line = [], array $product = [], array $more = [], array $bowl = []): array
{
    $document = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/example.json'), true);
    $document['lines'][0] = $line + $document['lines'][0];
    $document['lines'][0]['products'][0] = $product + $document['lines'][0]['products'][0];
    $first = $document['lines'][0]['products'][0]['id'];
    $document['bowls'] = [$bowl + [
        'letter' => 'A',
        'line' => $document['lines'][0]['id'],
        'ratio' => '1:1.5',
        'amount' => ['of' => 'colour', 'grams' => '60 g'],
        'parts' => [
            ['ingredients' => [['product' => $first, 'share' => 'all']]],
            ['ingredients' => [['product' => $document['lines'][0]['developers'][0], 'share' => 'all']]],
        ],
    ]];

    return $more + $document;
}

/** @return list<string> */
function saidOf(array $document): array
{
    try {
        WorkFormula::work($document);
    } catch (UnreadableDocument $refusal) {
        return array_map(
            static fn (Problem $problem): string => $problem->pointer.': '.words($problem),
            $refusal->problems(),
        );
    }

    return [];
}

it('says what of a shelf cannot be, and where', function (array $document, string $problem) {
    expect(saidOf($document))->toContain($problem);
})->with([
    'notation' => [fn () => documentWith(['notation' => 'runes']), '/lines/0/notation: This is no notation.'],
    'tone family' => [
        fn () => documentWith(['tones' => ['N' => ['teal' => 1]]]),
        '/lines/0/tones/N/teal: “teal” is no tone family.',
    ],
    'kind of product' => [
        fn () => documentWith(product: ['kind' => 'wand']),
        '/lines/0/products/0/kind: This is no kind of product.',
    ],
    'a developer among the shades' => [
        fn () => documentWith(product: ['kind' => 'developer']),
        '/lines/0/products/0/kind: This is no kind of product.',
    ],
    'an empty blend' => [
        fn () => documentWith(more: ['blends' => [['name' => 'Mist', 'version' => 1, 'ingredients' => []]]]),
        '/blends/0/ingredients: The blend is empty.',
    ],
    'a blend of nothing known' => [
        fn () => documentWith(
            more: [
                'blends' => [
                    ['name' => 'Mist', 'version' => 1, 'ingredients' => [['product' => 'moon', 'share' => '1']]],
                ],
            ],
        ),
        '/blends/0/ingredients/0/product: This product is not in the document.',
    ],
    'a density of nothing' => [
        fn () => documentWith(product: ['density' => '0']),
        '/lines/0/products/0/density: A density of 0 cannot be.',
    ],
    'a density below nothing' => [
        fn () => documentWith(product: ['density' => '-1']),
        '/lines/0/products/0/density: A density of -1 cannot be.',
    ],
    'lead' => [
        fn () => documentWith(product: ['density' => '11']),
        '/lines/0/products/0/density: A density of 11 cannot be.',
    ],
    'a rule that is none' => [
        fn () => documentWith(more: ['rules' => ['moon' => 'full']]),
        '/rules/moon: There is no house rule “moon”.',
    ],
    'rules as a list' => [fn () => documentWith(more: ['rules' => 'many']), '/rules: This should be an object.'],
    'bowls as a word' => [fn () => documentWith(more: ['bowls' => 'many']), '/bowls: This should be a list.'],
]);

it('takes a rule in documents as it takes it anywhere', function () {
    $document = documentWith(more: ['rules' => ['step' => '1 g', 'grey-shares' => '20, 40, 60', 'freshness' => 25]]);
    expect(saidOf($document))->toBe([])->and(WorkFormula::work($document)[0]['total'])->toBe('150 g');
});

it('weighs millilitres by the density of what they are of', function (string $density, string $colour) {
    $document = documentWith(
        product: ['density' => $density],
        bowl: ['amount' => [
            'of' => 'ingredient',
            'ingredient' => documentWith()['lines'][0]['products'][0]['id'],
            'grams' => '50 ml',
        ]],
    );
    expect(WorkFormula::work($document)[0]['parts'][0]['grams'])->toBe($colour);
})->with([['1', '50.0 g'], ['1.1', '55.0 g'], ['0.95', '47.5 g']]);

it('takes a line’s density where a product says no other', function () {
    $poured = static function (array $line, array $product): string {
        $document = documentWith(
            $line,
            $product,
            [],
            [
                'amount' => [
                    'of' => 'ingredient',
                    'ingredient' => documentWith()['lines'][0]['products'][0]['id'],
                    'grams' => '50 ml',
                ],
            ],
        );

        return WorkFormula::work($document)[0]['parts'][0]['grams'];
    };
    expect($poured(['density' => '1.2'], []))
        ->toBe('60.0 g')
        ->and($poured(['density' => '1.2'], ['density' => '1']))
        ->toBe('50.0 g')
        ->and($poured(['density' => null], []))->toBe('50.0 g')
        ->and(saidOf(documentWith(['density' => '11'])))->toBe(['/lines/0/density: A density of 11 cannot be.']);
});

/** @return list<string> */
function warnedOf(array $developer, array $more): array
{
    $sheet = Ladder::bowl(['6N' => 'all'], $developer, $more);

    return array_map(
        static fn (Caution $caution): string => $caution->key,
        Cautions::ofBowl($sheet, $sheet->known(HouseRules::standard()->step), Ladder::shelf()->line($sheet->line)),
    );
}

it('warns at the very edge of what is usual', function (array $developer, array $more, array $keys) {
    expect(warnedOf($developer, $more + ['place' => []]))->toBe([...$keys, 'skin-test']);
})->with([
    'as the line says' => [['d20' => 'all'], [], []],
    'a half more developer' => [['d20' => 'all'], ['ratio' => '1:2.25'], []],
    'more than that' => [['d20' => 'all'], ['ratio' => '1:2.3'], ['implausible-ratio']],
    'a third less' => [['d20' => 'all'], ['ratio' => '1:1'], []],
    'less than that' => [['d20' => 'all'], ['ratio' => '1:0.9'], ['implausible-ratio']],
    'the line’s longest time' => [['d20' => 'all'], ['minutes' => 45], []],
    'a minute beyond' => [['d20' => 'all'], ['minutes' => 46], ['over-time']],
    '30 vol at the root' => [['d30' => 'all'], ['place' => [['regions' => [], 'spans' => ['root']]]], []],
    '40 vol at the root' => [
        ['d40' => 'all'],
        ['place' => [['regions' => [], 'spans' => ['root']]]],
        ['strong-on-scalp'],
    ],
    'anything above 30 there' => [
        ['d30' => '9', 'd40' => '1'],
        ['place' => [['regions' => [], 'spans' => ['root']]]],
        ['strong-on-scalp'],
    ],
    '40 vol on the lengths' => [['d40' => 'all'], ['place' => [['regions' => [], 'spans' => ['mids', 'ends']]]], []],
    '40 vol in a foil at the root' => [
        ['d40' => 'all'],
        ['place' => [['regions' => [], 'spans' => ['root', 'mids'], 'method' => 'fine-foils']]],
        [],
    ],
    'roots to ends in one pass' => [
        ['d20' => 'all'],
        ['place' => [['regions' => [], 'spans' => ['root', 'regrowth', 'mids', 'ends']]]],
        ['hot-roots'],
    ],
    'with what only deposits' => [
        ['d10' => 'all'],
        ['place' => [['regions' => [], 'spans' => ['root', 'regrowth', 'mids', 'ends']]]],
        [],
    ],
]);

<?php

declare(strict_types=1);

use Core\Codec\Problem;
use Core\Codec\ReadBowl;
use Core\Codec\UnreadableDocument;
use Core\Codec\WriteBowl;
use Core\Units\ScaleStep;
use Tests\Core\Codec\ShelfSample;

/** @return list<string> */
function problemsOf(mixed $json): array
{
    try {
        ReadBowl::from($json, ShelfSample::shelf());
    } catch (UnreadableDocument $refusal) {
        return array_map(static fn (Problem $problem) => $problem->pointer.': '.words($problem), $refusal->problems());
    }

    return [];
}

it('reads a bowl and works it', function () {
    $sheet = ReadBowl::from(ShelfSample::json(), ShelfSample::shelf());
    expect($sheet->letter)->toBe('A')
        ->and($sheet->placement()->words())->toBe('crown and back, root to regrowth')
        ->and($sheet->bowl->work(ScaleStep::TenthGram)->total()->text())->toBe('152 g');
});

it('writes what it reads back to an equal bowl', function (array $change) {
    $sheet = ReadBowl::from(array_replace(ShelfSample::json(), $change), ShelfSample::shelf());
    expect(ReadBowl::from(WriteBowl::toArray($sheet), ShelfSample::shelf()))->toEqual($sheet);
})->with([
    'as it stands' => [[]],
    'line’s own ratio' => [['ratio' => '']],
    'given by its developer' => [['amount' => ['of' => 'developer', 'grams' => '90 ml']]],
    'given by one product' => [['amount' => ['of' => 'ingredient', 'ingredient' => 's2', 'grams' => '1/4 tube']]],
    'given by its shares' => [
        [
            'amount' => ['of' => 'shares'],
            'parts' => [
                ['ingredients' => [['product' => 's1', 'share' => '30 g'], ['product' => 's2', 'share' => '1/3']]],
                [
                    'ingredients' => [
                        ['product' => 'd10', 'share' => '33 1/3 %'],
                        ['product' => 'd20', 'share' => 'rest'],
                    ],
                ],
            ],
        ],
    ],
    'without developer' => [
        ['ratio' => 'no developer', 'parts' => [['ingredients' => [['product' => 'clear', 'share' => 'all']]]]],
    ],
    'no place, no minutes' => [['place' => [], 'minutes' => null, 'additives' => []]],
]);

it('says where each problem is, all at once', function () {
    $json = ShelfSample::json();
    $json['letter'] = '7';
    $json['ratio'] = '1:0';
    $json['amount']['grams'] = '-5';
    $json['parts'][0]['ingredients'][1]['product'] = 'nothing';
    $json['minutes'] = 'soon';
    expect(problemsOf($json))->toEqualCanonicalizing([
        '/letter: A bowl has one or two letters.',
        '/ratio: “1:0” has a part of zero.',
        '/parts/0/ingredients/1/product: This shade or product is not on the shelf.',
        '/amount/grams: “-5” is below zero.',
        '/minutes: The processing time should be a whole number from 1 to 600.',
    ]);
});

it('refuses bowls that do not fit the shelf', function (callable $change, string $problem) {
    expect(problemsOf($change(ShelfSample::json())))->toContain($problem);
})->with([
    'unknown line' => [fn (array $json) => ['line' => 'Z'] + $json, '/line: This colour line is not on the shelf.'],
    'strength the line has not' => [
        fn (array $json) => array_replace_recursive(
            $json,
            ['parts' => [1 => ['ingredients' => [['product' => 'd40']]]]],
        ),
        '/parts/1/ingredients/0/product: Line L has no 40 vol.',
    ],
    'developer as colour' => [
        fn (array $json) => array_replace_recursive($json, ['parts' => [['ingredients' => [['product' => 'd10']]]]]),
        '/parts/0/ingredients/0/product: 10 vol is a developer, not colour.',
    ],
    'additive as colour' => [
        fn (array $json) => array_replace_recursive(
            $json,
            ['additives' => [], 'parts' => [['ingredients' => [['product' => 'bond']]]]],
        ),
        '/parts/0/ingredients/0/product: bond does not count in the ratio.',
    ],
    'the same shade twice' => [
        fn (array $json) => array_replace_recursive(
            $json,
            ['parts' => [['ingredients' => [1 => ['product' => 's1']]]]],
        ),
        '/parts/0/ingredients/1/product: 6N is in this bowl twice.',
    ],
    'shares over the whole' => [
        fn (array $json) => array_replace_recursive(
            $json,
            ['parts' => [['ingredients' => [['share' => '60 %'], ['share' => '60 %']]]]],
        ),
        '/parts/0/ingredients: The shares add up to 120 %, not 100 %.',
    ],
    'missing part' => [
        fn (array $json) => ['ratio' => '1:2:1'] + $json,
        '/ratio: The ratio has 3 parts, but 2 are filled.',
    ],
    'empty part' => [
        fn (array $json) => array_replace($json, ['parts' => [$json['parts'][0], ['ingredients' => []]]]),
        '/parts/1/ingredients: Nothing is chosen for the developer.',
    ],
    'unknown region' => [
        fn (array $json) => ['place' => ['regions' => ['elbow']]] + $json,
        '/place/regions/0: This is no region of the head.',
    ],
    'text where a list belongs' => [
        fn (array $json) => ['parts' => 'all of it'] + $json,
        '/parts: This should be a list.',
    ],
]);

it('never crashes on any JSON', function () {
    mt_srand(6);
    $values = [null, true, 0, -1, 1.5, '', 'x', '1:2', [], ['a' => 1], [[]], str_repeat('9', 300), "\0"];
    for ($i = 3 * (int) (getenv('DAMAGE') ?: 500); $i > 0; $i--) {
        $json = ShelfSample::json();
        for ($changes = mt_rand(1, 3); $changes > 0; $changes--) {
            $value = $values[mt_rand(0, count($values) - 1)];
            match (mt_rand(0, 5)) {
                0 => $json[array_rand($json)] = $value,
                1 => $json['parts'] = [['ingredients' => [['product' => $value, 'share' => $value]]]],
                2 => $json['amount'] = ['of' => $value, 'grams' => $value],
                3 => $json['additives'] = [['product' => 'bond', 'dose' => $value]],
                4 => $json['place'] = ['regions' => $value, 'spans' => [$value]],
                default => $json = $value,
            };
            if (! is_array($json) || $json === []) {
                break;
            }
        }
        foreach (problemsOf($json) as $problem) {
            expect($problem)->toStartWith(str_starts_with($problem, ':') ? ':' : '/');
        }
    }
    expect(problemsOf('not a bowl'))->not->toBeEmpty();
});

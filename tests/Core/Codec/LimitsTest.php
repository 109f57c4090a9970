<?php

declare(strict_types=1);

use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;
use Tests\Core\Codec\SchemaPlaces;

/** @return array<string, mixed> as small as a document can be that says something of everything */
function smallDocument(bool $withBottle = false): array
{
    $example = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/example.json'), true);
    $line = $example['lines'][0];
    $line['products'] = array_values(array_filter(
        $line['products'],
        static fn (array $product): bool => in_array($product['id'], ['6N', '6C'], true),
    ));

    $bottle = ['of' => 'A', 'left' => '20 g', 'add' => [['product' => '6N', 'grams' => '10 g']]];

    return ['lines' => [$line], 'blends' => [
        ['name' => 'Sand', 'ingredients' => [['product' => '6N', 'share' => '1'], ['product' => '6C', 'share' => '1']]],
    ], 'bowls' => [$withBottle ? ['letter' => 'B', 'bottle' => $bottle] : [
        'letter' => 'A',
        'job' => 'Root',
        'line' => 'tide',
        'ratio' => '1:1.5',
        'amount' => ['of' => 'colour', 'grams' => '60 g'],
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => '1'], ['product' => '6C', 'share' => '1']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
    ]]] + array_diff_key($example, ['rounds' => 1, 'apart' => 1]);
}

/**
 * What is said against one place of a document, by keys.
 *
 * @return list<string>
 */
function keysAgainst(array $document, string $pointer): array
{
    try {
        WorkFormula::of($document);
    } catch (UnreadableDocument $refusal) {
        return array_values(array_map(
            static fn (Problem $problem): string => $problem->fact->key,
            array_filter(
                $refusal->problems(),
                static fn (Problem $problem): bool => $problem->pointer === $pointer,
            ),
        ));
    }

    return [];
}

/** What a place cannot say by itself: a name that is nowhere else, parts that are fewer than a ratio's. */
const OF_ANOTHER_PLACE = [
    'documents.developer-not-document',
    'documents.product-not-document',
    'documents.no-worked-bowl-before-one',
    'documents.left-more-than-was-mixed',
    'documents.no-such-zone-on-canvas',
    'refusals.unfit-product.no-line',
    'refusals.unfit-product.not-on-shelf',
    'refusals.unfit-product.no-such-blend',
    'refusals.unfit-product.not-chosen',
    'refusals.unworkable-bowl.parts-differ',
];

it('takes as much as its schema says, and not one more', function (string $member) {
    $places = new SchemaPlaces;
    $tried = [];
    foreach ($places->all() as ['way' => $way, 'said' => $said]) {
        if ($way[0][0] !== $member) {
            continue;
        }
        $pointer = '/'.implode('/', array_column($way, 0));
        $isBare = ! isset($said['pattern']) || $said['pattern'] === '\\S';
        $text = static fn (int $length): string => str_repeat('q', $length);
        $list = static fn (int $length): array => array_fill(0, $length, $places->sample($said['items']));
        $edges = [
            ...(isset($said['maxLength']) && $isBare ? [[$text($said['maxLength']), $text($said['maxLength'] + 1)]] : []),
            ...(isset($said['minimum']) && in_array('integer', (array) $said['type'], true)
                ? [[$said['minimum'], $said['minimum'] - 1]] : []),
            ...(isset($said['maximum']) ? [[$said['maximum'], $said['maximum'] + 1]] : []),
            ...(($said['maxItems'] ?? 0) > 0 ? [[$list($said['maxItems']), $list($said['maxItems'] + 1)]] : []),
            // Nothing said is no value of its own.
            ...array_map(
                static fn (mixed $each): array => [$each, '#'],
                array_filter($said['enum'] ?? [], static fn (mixed $each): bool => $each !== '' && $each !== null),
            ),
        ];
        foreach ($edges as [$most, $more]) {
            $key = $pointer.json_encode([$most, $more]);
            if (isset($tried[$key])) {
                continue;
            }
            $tried[$key] = true;
            $small = smallDocument(($way[2][0] ?? '') === 'bottle');
            $within = keysAgainst($places->put($small, $way, $most), $pointer);
            $beyond = keysAgainst($places->put($small, $way, $more), $pointer);
            $what = "{$pointer}: ".substr((string) json_encode($most), 0, 60);
            expect(array_diff($beyond, $within))->not->toBe([], "{$what}, and one more is taken too")
                ->and(array_diff($within, OF_ANOTHER_PLACE))->toBe([], "{$what} is refused");
        }
    }
    expect($tried)->not->toBeEmpty();
})->with(['title', 'measures', 'developers', 'lines', 'blends', 'bowls', 'visit', 'rounds', 'apart']);

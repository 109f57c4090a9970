<?php

declare(strict_types=1);

use Core\Codec\ReadBowl;
use Core\Formula\Additive;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\Extra;
use Core\Record\DeriveBowl;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Shelf;
use Core\Units\Grams;
use Core\Units\Share;
use Tests\Core\Record\CardShelf;
use Tests\Core\Record\Ladder;

/**
 * @param  array<string, string|float|int>  $poured  grams by product
 * @return list<string> part by part what it is made of, then its ratio
 */
function pouredAs(BowlSheet $sheet, array $poured, ?Shelf $shelf = null): array
{
    $derived = DeriveBowl::from(
        $sheet,
        array_map(static fn (string|float|int $grams): Grams => Grams::ofCentigrams((int) round(100 * (float) $grams)), $poured),
        $shelf ?? Ladder::shelf(),
    );
    $parts = array_map(static fn (array $part): string => implode(' + ', array_map(
        static fn (Entry $each): string => $each->portion->text()." {$each->product}"
            .($each->said === '' ? '' : " (“{$each->said}”)").($each->wanted === '' ? '' : " for {$each->wanted}"),
        $part,
    )), $derived->entries);
    $additives = array_map(
        static fn (Additive $each): string => "with {$each->dose->text()} {$each->key}",
        $derived->additives,
    );

    return [...$parts, ...$additives, $derived->ratio?->show() ?? '?'];
}

it('is what the scale recorded, in the ratio that was meant while a hand could have missed it', function (
    array $poured,
    array $derived,
) {
    expect(pouredAs(Ladder::bowl(), $poured))->toBe($derived);
})->with([
    'as planned' => [['6N' => 40, '6G' => 20, 'd20' => 90], ['40 g 6N + 20 g 6G', '90 g d20', '1:1.5']],
    'a gram off' => [['6N' => 40, '6G' => 20, 'd20' => 91], ['40 g 6N + 20 g 6G', '91 g d20', '1:1.5']],
    'a gram under' => [['6N' => 40, '6G' => 20, 'd20' => 89], ['40 g 6N + 20 g 6G', '89 g d20', '1:1.5']],
    'more than a gram' => [['6N' => 40, '6G' => 20, 'd20' => 96], ['40 g 6N + 20 g 6G', '96 g d20', '1:1.6']],
    'one shade not' => [['6N' => 40, 'd20' => 60], ['40 g 6N', '60 g d20', '1:1.5']],
    'no developer' => [['6N' => 40, '6G' => 20], ['40 g 6N + 20 g 6G', 'no developer']],
    'another shade besides' => [
        ['6N' => 40, '6G' => 20, '6C' => 5, 'd20' => 97.5],
        ['40 g 6N + 20 g 6G + 5 g 6C', '97.5 g d20', '1:1.5'],
    ],
    'another developer besides' => [
        ['6N' => 40, '6G' => 20, 'd20' => 45, 'd30' => 45],
        ['40 g 6N + 20 g 6G', '45 g d20 + 45 g d30', '1:1.5'],
    ],
    'something the shelf does not know' => [
        ['6N' => 40, '6G' => 20, 'moon' => 5, 'd20' => 90],
        ['40 g 6N + 20 g 6G', '90 g d20', '1:1.5'],
    ],
]);

it('keeps the word that was said beside the grams it came to', function () {
    $sheet = Ladder::bowl(
        ['6N' => '20 g', '6G' => '“a dash”', '6C' => '10 to 16 g', '6A' => '?'],
        ['d20' => '?'],
        ['amount' => null, 'ratio' => '?'],
    );
    expect(pouredAs($sheet, ['6N' => 20, '6G' => 1.8, '6C' => 14, '6A' => 3, 'd20' => 58.2]))->toBe([
        '20 g 6N + 1.8 g 6G (“a dash”) + 14 g 6C (“10 g to 16 g”) + 3 g 6A',
        '58.2 g d20',
        '1:1.5',
    ]);
});

it('spreads a house blend out, and says which it was', function () {
    $ingredient = static fn (string $key, string $share): Ingredient => new Ingredient($key, $key, Share::parse($share));
    $shelf = Ladder::shelf()->withBlends([
        new HouseBlend('Sand', 1, [$ingredient('7N', '2'), $ingredient('7G', '1')]),
        new HouseBlend('Sand', 2, [$ingredient('7N', '1'), $ingredient('7G', '1')]),
    ]);
    $blended = static fn (array $entry): BowlSheet => ReadBowl::from([
        'letter' => 'A',
        'job' => '',
        'line' => 'P',
        'ratio' => '1:1.5',
        'amount' => ['of' => 'colour', 'grams' => '30 g'],
        'parts' => [
            ['ingredients' => [['blend' => 'Sand', 'share' => 'all'] + $entry]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
        'minutes' => null,
        'note' => '',
        'place' => [],
    ], $shelf);
    $poured = ['7N' => 20, '7G' => 10, 'd20' => 45];
    expect(pouredAs($blended(['version' => 2]), $poured, $shelf)[0])
        ->toBe('20 g 7N for '.HouseBlend::idOf('Sand', 2).' + 10 g 7G for '.HouseBlend::idOf('Sand', 2))
        ->and(pouredAs($blended(['version' => 1]), $poured, $shelf)[0])->toContain(HouseBlend::idOf('Sand', 1));
});

it('says an addition by what was poured of it, planned or not', function () {
    $sheet = static fn (array $additives): BowlSheet => ReadBowl::from([
        'letter' => 'A',
        'job' => '',
        'line' => 'P',
        'ratio' => '1:1.5',
        'amount' => ['of' => 'colour', 'grams' => '30 g'],
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => 'all']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
        'additives' => $additives,
        'minutes' => null,
        'note' => '',
        'place' => [],
    ], CardShelf::shelf());
    $poured = ['6N' => 30, 'd20' => 45, 'bond' => 2.5];
    expect(pouredAs($sheet([]), $poured, CardShelf::shelf()))->toBe(['30 g 6N', '45 g d20', 'with 2.5 g bond', '1:1.5'])
        ->and(pouredAs($sheet([['product' => 'bond', 'dose' => '3 g']]), $poured, CardShelf::shelf()))
        ->toBe(['30 g 6N', '45 g d20', 'with 2.5 g bond', '1:1.5']);
    unset($poured['bond']);
    expect(pouredAs($sheet([['product' => 'bond', 'dose' => '3 g']]), $poured, CardShelf::shelf()))
        ->toBe(['30 g 6N', '45 g d20', '1:1.5'])
        ->and(pouredAs($sheet([['product' => 'bond', 'dose' => 'a dash']]), $poured, CardShelf::shelf()))
        ->toBe(['30 g 6N', '45 g d20', 'with “a dash” bond', '1:1.5']);
});

it('adds what went in beside the plan to each batch alike', function (int $grams, int $batches, array $extras) {
    $sheet = DeriveBowl::withAdded(
        Ladder::bowl(),
        ['6C' => Grams::ofCentigrams($grams), 'moon' => Grams::ofCentigrams(500)],
        $batches,
        Ladder::shelf(),
    );
    expect(array_map(
        static fn (Extra $each): string => "{$each->amount->text()} {$each->product->id} {$each->counts->value}",
        $sheet->extras,
    ))->toBe($extras);
})->with([
    'one batch' => [500, 1, ['5 g 6C on-top']],
    'two' => [500, 2, ['2.5 g 6C on-top']],
    'to the nearest centigram' => [503, 2, ['2.52 g 6C on-top']],
    'three' => [500, 3, ['1.67 g 6C on-top']],
    'next to nothing' => [1, 3, []],
]);

<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Formula\BowlAmount;
use Core\Formula\BowlDraft;
use Core\Formula\ComposeBowl;
use Core\Formula\Dose;
use Core\Formula\Entry;
use Core\Formula\UnfitProduct;
use Core\Formula\UnworkableBowl;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\Share;
use Tests\Core\Record\CardShelf;
use Tests\Core\Record\Ladder;

function entryOf(string $product, string $share = '1', string $blend = '', string ...$alternatives): Entry
{
    return new Entry(
        product: $product,
        portion: Share::parse($share),
        blend: $blend,
        alternatives: array_values($alternatives),
    );
}

/** @param  list<list<Entry>>  $parts */
function drafted(array $parts, string $line = 'P', string $ratio = '1:1.5', array $additives = [], string $letter = 'A'): BowlDraft
{
    return new BowlDraft(
        letter: $letter,
        job: 'Root',
        line: $line,
        ratio: MixRatio::parse($ratio),
        entries: $parts,
        amount: BowlAmount::colour(Grams::ofCentigrams(6000)),
        additives: $additives,
    );
}

/** @return list<string> where, what, and of whom */
function complaints(BowlDraft $draft, Shelf $shelf): array
{
    $said = [];
    $sheet = ComposeBowl::telling($draft, $shelf, static function (array $place, CoreException $refusal) use (&$said): void {
        $fact = $refusal->fact();
        $of = implode(', ', array_map(strval(...), $fact->values));
        $said[] = trim(implode('/', $place).' '.str_replace('refusals.', '', $fact->key)." {$of}");
    });
    expect($sheet === null)->toBe($said !== []);

    return $said;
}

it('tells everything that does not fit, and where', function (BowlDraft $draft, array $said) {
    expect(complaints($draft, Ladder::shelf()))->toBe($said);
})->with([
    'fits' => [fn () => drafted([[entryOf('6N')], [entryOf('d20')]]), []],
    'small letter, no line' => [
        fn () => drafted([[entryOf('6N')], [entryOf('d20')]], line: 'X', letter: 'a1'),
        ['letter unfit-product.letter', 'line unfit-product.no-line'],
    ],
    'no parts' => [fn () => drafted([]), ['parts unfit-product.empty']],
    'an empty part' => [
        fn () => drafted([[], [entryOf('d20')]]),
        ['parts/0/ingredients unworkable-bowl.empty-part colour'],
    ],
    'twice' => [
        fn () => drafted([[entryOf('6N'), entryOf('6N')], [entryOf('d20')]]),
        ['parts/0/ingredients/1/product unfit-product.twice 6N'],
    ],
    'twice in two parts' => [
        fn () => drafted([[entryOf('6N')], [entryOf('d20')], [entryOf('6N')]], ratio: '1:1:1'),
        ['parts/2/ingredients/0/product unfit-product.twice 6N'],
    ],
    'the wrong way round' => [
        fn () => drafted([[entryOf('d20')], [entryOf('6N')]]),
        [
            'parts/0/ingredients/0/product unfit-product.developer-as-colour 20 vol',
            'parts/1/ingredients/0/product unfit-product.no-such-developer Ladder, 6N, '
                .'10 vol (3 %), 20 vol (6 %), 30 vol (9 %), 40 vol (12 %)',
        ],
    ],
    'a developer that the line has not' => [
        fn () => drafted([[entryOf('d8G')], [entryOf('d20')]], line: 'D'),
        ['parts/1/ingredients/0/product unfit-product.no-such-developer Soft, 20 vol (6 %), 10 vol (3 %)'],
    ],
    'not there, and not chosen' => [
        fn () => drafted([[entryOf('nothing'), entryOf('')], [entryOf('d20')]]),
        [
            'parts/0/ingredients/0/product unfit-product.not-on-shelf',
            'parts/0/ingredients/1/product unfit-product.not-chosen',
        ],
    ],
    'what it may have been' => [
        fn () => drafted([[entryOf('6N', '1', '', '6G', '6N', 'moon', 'd20')], [entryOf('d20')]]),
        [
            'parts/0/ingredients/0/or/2 unfit-product.not-on-shelf',
            'parts/0/ingredients/0/or/3 unfit-product.developer-as-colour 20 vol',
        ],
    ],
    'additions' => [
        fn () => drafted([[entryOf('6N')], [entryOf('d20')]], additives: [
            ['product' => 'blue', 'dose' => Dose::parse('3 g')],
            ['product' => 'blue', 'dose' => Dose::parse('3 g')],
            ['product' => 'moon', 'dose' => Dose::parse('3 g')],
        ]),
        ['additives/1/product unfit-product.twice Blue', 'additives/2/product unfit-product.not-on-shelf'],
    ],
    'a ratio of more parts' => [
        fn () => drafted([[entryOf('6N')], [entryOf('d20')]], ratio: '1:1:1'),
        ['ratio unworkable-bowl.parts-differ 3, 2'],
    ],
    'a blend nobody made' => [
        fn () => drafted([[entryOf('', '1', 'Harbour')], [entryOf('d20')]]),
        ['parts/0/ingredients/0/blend unfit-product.no-such-blend Harbour, 1'],
    ],
    'a fourth part of nothing' => [
        fn () => drafted([[entryOf('6N')], [entryOf('d20')], [entryOf('clear')], []], ratio: '1:1:1:1'),
        ['parts/3/ingredients unworkable-bowl.empty-part fourth part'],
    ],
]);

it('knows which part of a line of three is which', function (array $parts, array $said) {
    expect(complaints(drafted($parts, 'T', '1:2.5:3.5'), CardShelf::shelf()))->toBe($said);
})->with([
    'fits' => [fn () => [[entryOf('t8A')], [entryOf('gel')], [entryOf('d5')]], []],
    'no gel' => [
        fn () => [[entryOf('t8A')], [], [entryOf('d5')]],
        ['parts/1/ingredients unworkable-bowl.empty-part third part'],
    ],
    'no developer' => [
        fn () => [[entryOf('t8A')], [entryOf('gel')], []],
        ['parts/2/ingredients unworkable-bowl.empty-part developer'],
    ],
    'a developer of another line' => [
        fn () => [[entryOf('t8A')], [entryOf('gel')], [entryOf('d20')]],
        ['parts/2/ingredients/0/product unfit-product.no-such-developer Trio, 20 vol (6 %), 5 vol (1.5 %), 10 vol (3 %)'],
    ],
    'an addition as a colour' => [
        fn () => [[entryOf('bond')], [entryOf('d5')], [entryOf('d10')]],
        ['parts/0/ingredients/0/product unfit-product.outside-ratio Sea bond drops'],
    ],
]);

it('finds the version of a blend, and says what of it is gone', function () {
    $blend = static fn (int $version, string ...$keys): HouseBlend => new HouseBlend('Sand', $version, array_map(
        static fn (string $key): Ingredient => new Ingredient($key, $key, Share::parse('1')),
        array_values($keys),
    ));
    $shelf = Ladder::shelf()->withBlends([$blend(1, '6N', '6G'), $blend(2, '6N', 'moon')]);
    $of = static fn (?int $version): array => complaints(drafted([
        [new Entry(product: '', portion: Share::parse('all'), blend: 'Sand', version: $version)],
        [entryOf('d20')],
    ]), $shelf);
    expect($of(null))->toBe([])
        ->and($of(1))->toBe([])
        ->and($of(2))->toBe(['parts/0/ingredients/0/blend unfit-product.not-on-shelf'])
        ->and($of(3))->toBe(['parts/0/ingredients/0/blend unfit-product.no-such-blend Sand, 3']);
});

it('stops at the first thing that does not fit where nobody listens', function () {
    expect(fn () => ComposeBowl::of(drafted([[entryOf('6N')], [entryOf('d20')]], letter: '?'), Ladder::shelf()))
        ->toThrow(UnfitProduct::class)
        ->and(fn () => ComposeBowl::of(drafted([[entryOf('6N')], []]), Ladder::shelf()))
        ->toThrow(UnworkableBowl::class)
        ->and(ComposeBowl::of(drafted([[entryOf('6N')], [entryOf('d20')]]), Ladder::shelf())->bowl)->not->toBeNull();
});

it('names the parts of a bowl whose grams nobody knows', function () {
    $sheet = ComposeBowl::of(new BowlDraft(
        letter: 'A',
        job: '',
        line: 'P',
        ratio: null,
        entries: [[entryOf('6N')], [entryOf('d20')], [entryOf('6G')], [entryOf('clear')]],
        amount: null,
    ), Ladder::shelf());
    expect($sheet->bowl)->toBeNull()
        ->and(array_map($sheet->partName(...), [0, 1, 2, 3]))->toBe(['colour', 'developer', 'third part', 'fourth part'])
        ->and(array_map(static fn (Product $each): string => $each->id, $sheet->products()))
        ->toBe(['6N', 'd20', '6G', 'clear']);
});

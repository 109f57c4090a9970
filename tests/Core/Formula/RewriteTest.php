<?php

declare(strict_types=1);

use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\RewriteBowl;
use Core\Formula\UnworkableBowl;
use Core\Practice\HouseRules;
use Core\Units\Fraction;
use Core\Units\Share;
use Tests\Core\Record\Ladder;

function rewriting(BowlSheet $sheet): RewriteBowl
{
    return new RewriteBowl($sheet, Ladder::shelf(), HouseRules::standard()->step);
}

/** @return list<string> what its colour says, and how much it is given by */
function rewritten(BowlSheet $sheet): array
{
    $amount = $sheet->draft->amount;

    return [
        ...array_map(static fn (Entry $each): string => "{$each->portion->text()} {$each->product}", $sheet->entries[0]),
        $amount === null ? 'none' : "{$amount->kind->value} {$amount->amount->text()}",
    ];
}

it('writes new shares as people write them, and keeps how much it is', function (array $shares, array $written) {
    $shares = array_map(static fn (array $each): Fraction => Fraction::of(...$each), $shares);
    expect(rewritten(rewriting(Ladder::bowl())->withShares(0, $shares)))->toBe([...$written, 'colour 60 g']);
})->with([
    'halves' => [['6N' => [1, 2], '6C' => [1, 2]], ['50 % 6N', '50 % 6C']],
    'an eighth' => [['6N' => [7, 8], '6C' => [1, 8]], ['87.5 % 6N', '12.5 % 6C']],
    'a sixteenth is no short percentage' => [['6N' => [15, 16], '6C' => [1, 16]], ['93.75 6N', '6.25 6C']],
    'thirds' => [['6N' => [2, 3], '6C' => [1, 3]], ['66.67 6N', '33.33 6C']],
    'nothing of one' => [['6N' => [1, 1], '6C' => [0, 1]], ['100 % 6N']],
]);

it('goes on saying grams where it said them, to the step and together what it was', function () {
    $grams = Ladder::bowl(['6N' => '20 g', '6G' => '10 g'], more: ['amount' => ['of' => 'shares']]);
    $thirds = ['6N' => Fraction::of(1, 3), '6C' => Fraction::of(1, 3), '6G' => Fraction::of(1, 3)];
    expect(rewritten(rewriting($grams)->withShares(0, $thirds)))->toBe(['10 g 6N', '10 g 6C', '10 g 6G', 'shares 0 g'])
        ->and(rewritten(rewriting($grams)->withShares(0, ['6N' => Fraction::of(1, 7), '6C' => Fraction::of(6, 7)])))
        ->toBe(['4.3 g 6N', '25.7 g 6C', 'shares 0 g'])
        ->and(rewriting($grams)->saysGrams(0))->toBeTrue()
        ->and(rewriting($grams)->saysGrams(1))->toBeFalse()
        ->and(rewriting(Ladder::bowl())->saysGrams(0))->toBeFalse()
        ->and(rewriting(Ladder::bowl(['6N' => '20 g', '6G' => 'rest']))->saysGrams(0))->toBeFalse()
        ->and(rewriting(Ladder::bowl(['6N' => '20 g', '6G' => 'rest']))->saysAnyGrams(0))->toBeTrue()
        ->and(rewriting(Ladder::bowl())->saysAnyGrams(0))->toBeFalse()
        ->and(rewriting(Ladder::bowl(['6N' => '2', '6G' => '10 to 15 g'], more: ['amount' => null]))->saysGrams(0))
        ->toBeFalse();
});

it('says how much it was by its colour, where the grams that said so are gone', function () {
    $grams = Ladder::bowl(['6N' => '20 g', '6G' => '10 g'], more: ['amount' => ['of' => 'shares']]);
    $byOne = Ladder::bowl(more: ['amount' => ['of' => 'ingredient', 'ingredient' => '6G', 'grams' => '20 g']]);
    $copper = [new Entry(product: '6C', portion: Share::parse('all'))];
    expect(rewritten(rewriting($grams)->withPart(0, $copper)))->toBe(['all 6C', 'colour 30 g'])
        ->and(rewritten(rewriting($byOne)->withPart(0, $copper)))->toBe(['all 6C', 'colour 60 g'])
        // The developer's part says nothing of the colour: what gave the amount still does.
        ->and(rewritten(rewriting($byOne)->withPart(1, [new Entry(product: 'd30', portion: Share::parse('all'))])))
        ->toBe(['2 6N', '1 6G', 'ingredient 20 g'])
        ->and(rewritten(rewriting($grams)->withPart(1, [new Entry(product: 'd30', portion: Share::parse('all'))])))
        ->toBe(['20 g 6N', '10 g 6G', 'shares 0 g']);
});

it('says it by its colour too where the developer that gave it is another now', function () {
    $byDeveloper = Ladder::bowl(more: ['amount' => ['of' => 'ingredient', 'ingredient' => 'd20', 'grams' => '90 g']]);
    expect(rewritten(rewriting($byDeveloper)->withPart(1, [new Entry(product: 'd30', portion: Share::parse('all'))])))
        ->toBe(['2 6N', '1 6G', 'colour 60 g']);
});

it('keeps what jobs say of the amount', function () {
    $forTwo = Ladder::bowl(['6N' => '1', '6G' => '1'], more: [
        'uses' => [['for' => 'root', 'grams' => '100 g'], ['for' => 'foils', 'grams' => '50 g']],
        'amount' => null,
    ]);
    $after = rewriting($forTwo)->withShares(0, ['6C' => Fraction::one()]);
    expect($after->draft->amount)->toBeNull()
        ->and($after->uses)->toHaveCount(2)
        ->and($after->known(HouseRules::standard()->step)->total->show())->toBe('150.0 g');
});

it('keeps what was wanted of a product, and takes over what is said of a new one', function () {
    $sheet = Ladder::bowl(more: ['parts' => [
        ['ingredients' => [
            ['product' => '6C', 'share' => '1', 'wanted' => '6R', 'why' => 'out'],
            ['product' => '6N', 'share' => '1'],
        ]],
        ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
    ]]);
    $half = Fraction::of(1, 2);
    $after = rewriting($sheet)->withShares(
        0,
        ['6C' => $half, '7N' => $half],
        ['7N' => new Entry(product: '7N', portion: Share::rest(), wanted: '6N', why: 'softer')],
    );
    expect(array_map(
        static fn (Entry $each): array => [$each->product, $each->portion->text(), $each->wanted, $each->why],
        $after->entries[0],
    ))->toBe([['6C', '50 %', '6R', 'out'], ['7N', '50 %', '6N', 'softer']])
        ->and(rewriting($sheet)->entry(0, '9N'))->toEqual(new Entry(product: '9N', portion: Share::rest()))
        ->and(rewriting($sheet)->entry(0, '6C')->wanted)->toBe('6R')
        ->and(rewriting($sheet)->entry(7, '6C'))->toEqual(new Entry(product: '6C', portion: Share::rest()));
});

it('knows the shares of a part without what was added, and says where it does not', function () {
    $sheet = Ladder::bowl(more: ['extras' => [['product' => 'blue', 'grams' => '30 g', 'counts' => 'inside']]]);
    $shares = rewriting($sheet)->shares(0);
    expect(array_keys($shares))->toBe(['6N', '6G'])
        ->and($shares['6N']->equals(Fraction::of(2, 3)))->toBeTrue()
        ->and(rewriting($sheet)->grams(0)?->text())->toBe('60 g')
        ->and(rewriting(Ladder::bowl(['6N' => '“a dash”', '6G' => '20 g'], more: ['amount' => null]))->grams(0))
        ->toBeNull()
        ->and(fn () => rewriting($sheet)->shares(3))->toThrow(UnworkableBowl::class)
        ->and(fn () => rewriting(Ladder::bowl(['6N' => '“a dash”', '6G' => '20 g'], more: ['amount' => null]))->shares(0))
        ->toThrow(UnworkableBowl::class);
});

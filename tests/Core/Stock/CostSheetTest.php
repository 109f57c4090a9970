<?php

declare(strict_types=1);

use Core\Stock\CostSheet;
use Core\Stock\Lot;
use Core\Units\Grams;
use Core\Units\InvalidPrice;
use Core\Units\Price;

function lotOf(string $group, int $poured, ?int $pack, ?int $cents, int $mixed, int $used): Lot
{
    return new Lot(
        $group,
        Grams::ofCentigrams($poured),
        $pack === null ? null : Grams::ofCentigrams($pack),
        $cents === null ? null : Price::ofCents($cents),
        Grams::ofCentigrams($mixed),
        Grams::ofCentigrams($used),
    );
}

it('costs what was poured by the price of its pack then, and what was wasted in the batch\'s proportion', function () {
    // 30 g of a 60 g tube at 9.00 and 60 g of a litre at 8.00, a third of the bowl left over.
    $sheet = CostSheet::of([lotOf('may', 3_000, 6_000, 900, 9_000, 6_000), lotOf('may', 6_000, 100_000, 800, 9_000, 6_000)]);
    $row = $sheet->rows()['may'];
    expect($row['cost']->show())->toBe('4.98')->and($row['wastedCost']->show())->toBe('1.66')
        ->and($row['poured'])->toEqual(Grams::ofCentigrams(9_000))->and($row['wasted'])->toEqual(Grams::ofCentigrams(3_000))
        ->and($row['unpriced'])->toEqual(Grams::zero());
});

it('wastes all of a batch that was thrown away, and nothing of one that was used up', function () {
    $rows = CostSheet::of([lotOf('thrown', 3_000, 6_000, 900, 3_000, 0), lotOf('used', 3_000, 6_000, 900, 3_000, 3_000), lotOf('open', 3_000, 6_000, 900, 0, 0)])->rows();
    expect($rows['thrown']['wastedCost']->show())->toBe('4.50')->and($rows['used']['wastedCost']->show())->toBe('0.00')
        ->and($rows['open']['wasted'])->toEqual(Grams::zero());
});

it('tells apart what has no price, and does not take it for free', function () {
    $row = CostSheet::of([lotOf('a', 1_000, null, 900, 1_000, 1_000), lotOf('a', 500, 6_000, null, 1_000, 1_000), lotOf('a', 600, 6_000, 900, 1_000, 1_000)])->rows()['a'];
    expect($row['unpriced'])->toEqual(Grams::ofCentigrams(1_500))->and($row['cost']->show())->toBe('0.90');
});

it('rounds once: the total is the sum of what was poured, not of rounded rows', function () {
    // A third of a cent each.
    $lots = array_map(static fn (int $at): Lot => lotOf("group {$at}", 1, 3, 1, 1, 1), range(1, 300));
    expect(CostSheet::of($lots)->total()['cost']->cents)->toBe(100)->and(CostSheet::of($lots)->rows()['group 1']['cost']->cents)->toBe(0);
    // Bowls of any size, a year of them.
    $year = CostSheet::of(array_map(static fn (int $at): Lot => lotOf('year', 1_000 + $at, 5_000 + $at % 7, 991, 3_001 + 7 * $at, 2_003 + 3 * $at), range(1, 9_000)));
    expect($year->total()['poured'])->toEqual(Grams::ofCentigrams(9_000 * 1_000 + 9_000 * 9_001 / 2));
    shuffle($lots);
    expect(CostSheet::of($lots)->total()['cost']->cents)->toBe(100);
});

it('reads a price as it stands on a bill, and no other', function (string $text, ?int $cents) {
    $read = fn (): int => Price::parse($text)->cents;
    $cents === null ? expect($read)->toThrow(InvalidPrice::class) : expect($read())->toBe($cents);
})->with([
    ['8', 800], ['8.5', 850], [' 8,50 ', 850], ['0', 0], ['1250.00', 125_000],
    ['1,250', null], ['8.505', null], ['-1', null], ['free', null], ['', null], ['1.2.3', null], ['€8', null],
]);

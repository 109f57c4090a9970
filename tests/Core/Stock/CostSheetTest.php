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
    $sheet = CostSheet::of(
        [lotOf('may', 3_000, 6_000, 900, 9_000, 6_000), lotOf('may', 6_000, 100_000, 800, 9_000, 6_000)],
    );
    $row = $sheet->rows()['may'];
    expect($row['cost']->show())->toBe('4.98')->and($row['wastedCost']->show())->toBe('1.66')
        ->and($row['poured'])
        ->toEqual(Grams::ofCentigrams(9_000))
        ->and($row['wasted'])
        ->toEqual(Grams::ofCentigrams(3_000))
        ->and($row['unpriced'])->toEqual(Grams::zero());
});

it('wastes all of a batch that was thrown away, and nothing of one that was used up', function () {
    $rows = CostSheet::of(
        [
            lotOf('thrown', 3_000, 6_000, 900, 3_000, 0),
            lotOf('used', 3_000, 6_000, 900, 3_000, 3_000),
            lotOf('open', 3_000, 6_000, 900, 0, 0),
        ],
    )->rows();
    expect($rows['thrown']['wastedCost']->show())->toBe('4.50')->and($rows['used']['wastedCost']->show())->toBe('0.00')
        ->and($rows['open']['wasted'])->toEqual(Grams::zero());
});

it('tells apart what has no price, and does not take it for free', function () {
    $row = CostSheet::of(
        [
            lotOf('a', 1_000, null, 900, 1_000, 1_000),
            lotOf('a', 500, 6_000, null, 1_000, 1_000),
            lotOf('a', 600, 6_000, 900, 1_000, 1_000),
        ],
    )->rows()['a'];
    expect($row['unpriced'])->toEqual(Grams::ofCentigrams(1_500))->and($row['cost']->show())->toBe('0.90');
});

it('rounds once: the total is the sum of what was poured, not of rounded rows', function () {
    // A third of a cent each.
    $lots = array_map(static fn (int $at): Lot => lotOf("group {$at}", 1, 3, 1, 1, 1), range(1, 300));
    expect(CostSheet::of($lots)->total()['cost']->cents)
        ->toBe(100)
        ->and(CostSheet::of($lots)->rows()['group 1']['cost']->cents)
        ->toBe(0);
    // Bowls of any size, a year of them.
    $year = CostSheet::of(
        array_map(
            static fn (int $at): Lot => lotOf(
                'year',
                1_000 + $at,
                5_000 + $at % 7,
                991,
                3_001 + 7 * $at,
                2_003 + 3 * $at,
            ),
            range(1, 9_000),
        ),
    );
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

it('tells bowls that were thrown away from what was left over, and what went in beyond the plan from both', function () {
    $lot = fn (int $poured, int $used, bool $thrown, ?int $planned): Lot => new Lot(
        'm',
        Grams::ofCentigrams($poured),
        Grams::ofCentigrams(6_000),
        Price::ofCents(1_200),
        Grams::ofCentigrams($poured),
        Grams::ofCentigrams($used),
        $thrown,
        $planned === null ? null : Grams::ofCentigrams($planned),
    );
    // 30 g thrown away whole; 40 g of which 10 g came back, 5 g more than planned; 2 g beside the plan; 20 g of 25 g
    // planned.
    $row = CostSheet::of(
        [
            $lot(3_000, 0, true, 3_000),
            $lot(4_000, 3_000, false, 3_500),
            $lot(200, 200, false, null),
            $lot(2_000, 2_000, false, 2_500),
        ],
    )->rows()['m'];
    expect($row['wasted'])
        ->toEqual(Grams::ofCentigrams(4_000))
        ->and($row['thrown'])
        ->toEqual(Grams::ofCentigrams(3_000))
        ->and($row['thrownCost']->show())
        ->toBe('6.00')
        ->and($row['wastedCost']->show())
        ->toBe('8.00')
        ->and($row['over'])
        ->toEqual(Grams::ofCentigrams(500))
        ->and($row['overCost']->show())
        ->toBe('1.00');
});

it('takes no small miss of the hand for an over-pour', function () {
    $lot = fn (int $poured): Lot => new Lot(
        'm',
        Grams::ofCentigrams($poured),
        null,
        null,
        Grams::ofCentigrams($poured),
        Grams::ofCentigrams($poured),
        false,
        Grams::ofCentigrams(2_000),
        Grams::ofCentigrams(2_100),
    );
    expect($lot(2_100)->over())
        ->toEqual(Grams::zero())
        ->and($lot(1_500)->over())
        ->toEqual(Grams::zero())
        ->and($lot(2_110)->over())
        ->toEqual(Grams::ofCentigrams(110));
});

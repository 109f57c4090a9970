<?php

declare(strict_types=1);

use Core\Practice\HouseRules;
use Core\Stock\CostSheet;
use Core\Stock\EnoughForBowl;
use Core\Stock\Lot;
use Core\Stock\MovementKind;
use Core\Stock\StockLevel;
use Core\Units\Grams;
use Core\Units\Price;
use Tests\Core\Record\Ladder;

/** @param  array<string, mixed>  $more */
function lot(string $group, float $grams, array $more = []): Lot
{
    $of = static fn (float|int|null $each): ?Grams => $each === null ? null : Grams::ofCentigrams((int) round(100 * $each));
    $more += ['pack' => 60, 'cents' => 1_200, 'mixed' => 100, 'used' => 100, 'thrown' => false, 'planned' => null, 'most' => null];

    return new Lot(
        group: $group,
        poured: $of($grams),
        pack: $of($more['pack']),
        price: $more['cents'] === null ? null : Price::ofCents($more['cents']),
        mixed: $of($more['mixed']),
        used: $of($more['used']),
        thrown: $more['thrown'],
        planned: $of($more['planned']),
        most: $of($more['most']),
    );
}

/** @return array<string, string> a row in grams and money, what is nothing left out */
function costed(array $row): array
{
    return array_filter(array_map(
        static fn (Grams|Price $each): string => $each instanceof Grams ? $each->text() : $each->show(),
        $row,
    ), static fn (string $each): bool => ! in_array($each, ['0 g', '0.00'], true));
}

/*
 * Worked by hand: a pack of 60 g for 12.00 is 0.20 a gram.
 */
it('tells what was poured, what of it was wasted, and what both cost', function (array $more, array $row) {
    expect(costed(CostSheet::of([lot('all', 40, $more)])->total()))->toBe($row);
})->with([
    'all of it used' => [[], ['poured' => '40 g', 'cost' => '8.00']],
    'a quarter of the bowl left over' => [['used' => 75], ['poured' => '40 g', 'wasted' => '10 g', 'cost' => '8.00', 'wastedCost' => '2.00']],
    'more used than mixed is nothing wasted' => [['used' => 120], ['poured' => '40 g', 'cost' => '8.00']],
    'a bowl that weighs nothing' => [['mixed' => 0, 'used' => 0], ['poured' => '40 g', 'cost' => '8.00']],
    'thrown away whole' => [['used' => 0, 'thrown' => true], [
        'poured' => '40 g', 'wasted' => '40 g', 'cost' => '8.00', 'wastedCost' => '8.00', 'thrown' => '40 g', 'thrownCost' => '8.00',
    ]],
    'left over is not thrown away' => [['used' => 0], ['poured' => '40 g', 'wasted' => '40 g', 'cost' => '8.00', 'wastedCost' => '8.00']],
    'beyond the plan' => [['planned' => 37, 'most' => 38], ['poured' => '40 g', 'cost' => '8.00', 'over' => '3 g', 'overCost' => '0.60']],
    'as far as a hand may miss' => [['planned' => 37, 'most' => 40], ['poured' => '40 g', 'cost' => '8.00']],
    'beyond, where nobody said how far' => [['planned' => 37], ['poured' => '40 g', 'cost' => '8.00', 'over' => '3 g', 'overCost' => '0.60']],
    'less than planned' => [['planned' => 50, 'most' => 51], ['poured' => '40 g', 'cost' => '8.00']],
    'no price' => [['cents' => null, 'used' => 50], ['poured' => '40 g', 'wasted' => '20 g', 'unpriced' => '40 g']],
    'no pack' => [['pack' => null], ['poured' => '40 g', 'unpriced' => '40 g']],
    'an empty pack' => [['pack' => 0], ['poured' => '40 g', 'unpriced' => '40 g']],
]);

it('adds up by what it is told under, and rounds once at the end', function () {
    // Three hundredths of a gram at a third of a cent each are one cent, not three times nothing.
    $third = ['pack' => 0.03, 'cents' => 1];
    $sheet = CostSheet::of([lot('March', 0.01, $third), lot('April', 0.01, $third), lot('March', 0.01, $third)]);
    expect($sheet->total()['cost']->cents)->toBe(1)
        ->and(array_map(static fn (array $row): string => $row['poured']->text(), $sheet->rows()))
        ->toBe(['March' => '0.02 g', 'April' => '0.01 g'])
        ->and($sheet->rows()['April']['cost']->cents)->toBe(0)
        ->and(costed(CostSheet::of([])->total()))->toBe([])->and(CostSheet::of([])->rows())->toBe([]);
});

it('tells in all what its groups tell together', function () {
    mt_srand(4);
    for ($round = 0; $round < 60; $round++) {
        $lots = [];
        for ($each = 0; $each < 12; $each++) {
            $mixed = mt_rand(1, 200);
            $used = mt_rand(0, $mixed);
            $lots[] = lot('abc'[mt_rand(0, 2)], mt_rand(1, 4_000) / 100, [
                'pack' => mt_rand(0, 4) === 0 ? null : mt_rand(30, 90), 'cents' => mt_rand(100, 2_000),
                'mixed' => $mixed, 'used' => $used, 'thrown' => $used === 0, 'planned' => mt_rand(1, 40),
            ]);
        }
        $sheet = CostSheet::of($lots);
        $total = $sheet->total();
        foreach (array_keys($total) as $of) {
            $size = static fn (Grams|Price $each): int => $each instanceof Grams ? $each->centigrams : $each->cents;
            $sum = array_sum(array_map(static fn (array $row): int => $size($row[$of]), $sheet->rows()));
            // Each group is rounded by itself.
            expect(abs($sum - $size($total[$of])))->toBeLessThanOrEqual(2, $of);
        }
        expect($total['wasted']->isMoreThan($total['poured']))->toBeFalse()
            ->and($total['thrown']->isMoreThan($total['wasted']))->toBeFalse()
            ->and($total['wastedCost']->cents)->toBeLessThanOrEqual($total['cost']->cents);
    }
});

it('says for how many of a bowl the shelf holds, what runs out first, and what there is too little of', function () {
    // 40 g of 6N and 60 g of 10 vol, at 1:1.5.
    $bowl = Ladder::bowl(['6N' => 'all'], ['d10' => 'all'], ['amount' => ['of' => 'colour', 'grams' => '40 g', 'ingredient' => null]])
        ->known(HouseRules::standard()->step);
    $counted = static fn (int $grams): StockLevel => StockLevel::of(100 * $grams, true);
    $of = static fn (array $stock): EnoughForBowl => EnoughForBowl::of($bowl, Ladder::shelf(), $stock);
    $both = $of(['6N' => $counted(125), 'd10' => $counted(1_000)]);
    expect([$both->times, $both->first, $both->short])->toBe([3, '6N', []]);
    $other = $of(['6N' => $counted(1_000), 'd10' => $counted(120)]);
    expect([$other->times, $other->first])->toBe([2, Ladder::shelf()->product('d10')?->label()]);
    $short = $of(['6N' => $counted(39), 'd10' => $counted(60)]);
    expect([$short->times, $short->first])->toBe([0, '6N'])->and($short->short)->toHaveCount(1)
        ->and(said($short->short[0]))->toContain('40 g')->toContain('39 g');
    // Nobody has counted the one: the other alone says how many; nobody has counted any: nothing says it.
    expect($of(['d10' => $counted(180)])->times)->toBe(3)->and($of([])->times)->toBeNull()->and($of([])->first)->toBeNull();
});

it('says at the bench what is short, and only then', function () {
    $level = StockLevel::of(1_500, true);
    expect($level->shortOf('6N', Grams::ofCentigrams(1_500)))->toBeNull()
        ->and(StockLevel::unknown()->shortOf('6N', Grams::ofCentigrams(1_500)))->toBeNull()
        ->and(said($level->shortOf('6N', Grams::ofCentigrams(1_501))))->toContain('15 g')->toContain('6N')->toContain('15.01 g')
        ->and($level->isShortOf(Grams::ofCentigrams(1_500)))->toBeFalse()
        ->and($level->isShortOf(Grams::ofCentigrams(1_501)))->toBeTrue()
        ->and($level->isShortOf(Grams::zero()))->toBeFalse()
        ->and(StockLevel::of(-5, true)->isShortOf(Grams::zero()))->toBeFalse();
});

it('is low at its mark and below, and by half a pack where nobody has said a mark', function () {
    $low = static fn (int $there, ?int $mark, ?int $pack): bool => StockLevel::of($there, true)->isLow(
        $mark === null ? null : Grams::ofCentigrams($mark),
        $pack === null ? null : Grams::ofCentigrams($pack),
    );
    expect([$low(500, 500, null), $low(501, 500, null), $low(3_000, null, 6_000), $low(3_001, null, 6_000), $low(0, null, null)])
        ->toBe([true, false, true, false, false])
        ->and($low(2_999, 100, 6_000))->toBeFalse();
});

it('says of each kind of movement who writes it, and whether it wants a reason', function () {
    $by = static fn (callable $asks): array => array_values(array_filter(MovementKind::cases(), $asks));
    expect($by(static fn (MovementKind $kind): bool => ! $kind->isByHand()))->toBe([MovementKind::Poured, MovementKind::Undone])
        ->and($by(static fn (MovementKind $kind): bool => $kind->wantsReason()))->toBe([MovementKind::Corrected, MovementKind::Thrown]);
    $level = StockLevel::of(1_000, true);
    $moves = static fn (MovementKind $kind, bool $out = false): int => $level->movement($kind, Grams::ofCentigrams(300), $out);
    expect([
        $moves(MovementKind::Delivered), $moves(MovementKind::Undone), $moves(MovementKind::Thrown), $moves(MovementKind::Poured),
        $moves(MovementKind::Counted), $moves(MovementKind::Corrected), $moves(MovementKind::Corrected, true), $moves(MovementKind::Opened),
    ])->toBe([300, 300, -300, -300, -700, 300, -300, 0]);
});

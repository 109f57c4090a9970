<?php

declare(strict_types=1);

use Core\Stock\MovementKind;
use Core\Stock\StockLevel;
use Core\Units\Grams;

/** @param  list<array{MovementKind, int}>  $said  kind and centigrams, as a hand says them */
function stockAfter(array $said): StockLevel
{
    $level = StockLevel::unknown();
    foreach ($said as [$kind, $centigrams]) {
        $level = $level->after($kind, $level->movement($kind, Grams::ofCentigrams($centigrams)));
    }

    return $level;
}

it('does not know what nobody has counted, however much has moved', function () {
    $level = stockAfter([[MovementKind::Delivered, 12_000], [MovementKind::Poured, 4_000]]);
    expect($level->isKnown())
        ->toBeFalse()
        ->and($level->grams())
        ->toBeNull()
        ->and($level->enoughFor(Grams::ofCentigrams(100)))
        ->toBeNull()
        ->and($level->isLow(Grams::ofCentigrams(99_999), null))->toBeFalse()
        ->and($level->isShortOf(Grams::ofCentigrams(99_999)))->toBeFalse()
        ->and($level->toOrder(Grams::ofCentigrams(99_999), null, null))->toBeNull();
});

it('is what was counted, whatever moved before, and what moved since', function () {
    expect(
        stockAfter([[MovementKind::Poured, 4_000], [MovementKind::Counted, 10_000]])->grams(),
    )->toEqual(Grams::ofCentigrams(10_000))
        ->and(
            stockAfter(
                [
                    [MovementKind::Counted, 10_000],
                    [MovementKind::Poured, 2_500],
                    [MovementKind::Undone, 500],
                    [MovementKind::Thrown, 1_000],
                    [MovementKind::Delivered, 6_000],
                ],
            )->grams(),
        )
        ->toEqual(Grams::ofCentigrams(13_000))
        ->and(
            stockAfter([[MovementKind::Counted, 10_000], [MovementKind::Opened, 0]])->grams(),
        )->toEqual(Grams::ofCentigrams(10_000));
});

it('comes to the same sum in whatever order the movements stand', function () {
    mt_srand(12);
    for ($round = 0; $round < 200; $round++) {
        $movements = array_map(static fn (): int => mt_rand(-5_000, 9_000), range(1, mt_rand(1, 12)));
        $sum = static function (array $all): StockLevel {
            $level = StockLevel::of(0, true);
            foreach ($all as $movement) {
                $level = $level->after($movement < 0 ? MovementKind::Poured : MovementKind::Delivered, $movement);
            }

            return $level;
        };
        $shuffled = $movements;
        shuffle($shuffled);
        expect($sum($shuffled))->toEqual($sum($movements));
        // A count anywhere makes it what was counted, and says what the ledger had missed.
        $counted = Grams::ofCentigrams(mt_rand(0, 20_000));
        $level = $sum($movements);
        $after = $level->after(MovementKind::Counted, $level->movement(MovementKind::Counted, $counted));
        expect($after->grams())->toEqual($counted)->and($after->missing())->toBeNull();
    }
});

it('says that more went out than was there, and takes it for nothing', function () {
    $level = stockAfter([[MovementKind::Counted, 1_000], [MovementKind::Poured, 1_500]]);
    expect($level->grams())->toEqual(Grams::zero())->and($level->missing())->toEqual(Grams::ofCentigrams(500))
        ->and($level->enoughFor(Grams::ofCentigrams(10)))->toBe(0);
});

it('orders as few packs as leave it above low after the week', function (
    int $there,
    int $planned,
    ?int $mark,
    ?int $pack,
    ?int $packs,
) {
    $level = StockLevel::of($there, true);
    $grams = static fn (?int $of): ?Grams => $of === null ? null : Grams::ofCentigrams($of);
    $order = $level->toOrder(Grams::ofCentigrams($planned), $grams($mark), $grams($pack));
    expect($order['packs'] ?? null)->toBe($packs);
    if ($packs !== null) {
        $low = $mark ?? intdiv((int) $pack, 2);
        expect($there + $packs * $pack - $planned)->toBeGreaterThan($low)
            ->and($there + ($packs - 1) * $pack - $planned)->toBeLessThanOrEqual($low);
    }
})->with([
    'enough and more' => [20_000, 5_000, null, 6_000, null],
    'exactly low after the week' => [8_000, 5_000, null, 6_000, 1],
    'short' => [2_000, 15_000, null, 6_000, 3],
    'its own mark' => [10_000, 0, 20_000, 6_000, 2],
    'never low' => [10_000, 9_000, 0, 6_000, null],
    'never low, and short' => [10_000, 10_001, 0, 6_000, 1],
    'more went out than was there' => [-3_000, 0, null, 6_000, 2],
]);

it('orders in grams where nobody knows the pack, and nothing where nobody says what is low', function () {
    $level = StockLevel::of(1_000, true);
    expect($level->toOrder(Grams::ofCentigrams(3_000), null, null))->toMatchArray(['packs' => null])
        ->and(
            $level->toOrder(Grams::ofCentigrams(3_000), null, null)['grams']->centigrams,
        )->toBeGreaterThanOrEqual(2_000)
        ->and($level->toOrder(Grams::ofCentigrams(500), null, null))->toBeNull()
        ->and($level->isLow(null, null))->toBeFalse()
        ->and($level->isLow(null, Grams::ofCentigrams(2_000)))->toBeTrue()
        ->and($level->isLow(Grams::ofCentigrams(900), Grams::ofCentigrams(2_000)))->toBeFalse();
});

it('says how many times it is enough', function () {
    $level = StockLevel::of(10_000, true);
    expect($level->enoughFor(Grams::ofCentigrams(3_000)))
        ->toBe(3)
        ->and($level->enoughFor(Grams::ofCentigrams(10_000)))
        ->toBe(1)
        ->and($level->enoughFor(Grams::ofCentigrams(10_001)))
        ->toBe(0)
        ->and($level->enoughFor(Grams::zero()))
        ->toBeNull();
});

it('says at the bench that the shelf runs short, and nothing where there is enough or nobody has counted', function () {
    $short = StockLevel::of(1_200, true)->shortOf('6N', Grams::ofCentigrams(2_000));
    expect($short?->values)->toBe(['there' => '12 g', 'product' => '6N', 'left' => '20 g'])
        ->and(StockLevel::of(2_000, true)->shortOf('6N', Grams::ofCentigrams(2_000)))->toBeNull()
        ->and(StockLevel::of(-300, true)->shortOf('6N', Grams::ofCentigrams(100))?->values['there'])->toBe('0 g')
        ->and(StockLevel::of(0, false)->shortOf('6N', Grams::ofCentigrams(2_000)))->toBeNull()
        ->and(StockLevel::unknown()->shortOf('6N', Grams::ofCentigrams(2_000)))->toBeNull();
});

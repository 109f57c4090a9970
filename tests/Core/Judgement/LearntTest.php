<?php

declare(strict_types=1);

use Core\Judgement\Learnt;
use Core\Judgement\Observed;
use Core\Judgement\Shrunk;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/*
 * What closed visits teach. The formula is that of a normal quantity with a normal prior; the worth of a prior is our own model.
 */

/** @param  list<string>  $own */
function shrunk(array $own, int $house = 0, string $sum = '0', string $table = '1'): Shrunk
{
    return Shrunk::of(
        Fraction::parse($table),
        ['count' => $house, 'sum' => Fraction::parse($sum)],
        array_map(Fraction::parse(...), $own),
        Number::LiftScatter,
    );
}

it('is what the table says where nothing was seen', function () {
    expect(shrunk([])->mean->decimal(2))->toBe('1')->and(shrunk([])->isLearnt())->toBeFalse();
});

it('stays where it is where all that was seen is as expected', function () {
    foreach ([1, 3, 30] as $visits) {
        expect(shrunk(array_fill(0, $visits, '1'), $visits, (string) $visits)->mean->decimal(2))->toBe('1');
    }
});

it('has the posterior mean of the textbook', function () {
    // A prior worth one visit at 1, and one visit at 0.5: halfway. Worked by hand, (1·1 + 1·0.5) ÷ 2.
    expect(Number::ClientWorth->value()->decimal(0))->toBe('1')
        ->and(shrunk(['0.5'])->mean->decimal(2))->toBe('0.75')
        // The house first: six at 1 and six at 0.5 are 0.75; then two of the client's at 0.75 change nothing.
        ->and(Number::HouseWorth->value()->decimal(0))->toBe('6')
        ->and(shrunk([], 6, '3')->mean->decimal(2))->toBe('0.75')
        ->and(shrunk(['0.75', '0.75'], 6, '3')->mean->decimal(2))->toBe('0.75');
});

it('lies between what was expected and what was seen, nearer with every visit, and surer', function () {
    mt_srand(75);
    for ($i = 0; $i < 60; $i++) {
        $true = mt_rand(30, 180) / 100;
        $last = shrunk([]);
        foreach ([1, 2, 4, 8, 40] as $visits) {
            $now = shrunk(array_fill(0, $visits, (string) $true));
            $miss = static fn (Shrunk $each): float => abs((float) $each->mean->decimal(3) - $true);
            expect($miss($now))->toBeLessThanOrEqual($miss($last) + 0.006)
                ->and($now->spread->compare($last->spread))->toBeLessThanOrEqual(0);
            $last = $now;
        }
    }
});

it('believes a client’s own visits before as many of the house', function () {
    $own = shrunk(array_fill(0, 6, '0.5'));
    $house = shrunk([], 6, '3');
    expect($own->mean->compare($house->mean))->toBeLessThan(0);
});

it('learns of a kind of line from a client, and of a line from the house', function () {
    $seen = static fn (LineKind $kind, string $line): Observed => new Observed($kind, $line, Fraction::of(4), Fraction::of(2), Fraction::of(1), Fraction::of(6));
    $learnt = new Learnt(
        [$seen(LineKind::Lightener, 'a'), $seen(LineKind::Lightener, 'b')],
        ['c' => ['lift' => ['count' => 6, 'sum' => Fraction::of(3)]]],
    );
    expect($learnt->lift(LineKind::Lightener, 'a')->own)->toBe(2)
        ->and($learnt->lift(LineKind::Permanent, 'a')->own)->toBe(0)
        ->and($learnt->lift(LineKind::Permanent, 'c')->house)->toBe(6)
        ->and($learnt->lift(LineKind::Permanent, 'c')->mean->decimal(2))->toBe('0.75')
        ->and($learnt->hold(LineKind::Lightener, 'a')->mean->decimal(2))->toBe('0.67')
        ->and($learnt->warmer(LineKind::Lightener, 'a')->mean->decimal(0))->toBe('4')
        ->and((new Learnt)->warmer(LineKind::Lightener, 'a')->mean->isZero())->toBeTrue();
});

it('says nothing of lift where none was expected', function () {
    expect((new Observed(LineKind::Demi, 'a', Fraction::zero(), Fraction::one()))->lift())->toBeNull()
        ->and((new Observed(LineKind::Demi, 'a'))->lift())->toBeNull();
});

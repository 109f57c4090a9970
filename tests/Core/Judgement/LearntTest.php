<?php

declare(strict_types=1);

use Core\Hair\Span;
use Core\Hair\Zone;
use Core\Judgement\Learnt;
use Core\Judgement\Observed;
use Core\Judgement\Process;
use Core\Judgement\Shrunk;
use Core\Practice\Number;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/*
 * What closed visits teach. The formula is that of a normal quantity with a normal prior; the worth of a prior is our
 * own model.
 */

/** @param  list<string>  $own */
function shrunk(array $own, int $house = 0, string $sum = '0', string $table = '1'): Shrunk
{
    return Shrunk::of(
        Fraction::parse($table),
        $house === 0 ? [] : [['count' => $house, 'sum' => Fraction::parse($sum), 'weight' => Fraction::one()]],
        array_map(
            static fn (string $each): array => [
                'count' => 1,
                'sum' => Fraction::parse($each),
                'weight' => Fraction::one(),
            ],
            $own,
        ),
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
    // A prior worth half a visit at 1, and one visit at 0.4. Worked by hand, (0.5·1 + 1·0.4) ÷ 1.5.
    expect(Number::ClientWorth->value()->decimal(1))->toBe('0.5')
        ->and(shrunk(['0.4'])->mean->decimal(2))->toBe('0.6')
        // The house first: twelve at 1 and twelve at 0.5 are 0.75; then two of the client's at 0.75 change nothing.
        ->and(Number::HouseWorth->value()->decimal(0))->toBe('12')
        ->and(shrunk([], 12, '6')->mean->decimal(2))->toBe('0.75')
        ->and(shrunk(['0.75', '0.75'], 12, '6')->mean->decimal(2))->toBe('0.75');
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

it('learns of a kind of line from a client, of a line from the house, and most from hair that is alike', function () {
    $lengths = new Zone(Fraction::of(6), span: Span::Mids);
    $root = new Zone(Fraction::of(6), span: Span::Root);
    $process = static fn (LineKind $kind, string $line): Process => new Process(
        kind: $kind, mix: null, strength: null, minutes: 30, window: ['min' => 20, 'target' => 30, 'max' => 40],
        lift: LiftTable::standard($kind), line: $line,
    );
    $seen = static fn (LineKind $kind, string $line, Zone $on): Observed => new Observed(
        $kind, $line, Fraction::of(4), Fraction::of(2), Fraction::of(1), Fraction::of(6), alike: $on->alike(),
    );
    $learnt = new Learnt(
        [$seen(LineKind::Lightener, 'a', $lengths), $seen(LineKind::Lightener, 'b', $lengths)],
        ['c' => [$lengths->alike() => ['lift' => ['count' => 12, 'sum' => Fraction::of(6)]]]],
    );
    $powder = $process(LineKind::Lightener, 'a');
    expect($learnt->lift($lengths, $powder)->own)->toBe(2)
        // Worked by hand: (0.5 + 2·0.5) ÷ 2.5 on hair that is alike, less of the way on other hair of the same head.
        ->and($learnt->lift($lengths, $powder)->mean->decimal(2))->toBe('0.6')
        ->and($learnt->lift($root, $powder)->mean->decimal(2))->toBe('0.78')
        ->and($learnt->lift($lengths, $process(LineKind::Permanent, 'a'))->own)->toBe(0)
        ->and($learnt->lift($lengths, $process(LineKind::Permanent, 'c'))->house)->toBe(12)
        ->and($learnt->lift($lengths, $process(LineKind::Permanent, 'c'))->mean->decimal(2))->toBe('0.75')
        ->and($learnt->hold($lengths, $powder)->mean->decimal(2))->toBe('0.8')
        ->and($learnt->warmer($lengths, $powder)->mean->decimal(1))->toBe('4.8')
        ->and((new Learnt)->warmer($lengths, $powder)->mean->isZero())->toBeTrue();
});

it('says nothing of lift where none was expected', function () {
    expect((new Observed(LineKind::Demi, 'a', Fraction::zero(), Fraction::one()))->lift())->toBeNull()
        ->and((new Observed(LineKind::Demi, 'a'))->lift())->toBeNull();
});

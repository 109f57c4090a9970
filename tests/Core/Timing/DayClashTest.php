<?php

declare(strict_types=1);

use Core\Timing\ActKind;
use Core\Timing\DayClash;
use Core\Timing\InHand;

/** Minutes of a day. */
function inHand(string $visit, string $person, int $from, int $to, bool $fixed = false): InHand
{
    return new InHand($visit, $person, $from * 60, $to * 60, ActKind::Begin, 'A', $fixed);
}

it('says where two heads need the same hands, and the nearest move that frees them', function () {
    $clashes = DayClash::among([
        inHand('Ana', 'Ines', 0, 20), inHand('Ana', 'Ines', 50, 55),
        inHand('Ben', 'Ines', 45, 60),
        inHand('Cleo', 'Noor', 0, 60),
    ]);
    expect($clashes)->toHaveCount(1)
        ->and([$clashes[0]->one->visit, $clashes[0]->other->visit, $clashes[0]->at])->toBe(['Ben', 'Ana', 50 * 60])
        ->and($clashes[0]->move)->toBe(['visit' => 'Ana', 'minutes' => 10]);
});

it('moves nothing that has begun, and says so where no near time is free', function () {
    [$clash] = DayClash::among([inHand('Ana', 'Ines', 0, 20, fixed: true), inHand('Ben', 'Ines', 10, 30)]);
    expect($clash->move)->toBe(['visit' => 'Ben', 'minutes' => 10]);
    [$stuck] = DayClash::among([inHand('Ana', 'Ines', 0, 20, fixed: true), inHand('Ben', 'Ines', 10, 30, fixed: true)]);
    expect($stuck->move)->toBeNull();
});

it('leaves no clash where its move is made', function () {
    mt_srand(11);
    $moved = 0;
    for ($day = 0; $day < 60; $day++) {
        $hands = [];
        foreach (['Ana', 'Ben', 'Cleo', 'Dov'] as $visit) {
            $from = mt_rand(0, 150);
            $hands[] = inHand($visit, ['Ines', 'Noor'][mt_rand(0, 1)], $from, $from + mt_rand(5, 30));
        }
        foreach (DayClash::among($hands) as $clash) {
            $move = $clash->move;
            if ($move !== null) {
                $moved++;
                $after = array_map(
                    static fn (InHand $hand): InHand => $hand->visit === $move['visit']
                        ? $hand->moved($move['minutes'] * 60)
                        : $hand,
                    $hands,
                );
                foreach (DayClash::among($after) as $left) {
                    expect([$left->one->visit, $left->other->visit])->not->toContain($move['visit']);
                }
            }
        }
    }
    expect($moved)->toBeGreaterThan(20);
});

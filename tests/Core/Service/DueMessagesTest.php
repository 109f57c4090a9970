<?php

declare(strict_types=1);

use Core\Safety\SkinTest;
use Core\Safety\SkinTestState;
use Core\Safety\TestResult;
use Core\Service\DueMessage;
use Core\Service\DueMessages;

const AN_HOUR = 3600;
const A_DAY = 86_400;

/** @return list<string> kind, and ! where it is too late */
function kindsOf(array $due): array
{
    return array_map(static fn (DueMessage $each): string => $each->kind->value.($each->late ? '!' : ''), $due);
}

it('asks for a skin test while there is time, says when there is none, and reminds the day before', function () {
    $at = fn (int $hoursBefore, SkinTestState $test = SkinTestState::Missing): array => kindsOf(
        (new DueMessages(1_000_000))->ofComing('v', '7', 1_000_000 + $hoursBefore * AN_HOUR, $test),
    );
    // Two days before the last moment, which is two days before the visit.
    expect($at(97))
        ->toBe([])
        ->and($at(96))
        ->toBe(['skin-test'])
        ->and($at(48))
        ->toBe(['skin-test'])
        ->and($at(47))
        ->toBe(['skin-test!'])
        ->and($at(24))
        ->toBe(['skin-test!'])
        ->and($at(25, SkinTestState::Clear))
        ->toBe([])
        ->and($at(24, SkinTestState::Clear))
        ->toBe(['appointment'])
        // Three hours before, they are on their way.
        ->and($at(4, SkinTestState::Clear))
        ->toBe(['appointment'])
        ->and($at(3, SkinTestState::Clear))
        ->toBe([])
        ->and($at(0))
        ->toBe([])
        ->and($at(-5))
        ->toBe([]);
});

it('asks for no test where one waits, is to be read, or said no', function (SkinTestState $test) {
    expect(kindsOf((new DueMessages(0))->ofComing('v', '7', 60 * AN_HOUR, $test)))->toBe([]);
})->with([SkinTestState::Waiting, SkinTestState::Due, SkinTestState::Clear, SkinTestState::Reaction]);

it('asks about a test from its 48 hours on, until it is read or a week has gone', function () {
    $due = fn (int $hours, ?TestResult $read = null): array => kindsOf(
        (new DueMessages($hours * AN_HOUR))->ofTest(
            't',
            '7',
            new SkinTest(['line-1'], 0, $read === null ? null : 49 * AN_HOUR, $read),
        ),
    );
    expect($due(47))
        ->toBe([])
        ->and($due(48))
        ->toBe(['reading'])
        ->and($due(48 + 167))
        ->toBe(['reading'])
        ->and($due(48 + 168))
        ->toBe([])
        ->and($due(60, TestResult::Clear))->toBe([])->and($due(60, TestResult::Reaction))->toBe([]);
});

it('asks after two weeks how the colour wears, once they were not here again, and not for ever', function () {
    $due = fn (int $days, ?int $next = null): array => kindsOf(
        (new DueMessages($days * A_DAY))->ofClosed('v', '7', 0, $next),
    );
    expect($due(13))
        ->toBe([])
        ->and($due(14))
        ->toBe(['follow-up'])
        ->and($due(27))
        ->toBe(['follow-up'])
        ->and($due(28))
        ->toBe([])
        ->and($due(20, 15 * A_DAY))
        ->toBe([]);
});

it('says nothing of a visit before the first notice there can be', function () {
    mt_srand(5);
    foreach (range(1, 200) as $_) {
        $house = new DueMessages(0, ['appointment' => mt_rand(0, 9), 'skin-test' => mt_rand(0, 9)]);
        expect(kindsOf($house->ofComing('v', '7', $house->firstNotice() + 1, SkinTestState::Missing)))->toBe([])
            ->and(kindsOf($house->ofComing('v', '7', $house->firstNotice(), SkinTestState::Missing)))->not->toBe([]);
    }
});

it('takes the house’s own days', function () {
    $house = new DueMessages(0, ['appointment' => 3, 'skin-test' => 5, 'follow-up' => 7]);
    expect(kindsOf($house->ofComing('v', '7', 3 * A_DAY, SkinTestState::Clear)))->toBe(['appointment'])
        ->and(kindsOf($house->ofComing('v', '7', 7 * A_DAY, SkinTestState::Missing)))->toBe(['skin-test'])
        ->and(
            kindsOf((new DueMessages(7 * A_DAY, ['follow-up' => 7]))->ofClosed('v', '7', 0, null)),
        )->toBe(['follow-up']);
});

it('asks about just those that ended between the two seconds it names', function (array $house) {
    $now = 100 * A_DAY;
    $asked = new DueMessages($now, $house);
    [$from, $to] = $asked->askedAbout();
    $due = fn (int $closed): bool => kindsOf($asked->ofClosed('v', '7', $closed, null)) === ['follow-up'];
    expect([$due($from - 1), $due($from), $due($to), $due($to + 1)])->toBe([false, true, true, false])
        ->and($to)->toBe($now - ($house['follow-up'] ?? 14) * A_DAY);
})->with(['as is usual' => [[]], 'of the house’s own' => [['follow-up' => 30]]]);

it('is due from one moment on and stays due until its end, whatever the hour it is asked', function () {
    mt_srand(11);
    foreach (range(1, 300) as $_) {
        $starts = mt_rand(5 * A_DAY, 40 * A_DAY);
        $first = null;
        for ($now = 0; $now < $starts; $now += mt_rand(1, 8) * AN_HOUR) {
            $kinds = kindsOf((new DueMessages($now))->ofComing('v', '7', $starts, SkinTestState::Expired));
            $asks = array_intersect(['skin-test', 'skin-test!'], $kinds) !== [];
            expect($first === null || $asks)->toBeTrue();
            $first ??= $asks ? $now : null;
        }
        expect($first)->not->toBeNull();
    }
});

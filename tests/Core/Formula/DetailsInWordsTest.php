<?php

declare(strict_types=1);

use Core\Formula\BowlDetails;
use Core\Formula\FollowFrom;
use Core\Formula\HeatPhase;
use Core\Formula\Letters;
use Core\Formula\Purpose;
use Core\Hair\Covering;
use Core\Hair\HairState;
use Core\Practice\ClockStart;

it('says nothing of what is as usual', function () {
    expect((new BowlDetails)->words())->toBe([]);
});

it('says how a bowl is worked and timed, in the order of its work', function () {
    $details = new BowlDetails(
        purpose: Purpose::Service,
        mark: 'the yellow one',
        hair: HairState::Damp,
        covering: Covering::Film,
        heat: [new HeatPhase(true, 15), new HeatPhase(false, 10)],
        applying: 12,
        clock: ClockStart::FirstTouch,
        rinse: 'B',
        emulsify: 3,
        until: 'until orange-gold',
        treatment: 'mask, 5 min',
        through: 5,
        lookFrom: 20,
        starts: 30,
    );
    expect($details->words())->toBe([
        'the yellow one',
        'on damp hair',
        'under film',
        '15 min with heat, 10 min without',
        '12 min to apply',
        'goes on 30 min into the round',
        'clock starts at the first touch',
        'until orange-gold',
        'look from minute 20',
        'taken through the last 5 min',
        'rinsed with B',
        'emulsify the last 3 min',
        'mask, 5 min',
    ]);
});

it('says each of what can be said in few words', function (BowlDetails $details, string $words) {
    expect($details->words())->toBe([$words]);
})->with([
    'left open' => [fn () => new BowlDetails(covering: Covering::Open), 'left open'],
    'by itself' => [fn () => new BowlDetails(rinse: 'own'), 'rinsed by itself'],
    'not at all' => [fn () => new BowlDetails(rinse: 'not'), 'not rinsed before the next'],
    'at the end' => [fn () => new BowlDetails(through: 0), 'taken through at the end'],
    'a minute before it' => [fn () => new BowlDetails(through: 1), 'taken through the last 1 min'],
    'follows at the end of another' => [fn () => new BowlDetails(after: 'A'), 'goes on after A is complete'],
    'so many minutes of its clock' => [
        fn () => new BowlDetails(after: 'A', plus: 20),
        'goes on 20 min after A started',
    ],
    'a range' => [
        fn () => new BowlDetails(after: 'A', plus: 25, plusMost: 30, from: FollowFrom::FirstTouch),
        'goes on 25 to 30 min after A’s first touch',
    ],
    'after a rinse' => [
        fn () => new BowlDetails(after: 'A', plus: 5, from: FollowFrom::Rinsed),
        'goes on 5 min after A is rinsed',
    ],
    'for the last minutes' => [
        fn () => new BowlDetails(after: 'A', plus: 5, from: FollowFrom::End),
        'on for the last 5 min of A',
    ],
    'at the very last' => [
        fn () => new BowlDetails(after: 'A', from: FollowFrom::End),
        'on for the last of A',
    ],
]);

it('is free of a bowl that is there no more, and of no other', function () {
    $details = new BowlDetails(
        mark: 'blue',
        after: 'A',
        plus: 20,
        plusMost: 25,
        from: FollowFrom::LastTouch,
        rinse: 'A',
        through: 5,
        minutesMost: 40,
    );
    expect($details->withoutBowl('A'))->toEqual(new BowlDetails(mark: 'blue', through: 5, minutesMost: 40))
        ->and($details->withoutBowl('B'))->toEqual($details)
        ->and((new BowlDetails(after: 'B', rinse: 'A'))->withoutBowl('A'))->toEqual(new BowlDetails(after: 'B'))
        ->and((new BowlDetails(after: 'A', rinse: 'B'))->withoutBowl('A'))->toEqual(new BowlDetails(rinse: 'B'));
});

it('goes on at one minute where it went on in a range', function () {
    $details = new BowlDetails(after: 'A', plus: 20, plusMost: 25);
    expect($details->onAt(15))->toEqual(new BowlDetails(after: 'A', plus: 15))
        ->and($details->upTo(45)->minutesMost)->toBe(45)
        ->and($details->takenThrough(5)->plusMost)->toBe(25);
});

it('calls a bowl by the first letter that is free, however many there are', function () {
    $all = [];
    while (count($all) < 800) {
        $all[] = Letters::free($all);
    }
    expect([$all[0], $all[1], $all[25], $all[26], $all[27], $all[52], $all[701], $all[702]])
        ->toBe(['A', 'B', 'Z', 'AA', 'AB', 'BA', 'ZZ', 'AAA'])
        ->and(array_unique($all))->toHaveCount(800)
        ->and(Letters::free(['A', 'C']))->toBe('B');
});

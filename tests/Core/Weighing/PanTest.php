<?php

declare(strict_types=1);

use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Weighing\Batch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchEventKind;
use Core\Weighing\BatchPlan;
use Core\Weighing\Pan;
use Core\Weighing\PlannedLine;
use Core\Weighing\PourRefused;
use Core\Weighing\PourSource;
use Core\Weighing\Tolerance;
use Core\Weighing\UnlikelyPour;
use Core\Weighing\Vessel;
use Tests\Core\Sample;

/** 40 g of colour, 60 g of developer, in what the events made of it. */
function bench(BatchEvent ...$events): Batch
{
    return Batch::replay(new BatchPlan([
        new PlannedLine('c', '6N', 0, Sample::g('40')),
        new PlannedLine('d', '20 vol', 1, Sample::g('60')),
    ], ScaleStep::TenthGram, Tolerance::house()), array_values($events));
}

function inBowl(string $line, string $grams): BatchEvent
{
    return BatchEvent::poured($line, Sample::g($grams), PourSource::Scale);
}

/** @return list<Vessel> */
function bowlsOfTheHouse(): array
{
    return [new Vessel('yellow', Sample::g('212')), new Vessel('', Sample::g('184'))];
}

/** What is asked, or what it came to: kind, grams, reading. */
function panSays(Pan $pan): string
{
    return $pan->question !== null ? substr($pan->question->key, 4) : implode(' ', array_map(
        static fn (BatchEvent $event): string => $event->kind->value.' '.(
            $event->grams?->text() ?? '-'
        ).' '.($event->reading ?? '-'),
        $pan->events,
    ));
}

it('believes an empty bowl that the house knows, and asks about one it does not', function (
    int $reading,
    string $mark,
    bool $sure,
    string $says,
    string $vessel = '',
) {
    $pan = Pan::emptyBowl(bench(), $reading, bowlsOfTheHouse(), $mark, $sure);
    expect(panSays($pan))->toBe($says)->and($pan->events[0]->vessel ?? '')->toBe($vessel);
})->with([
    'known by its weight' => [21_240, '', false, 'tared 212.4 g 21240', 'yellow'],
    'with a gram of something in it' => [21_300, '', false, 'no-such-bowl'],
    'known, and nobody has named it' => [18_360, '', false, 'tared 183.6 g 18360'],
    // The bowl of before, with 50 g and with 120 g in it.
    'fifty grams heavier' => [26_200, '', false, 'no-such-bowl'],
    'with the last mixture in it' => [33_200, '', false, 'no-such-bowl'],
    'a new one, said again' => [26_200, '', true, 'tared 262 g 26200'],
    'a new one, with a name' => [26_200, 'red', true, 'tared 262 g 26200', 'red'],
    'the yellow one, too heavy' => [26_200, 'Yellow', false, 'not-that-bowl'],
    'the yellow one, too light, though another weighs that' => [18_400, 'yellow', false, 'not-that-bowl'],
    'nothing' => [0, '', false, 'bare'],
    'its zero lost' => [-21_200, '', false, 'bare'],
    'set to zero by its own key' => [0, '', true, 'tared 0 g 0'],
]);

it('takes the first bowl of a house for what is said of it', function () {
    expect(panSays(Pan::emptyBowl(bench(), 21_240, [], '', false)))->toBe('tared 212.4 g 21240');
});

it('does not weigh a bowl as empty that holds something', function () {
    Pan::emptyBowl(bench(inBowl('c', '40')), 25_200, bowlsOfTheHouse(), '', true);
})->throws(PourRefused::class);

it('knows a bowl in use by its weight, and what went in unseen', function (
    int $reading,
    ?string $line,
    bool $sure,
    string $says,
    ?string $extra = null,
) {
    $batch = bench(BatchEvent::tared(Sample::g('212'), 21_200), inBowl('c', '40'));
    $pan = Pan::sameBowl($batch, $reading, bowlsOfTheHouse(), $line, $sure);
    expect(panSays($pan))->toBe($says)->and($pan->extra?->text())->toBe($extra);
})->with([
    'as it was' => [25_200, null, false, 'carried-on - 25200'],
    'within the scale’s trembling' => [25_230, null, false, 'carried-on - 25230'],
    'more' => [29_710, null, false, 'more-than-recorded', '45.1 g'],
    'more, and it was developer' => [29_710, 'd', false, 'carried-on - 25200 poured 45.1 g -'],
    'less' => [24_000, null, false, 'less-than-recorded'],
    'some was taken out' => [24_000, null, true, 'carried-on - 24000'],
    'nothing' => [30, null, false, 'bare'],
    'its own zero key' => [0, null, true, 'carried-on - 0'],
]);

it('takes the bowl’s weight from what is in it where nobody weighed it empty', function () {
    // Begun by hand: 40 g typed, then the bowl was put on a scale.
    $batch = bench(inBowl('c', '40'));
    expect(panSays(Pan::sameBowl($batch, 25_230, bowlsOfTheHouse(), null, false)))->toBe('carried-on 212.3 g 25230')
        ->and(panSays(Pan::sameBowl($batch, 25_000, [], null, false)))->toBe('carried-on 210 g 25000')
        // Ten grams are in it that nobody has told.
        ->and(panSays(Pan::sameBowl($batch, 26_200, bowlsOfTheHouse(), null, false)))->toBe('no-such-bowl-under')
        ->and(panSays(Pan::sameBowl($batch, 26_200, bowlsOfTheHouse(), null, true)))->toBe('carried-on 222 g 26200')
        ->and(panSays(Pan::sameBowl($batch, 4_500, [], null, false)))->toBe('lighter-than-content');
    $known = $batch->after(Pan::sameBowl($batch, 25_000, [], null, false)->events[0]);
    expect($known->bowlWeight?->text())->toBe('210 g')->and($known->expectedReading())->toBe(25_000)
        ->and(panSays(Pan::weighedBack(bench(
            inBowl('c', '40'),
            BatchEvent::carriedOn(25_000, Sample::g('210')),
            inBowl('d', '60'),
            BatchEvent::finished(),
        ), 22_150)))->toBe('weighed-back 11.5 g -');
});

it('records what went in unseen to the gram, and expects the bowl as it stands', function () {
    $batch = bench(BatchEvent::tared(Sample::g('212'), 21_200), inBowl('c', '40'));
    foreach (Pan::sameBowl($batch, 29_710, [], 'd', false)->events as $event) {
        $batch = $batch->after($event);
    }
    expect($batch->poured['d']->text())->toBe('45.1 g')->and($batch->expectedReading())->toBe(29_710);
});

it('goes on in another bowl, and then nobody knows one weight for both', function () {
    $batch = bench(BatchEvent::tared(Sample::g('212'), 21_200), inBowl('c', '40'));
    $moved = $batch->after(Pan::otherBowl($batch, 18_400, bowlsOfTheHouse(), '', false)->events[0]);
    expect($moved->expectedReading())->toBe(18_400)->and($moved->bowlWeight?->text())->toBe('184 g')
        // What is in the first bowl is not looked for in the second.
        ->and(
            panSays(Pan::sameBowl($moved->after(inBowl('d', '20')), 20_400, [], null, false)),
        )->toBe('carried-on - 20400')
        ->and(panSays(Pan::sameBowl($moved, 20_400, [], null, false)))->toBe('more-than-recorded')
        ->and(panSays(Pan::otherBowl($batch, 5, bowlsOfTheHouse(), '', false)))->toBe('bare')
        // The bowl itself, with what is in it, is not another one.
        ->and(panSays(Pan::otherBowl($batch, 26_400, bowlsOfTheHouse(), '', false)))->toBe('no-such-bowl')
        ->and(fn () => Pan::weighedBack($moved->after(inBowl('d', '60'))->after(BatchEvent::finished()), 20_000))
        ->toThrow(PourRefused::class);
});

it('weighs back what is left in the bowl', function (int $reading, string $says) {
    $done = bench(
        BatchEvent::tared(Sample::g('212'), 21_200),
        inBowl('c', '40'),
        inBowl('d', '60'),
        BatchEvent::finished(),
    );
    expect(panSays(Pan::weighedBack($done, $reading)))->toBe($says);
})->with([
    'some' => [23_350, 'weighed-back 21.5 g -'],
    'wiped out' => [21_150, 'weighed-back 0 g -'],
    'untouched, and a drop of water' => [31_250, 'weighed-back 100 g -'],
    'another bowl' => [18_400, 'lighter-than-bowl'],
]);

it('refuses more left than was mixed', function () {
    $done = bench(
        BatchEvent::tared(Sample::g('212'), 21_200),
        inBowl('c', '40'),
        inBowl('d', '60'),
        BatchEvent::finished(),
    );
    $done->after(Pan::weighedBack($done, 34_000)->events[0]);
})->throws(PourRefused::class);

it('leaves a batch as if it had not been begun, until its first gram', function () {
    $begun = bench(BatchEvent::tared(Sample::g('212'), 21_200));
    $left = $begun->after(BatchEvent::withdrawn());
    expect($begun->canWithdraw())
        ->toBeTrue()
        ->and($left->status->isOpen())
        ->toBeFalse()
        ->and($left->canUndo())
        ->toBeFalse()
        ->and(bench(inBowl('c', '1'))->canWithdraw())->toBeFalse()
        ->and(fn () => bench(inBowl('c', '1'), BatchEvent::withdrawn()))->toThrow(PourRefused::class)
        ->and(fn () => $left->after(BatchEvent::undone()))->toThrow(PourRefused::class)
        // A pour that was taken back is in no bowl any more.
        ->and(bench(inBowl('c', '1'), BatchEvent::undone())->canWithdraw())->toBeTrue();
});

it('names what would be taken back', function () {
    expect(bench()->latest())->toBeNull()
        ->and(bench(inBowl('c', '40'))->latest()?->kind)->toBe(BatchEventKind::Poured)
        ->and(bench(inBowl('c', '40'), BatchEvent::acceptedShort('d'), BatchEvent::undone())->latest()?->kind)
        ->toBe(BatchEventKind::Poured);
});

it('reads a bowl that was set to zero again with something in it, as older versions kept it', function () {
    $batch = bench(
        BatchEvent::tared(Sample::g('212'), null),
        inBowl('c', '40'),
        BatchEvent::tared(Sample::g('252'), null),
    );
    expect($batch->bowlWeight?->text())->toBe('212 g')->and($batch->expectedReading())->toBe(0)
        ->and($batch->total()->text())->toBe('40 g');
});

it('asks about a pour that is far beyond its target, or more than the pack holds', function (
    string $before,
    string $poured,
    ?string $pack,
    bool $asked,
) {
    $batch = $before === '0' ? bench() : bench(inBowl('c', $before));
    $ask = fn () => UnlikelyPour::refuse($batch, 'c', Sample::g($poured), $pack === null ? null : Sample::g($pack));
    $asked ? expect($ask)->toThrow(PourRefused::class) : expect($ask())->toBeNull();
})->with([
    'on target' => ['0', '40', '60', false],
    'a slip of the tube' => ['0', '52', '60', false],
    'twice' => ['0', '80', null, false],
    'more than twice' => ['0', '80.1', null, true],
    'more than twice with what is in' => ['30', '51', null, true],
    'the bowl itself' => ['0', '212', '60', true],
    'more than a tube' => ['0', '60.1', '60', true],
]);

it('does not ask about a crumb', function () {
    $plan = new BatchPlan(
        [new PlannedLine('b', 'Booster', 0, Grams::ofCentigrams(80))],
        ScaleStep::TenthGram,
        Tolerance::house(),
    );
    expect(UnlikelyPour::refuse(Batch::start($plan), 'b', Sample::g('4'), null))->toBeNull()
        ->and(
            fn () => UnlikelyPour::refuse(Batch::start($plan), 'b', Sample::g('6'), null),
        )->toThrow(PourRefused::class);
});

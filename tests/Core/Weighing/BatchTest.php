<?php

declare(strict_types=1);

use Core\Formula\BowlAmount;
use Core\Formula\KnownBowl;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Weighing\Batch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchPlan;
use Core\Weighing\BatchStatus;
use Core\Weighing\OverPour;
use Core\Weighing\PourRefused;
use Core\Weighing\PourSource;
use Core\Weighing\Tolerance;
use Tests\Core\Sample;

/** 40 g and 20 g of colour, 90 g of 20 vol. */
function plan(): BatchPlan
{
    return BatchPlan::of(
        KnownBowl::worked(Sample::bowl(
            ['2', '1'],
            '1:1.5',
            BowlAmount::colour(Sample::g('60')),
        )->work(ScaleStep::TenthGram)),
        Tolerance::house(),
    );
}

function pour(string $line, string $grams): BatchEvent
{
    return BatchEvent::poured($line, Sample::g($grams), PourSource::Scale);
}

/** @param  list<BatchEvent>  $events */
function replayed(array $events): Batch
{
    return Batch::replay(plan(), $events);
}

it('asks for one product at a time, in order', function () {
    expect(replayed([])->current()?->key)->toBe('c0')
        ->and(replayed([pour('c0', '40')])->current()?->key)->toBe('c1')
        ->and(replayed([pour('c0', '40'), pour('c1', '20')])->current()?->key)->toBe('d 20 vol')
        ->and(replayed([pour('c0', '40'), pour('c1', '20'), pour('d 20 vol', '90')])->status)
        ->toBe(BatchStatus::Complete);
});

it('takes a line in several pours and stays on it until it is within tolerance', function () {
    $batch = replayed([pour('c0', '22.5')]);
    expect($batch->current()?->key)->toBe('c0')
        ->and($batch->left('c0')->text())->toBe('17.5 g')
        ->and($batch->after(pour('c0', '17'))->current()?->key)->toBe('c1');
});

it('keeps the proportion after an over-pour', function () {
    // 44 of 40 is k = 1.1: 44 + 22 + 99 = 165.
    $batch = replayed([pour('c0', '44')]);
    expect($batch->status)->toBe(BatchStatus::Over);
    $kept = $batch->after(BatchEvent::keptProportion());
    expect(array_map(static fn (Grams $g) => $g->text(), $kept->targets))->toBe([
        'c0' => '44 g',
        'c1' => '22 g',
        'd 20 vol' => '99 g',
    ])
        ->and($kept->targetTotal()->text())->toBe('165 g')
        ->and($kept->current()?->key)->toBe('c1');
});

it('tells what keeping the proportion asks for, and what goes in on top of what is in already', function () {
    expect(OverPour::of(replayed([pour('c0', '40')])))->toBeNull();
    // 23 of 20 is k = 1.15: 46 + 23 + 103.5 = 172.5, of which 22.5 beyond the 150 planned.
    $over = OverPour::of(
        replayed([pour('c0', '40'), pour('c1', '23')]),
    ) ?? throw new LogicException('Nothing is over.');
    expect($over->line->key)->toBe('c1')
        ->and($over->by->text())->toBe('3 g')
        ->and($over->total->text())->toBe('172.5 g')
        ->and($over->extra->text())->toBe('22.5 g')
        ->and(
            array_map(
                static fn (array $each) => [$each['line']->key, $each['grams']->text(), $each['topUp']],
                $over->toPour,
            ),
        )
        ->toBe([['c0', '6 g', true], ['d 20 vol', '103.5 g', false]])
        ->and($over->planned->ratio())->toBe('1:1.5')
        ->and($over->taken->percent('c1'))->toBe('36.5');
});

it('tops up earlier products when a later one is over', function () {
    // 23 of 20 is k = 1.15: the first goes from 40 to 46, so 6 g more.
    $batch = replayed([pour('c0', '40'), pour('c1', '23'), BatchEvent::keptProportion()]);
    expect($batch->current()?->key)->toBe('c0')
        ->and($batch->left('c0')->text())->toBe('6 g')
        ->and($batch->after(pour('c0', '6'))->after(pour('d 20 vol', '103.5'))->status)->toBe(BatchStatus::Complete);
});

it('accepts an over-pour and shows what it changes', function () {
    $batch = replayed([pour('c0', '40'), pour('c1', '20'), pour('d 20 vol', '120')]);
    expect($batch->status)->toBe(BatchStatus::Over)
        ->and($batch->outcome()->ratio())->toBe('1:2')
        ->and($batch->outcome()->strengthOnHead()?->percent()->decimal(2))->toBe('4')
        ->and($batch->after(BatchEvent::acceptedOver())->status)->toBe(BatchStatus::Complete);
});

it('shows the shares an over-pour would leave', function () {
    $outcome = replayed([pour('c0', '60')])->outcome();
    expect($outcome->percent('c0'))->toBe('75')
        ->and($outcome->percent('c1'))->toBe('25')
        ->and($outcome->ratio())->toBe('1:1.13');
});

it('discards with a reason, and only so', function () {
    expect(replayed([pour('c0', '60'), BatchEvent::discarded('wrong tube')])->status)->toBe(BatchStatus::Discarded)
        ->and(fn () => BatchEvent::discarded('  '))->toRefuse(PourRefused::class, 'needs a reason');
});

it('takes a short line as it is', function () {
    $batch = replayed([pour('c0', '33'), BatchEvent::acceptedShort('c0')]);
    expect($batch->current()?->key)->toBe('c1')->and($batch->left('c0')->isZero())->toBeTrue();
});

it('takes back the latest event, whatever it was', function (array $events) {
    $before = replayed(array_slice($events, 0, -1));
    $after = replayed([...$events, BatchEvent::undone()]);
    expect($after)->toEqual($before);
})->with([
    'a pour' => [fn () => [pour('c0', '40'), pour('c1', '5')]],
    'a choice' => [fn () => [pour('c0', '44'), BatchEvent::keptProportion()]],
    'a discard' => [fn () => [pour('c0', '44'), BatchEvent::discarded('spilt')]],
    'the end' => [fn () => [pour('c0', '40'), pour('c1', '20'), pour('d 20 vol', '90'), BatchEvent::finished()]],
]);

it('knows what the scale should show', function () {
    expect(replayed([BatchEvent::tared(Sample::g('210')), pour('c0', '40')])->expectedReading())->toBe(4000)
        // The bowl was tared again with 40 g in it: the scale shows 0, and weighing carries on from there.
        ->and(replayed([pour('c0', '40'), BatchEvent::carriedOn(0), pour('c1', '20')])->expectedReading())->toBe(2000)
        // Another bowl of 6.5 g more stands there, and what it shows counts from where it stands.
        ->and(
            replayed([pour('c0', '40'), BatchEvent::carriedOn(4650), pour('c1', '20')])->expectedReading(),
        )->toBe(6650);
});

it('weighs back what is left', function () {
    $done = [pour('c0', '40'), pour('c1', '20'), pour('d 20 vol', '90'), BatchEvent::finished()];
    expect(replayed([...$done, BatchEvent::weighedBack(Sample::g('31.5'))])->used()->text())->toBe('118.5 g')
        ->and(fn () => replayed([...$done, BatchEvent::weighedBack(Sample::g('151'))]))
        ->toRefuse(PourRefused::class, 'more than the 150 g')
        ->and(fn () => replayed([pour('c0', '40'), BatchEvent::weighedBack(Sample::g('5'))]))
        ->toRefuse(PourRefused::class, 'still being weighed');
});

it('refuses what does not fit the batch as it stands', function (array $events, string $message) {
    expect(fn () => replayed($events))->toRefuse(PourRefused::class, $message);
})->with([
    'pouring on while over' => [fn () => [pour('c0', '60'), pour('c1', '20')], 'waits for a choice'],
    'finishing early' => [fn () => [pour('c0', '40'), BatchEvent::finished()], 'not weighed yet'],
    'finishing while over' => [fn () => [pour('c0', '60'), BatchEvent::finished()], 'waits for a choice'],
    'unknown product' => [fn () => [pour('x', '1')], 'not planned'],
    'pouring after the end' => [fn () => [BatchEvent::discarded('spilt'), pour('c0', '1')], 'has ended'],
    'choosing with nothing over' => [fn () => [pour('c0', '40'), BatchEvent::keptProportion()], 'Nothing is over'],
    'taking back nothing' => [fn () => [BatchEvent::undone()], 'nothing to take back'],
    'pouring nothing' => [fn () => [pour('c0', '0')], 'Nothing was poured'],
]);

it('keeps the planned proportion to the step, whatever was over-poured', function () {
    mt_srand(29);
    for ($i = 0; $i < 150; $i++) {
        $batch = Batch::start(plan());
        foreach ($batch->plan->lines as $line) {
            for ($tries = 0; $batch->status->isOpen() && ! $batch->isDone($line->key) && $tries < 20; $tries++) {
                $batch = $batch->after(BatchEvent::poured(
                    $line->key,
                    Grams::ofCentigrams(mt_rand(1, 150) * 100),
                    PourSource::Scale,
                ));
                if ($batch->status === BatchStatus::Over) {
                    $batch = $batch->after(BatchEvent::keptProportion());
                }
            }
        }
        // Top up in the order the batch asks for, exactly what it asks for.
        while (($current = $batch->current()) !== null) {
            $batch = $batch->after(BatchEvent::poured($current->key, $batch->left($current->key), PourSource::Scale));
        }
        expect($batch->status)->toBe(BatchStatus::Complete);
        foreach ($batch->plan->lines as $line) {
            $share = $batch->poured[$line->key]->centigrams / $batch->total()->centigrams;
            $planned = $line->target->centigrams / $batch->plan->total()->centigrams;
            // Within the tolerance of the smallest band that could have been accepted: 1 g in 10 g, 2 % above.
            expect(abs($share - $planned))->toBeLessThan(0.02);
        }
    }
});

it('rounds raised targets to the nearest step', function () {
    // 43.3 of 40 is k = 1.0825: 20 g become 21.65, shown as 21.7; 90 g become 97.425, shown as 97.4.
    $kept = replayed([pour('c0', '43.3')])->after(BatchEvent::keptProportion());
    expect(array_map(static fn (Grams $g) => $g->text(), $kept->targets))->toBe([
        'c0' => '43.3 g',
        'c1' => '21.7 g',
        'd 20 vol' => '97.4 g',
    ]);
});

/** A drop of something that nobody planned. */
function drop(string $key = 'blue', ?int $part = 0): BatchEvent
{
    return BatchEvent::added($key, ucfirst($key), $part);
}

it('takes in what was not planned: named first, poured next, by eye', function () {
    $batch = replayed([pour('c0', '40'), drop()]);
    expect($batch->current()?->key)->toBe('blue')->and($batch->current()?->open)->toBeTrue()
        ->and(array_column($batch->plan->lines, 'key'))->toBe(['c0', 'blue', 'c1', 'd 20 vol']);
    $poured = $batch->after(pour('blue', '1.8'));
    expect($poured->current()?->key)->toBe('c1')->and($poured->total()->text())->toBe('41.8 g')
        ->and($poured->targetTotal()->text())->toBe('151.8 g')
        // It counts in the ratio it went into: 90 to 61.8.
        ->and($poured->outcome()->ratio())->toBe('1:1.46');
});

it('takes it in at the end too, and again when a little more is wanted', function () {
    $batch = replayed([pour('c0', '40'), pour('c1', '20'), pour('d 20 vol', '90'), drop('bond', null)]);
    expect($batch->status)->toBe(BatchStatus::Weighing)
        ->and(fn () => $batch->after(BatchEvent::finished()))->toRefuse(PourRefused::class, 'Bond is not weighed yet.');
    $once = $batch->after(pour('bond', '2'));
    expect($once->status)->toBe(BatchStatus::Complete)->and($once->outcome()->ratio())->toBe('1:1.5');
    $more = $once->after(drop('bond', null));
    expect($more->current()?->key)->toBe('bond')->and(count($more->plan->lines))->toBe(4)
        ->and($more->after(pour('bond', '0.5'))->poured['bond']->text())->toBe('2.5 g');
});

it('leaves out what was named and then not poured', function () {
    $batch = replayed([drop()])->after(BatchEvent::acceptedShort('blue'));
    expect($batch->current()?->key)->toBe('c0')->and($batch->poured['blue']->isZero())->toBeTrue();
});

it('takes the naming back as if it had not been', function () {
    $batch = replayed([pour('c0', '40'), drop(), BatchEvent::undone()]);
    expect($batch->plan)->toEqual(plan())->and($batch->current()?->key)->toBe('c1');
    // Taking back the pour keeps the name; taking back once more takes the name.
    $twice = replayed([drop(), pour('blue', '1'), BatchEvent::undone()]);
    expect($twice->current()?->key)->toBe('blue')->and($twice->after(BatchEvent::undone())->plan)->toEqual(plan());
});

it('keeps the planned proportion around what was added by eye', function () {
    $batch = replayed([drop(), pour('blue', '2'), pour('c0', '44'), BatchEvent::keptProportion()]);
    expect(array_map(static fn (Grams $g) => $g->text(), $batch->targets))->toEqual([
        'c0' => '44 g',
        'c1' => '22 g',
        'd 20 vol' => '99 g',
        'blue' => '0 g',
    ])
        ->and($batch->current()?->key)->toBe('c1');
});

it('adds nothing that is planned anyway, and nothing while a choice is due', function () {
    expect(fn () => replayed([BatchEvent::added('c1', 'Second', 0)]))->toRefuse(
        PourRefused::class,
        'is in this batch’s plan',
    )
        ->and(fn () => replayed([pour('c0', '44'), drop()]))->toRefuse(PourRefused::class, 'waits for a choice');
});

it('comes to the same whatever was undone on the way', function () {
    $events = [drop(), pour('blue', '1'), pour('c0', '40'), drop('green'), pour('green', '0.5'), pour('c1', '20')];
    $plain = replayed($events);
    for ($at = 1; $at <= count($events); $at++) {
        $with = replayed([...array_slice($events, 0, $at), BatchEvent::undone(), ...array_slice($events, $at - 1)]);
        expect([$with->plan, $with->poured, $with->targets, $with->status])->toEqual([
            $plain->plan,
            $plain->poured,
            $plain->targets,
            $plain->status,
        ]);
    }
});

it('knows what of the poured was planned and what was not', function () {
    $batch = replayed([pour('c0', '40'), drop(), pour('blue', '1.8'), pour('c1', '20')]);
    expect(array_map(static fn (Grams $g) => $g->text(), $batch->added()))->toBe(['blue' => '1.8 g'])
        ->and(replayed([pour('c0', '40')])->added())->toBe([]);
});

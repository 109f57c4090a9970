<?php

declare(strict_types=1);

use Core\Formula\BowlAmount;
use Core\Formula\KnownBowl;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Units\Strength;
use Core\Weighing\Batch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchPlan;
use Core\Weighing\BatchStatus;
use Core\Weighing\LivePlace;
use Core\Weighing\LivePour;
use Core\Weighing\Outcome;
use Core\Weighing\PlannedLine;
use Core\Weighing\PourPlace;
use Core\Weighing\PourRefused;
use Core\Weighing\PourSource;
use Core\Weighing\Tolerance;
use Tests\Core\Sample;

/** A bowl as it may stand on the bench: parts of the ratio, something on top, something by eye. */
function mixedPlan(): BatchPlan
{
    return new BatchPlan([
        new PlannedLine('6N', '6N', 0, Sample::g('40')),
        new PlannedLine('7G', '7G', 0, Sample::g('20')),
        new PlannedLine('d20', '20 vol', 1, Sample::g('60'), Strength::vol(20)),
        new PlannedLine('d40', '40 vol', 1, Sample::g('30'), Strength::vol(40)),
        new PlannedLine('bond', 'Bond', null, Sample::g('3')),
        new PlannedLine('dash', 'Dash', 0, Grams::zero(), null, true),
    ], ScaleStep::TenthGram, Tolerance::house());
}

function put(string $line, string $grams): BatchEvent
{
    return BatchEvent::poured($line, Sample::g($grams), PourSource::Hand);
}

/** @return array<string, Grams> */
function amounts(string ...$grams): array
{
    return array_map(Sample::g(...), $grams);
}

it('says what a bowl comes to: ratio, strength before and on the head, shares', function () {
    $outcome = Outcome::planned(mixedPlan());
    // 60 of 20 vol and 30 of 40 vol by mass are 26⅔ vol; 90 of it in 153 g.
    expect($outcome->total()->text())->toBe('153 g')->and($outcome->ratio())->toBe('1:1.5')
        ->and($outcome->developerStrength()?->volume->decimal(3))->toBe('26.667')
        ->and($outcome->strengthOnHead()?->volume->decimal(2))->toBe('15.69')
        ->and([
            $outcome->percent('6N'),
            $outcome->percent('7G'),
            $outcome->percent('d40'),
            $outcome->percent('bond'),
            $outcome->percent('dash'),
        ])
        ->toBe(['66.7', '33.3', '33.3', null, '0']);
});

it('knows no ratio and no strength where there is none to know', function () {
    $plan = mixedPlan();
    $colour = new Outcome(
        $plan,
        amounts(...['6N' => '40', '7G' => '20', 'd20' => '0', 'd40' => '0', 'bond' => '0', 'dash' => '0']),
    );
    expect($colour->ratio())->toBe('1:0')
        ->and($colour->developerStrength())->toBeNull()
        ->and($colour->strengthOnHead())->toBeNull()
        ->and($colour->percent('d20'))->toBeNull();
    $developer = new Outcome(
        $plan,
        amounts(...['6N' => '0', '7G' => '0', 'd20' => '10', 'd40' => '0', 'bond' => '0', 'dash' => '0']),
    );
    expect($developer->ratio())->toBeNull()
        ->and($developer->developerStrength()?->volume->decimal(1))->toBe('20')
        ->and($developer->strengthOnHead()?->volume->decimal(1))->toBe('20');
    $shield = BatchPlan::of(
        KnownBowl::worked(Sample::bowl(
            ['1'],
            'no developer',
            BowlAmount::colour(Sample::g('20')),
        )->work(ScaleStep::TenthGram)),
        Tolerance::house(),
    );
    expect(Outcome::planned($shield)->ratio())->toBeNull()
        ->and(Outcome::planned($shield)->developerStrength())->toBeNull();
});

it('expects of what is short what it is to become, of what is over what it is', function () {
    $batch = Batch::start(mixedPlan())->after(put('6N', '39.2'))->after(put('7G', '12'));
    // 39.2 is within its band and stays; 12 of 20 is still to be filled up.
    expect($batch->outcome()->total()->text())->toBe('152.2 g')->and($batch->outcome()->percent('7G'))->toBe('33.8');
    $over = $batch->after(put('7G', '10'));
    expect($over->outcome()->total()->text())->toBe('154.2 g')->and($over->status)->toBe(BatchStatus::Over);
});

it('asks for a choice of the line that is over, once for each time it goes over', function () {
    $batch = Batch::start(mixedPlan())->after(put('6N', '44'));
    expect($batch->over()?->key)->toBe('6N')->and($batch->current())->toBeNull();
    $accepted = $batch->after(BatchEvent::acceptedOver());
    expect($accepted->over())->toBeNull()
        ->and($accepted->isDone('6N'))->toBeTrue()
        ->and($accepted->left('6N')->isZero())->toBeTrue()
        // More of it is over again, and asked about again.
        ->and($accepted->after(put('6N', '1'))->over()?->key)->toBe('6N');
});

it('never calls what is poured by eye over or short', function () {
    $batch = Batch::start(mixedPlan());
    foreach (['0.01', '3', '300', '900'] as $grams) {
        $poured = $batch->after(put('dash', $grams));
        expect($poured->over())->toBeNull()
            ->and($poured->isDone('dash'))->toBeTrue()
            ->and($poured->left('dash')->isZero())->toBeTrue()
            ->and($poured->band('dash')->place($poured->poured['dash']))->toBe(PourPlace::Inside);
    }
    expect($batch->isDone('dash'))->toBeFalse();
});

it('raises by the line that is furthest beyond its plan', function () {
    // 46 of 40 is 1.15, then 24 of 23 is within its band: the largest of all decides.
    $batch = Batch::start(mixedPlan())
        ->after(put('6N', '46'))
        ->after(BatchEvent::keptProportion())
        ->after(put('7G', '26'))
        ->after(BatchEvent::keptProportion());
    expect(array_map(static fn (Grams $g): string => $g->text(), $batch->targets))->toBe([
        '6N' => '52 g',
        '7G' => '26 g',
        'd20' => '78 g',
        'd40' => '39 g',
        'bond' => '3.9 g',
        'dash' => '0 g',
    ])
        ->and($batch->left('6N')->text())->toBe('6 g')->and($batch->targetTotal()->text())->toBe('198.9 g');
});

it('lets what was taken short be asked for again where the proportion is the wish', function () {
    $batch = Batch::start(mixedPlan())
        ->after(put('6N', '30'))
        ->after(BatchEvent::acceptedShort('6N'))
        ->after(put('dash', '2'))
        ->after(put('7G', '22'))
        ->after(BatchEvent::keptProportion());
    expect($batch->isDone('6N'))->toBeFalse()->and($batch->left('6N')->text())->toBe('14 g')
        // What went in by eye stays as it is.
        ->and($batch->isDone('dash'))->toBeTrue();
});

it('scales a plan to its step and keeps everything else', function () {
    $half = mixedPlan()->times(Fraction::of(1, 3));
    expect(array_map(
        static fn (PlannedLine $line): string => $line->target->text(),
        $half->lines,
    ))->toBe(['13.3 g', '6.7 g', '20 g', '10 g', '1 g', '0 g'])
        ->and(array_map(
            static fn (PlannedLine $line): array => [$line->key, $line->label, $line->part, $line->open],
            $half->lines,
        ))
        ->toBe(array_map(
            static fn (PlannedLine $line): array => [$line->key, $line->label, $line->part, $line->open],
            mixedPlan()->lines,
        ))
        ->and($half->lines[3]->strength?->volume->decimal(0))->toBe('40');
});

it('pours additives and what else goes in after the parts, in their order', function () {
    $extra = new PlannedLine('extra', 'Extra', null, Sample::g('5'));
    $plan = BatchPlan::of(
        KnownBowl::worked(Sample::bowl(
            ['2', '1'],
            '1:1.5',
            BowlAmount::colour(Sample::g('60')),
        )->work(ScaleStep::TenthGram)),
        Tolerance::house(),
    )->withLine($extra, null);
    expect(array_column($plan->lines, 'key'))->toBe(['c0', 'c1', 'd 20 vol', 'extra'])
        ->and($plan->total()->text())->toBe('155 g')
        ->and($plan->withLine(new PlannedLine('x', 'X', 0, Grams::zero(), null, true), null)->lines[4]->key)->toBe('x')
        ->and($plan->withLine(new PlannedLine('x', 'X', 0, Grams::zero(), null, true), 'c0')->lines[0]->key)->toBe('x');
});

it('tells noise from a pour and a pour from a lifted bowl at their very edges', function (
    int $reading,
    LivePlace $place,
) {
    $live = (new LivePour(4000, Sample::g('0'), Tolerance::house()->band(Sample::g('20'))))->at($reading);
    expect($live->place)->toBe($place);
})->with(
    [
        [3700, LivePlace::BowlMissing],
        [3701, LivePlace::Waiting],
        [4019, LivePlace::Waiting],
        [4020, LivePlace::Under],
        [5899, LivePlace::Under],
        [5900, LivePlace::Inside],
        [6100, LivePlace::Inside],
        [6101, LivePlace::Over],
    ],
);

it('shows nothing poured where less than nothing is', function () {
    $live = (new LivePour(4000, Sample::g('5'), Tolerance::house()->band(Sample::g('20'))))->at(3950);
    expect([
        $live->net->text(),
        $live->inLine->text(),
        $live->left->text(),
        $live->over->text(),
    ])->toBe(['0 g', '4.5 g', '15.5 g', '0 g']);
});

it('turns its tolerance over at ten and at sixty grams', function (string $target, string $low, string $high) {
    $band = Tolerance::house()->band(Sample::g($target));
    expect([$band->low->text(), $band->target->text(), $band->high->text()])->toBe([$low, "{$target} g", $high]);
})->with(
    [
        ['9.99', '9.49 g', '10.49 g'],
        ['10', '9 g', '11 g'],
        ['60', '59 g', '61 g'],
        ['60.01', '58.81 g', '61.21 g'],
        ['1', '0.5 g', '1.5 g'],
        ['0.99', '0.5 g', '1.48 g'],
    ],
);

it('cannot be ended, weighed back or poured on out of turn', function (array $events, string $message) {
    expect(fn () => Batch::replay(mixedPlan(), $events))->toRefuse(PourRefused::class, $message);
})->with([
    'a short line that is not planned' => [fn () => [BatchEvent::acceptedShort('9N')], 'not planned'],
    'accepting what is not over' => [fn () => [put('6N', '40'), BatchEvent::acceptedOver()], 'Nothing is over'],
    'weighing back a discarded bowl' => [
        fn () => [BatchEvent::discarded(' spilt '), BatchEvent::weighedBack(Sample::g('1'))],
        'still being weighed',
    ],
    'adding after the end' => [fn () => [BatchEvent::discarded('spilt'), BatchEvent::added('x', 'X', 0)], 'has ended'],
]);

it('keeps a discard’s reason without its blanks, and what was mixed until then', function () {
    $batch = Batch::start(mixedPlan())->after(put('6N', '12'))->after(BatchEvent::discarded('  wrong tube '));
    expect($batch->discardReason)->toBe('wrong tube')
        ->and($batch->total()->text())->toBe('12 g')
        ->and($batch->used()->text())->toBe('0 g')
        ->and($batch->canUndo())->toBeTrue()
        ->and(Batch::start(mixedPlan())->canUndo())->toBeFalse();
});

it('gives the developer its target once the powder that was poured by eye is in', function () {
    $lines = [
        new PlannedLine('powder', 'Powder', 0, Grams::zero(), open: true, said: 'a scoop', share: Fraction::one()),
        new PlannedLine('20 vol', '20 vol', 1, Grams::zero(), Strength::vol(20), open: true, share: Fraction::one()),
    ];
    $plan = new BatchPlan($lines, ScaleStep::TenthGram, Tolerance::house(), [Fraction::one(), Fraction::of(2)]);
    $begun = Batch::start($plan);
    expect($begun->isByEye('20 vol'))->toBeTrue()->and($begun->current()?->key)->toBe('powder');
    $powder = $begun->after(put('powder', '33.4'));
    // 33.4 g of powder at 1:2 take 66.8 g (common practice, no source).
    expect($powder->isByEye('20 vol'))->toBeFalse()
        ->and($powder->left('20 vol')->text())->toBe('66.8 g')
        ->and($powder->targetTotal()->text())->toBe('100.2 g')
        ->and($powder->after(put('20 vol', '30'))->isDone('20 vol'))->toBeFalse()
        ->and($powder->after(put('20 vol', '66'))->isDone('20 vol'))->toBeTrue()
        ->and($powder->after(put('20 vol', '90'))->over()?->key)->toBe('20 vol')
        // So much more powder holds the proportion.
        ->and(
            $powder->after(put('20 vol', '80'))->after(BatchEvent::keptProportion())->left('powder')->text(),
        )->toBe('6.6 g')
        ->and(
            $powder->after(put('20 vol', '80'))
                ->after(BatchEvent::keptProportion())
                ->after(put('powder', '6.6'))
                ->status,
        )
        ->toBe(BatchStatus::Complete)
        // Without a ratio it stays by eye.
        ->and(
            Batch::replay(
                new BatchPlan($lines, ScaleStep::TenthGram, Tolerance::house()),
                [put('powder', '33.4')],
            )->isByEye('20 vol'),
        )
        ->toBeTrue();
});

it('tells a formula that was kept in proportion from one that was changed, and from one as planned', function (
    array $events,
    bool $follows,
    bool $keeps,
) {
    $plan = new BatchPlan([
        new PlannedLine('6N', '6N', 0, Sample::g('40')),
        new PlannedLine('7G', '7G', 0, Sample::g('20')),
        new PlannedLine('d20', '20 vol', 1, Sample::g('90'), Strength::vol(20)),
    ], ScaleStep::TenthGram, Tolerance::house());
    $batch = Batch::replay($plan, $events);
    expect([$batch->followsPlan(), $batch->keepsProportion()])->toBe([$follows, $keeps]);
})->with(fn (): array => [
    'as planned, with a hand’s misses' => [[put('6N', '40.6'), put('7G', '19.5'), put('d20', '91')], true, true],
    'kept in proportion' => [
        [put('6N', '40'), put('7G', '23'), BatchEvent::keptProportion(), put('6N', '6'), put('d20', '103.5')],
        false,
        true,
    ],
    'accepted' => [[put('6N', '40'), put('7G', '24'), BatchEvent::acceptedOver(), put('d20', '90')], false, false],
    'half of it, by an empty tube' => [
        [put('6N', '20'), BatchEvent::acceptedShort('6N'), put('7G', '20'), put('d20', '90')],
        false,
        false,
    ],
]);

<?php

declare(strict_types=1);

use Core\Codec\ReadCare;
use Core\Codec\UnreadableDocument;
use Core\Record\CareStep;
use Core\Service\BowlState;
use Core\Service\LeftOpen;
use Core\Timing\ClockState;

it('reads the steps of care in their order, with minutes and price', function () {
    $steps = ReadCare::from([
        ['id' => '1', 'kind' => 'wash', 'words' => 'conditioner first, then shampoo'],
        [
            'id' => '2',
            'kind' => 'mask',
            'words' => 'the blue one',
            'minutes' => '10',
            'price' => '12,5',
            'done' => true,
        ],
        ['id' => '3', 'kind' => 'treatment', 'words' => 'bond', 'minutes' => 5, 'price' => '7'],
    ]);
    expect(array_map(static fn (CareStep $step): string => $step->price(), $steps))->toBe(['', '12.50', '7.00'])
        ->and(CareStep::minutesOf($steps))->toBe(15)
        ->and(CareStep::money(CareStep::priceOf($steps)))->toBe('19.50')
        ->and(CareStep::priceOf([$steps[0]]))->toBeNull()
        ->and(ReadCare::write(ReadCare::from(ReadCare::write($steps))))->toBe(ReadCare::write($steps));
});

it('refuses what is no step, and says where', function (array $bad, string $pointer) {
    try {
        ReadCare::from(
            [['kind' => 'wash', 'words' => 'twice'], $bad + ['kind' => 'mask', 'words' => 'blue']],
            '/steps',
        );
        $found = '';
    } catch (UnreadableDocument $refusal) {
        $found = $refusal->problems()[0]->pointer;
    }
    expect($found)->toBe("/steps/1/{$pointer}");
})->with([
    'no words' => [['words' => ' '], 'words'],
    'another kind' => [['kind' => 'massage'], 'kind'],
    'no minutes' => [['minutes' => 'a while'], 'minutes'],
    'too long' => [['minutes' => 241], 'minutes'],
    'three decimals' => [['price' => '3.505'], 'price'],
    'a debt' => [['price' => '-3'], 'price'],
]);

it('says what a close would leave unfinished', function () {
    $bowl = static fn (string $letter, bool $weighing, bool $mixed, ClockState $clock): BowlState => new BowlState(
        $letter,
        $letter,
        $weighing,
        $mixed,
        $clock,
    );
    $facts = LeftOpen::of([
        $bowl('A', false, true, ClockState::Rinsed),
        $bowl('B', false, true, ClockState::Over),
        $bowl('C', true, false, ClockState::Waiting),
        $bowl('D', false, false, ClockState::Waiting),
        $bowl('E', false, true, ClockState::Applying),
    ]);
    expect(array_map(said(...), $facts))->toBe([
        'Bowl B is still on the hair: nobody marked it rinsed',
        'Bowl C stands half weighed',
        'Bowl D was planned and never mixed',
        'Bowl E is still on the hair: nobody marked it rinsed',
    ]);
});

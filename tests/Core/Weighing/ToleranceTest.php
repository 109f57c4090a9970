<?php

declare(strict_types=1);

use Core\Practice\Schools;
use Core\Weighing\PourPlace;
use Core\Weighing\Tolerance;
use Tests\Core\Sample;

it('allows the house tolerance', function (string $target, string $low, string $high) {
    // Our own model: ±0.5 g below 10 g, ±1 g to 60 g, ±2 % above.
    $band = Tolerance::house()->band(Sample::g($target));
    expect([$band->low->text(), $band->high->text()])->toBe([$low, $high]);
})->with([
    'small' => ['8', '7.5 g', '8.5 g'],
    'ten is medium' => ['10', '9 g', '11 g'],
    'sixty is medium' => ['60', '59 g', '61 g'],
    'large' => ['90', '88.2 g', '91.8 g'],
    'tiny: never more than half' => ['0.6', '0.3 g', '0.9 g'],
]);

it('counts the edges as on target', function (string $poured, PourPlace $place) {
    expect(Tolerance::house()->band(Sample::g('30'))->place(Sample::g($poured)))->toBe($place);
})->with([['28.9', PourPlace::Under], ['29', PourPlace::Inside], ['31', PourPlace::Inside], ['31.1', PourPlace::Over]]);

it('takes the house’s own tolerance, and still never lets nothing pass for something', function (
    string $target,
    string $low,
    string $high,
) {
    $band = Tolerance::of(Schools::read([
        'miss-small' => '0.2',
        'miss-medium' => '2',
        'miss-large' => '5',
    ])->pourMiss)->band(Sample::g($target));
    expect([$band->low->text(), $band->high->text()])->toBe([$low, $high]);
})->with([
    'small' => ['8', '7.8 g', '8.2 g'],
    'medium' => ['40', '38 g', '42 g'],
    'large' => ['100', '95 g', '105 g'],
    'tiny' => ['0.2', '0.1 g', '0.3 g'],
]);

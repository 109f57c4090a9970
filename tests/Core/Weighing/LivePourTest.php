<?php

declare(strict_types=1);

use Core\Weighing\LivePlace;
use Core\Weighing\LivePour;
use Core\Weighing\Tolerance;
use Tests\Core\Sample;

it('says where a live pour stands', function (
    int $reading,
    LivePlace $place,
    string $inLine,
    string $left,
    string $over,
) {
    // 40 g of the line before are in the bowl; 5 g of this line are recorded; its target is 20 g.
    $live = (new LivePour(4500, Sample::g('5'), Tolerance::house()->band(Sample::g('20'))))->at($reading);
    expect($live->place)->toBe($place)
        ->and([$live->inLine->text(), $live->left->text(), $live->over->text()])->toBe([$inLine, $left, $over]);
})->with([
    'nothing yet' => [4500, LivePlace::Waiting, '5 g', '15 g', '0 g'],
    'noise' => [4510, LivePlace::Waiting, '5.1 g', '14.9 g', '0 g'],
    'on the way' => [5500, LivePlace::Under, '15 g', '5 g', '0 g'],
    'in the band' => [5950, LivePlace::Inside, '19.5 g', '0.5 g', '0 g'],
    'upper edge' => [6100, LivePlace::Inside, '21 g', '0 g', '1 g'],
    'over' => [6110, LivePlace::Over, '21.1 g', '0 g', '1.1 g'],
    'bowl lifted' => [-21000, LivePlace::BowlMissing, '0 g', '20 g', '0 g'],
    'tared again' => [0, LivePlace::BowlMissing, '0 g', '20 g', '0 g'],
]);

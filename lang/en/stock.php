<?php

declare(strict_types=1);

// What is said of the shelf’s ledger.

return [
    'short' => [
        'said' => ':product: the bowl takes :wanted, and :there is on the shelf.',
        'mend' => 'Look on the shelf and count again, take a smaller bowl, or find a stand-in.',
    ],
    'short-now' => [
        'said' => ':there of :product on the shelf, and :left still to go in.',
        'mend' => 'Open another pack and count it in, find a stand-in, or keep the proportion with what there is.',
    ],
    'by-itself' => [
        'said' => 'What is poured writes itself down.',
        'mend' => 'Take it back at the bench, or correct the shelf with a reason.',
    ],
    'no-reason' => [
        'said' => 'There is no reason.',
        'mend' => 'Say in a word why: broken, dried out, miscounted.',
    ],
    'nothing-moves' => [
        'said' => 'Nothing would move.',
        'mend' => 'Say how much: in packs, such as 2 tubes, or in grams.',
    ],
];

<?php

declare(strict_types=1);

// The steps of a batch, as something that can be taken back.

return [
    'tared' => 'empty bowl on the scale',
    'poured' => 'pour',
    'added' => 'something else named',
    'kept-proportion' => 'proportion kept',
    'steered' => 'steered back',
    'accepted-over' => 'over-pour accepted',
    'accepted-short' => 'taken as it is',
    'discarded' => 'bowl thrown away',
    'withdrawn' => 'batch left',
    'carried-on' => 'bowl put on the scale',
    'moved' => 'another bowl on the scale',
    'undone' => 'step taken back',
    'finished' => 'bowl finished',
    'weighed-back' => 'left over, weighed back',
];

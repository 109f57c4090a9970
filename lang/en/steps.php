<?php

declare(strict_types=1);

// What needs a hand next in a visit.

return [
    'closed' => 'Closed',
    'carry-on' => 'Carry on weighing bowl :letter',
    'plan' => 'Plan the first bowl',
    'expected' => 'Expected',
    'weigh' => 'Weigh bowl :letter',
    'now' => ':act now',
    'late' => ':act now, :minutes min late',
    'soon' => ':act in :minutes min',
    'close' => 'Everything is rinsed: close when done',
    'still-on-head' => 'Bowl :letter is still on the hair: nobody marked it rinsed',
    'half-weighed' => 'Bowl :letter stands half weighed',
    'never-mixed' => 'Bowl :letter was planned and never mixed',
];

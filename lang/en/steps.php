<?php

declare(strict_types=1);

// What needs a hand next in a visit.

return [
    'closed' => 'Closed',
    'carry-on' => 'Carry on weighing bowl :letter',
    'plan' => 'Plan the first bowl',
    'expected' => 'Expected',
    'weigh' => 'Weigh bowl :letter',
    'close' => 'All bowls mixed: close when done',
    'rinse-now' => 'Rinse bowl :letter now: beyond its time',
    'due' => 'Bowl :letter is due: look and rinse',
];

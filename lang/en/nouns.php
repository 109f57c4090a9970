<?php

declare(strict_types=1);

// What something is called, where it begins a sentence.

return [
    'grey-in-percent' => 'Grey, in percent,',
    'level' => 'The level',
    'minutes-after-other-bowl' => 'The minutes after the other bowl',
    'minutes-applying' => 'The minutes of applying',
    'minutes-emulsifying' => 'The minutes of emulsifying',
    'minutes-heat-phase' => 'The minutes of a heat phase',
    'minutes-taken-through' => 'The minutes before the end at which it is taken through',
    'minute-to-look-from' => 'The minute to look from',
    'minutes-into-round' => 'The minutes into the round',
    'round-of-care' => 'The round after which it is done',
    'minutes-of-care' => 'The minutes of a step',
    'minutes-test' => 'The minutes of the test',
    'number-foils' => 'The number of foils',
    'order' => 'The order',
    'processing-time' => 'The processing time',
    'version' => 'The version',
];

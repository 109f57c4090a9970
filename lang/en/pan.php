<?php

declare(strict_types=1);

// What stands on the scale, where it does not agree with what is said of it.

return [
    'bare' => [
        'said' => 'The scale shows :shown: no bowl stands on it, or it was set to zero by its own key.',
        'mend' => 'Take everything off, set the scale to zero, put the bowl on. Or say that it was set to zero under the bowl.',
    ],
    'no-such-bowl' => [
        'said' => 'No bowl that was seen empty here weighs :now; the nearest weighs :known.',
        'mend' => 'If it is empty, say so, and it is known from now on. If something is in it, empty it or take another.',
    ],
    'not-that-bowl' => [
        'said' => 'The bowl “:mark” weighs :known; the scale shows :now.',
        'mend' => 'If it is empty and it is that bowl, say so, and the new weight is kept. Else take the right one.',
    ],
    'no-such-bowl-under' => [
        'said' => 'Without the :in on record this bowl would weigh :alone; the nearest that was seen empty here weighs :known.',
        'mend' => 'If all that is in it is on record, say so. If not, type what is missing first.',
    ],
    'lighter-than-content' => [
        'said' => 'The scale shows :now, and :in is to be in the bowl alone.',
        'mend' => 'Put this bowl on, with what is in it.',
    ],
    'less-than-recorded' => [
        'said' => ':less less than the bowl with its :in should weigh.',
        'mend' => 'If some was taken out, say so and go on. If it is another bowl, put this one on.',
    ],
    'more-than-recorded' => [
        'said' => ':more more than the bowl with its :in should weigh.',
        'mend' => 'If it was poured, say what it is. If it is another bowl, put this one on.',
    ],
    'lighter-than-bowl' => [
        'said' => 'The scale shows :now; this bowl alone weighs :bowl.',
        'mend' => 'Put this bowl on, with what is left in it. Or type what is left.',
    ],
];

<?php

declare(strict_types=1);

// The plan of times: what does not hold, what mends it, what was said and cannot be meant so, what is done next.

return [
    'short' => 'Bowl :letter would be rinsed :minutes min before its least time',
    'over' => 'Bowl :letter would be on :minutes min longer than it may',
    'late' => 'Bowl :letter would go on :minutes min later than was said',
    'early' => 'Bowl :letter would go on :minutes min earlier than was said',
    'stale' => 'Bowl :letter would go on :minutes min after it was fresh',
    'mend-begin-later' => 'Begin :letter :minutes min later',
    'mend-begin-earlier' => 'Begin :letter :minutes min earlier',
    'mend-order' => 'Let :letter go on out of its turn',
    'mend-fresh' => 'Mix :letter fresh',
    'mend-hands' => 'A further pair of hands',
    'mend-rinse' => 'Rinse :letter by itself',
    'mend-smaller' => 'A smaller pattern for :letter: applied within :minutes min',
    'mend-weaker' => ':letter with :volume vol: its line has other minutes for it, and it lifts less',
    'pace-there' => 'Level :level is there.',
    'pace-reaches' => 'At this pace level :level comes in :minutes min.',
    'pace-short' => 'At this pace it is level :at when its :most minutes are up, not :level.',
    'mend-both' => ':one, and: :other',
    'mend-split' => ':letter in a round of its own',
    'follows-nothing' => [
        'said' => 'Bowl :letter goes on after :other, and there is no such bowl in this visit.',
        'mend' => 'Choose what it follows, or let it go on by itself.',
    ],
    'follows-itself' => [
        'said' => 'Bowl :letter goes on after :other, which in the end goes on after :letter.',
        'mend' => 'Let one of them go on by itself.',
    ],
    'rinsed-with-nothing' => [
        'said' => 'Bowl :letter is rinsed with :other, and there is no such bowl beside it.',
        'mend' => 'Choose what it is rinsed with, or leave it with its round.',
    ],
    'too-many' => [
        'said' => 'More than :most bowls are not planned together.',
        'mend' => 'Plan them as several visits.',
    ],
    'contradicts' => [
        'said' => 'When bowl :letter goes on and when it is rinsed cannot both be as was said.',
        'mend' => 'Change what it follows, or what it is rinsed with; the plan shows it without both.',
    ],
    'one-person-twice' => [
        'said' => 'Bowl :letter names :name twice.',
        'mend' => 'Name two people, or one.',
    ],
    'heat-longer' => [
        'said' => 'Bowl :letter has :minutes min of heat and cooling, and may be on for :longest.',
        'mend' => 'Shorten the heat, or give it the minutes.',
    ],
    'emulsify-longer' => [
        'said' => 'Bowl :letter is emulsified for :minutes min, and may be on for :longest.',
        'mend' => 'Two or three minutes at the end are usual.',
    ],
    'through-longer' => [
        'said' => 'Bowl :letter is taken through for the last :minutes min, and may be on for :longest.',
        'mend' => 'Take it through later, or at once with its own bowl.',
    ],
    'look-too-late' => [
        'said' => 'Bowl :letter is looked at from minute :minutes, and may be on for :longest.',
        'mend' => 'Look earlier.',
    ],
    'beyond-line' => [
        'said' => 'Bowl :letter is planned for :minutes min; :line says :least to :most.',
        'mend' => 'Keep to the maker’s time, or test a strand and say why.',
    ],
    'clash' => ':person is needed twice: :one, and :other',
    'clash-apply' => 'bowl :letters on :name',
    'clash-rinse' => 'the rinse of :name',
    'clash-later' => ':name :minutes min later',
    'clash-earlier' => ':name :minutes min earlier',
    'clash-hands' => 'No near time is free: somebody else takes one of them.',
    'act-mix' => 'Mix :letters',
    'act-begin' => 'Begin :letters',
    'act-complete' => 'Last touch of :letters',
    'act-again' => ':letters two thirds done: mix again',
    'act-heat-on' => 'Heat on :letters',
    'act-heat-off' => 'Heat off :letters',
    'act-look' => 'Look at :letters',
    'act-look-until' => 'Look at :letters: :until',
    'act-through' => 'Take :letters through',
    'act-emulsify' => 'Emulsify :letters',
    'act-rinse' => 'Rinse :letters',
    'act-rinse-over' => 'Beyond its time: rinse :letters',
    'act-stale' => ':letters is :minutes min old: mix it fresh',
];

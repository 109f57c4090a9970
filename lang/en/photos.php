<?php

declare(strict_types=1);

// What a marked spot of a photograph says, and how a result stands against a target.

return [
    'light' => [
        'known' => 'Against the white beside it: give or take ΔE :give.',
        'unknown' => 'Nobody knows the light: give or take ΔE :give. With a sheet of white paper in the picture it is surer.',
    ],
    'match' => [
        'same' => 'ΔE :seen from the target: as like as two photographs can tell (ΔE :give).',
        'near' => 'ΔE :seen from the target, a little :how; two photographs tell ΔE :give.',
        'off' => 'ΔE :seen from the target: :how; two photographs tell ΔE :give.',
    ],
    'how' => [
        'lighter' => 'lighter',
        'deeper' => 'deeper',
        'warmer' => 'warmer',
        'cooler' => 'cooler',
        'redder' => 'redder',
        'greener' => 'greener',
    ],
];

<?php

declare(strict_types=1);

// What speaks against colouring, and what cannot be read about a bowl.

return [
    'earlier-reaction' => 'An earlier reaction to hair colour',
    'henna-tattoo' => 'A reaction to a temporary “black henna” tattoo',
    'sensitive-scalp' => 'Sensitive, irritated or damaged scalp',
    'face-rash' => 'A rash on the face',
    'holds-elsewhere' => 'Bowl :letter holds what is left of a bowl that is not in this visit.',
    'not-in-visit' => 'Bowl :letter is not in this visit.',
    'cannot-be-read' => 'Bowl :letter cannot be read: :why',
    'poured-cannot-be-read' => 'What was poured into bowl :letter cannot be read: :why',
    'holds-off-shelf' => 'Bowl :letter holds something that is not on the shelf.',
];

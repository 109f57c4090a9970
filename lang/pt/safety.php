<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/safety.php.

return [
    'earlier-reaction' => 'Uma reação anterior a coloração',
    'henna-tattoo' => 'Uma reação a uma tatuagem temporária de “henna preta”',
    'sensitive-scalp' => 'Couro cabeludo sensível, irritado ou ferido',
    'face-rash' => 'Uma irritação na cara',
    'holds-elsewhere' => 'A taça :letter leva o que sobra de uma taça que não está nesta visita.',
    'not-in-visit' => 'A taça :letter não está nesta visita.',
    'cannot-be-read' => 'A taça :letter não se pode ler: :why',
    'poured-cannot-be-read' => 'O que se verteu na taça :letter não se pode ler: :why',
    'holds-off-shelf' => 'A taça :letter leva algo que não está na prateleira.',
];

<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/steps.php.

return [
    'closed' => 'Fechada',
    'carry-on' => 'Continuar a pesar a taça :letter',
    'plan' => 'Planear a primeira taça',
    'expected' => 'Esperada',
    'weigh' => 'Pesar a taça :letter',
    'now' => ':act agora',
    'late' => ':act agora, :minutes min atrasado',
    'soon' => ':act dentro de :minutes min',
    'close' => 'Está tudo enxaguado: feche quando pronto',
    'still-on-head' => 'A taça :letter ainda está no cabelo: ninguém a marcou enxaguada',
    'half-weighed' => 'A taça :letter está meio pesada',
    'never-mixed' => 'A taça :letter foi planeada e nunca misturada',
];

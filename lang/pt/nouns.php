<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/nouns.php.

return [
    'grey-in-percent' => 'Brancos, em percentagem,',
    'level' => 'A altura',
    'minutes-after-other-bowl' => 'Os minutos depois da outra taça',
    'minutes-applying' => 'Os minutos de aplicação',
    'minutes-emulsifying' => 'Os minutos de emulsionar',
    'minutes-heat-phase' => 'Os minutos de uma fase de calor',
    'minutes-taken-through' => 'Os minutos antes do fim em que se puxa',
    'minute-to-look-from' => 'O minuto a partir do qual ver',
    'minutes-into-round' => 'Os minutos dentro da ronda',
    'round-of-care' => 'A ronda depois da qual se faz',
    'minutes-of-care' => 'Os minutos de um passo',
    'minutes-test' => 'Os minutos do teste',
    'number-foils' => 'O número de folhas',
    'order' => 'A ordem',
    'processing-time' => 'O tempo de atuação',
    'version' => 'A versão',
];

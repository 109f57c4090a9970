<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/bench.php.

return [
    'tared' => 'taça vazia na balança',
    'poured' => 'vertido',
    'added' => 'outra coisa nomeada',
    'kept-proportion' => 'proporção mantida',
    'steered' => 'corrigido',
    'accepted-over' => 'excesso aceite',
    'accepted-short' => 'aceite como está',
    'discarded' => 'taça deitada fora',
    'withdrawn' => 'lote deixado',
    'carried-on' => 'taça posta na balança',
    'moved' => 'outra taça na balança',
    'undone' => 'passo desfeito',
    'finished' => 'taça terminada',
    'weighed-back' => 'resto pesado',
];

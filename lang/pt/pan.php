<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/pan.php.

return [
    'bare' => [
        'said' => 'A balança mostra :shown: não há taça em cima, ou foi posta a zero pela sua própria tecla.',
        'mend' => 'Tire tudo, ponha a balança a zero, ponha a taça. Ou diga que foi posta a zero debaixo da taça.',
    ],
    'no-such-bowl' => [
        'said' => 'Nenhuma taça que se viu vazia aqui pesa :now; a mais próxima pesa :known.',
        'mend' => 'Se está vazia, diga-o, e fica conhecida. Se tem algo dentro, esvazie-a ou use outra.',
    ],
    'not-that-bowl' => [
        'said' => 'A taça “:mark” pesa :known; a balança mostra :now.',
        'mend' => 'Se está vazia e é essa taça, diga-o, e guarda-se o novo peso. Senão, use a certa.',
    ],
    'no-such-bowl-under' => [
        'said' => 'Sem os :in em registo esta taça pesaria :alone; a mais próxima que se viu vazia aqui pesa :known.',
        'mend' => 'Se tudo o que tem está em registo, diga-o. Se não, escreva primeiro o que falta.',
    ],
    'lighter-than-content' => [
        'said' => 'A balança mostra :now, e só na taça devem estar :in.',
        'mend' => 'Ponha esta taça, com o que tem dentro.',
    ],
    'less-than-recorded' => [
        'said' => ':less menos do que a taça com os seus :in devia pesar.',
        'mend' => 'Se se tirou um pouco, diga-o e continue. Se é outra taça, ponha esta.',
    ],
    'more-than-recorded' => [
        'said' => ':more mais do que a taça com os seus :in devia pesar.',
        'mend' => 'Se se verteu, diga o que é. Se é outra taça, ponha esta.',
    ],
    'lighter-than-bowl' => [
        'said' => 'A balança mostra :now; só esta taça pesa :bowl.',
        'mend' => 'Ponha esta taça, com o que sobra nela. Ou escreva o que sobra.',
    ],
];

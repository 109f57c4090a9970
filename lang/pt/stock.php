<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/stock.php.

return [
    'short' => [
        'said' => ':product: a taça leva :wanted, e há :there na prateleira.',
        'mend' => 'Veja na prateleira e conte outra vez, faça uma taça mais pequena, ou procure um substituto.',
    ],
    'short-now' => [
        'said' => ':there de :product na prateleira, e ainda entram :left.',
        'mend' => 'Abra outra embalagem e dê-lhe entrada, procure um substituto, ou mantenha a proporção com o que há.',
    ],
    'by-itself' => [
        'said' => 'O que se verte escreve-se sozinho.',
        'mend' => 'Desfaça-o na pesagem, ou corrija a prateleira com um motivo.',
    ],
    'no-reason' => [
        'said' => 'Não há motivo.',
        'mend' => 'Diga numa palavra porquê: partido, seco, mal contado.',
    ],
    'nothing-moves' => [
        'said' => 'Nada se moveria.',
        'mend' => 'Diga quanto: em embalagens, tal como 2 tubes, ou em gramas.',
    ],
];

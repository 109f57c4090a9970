<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/messages.php.

return [
    'skin-test' => [
        'subject' => 'Um teste de pele antes de :day',
        'words' => 'Olá :first, antes da sua cor em :day às :time precisamos de um pequeno teste de pele, com pelo menos 48 horas de antecedência. Leva cinco minutos. Quando pode passar por cá? :colourist, :salon',
    ],
    'too-late' => [
        'subject' => 'A sua cor em :day',
        'words' => 'Olá :first, antes da sua cor em :day às :time um teste de pele teria precisado de 48 horas, e já não há tempo. Podemos encontrar-lhe outro dia, e pôr o teste antes? :colourist, :salon',
    ],
    'lost' => 'Foi entregue ao servidor de correio, e ninguém sabe se saiu: veja lá, depois diga-o ou envie outra vez.',
    'reading' => [
        'subject' => 'O seu teste de pele',
        'words' => 'Olá :first, o seu teste de pele já teve as suas 48 horas. Há vermelhidão, comichão ou inchaço? Deixe-nos vê-lo antes de pintar; se a incomodar, lave-o e consulte um médico. :colourist, :salon',
    ],
    'appointment' => [
        'subject' => 'Até :day às :time',
        'words' => 'Olá :first, esperamos por si :day às :time. Se algo mudou, a sua saúde ou os seus planos, diga-nos antes. :colourist, :salon',
    ],
    'follow-up' => [
        'subject' => 'Como está a sua cor?',
        'words' => 'Olá :first, passaram duas semanas desde a sua cor. Como se porta, e há algo que mudaria? :colourist, :salon',
    ],
];

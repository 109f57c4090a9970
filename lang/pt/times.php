<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/times.php.

return [
    'short' => 'A taça :letter seria enxaguada :minutes min antes do seu tempo mínimo',
    'over' => 'A taça :letter ficaria :minutes min além do que pode',
    'late' => 'A taça :letter seria aplicada :minutes min depois do que se disse',
    'early' => 'A taça :letter seria aplicada :minutes min antes do que se disse',
    'stale' => 'A taça :letter seria aplicada :minutes min depois de ser fresca',
    'mend-begin-later' => 'Começar :letter :minutes min mais tarde',
    'mend-begin-earlier' => 'Começar :letter :minutes min mais cedo',
    'mend-order' => 'Deixar :letter ser aplicada fora da vez',
    'mend-fresh' => 'Misturar :letter de novo',
    'mend-hands' => 'Mais um par de mãos',
    'mend-rinse' => 'Enxaguar :letter sozinha',
    'mend-smaller' => 'Um padrão mais pequeno para :letter: aplicada em :minutes min',
    'mend-weaker' => ':letter com :volume vol: a sua linha tem outros minutos para ela, e clareia menos',
    'pace-there' => 'O nível :level já lá está.',
    'pace-reaches' => 'A este ritmo o nível :level chega em :minutes min.',
    'pace-short' => 'A este ritmo está no nível :at quando os seus :most minutos acabam, não no :level.',
    'mend-both' => ':one, e: :other',
    'mend-split' => ':letter numa ronda só sua',
    'follows-nothing' => [
        'said' => 'A taça :letter aplica-se depois de :other, e não há essa taça nesta visita.',
        'mend' => 'Escolha o que ela segue, ou deixe-a sozinha.',
    ],
    'follows-itself' => [
        'said' => 'A taça :letter aplica-se depois de :other, que no fim se aplica depois de :letter.',
        'mend' => 'Deixe uma delas sozinha.',
    ],
    'rinsed-with-nothing' => [
        'said' => 'A taça :letter enxagua-se com :other, e não há essa taça ao lado.',
        'mend' => 'Escolha com que se enxagua, ou deixe-a com a sua ronda.',
    ],
    'too-many' => [
        'said' => 'Mais de :most taças não se planeiam juntas.',
        'mend' => 'Planeie-as como várias visitas.',
    ],
    'contradicts' => [
        'said' => 'Quando a taça :letter se aplica e quando se enxagua não pode ser como se disse nos dois casos.',
        'mend' => 'Mude o que ela segue, ou com que se enxagua; o plano mostra-a sem ambos.',
    ],
    'one-person-twice' => [
        'said' => 'A taça :letter nomeia :name duas vezes.',
        'mend' => 'Nomeie duas pessoas, ou uma.',
    ],
    'heat-longer' => [
        'said' => 'A taça :letter tem :minutes min de calor e arrefecimento, e pode ficar :longest.',
        'mend' => 'Encurte o calor, ou dê-lhe os minutos.',
    ],
    'emulsify-longer' => [
        'said' => 'A taça :letter emulsiona-se :minutes min, e pode ficar :longest.',
        'mend' => 'São usuais dois ou três minutos no fim.',
    ],
    'through-longer' => [
        'said' => 'A taça :letter puxa-se nos últimos :minutes min, e pode ficar :longest.',
        'mend' => 'Puxe-a mais tarde, ou logo com uma taça própria.',
    ],
    'look-too-late' => [
        'said' => 'A taça :letter vê-se a partir do minuto :minutes, e pode ficar :longest.',
        'mend' => 'Veja mais cedo.',
    ],
    'beyond-line' => [
        'said' => 'A taça :letter está prevista para :minutes min; :line diz :least a :most.',
        'mend' => 'Fique no tempo do fabricante, ou teste uma madeixa e diga porquê.',
    ],
    'clash' => ':person é preciso duas vezes: :one, e :other',
    'clash-apply' => 'taça :letters em :name',
    'clash-rinse' => 'o enxaguar de :name',
    'clash-later' => ':name :minutes min mais tarde',
    'clash-earlier' => ':name :minutes min mais cedo',
    'clash-hands' => 'Nenhuma hora próxima está livre: outra pessoa ocupa uma delas.',
    'act-mix' => 'Misturar :letters',
    'act-begin' => 'Começar :letters',
    'act-complete' => 'Último toque de :letters',
    'act-again' => ':letters a dois terços: misturar outra vez',
    'act-heat-on' => 'Ligar calor :letters',
    'act-heat-off' => 'Desligar calor :letters',
    'act-look' => 'Ver :letters',
    'act-look-until' => 'Ver :letters: :until',
    'act-through' => 'Puxar :letters',
    'act-emulsify' => 'Emulsionar :letters',
    'act-rinse' => 'Enxaguar :letters',
    'act-rinse-over' => 'Além do seu tempo: enxaguar :letters',
    'act-stale' => ':letters tem :minutes min: misturar de fresco',
];

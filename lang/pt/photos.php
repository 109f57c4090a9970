<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/photos.php.

return [
    'light' => [
        'known' => 'Contra o branco ao lado: mais ou menos ΔE :give.',
        'unknown' => 'Ninguém sabe que luz era: mais ou menos ΔE :give. Com uma folha de papel branco na fotografia é mais certo.',
    ],
    'match' => [
        'same' => 'ΔE :seen do alvo: tão igual quanto duas fotografias sabem dizer (ΔE :give).',
        'near' => 'ΔE :seen do alvo, um pouco :how; duas fotografias distinguem ΔE :give.',
        'off' => 'ΔE :seen do alvo: :how; duas fotografias distinguem ΔE :give.',
    ],
    'how' => [
        'lighter' => 'mais claro',
        'deeper' => 'mais escuro',
        'warmer' => 'mais quente',
        'cooler' => 'mais frio',
        'redder' => 'mais vermelho',
        'greener' => 'mais verde',
    ],
];

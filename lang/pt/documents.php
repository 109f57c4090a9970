<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/documents.php.

return [
    'already' => [
        'said' => 'Já há um “:id”.',
        'mend' => 'Dê a este outro identificador.',
    ],
    'blend-empty' => [
        'said' => 'A mistura está vazia.',
        'mend' => 'Indique de que é feita.',
    ],
    'bowl-already' => [
        'said' => 'Já há uma taça :letter.',
        'mend' => 'Dê a esta outra letra.',
    ],
    'bowl-cannot-read' => [
        'said' => 'A taça não se pode ler.',
        'mend' => 'Verifique proporção, partes e quantidade.',
    ],
    'cannot' => [
        'said' => ':what de :node não pode ser.',
        'mend' => 'Escreva :write.',
    ],
    'colour-comes-first' => [
        'said' => 'A cor vem primeiro.',
        'mend' => 'Escreva as partes pela ordem do fabricante, a cor primeiro.',
    ],
    'density-cannot' => [
        'said' => 'Uma densidade de :density não pode ser.',
        'mend' => 'Escreva gramas por mililitro, como 1 ou 1.05.',
    ],
    'developer-not-document' => [
        'said' => 'Este oxidante não está no documento.',
        'mend' => 'Indique-o em “developers”.',
    ],
    'left-more-than-was-mixed' => [
        'said' => ':left de resto é mais do que se misturou.',
        'mend' => 'Verifique os dois pesos.',
    ],
    'list' => [
        'said' => 'Isto devia ser uma lista.',
        'mend' => 'Escreva-a entre parênteses retos.',
    ],
    'longer-than-characters' => [
        'said' => 'Isto tem mais de :longest caracteres.',
        'mend' => 'Encurte-o.',
    ],
    'more-than-entries-here' => [
        'said' => 'Há aqui mais de :most entradas.',
        'mend' => 'Divida-as por várias taças.',
    ],
    'no-bowl-before-one' => [
        'said' => 'Não há taça :letter antes desta.',
        'mend' => 'Nomeie uma taça anterior do documento, ou escreva as partes desta.',
    ],
    'no-bowl-work' => [
        'said' => 'Não há taça para calcular.',
        'mend' => 'Escreva pelo menos uma taça.',
    ],
    'no-day' => [
        'said' => 'Isto não é um dia.',
        'mend' => 'Escreva ano, mês e dia: 2026-03-14.',
    ],
    'no-id' => [
        'said' => 'Não há identificador.',
        'mend' => 'Dê-lhe um nome curto próprio.',
    ],
    'no-kind-line' => [
        'said' => 'Isto não é um tipo de linha.',
        'mend' => 'Escreva permanent, demi, lightener ou direct.',
    ],
    'no-kind-product' => [
        'said' => 'Isto não é um tipo de produto.',
        'mend' => 'Escreva shade, clear, booster, lightener, base, additive ou care.',
    ],
    'no-letter-bowl' => [
        'said' => 'Isto não é a letra de uma taça.',
        'mend' => 'Escreva a letra de uma das taças, como A.',
    ],
    'no-mark' => [
        'said' => 'Isto não é o que uma marca atrás de um código pode dizer.',
        'mend' => 'Escreva intense, muted ou nothing.',
    ],
    'no-separator' => [
        'said' => 'Isto não fica entre uma altura e o seu reflexo.',
        'mend' => 'Escreva um ponto, uma barra ou um hífen.',
    ],
    'no-zero' => [
        'said' => 'Isto não é o que um zero antes de um reflexo pode fazer.',
        'mend' => 'Escreva mutes (.03 é um 3 amortecido) ou natural (.03 é natural com um toque de 3).',
    ],
    'no-notation' => [
        'said' => 'Isto não é uma notação.',
        'mend' => 'Escreva letters ou digits.',
    ],
    'no-part-ratio' => [
        'said' => 'Isto não é parte de uma proporção.',
        'mend' => 'Escreva colour, developer ou base.',
    ],
    'no-such-zone-on-canvas' => [
        'said' => 'Não há essa zona na leitura.',
        'mend' => 'Nomeie uma das suas zonas.',
    ],
    'no-time-day' => [
        'said' => 'Isto não é uma hora do dia.',
        'mend' => 'Escreva horas e minutos, como 10:31.',
    ],
    'no-tone-family' => [
        'said' => '“:name” não é uma família de reflexos.',
        'mend' => 'Use :value.',
    ],
    'no-verdict' => [
        'said' => 'Isto não é um veredicto.',
        'mend' => 'Escreva good, mixed ou poor.',
    ],
    'no-worked-bowl-before-one' => [
        'said' => 'Não há taça calculada :bottle antes desta.',
        'mend' => 'Nomeie a taça que sobrou; tem de vir antes.',
    ],
    'not-clear-how-counts' => [
        'said' => 'Não é claro como isto conta.',
        'mend' => 'Escreva inside ou on-top.',
    ],
    'not-formula-document' => [
        'said' => 'Isto não é um documento de fórmulas.',
        'mend' => 'É um objeto JSON com “tinta”, “lines” e “bowls”.',
    ],
    'not-said-how-long' => [
        'said' => 'Não se diz quanto tempo.',
        'mend' => 'Escreva os minutos desta fase.',
    ],
    'not-said-what-amount' => [
        'said' => 'Não se diz de que é a quantidade.',
        'mend' => 'Dê o total, a cor, o oxidante, um produto, ou deixe que as partes o digam.',
    ],
    'not-said-what-was-changed' => [
        'said' => 'Não se diz o que mudou.',
        'mend' => 'Diga-o em palavras, tal como: 5 g of the colour less.',
    ],
    'nothing-was-poured-batch' => [
        'said' => 'Nada se verteu neste lote.',
        'mend' => 'Escreva o que a balança registou, ou deixe o lote de fora.',
    ],
    'object' => [
        'said' => 'Isto devia ser um objeto.',
        'mend' => 'Escreva-o entre chavetas.',
    ],
    'range-of-minutes' => [
        'said' => 'Um intervalo de minutos vai do mais curto ao mais longo, 0 a 240.',
        'mend' => 'Escreva tal como 25 to 30.',
    ],
    'processing-time-from-shorter-longer' => [
        'said' => 'O tempo de atuação vai do mais curto ao mais longo, 1 a 600 minutos.',
        'mend' => 'Escreva tal como 25 to 35.',
    ],
    'product-not-document' => [
        'said' => 'Este produto não está no documento.',
        'mend' => 'Indique-o na sua linha.',
    ],
    'takes-two-bowls-touch' => [
        'said' => 'São precisas duas taças para se tocarem.',
        'mend' => 'Nomeie pelas letras as taças que não se podem tocar.',
    ],
    'text' => [
        'said' => 'Isto devia ser texto.',
        'mend' => 'Escreva-o entre aspas.',
    ],
    'tone-weighs-zero-or-more' => [
        'said' => 'Um reflexo pesa zero ou mais.',
        'mend' => 'Escreva tal como 1, ou deixe o reflexo de fora.',
    ],
    'true-or-false' => [
        'said' => 'Isto devia ser true ou false.',
        'mend' => 'Escreva true ou false, sem aspas.',
    ],
    'two-zones-have-same-id' => [
        'said' => 'Duas zonas têm o mesmo identificador.',
        'mend' => 'Dê a esta outro.',
    ],
    'version-already' => [
        'said' => 'Já há uma “:blend” de versão :version.',
        'mend' => 'Dê a esta outro nome ou outra versão.',
    ],
    'version-format-not-known' => [
        'said' => 'Esta versão do formato não se conhece.',
        'mend' => 'Escreva "tinta": 2, ou 1 para a mais antiga.',
    ],
    'whole-number-from' => [
        'said' => ':what devia ser um número inteiro de :least a :most.',
        'mend' => 'Corrija o número.',
    ],
    'zone-has-no-id' => [
        'said' => 'A zona não tem identificador.',
        'mend' => 'Dê-lhe um curto, tal como root.',
    ],
    'no-purpose-bowl' => [
        'said' => 'Isto não é finalidade de uma taça.',
        'mend' => 'Escreva service, trial ou protect.',
    ],
    'no-state-hair' => [
        'said' => 'Isto não é estado do cabelo.',
        'mend' => 'Escreva dry, damp ou wet.',
    ],
    'no-covering' => [
        'said' => 'Isto não é uma cobertura.',
        'mend' => 'Escreva open, foil, film ou cap.',
    ],
    'no-moment-of-bowl' => [
        'said' => 'Isto não é momento da outra taça.',
        'mend' => 'Escreva clock, first-touch, last-touch, end ou rinsed.',
    ],
    'no-start-clock' => [
        'said' => 'Isto não é início de um relógio.',
        'mend' => 'Escreva complete ou first-touch.',
    ],
    'no-elasticity' => [
        'said' => 'Isto não é uma elasticidade.',
        'mend' => 'Escreva good, weak ou gum.',
    ],
    'no-porosity' => [
        'said' => 'Isto não é uma porosidade.',
        'mend' => 'Escreva low, normal ou high.',
    ],
    'no-history' => [
        'said' => 'Isto não é uma história.',
        'mend' => 'Escreva natural, coloured, lightened, direct-dye ou unknown.',
    ],
    'not-clear-how-surely-known' => [
        'said' => 'Não é claro com que certeza isto se sabe.',
        'mend' => 'Escreva read, told ou guessed.',
    ],
    'no-density' => [
        'said' => 'Isto não é uma densidade.',
        'mend' => 'Escreva fine, medium ou thick.',
    ],
    'no-texture' => [
        'said' => 'Isto não é uma textura.',
        'mend' => 'Escreva fine, medium ou coarse.',
    ],
    'no-length' => [
        'said' => 'Isto não é um comprimento.',
        'mend' => 'Escreva chin, shoulder ou mid-back.',
    ],
    'no-care' => [
        'said' => 'Isto não é um tipo de cuidado.',
        'mend' => 'Escolha wash, treatment, mask ou other.',
    ],
    'no-price' => [
        'said' => 'Isto não é um preço.',
        'mend' => 'Escreva um valor tal como 12 ou 12.50.',
    ],
    'care-without-words' => [
        'said' => 'Este passo não diz o que se faz.',
        'mend' => 'Escreva-o em poucas palavras: primeiro condicionador, depois champô.',
    ],
    'no-part-of-zone' => [
        'said' => 'Isto não diz de quantas madeixas da zona se deseja.',
        'mend' => 'Escreva um de 1/4, 1/3, 1/2, 2/3, 3/4.',
    ],
    'no-breakage' => [
        'said' => 'Isto não é uma quebra.',
        'mend' => 'Escreva none, some ou much.',
    ],
    'no-tone' => [
        'said' => 'Isto não é um reflexo.',
        'mend' => 'Escolha das famílias de reflexos.',
    ],
    'no-technique' => [
        'said' => 'Isto não é uma técnica.',
        'mend' => 'Escolha uma da lista.',
    ],
    'no-region-head' => [
        'said' => 'Isto não é uma região da cabeça.',
        'mend' => 'Escolha uma do mapa.',
    ],
    'no-span-strand' => [
        'said' => 'Isto não é um troço da madeixa.',
        'mend' => 'Escolha raiz, crescimento, meios ou pontas.',
    ],
    'not-json' => [
        'said' => 'Isto não é JSON.',
        'mend' => 'Verifique vírgulas, parênteses e nomes.',
    ],
    'not-json-in-line' => [
        'said' => 'Isto não é JSON: a falha está na linha :line.',
        'mend' => 'Verifique aí vírgulas, parênteses e nomes.',
    ],
    'change-not-understood' => [
        'said' => 'Esta mudança não se percebe.',
        'mend' => 'Diga-a por outras palavras, ou escreva as partes da taça.',
    ],
    'rest-not-understood' => [
        'said' => '“:rest” não se percebe.',
        'mend' => 'Diga-a por outras palavras, ou escreva as partes da taça.',
    ],
];

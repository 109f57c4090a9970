<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/cautions.php.

return [
    'bands' => [
        'said' => 'Uma faixa de outra altura sairá como faixa.',
        'mend' => 'Dê à faixa a sua própria taça, ou uma passagem de fusão.',
    ],
    'dark-strength-on-light' => [
        'said' => 'Taça :letter: o mesmo :strength :what em escuro (:value) e em cabelo clareado (:value2).',
        'mend' => 'Dê ao cabelo clareado a sua própria taça, mais fraca, ou deixe-o de fora.',
    ],
    'doubled' => [
        'said' => 'Duas taças de uma ronda, ou uma taça em cabelo que fica de fora: :words.',
        'mend' => 'Tire uma, ou diga que passa por cima de propósito.',
    ],
    'guessed' => [
        'said' => 'Só suposto: :historyWords.',
        'mend' => 'Pergunte outra vez, ou teste uma madeixa.',
    ],
    'gum' => [
        'said' => 'Este cabelo estica como borracha.',
        'mend' => 'Pare: nada que o inche ou clareie. Trate-o, e corte o que se perdeu.',
    ],
    'heated' => [
        'said' => 'Está previsto calor, e :line não se aquece.',
        'mend' => 'Deixe o calor de fora, ou use uma linha cujo fabricante o permita.',
    ],
    'hot-roots' => [
        'said' => 'Clareia, e vai do couro cabeludo às pontas numa só passagem: o primeiro centímetro clareia mais e mais quente.',
        'mend' => 'Dê à raiz a sua própria taça, meia a uma altura mais escura ou uma força abaixo.',
    ],
    'hot-roots-2' => [
        'said' => 'Uma taça que clareia, do couro cabeludo às pontas numa só passagem: o primeiro centímetro clareia até mais uma altura e mais quente.',
        'mend' => 'Dê à raiz a sua própria taça, meia a uma altura mais escura ou uma força abaixo; ou primeiro os meios, a raiz depois.',
    ],
    'root-as-strong' => [
        'said' => 'A taça :root na raiz clareia tanto como :lengths nos comprimentos, e o couro cabeludo é quente.',
        'mend' => 'A casa começa pela raiz: aí meia a uma altura mais escura, ou uma força abaixo.',
    ],
    'root-order' => [
        'said' => 'A taça :root vai à raiz antes de :lengths ir aos comprimentos, e ambas clareiam.',
        'mend' => 'A casa começa por meios e pontas: a raiz vai no fim, ou diga que é mesmo assim.',
    ],
    'combed-through' => [
        'said' => 'A taça :letter passa sobre comprimentos já pintados que devem ficar como estão.',
        'mend' => 'A casa nunca puxa cor pelos comprimentos: deixe-a na raiz, com um gloss onde os comprimentos desbotaram.',
    ],
    'in-doubt' => [
        'said' => ':product: não é certo que fosse este.',
        'mend' => 'Fica guardado e avisado como foi dito; corrija quando souber.',
    ],
    'lift-again' => [
        'said' => 'Cabelo clareado voltaria a ser clareado.',
        'mend' => 'Verifique a elasticidade; não sobreponha; pare quando esticar como borracha.',
    ],
    'never-begun' => [
        'said' => 'A taça :letter foi pesada, e ninguém marcou que foi aplicada.',
        'mend' => 'Marque o primeiro toque, ou que não foi usada.',
    ],
    'no-pigment' => [
        'said' => ':product: a altura e o reflexo não se conhecem.',
        'mend' => 'Pesa-se como está; dê-lhe altura e reflexo na prateleira.',
    ],
    'not-known' => [
        'said' => ':line: :said.',
        'mend' => 'Pese a taça antes e depois, e escreva as gramas.',
    ],
    'not-known-by-the-rest' => [
        'said' => ':line: :said, pelo resto :grams.',
        'mend' => 'Pese a taça antes e depois, e escreva as gramas.',
    ],
    'not-mixed' => [
        'said' => 'A taça :letter não foi misturada.',
        'mend' => 'Pese-a primeiro; o que vai ao cabelo fica em registo.',
    ],
    'other-line' => [
        'said' => ':product não é de :line.',
        'mend' => 'Duas linhas numa taça: as instruções de nenhum dos fabricantes valem. Teste uma madeixa, e teste a pele para ambas.',
    ],
    'over-time' => [
        'said' => ':minutes minutos passam os :max de :line.',
        'mend' => 'Enxague até lá; não passe o tempo do fabricante.',
    ],
    'over-time-stops' => [
        'said' => ':minutes minutos passam os :max de :line, e até lá já parou sozinha.',
        'mend' => 'Enxague até lá: mais tempo não dá mais cor, e não se passa o tempo do fabricante.',
    ],
    'over-time-2' => [
        'said' => ':minutes minutos passam os :max da linha.',
        'mend' => 'Enxague até lá; não passe o tempo do fabricante.',
    ],
    'overlap' => [
        'said' => 'O descolorante sobrepor-se-ia a cabelo já clareado.',
        'mend' => 'Deixe esse cabelo de fora, ou verifique a elasticidade e não vá além do que ela permite.',
    ],
    'porous' => [
        'said' => 'Cabelo poroso agarra a cor.',
        'mend' => 'Menos tempo, ou com mais incolor.',
    ],
    'ratio-not-known' => [
        'said' => 'A proporção não se conhece.',
        'mend' => 'Pese as partes, ou escreva a proporção.',
    ],
    'reaction' => [
        'said' => 'Há uma reação em registo.',
        'mend' => 'Nenhuma cor antes de consultar um médico; registe a autorização médica.',
    ],
    'set-aside' => [
        'said' => 'A taça :letter foi marcada como não usada.',
        'mend' => 'Retire primeiro essa marca, ou misture outra taça.',
    ],
    'skin-test' => [
        'said' => 'Cor oxidante.',
        'mend' => 'Teste de alergia na pele 48 horas antes; siga as instruções do fabricante e as regras locais.',
    ],
    'skin-test-due' => [
        'said' => 'O teste de pele de :line não foi lido às 48 horas.',
        'mend' => 'Olhe para a pele, e registe o que mostra.',
    ],
    'skin-test-expired' => [
        'said' => 'O teste de pele de :line era para um serviço anterior, ou tem mais de :days dias.',
        'mend' => 'Ponha um novo 48 horas antes do serviço.',
    ],
    'skin-test-missing' => [
        'said' => 'Nenhum teste de pele de :line.',
        'mend' => 'Ponha um 48 horas antes do serviço, e registe-o.',
    ],
    'runs-into' => [
        'said' => ':dark enxagua-se ao lado das madeixas clareadas de :light: vai escorrer para elas.',
        'mend' => 'Enxague primeiro as folhas sozinhas, ou proteja-as com condicionador.',
    ],
    'mixed-early' => [
        'said' => 'A vez dela chega dentro de uns :minutes minutos: misturada agora, espera demais.',
        'mend' => 'Pese-a quando o que está no cabelo estiver quase pronto.',
    ],
    'skin-test-waiting' => [
        'said' => 'O teste de pele de :line ainda não teve as suas 48 horas.',
        'mend' => 'Leia-o nessa altura.',
    ],
    'strong-on-light' => [
        'said' => ':volume vol em cabelo já clareado.',
        'mend' => 'Use 10 vol ou menos: é preciso depositar, não clarear.',
    ],
    'strong-on-scalp' => [
        'said' => ':volume vol vai à raiz.',
        'mend' => 'Nunca 40 vol no couro cabeludo: mantenha-o afastado, ou use 20 vol ou menos.',
    ],
    'tint-on-tint' => [
        'said' => 'Tinta não clareia tinta: este cabelo é :value.',
        'mend' => 'Para clarear aqui é preciso um descolorante ou um removedor.',
    ],
    'uncovered' => [
        'said' => 'Desejado, mas sem taça: :words.',
        'mend' => 'Pinte lá uma taça, ou deixe-o de fora de propósito.',
    ],
    'under-age' => [
        'said' => 'A cliente tem :age: a cor oxidante não se destina a menores de :leastAge.',
        'mend' => 'Escolha algo sem cor oxidante.',
    ],
    'unknown-dye' => [
        'said' => 'Uma tinta caseira ou vegetal desconhecida pode reagir com o peróxido: calor e quebra.',
        'mend' => 'Teste primeiro uma madeixa.',
    ],
    'weak' => [
        'said' => 'Este cabelo está fraco.',
        'mend' => 'Teste uma madeixa; força baixa, pouco tempo, e verifique a elasticidade enquanto trabalha.',
    ],
    'touching' => [
        'said' => 'As taças :one e :other não se podem tocar, e ambas vão a :cells.',
        'mend' => 'Mova uma delas, ou deixe espaço entre elas.',
    ],
    'touching-line' => [
        'said' => ':line não pode encontrar uma linha :kind numa madeixa, e as taças :one e :other encontram-se.',
        'mend' => 'Pelo que a linha diz de si: dê-lhes madeixas próprias, ou outro dia. Primeiro estão as instruções do fabricante.',
    ],
    'touching-why' => [
        'said' => 'As taças :one e :other não se podem tocar, e ambas vão a :cells.',
        'mend' => ':why. Mova uma delas, ou deixe espaço entre elas.',
    ],
    'low-contrast-a-level' => [
        'said' => ':one e :other distam :gap altura num mesmo padrão.',
        'mend' => 'Tão pouco só se vê em secções largas: diga “wide”, ou afaste mais as duas.',
    ],
    'low-contrast' => [
        'said' => ':one e :other distam :gap alturas num mesmo padrão.',
        'mend' => 'Tão pouco só se vê em secções largas: diga “wide”, ou afaste mais as duas.',
    ],
    'contents-unknown' => [
        'said' => ':what',
        'mend' => 'Ponha primeiro a taça em ordem: ninguém sabe o que lá está, por isso ninguém pode dizer que foi testado.',
    ],
    'needs-doctor' => [
        'said' => ':what.',
        'mend' => 'Nenhuma cor antes de consultar um médico e a autorização estar em registo.',
    ],
    'heals' => [
        'said' => ':what.',
        'mend' => 'Espere até sarar, e registe que sarou.',
    ],
    'implausible-ratio' => [
        'said' => ':colour de cor com :developer de oxidante está longe dos :usual de :line.',
        'mend' => 'Na proporção da linha seriam :would de oxidante. É mesmo assim?',
    ],
    'implausible-ratio-half' => [
        'said' => ':ratio está longe dos :usual de :line.',
        'mend' => 'Na proporção da linha seriam :would de oxidante. É mesmo assim?',
    ],
    'implausible-ratio-only' => [
        'said' => ':ratio está longe dos :usual de :line.',
        'mend' => 'É mesmo assim?',
    ],
    'inside-or-on-top' => [
        'said' => 'Não se diz se :amount de :product está dentro da proporção ou por cima.',
        'mend' => 'Diga qual: dentro ou por cima.',
    ],
    'inside-or-on-top-both' => [
        'said' => ':amount de :product: dentro da proporção dá :inside; por cima deixa :top. Ao todo :total.',
        'mend' => 'Diga qual: dentro ou por cima.',
    ],
    'rounded-up' => [
        'said' => ':grams de :product pesa-se como :weighed: o passo da balança dá mais :gap.',
        'mend' => 'Nada a fazer; o registo diz o que se verte.',
    ],
    'rounded-down' => [
        'said' => ':grams de :product pesa-se como :weighed: o passo da balança dá menos :gap.',
        'mend' => 'Nada a fazer; o registo diz o que se verte.',
    ],
    'strength-not-known' => [
        'said' => ':product: a força não é certa, :volume.',
        'mend' => 'Conta-se com o que quer que seja; corrija quando souber.',
    ],
];

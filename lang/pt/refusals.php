<?php

declare(strict_types=1);

// Em português; o que é o quê está em lang/en/refusals.php.

return [
    'advice-refused' => [
        'percent-outside' => [
            'said' => ':percent % de brancos não pode ser.',
            'mend' => 'Escreva um número de 0 a 100.',
        ],
        'empty-pattern' => [
            'said' => 'O padrão não tem folhas.',
            'mend' => 'Escreva-o como 2:1 ou 1:1.',
        ],
        'foils-missing' => [
            'said' => 'Não se dá o número de folhas.',
            'mend' => 'Conte-as por alto; dez levam uns 30 g de mistura.',
        ],
        'foils-unreadable' => [
            'said' => '“:said” não diz quantas folhas estão postas.',
            'mend' => 'Escreva um número, ou uma parte delas: 20, two thirds, 60 %.',
        ],
        'foils-cannot-be' => [
            'said' => ':done de :planned folhas não pode ser.',
            'mend' => 'Conte as folhas postas; as previstas dizem-se onde se coloca a taça.',
        ],
        'more-left-than-mixed' => [
            'said' => ':left de resto de :mixed misturados não pode ser.',
            'mend' => 'Pese a taça outra vez, menos o seu próprio peso.',
        ],
    ],
    'change-refused' => [
        'not-one-pass' => [
            'said' => 'Esta taça não vai do couro cabeludo às pontas numa passagem.',
            'mend' => 'Diga à mão para onde vai, em Colocar.',
        ],
        'nothing-stronger' => [
            'said' => ':line não tem nada mais forte do que :now.',
            'mend' => 'Escolha uma força à mão, ou outra linha.',
        ],
        'nothing-weaker' => [
            'said' => ':line não tem nada mais fraco do que :now.',
            'mend' => 'Escolha uma força à mão, ou outra linha.',
        ],
        'only-words' => [
            'said' => 'Esta mudança são só palavras.',
            'mend' => 'Mude a taça à mão, depois marque a nota como feita.',
        ],
        'unreadable' => [
            'said' => '“:value” não diz quanto.',
            'mend' => 'Escreva tal como 30 vol, +1, +5 min, -5 g, +10 %, 1:2 ou -1.',
        ],
        'not-understood' => [
            'said' => '“:words” não se percebe.',
            'mend' => 'Diga uma mudança por linha, tal como: 5 g less of the colour; a strength up; 7A instead of 7G; half a level deeper.',
        ],
        'of-another-bowl' => [
            'said' => 'Isto junta uma taça ou tira uma; não muda esta.',
            'mend' => 'Copie a taça, ou tire-a, em “Copiar, dividir, juntar, mover”.',
        ],
        'colour-or-mixture' => [
            'said' => 'Não se diz se :value é da cor ou da mistura.',
            'mend' => 'Diga qual; a casa lembra-se.',
        ],
        'not-in-bowl' => [
            'said' => 'O produto a substituir não está nesta taça.',
            'mend' => 'Escolha um dos seus produtos.',
        ],
        'no-such-shade' => [
            'said' => 'A linha não tem :what.',
            'mend' => 'Escolha um tom à mão, ou procure uma mistura na Oficina.',
        ],
        'no-developer' => [
            'said' => 'Esta taça não tem oxidante.',
            'mend' => 'A sua força não pode mudar.',
        ],
        'nothing-left' => [
            'said' => 'Não sobraria nada desta taça.',
            'mend' => 'Tire menos, ou tire a taça.',
        ],
        'no-such-minutes' => [
            'said' => ':minutes minutos não pode ser.',
            'mend' => 'Escreva 1 a 600 minutos.',
        ],
        'no-such-strength' => [
            'said' => ':line não tem :wanted.',
            'mend' => 'Nomeie um dos seus oxidantes, ou uma força a misturar deles.',
        ],
        'strength-not-known' => [
            'said' => 'A força que está nesta taça não se conhece.',
            'mend' => 'Nomeie a força que deve ter.',
        ],
        'amount-not-known' => [
            'said' => 'Quanto é esta taça não se conhece.',
            'mend' => 'Diga-o em percentagem ou em vezes, ou pese-a primeiro.',
        ],
        'tone-not-known' => [
            'said' => 'Como esta taça se compõe não se conhece, por isso “:what” não se pode calcular.',
            'mend' => 'Pese-a, ou escreva as suas partes e os seus tons.',
        ],
        'nothing-to-shift' => [
            'said' => 'Nada nesta taça tem altura.',
            'mend' => 'Ponha um tom, ou mude-a à mão.',
        ],
        'nothing-else-in-it' => [
            'said' => 'A taça não tem mais nada.',
            'mend' => 'Ponha primeiro outro tom.',
        ],
        'enough-natural' => [
            'said' => 'A taça já tem :has % de natural, que :percent % de brancos não passam pela regra da casa.',
            'mend' => 'Nomeie uma parte maior de brancos, ou um natural duplo à mão.',
        ],
    ],
    'format-refused' => [
        'three-lines' => [
            'said' => 'Isto não são três linhas.',
            'mend' => 'Cole uma com nada na balança, uma com algo em cima, e uma enquanto se verte.',
        ],
        'not-alike' => [
            'said' => 'Estas linhas não estão escritas da mesma maneira.',
            'mend' => 'Use três linhas inteiras de uma balança: vazia, com algo em cima, e enquanto se verte.',
        ],
        'nothing-changes' => [
            'said' => 'As duas primeiras linhas mostram o mesmo peso.',
            'mend' => 'Use a primeira com nada na balança e a segunda com algo em cima.',
        ],
        'several-numbers' => [
            'said' => 'Mais de um número muda nestas linhas, e não é claro qual é o peso.',
            'mend' => 'Regule a balança para enviar o peso com a unidade, ou sem número corrente.',
        ],
    ],
    'garbled-line' => [
        'unreadable' => [
            'said' => 'A balança enviou algo que não é uma leitura.',
            'mend' => 'Verifique o cabo. Vale a última leitura limpa; as gramas podem escrever-se à mão.',
        ],
        'unknown-unit' => [
            'said' => 'A balança mostra uma unidade que aqui não se conhece.',
            'mend' => 'Ponha-a em gramas. Entretanto as gramas podem escrever-se à mão.',
        ],
        'checksum' => [
            'said' => 'Uma leitura da balança estragou-se no caminho.',
            'mend' => 'Verifique o cabo. Vale a última leitura limpa; as gramas podem escrever-se à mão.',
        ],
    ],
    'invalid-amount' => [
        'empty' => [
            'said' => 'Não há quantidade.',
            'mend' => 'Escreva gramas, tal como 60 g.',
        ],
        'unreadable' => [
            'said' => '“:text” não é uma quantidade.',
            'mend' => 'Escreva um número e uma unidade, tal como 60 g, 90 ml, 2 wt oz ou 1/2 tube.',
        ],
        'negative' => [
            'said' => '“:text” é menos de zero.',
            'mend' => 'Uma quantidade é zero ou mais.',
        ],
        'absurd' => [
            'said' => '“:text” é mais do que qualquer taça leva (:largestGrams g).',
            'mend' => 'Verifique o número e a unidade.',
        ],
        'too-fine' => [
            'said' => '“:text” é mais fino do que um centésimo de grama.',
            'mend' => 'Escreva no máximo duas casas decimais.',
        ],
        'unknown-unit' => [
            'said' => '“:unit” em “:text” não é uma unidade que aqui se conheça.',
            'mend' => 'Use g, kg, ml, wt oz, US fl oz, imp fl oz, tube, ou uma medida que o salão tenha pesado uma vez.',
        ],
        'ambiguous-comma' => [
            'said' => '“:text” tanto pode ser milhares como milésimos.',
            'mend' => 'Escreva 1000 g ou 1.0 g.',
        ],
        'ambiguous-ounce' => [
            'said' => '“:text” tanto pode ser onça de peso (28.35 g) como onça líquida (29.57 ml US, 28.41 ml imperial).',
            'mend' => 'Escreva wt oz, US fl oz ou imp fl oz, ou defina a onça nas regras da casa.',
        ],
        'no-pack-size' => [
            'said' => '“:text” não se pode calcular: este produto não tem tamanho de embalagem.',
            'mend' => 'Escreva gramas, ou dê ao produto o tamanho da embalagem.',
        ],
        'not-on-step' => [
            'said' => '“:text” não está no passo da balança, de :step.',
            'mend' => 'Escreva um múltiplo de :step.',
        ],
    ],
    'invalid-colour' => [
        'unreadable' => [
            'said' => '“:text” não é uma cor.',
            'mend' => 'Escreva-a como #rrggbb.',
        ],
        'spot-small' => [
            'said' => 'Este ponto é pequeno demais para se ler.',
            'mend' => 'Marque um maior, ou tire a fotografia de mais perto.',
        ],
        'spot-bright' => [
            'said' => 'Este ponto é tão claro que a câmara lhe cortou a cor.',
            'mend' => 'Marque cabelo ao lado do brilho, ou tire a fotografia sem flash.',
        ],
        'white-bright' => [
            'said' => 'O branco é tão claro que a câmara o cortou.',
            'mend' => 'Marque papel à sombra do cabelo, ou tire a fotografia um pouco mais escura.',
        ],
        'white-dark' => [
            'said' => 'O que se marcou como branco é escuro.',
            'mend' => 'Marque uma folha de papel branco que esteja à mesma luz do cabelo.',
        ],
    ],
    'invalid-number' => [
        'not-a-number' => [
            'said' => '“:text” não é um número.',
            'mend' => 'Escreva-o como 1.5, 1,5, 1½ ou 3/2.',
        ],
        'missing' => [
            'said' => 'Falta o número.',
            'mend' => 'Escreva-o como 1.5, 1,5, 1½ ou 3/2.',
        ],
        'divided-by-zero' => [
            'said' => '“:text” divide por zero.',
            'mend' => 'Escreva um número de 1 ou mais por baixo do traço.',
        ],
    ],
    'invalid-pattern' => [
        'unreadable' => [
            'said' => '“:text” não é um padrão.',
            'mend' => 'Escreva alternate, 2:1, 18 foils at 2:1, 10 to 12 foils, pie 8, layers, between, high, low, high, ou grupos: 5, gap, 4 ou 5/4/3.',
        ],
        'words-missing' => [
            'said' => 'O padrão nomeia :named tipos de madeixas para :bowls taças.',
            'mend' => 'Nomeie um tipo por taça, tal como high, low, high para duas.',
        ],
        'counts-missing' => [
            'said' => 'O padrão não diz quantas folhas leva cada uma das :bowls taças.',
            'mend' => 'Escreva um número por taça, tal como 2:1.',
        ],
    ],
    'invalid-ratio' => [
        'unreadable' => [
            'said' => '“:text” não é uma proporção.',
            'mend' => 'Escreva cor : oxidante em peso, tal como 1:1.5, 1:2 ou 1:2.5:3.5.',
        ],
        'missing' => [
            'said' => 'Falta a proporção.',
            'mend' => 'Escreva cor : oxidante em peso, tal como 1:1.5, 1:2 ou 1:2.5:3.5.',
        ],
        'empty-part' => [
            'said' => '“:text” tem uma parte de zero.',
            'mend' => 'Cada parte precisa de um número acima de 0. Para uma taça sem oxidante, escreva “no developer”.',
        ],
        'absurd' => [
            'said' => '“:text” tem uma parte mais de :limit vezes outra.',
            'mend' => 'Verifique a proporção: primeiro a cor, depois o oxidante.',
        ],
        'too-many-parts' => [
            'said' => '“:text” tem mais de :limit partes.',
            'mend' => 'Ponha produtos extra como partes de uma parte, ou como aditivos.',
        ],
    ],
    'invalid-reach' => [
        'unreadable' => [
            'said' => '“:text” não diz até onde da madeixa.',
            'mend' => 'Escreva tal como 0 to 3 cm, first 2 cm, from 5 cm, ou 1 inch.',
        ],
        'backwards' => [
            'said' => '“:text” acaba antes de começar.',
            'mend' => 'Escreva primeiro o extremo mais perto do couro cabeludo.',
        ],
        'too-far' => [
            'said' => '“:text” é mais comprido do que o cabelo cresce.',
            'mend' => 'Verifique o número e a unidade.',
        ],
    ],
    'invalid-rule' => [
        'grey-parts' => [
            'said' => 'Isto não são quatro percentagens de natural.',
            'mend' => 'Escreva quatro que não desçam, tal como 25, 33, 50, 75: no mínimo e no máximo para poucos brancos, para metade, para muitos.',
        ],
        'filler-parts' => [
            'said' => 'Isto não são partes de dourado e cobre.',
            'mend' => 'Escreva dois números inteiros de 1 a 9, tal como 3:1.',
        ],
        'not-one-of' => [
            'said' => '“:given” não é opção de “:rule”.',
            'mend' => 'Escolha :known{ ou }.',
        ],
        'out-of-range' => [
            'said' => '“:rule” não pode ser :given.',
            'mend' => 'Escreva um número de :least a :most :unit.',
        ],
        'not-whole' => [
            'said' => '“:given” não é um número inteiro.',
            'mend' => 'Escreva um tal como 7.',
        ],
        'grey-must-rise' => [
            'said' => 'Os limites para brancos têm de subir de 0 a 100.',
            'mend' => 'Escreva-os do mais pequeno, tal como 25, 50, 75.',
        ],
        'unknown' => [
            'said' => 'Não há regra da casa “:key”.',
            'mend' => 'As regras são :known.',
        ],
    ],
    'invalid-share' => [
        'unreadable' => [
            'said' => '“:text” não é uma parte.',
            'mend' => 'Escreva partes (2), uma percentagem (25 %), uma fração (1/4), gramas (15 g), ou “rest”.',
        ],
        'empty' => [
            'said' => 'Não há parte.',
            'mend' => 'Escreva partes (2), uma percentagem (25 %), uma fração (1/4), gramas (15 g), ou “rest”.',
        ],
        'not-positive' => [
            'said' => '“:text” não dá nada a este produto.',
            'mend' => 'Escreva uma parte acima de zero, ou tire o produto.',
        ],
        'over-whole' => [
            'said' => '“:text” é mais do que o todo.',
            'mend' => 'Uma parte sozinha é no máximo 100 %.',
        ],
        'add-up-to' => [
            'said' => 'As partes somam :percent %, não 100 %.',
            'mend' => 'Mude uma parte, ou deixe um produto levar o “rest”.',
        ],
        'nothing-left' => [
            'said' => 'Nada sobra para :what: as outras partes já levam tudo.',
            'mend' => 'Faça as outras partes mais pequenas.',
        ],
        'fixed-exceeds' => [
            'said' => 'As gramas fixas somam :fixed, mais do que os :whole desta parte.',
            'mend' => 'Faça a taça maior, ou as gramas fixas menos.',
        ],
        'fixed-fall-short' => [
            'said' => 'As gramas fixas somam :fixed, menos do que os :whole desta parte.',
            'mend' => 'Deixe um produto levar o “rest”, ou dê a taça pelas suas partes.',
        ],
        'parts-and-rest' => [
            'said' => 'Dão-se partes e “rest”: não é claro o que cada um leva.',
            'mend' => 'Use partes para todo o resto, ou “rest”, não ambos.',
        ],
    ],
    'invalid-strength' => [
        'unreadable' => [
            'said' => '“:text” não é a força de um oxidante.',
            'mend' => 'Escreva-a como 20 vol ou 6 %.',
        ],
        'missing' => [
            'said' => 'Falta a força.',
            'mend' => 'Escreva-a como 20 vol ou 6 %.',
        ],
        'ambiguous' => [
            'said' => '“:text” tanto pode ser :asVolume como :asPercent.',
            'mend' => 'Junte “vol” ou “%”.',
        ],
        'disagree' => [
            'said' => '“:text” contradiz-se: :volume não é :percent.',
            'mend' => 'Qual está no frasco? Fique com :volume, ou escreva :percent.',
        ],
        'above-limit' => [
            'said' => '“:text” é acima de 40 vol (12 %), o máximo que pertence a cabelo.',
            'mend' => 'Escolha 40 vol ou menos, e siga as instruções do fabricante e as regras locais.',
        ],
        'not-positive' => [
            'said' => '“:text” não é força.',
            'mend' => 'Escreva uma força acima de 0, ou faça uma taça sem oxidante.',
        ],
        'out-of-reach' => [
            'said' => ':wanted não se mistura de :weakest a :strongest.',
            'mend' => 'Escolha uma força entre :weakest e :strongest, ou junte um oxidante à linha.',
        ],
        'nothing-to-blend' => [
            'said' => ':wanted não se mistura: esta linha não tem oxidantes.',
            'mend' => 'Junte um oxidante à linha.',
        ],
    ],
    'number-too-large' => [
        'in-arithmetic' => [
            'said' => 'Um número desta taça é grande demais ou dividido demais para se calcular exatamente.',
            'mend' => 'Use números mais curtos: no máximo três casas decimais, e quantidades que caibam numa taça.',
        ],
    ],
    'password-refused' => [
        'wait-a-second' => [
            'said' => 'Demasiadas tentativas.',
            'mend' => 'Espere um segundo, depois tente outra vez.',
        ],
        'wait' => [
            'said' => 'Demasiadas tentativas.',
            'mend' => 'Espere :seconds segundos, depois tente outra vez.',
        ],
        'second' => [
            'said' => 'Aqui entra-se também com um código.',
            'mend' => 'Escreva o que a sua aplicação mostra agora, ou um dos que tem em papel.',
        ],
        'wrong-second' => [
            'said' => 'Este código não está certo.',
            'mend' => 'Espere pelo seguinte e escreva-o; um código em papel serve uma vez. Se perdeu o telefone: a responsável dá-lhe uma ligação para uma palavra-passe nova, que retira o segundo fator.',
        ],
        'not-tried' => [
            'said' => 'Não há segundo fator para experimentar.',
            'mend' => 'Comece a configuração de novo.',
        ],
        'wrong-pair' => [
            'said' => 'O nome ou a palavra-passe não está certo.',
            'mend' => 'Verifique ambos e tente outra vez; a responsável pode definir uma palavra-passe nova.',
        ],
        'wrong' => [
            'said' => 'Esta não é a sua palavra-passe.',
            'mend' => 'Escreva-a outra vez.',
        ],
    ],
    'costs-refused' => [
        'too-much' => [
            'said' => 'Nestes dias saiu mais do que se soma de uma só vez.',
            'mend' => 'Peça menos dias: por exemplo desde :since.',
        ],
    ],
    'photo-refused' => [
        'no-picture' => [
            'said' => 'Este ficheiro não é uma imagem que se possa ler.',
            'mend' => 'Escolha uma fotografia JPEG, PNG ou WebP.',
        ],
        'too-large' => [
            'said' => 'Esta imagem tem mais de 50 milhões de pontos.',
            'mend' => 'Tire-a mais pequena.',
        ],
    ],
    'pour-refused' => [
        'bowl-holds-some' => [
            'said' => ':in estão nesta taça.',
            'mend' => 'Diga que esta taça está na balança com o que tem dentro, ou deite-a fora.',
        ],
        'weighed-back-already' => [
            'said' => 'O que sobrou desta taça está no registo.',
            'mend' => 'Retire primeiro essa pesagem, se não foi usado.',
        ],
        'bowl-not-weighed' => [
            'said' => 'O peso da taça vazia não se conhece, ou há duas taças.',
            'mend' => 'Escreva o que sobra nela.',
        ],
        'scale-elsewhere' => [
            'said' => 'A balança já estava debaixo de outra coisa.',
            'mend' => 'Ponha outra vez esta taça e diga-o; o que tem dentro vê-se pelo peso.',
        ],
        'cannot-steer' => [
            'said' => 'Nada do que ainda vem traz esta taça de volta.',
            'mend' => 'Mantenha a proporção, aceite, ou deite fora a taça.',
        ],
        'another-open' => [
            'said' => 'Entretanto começou-se outro lote desta taça.',
            'mend' => 'Deixe ou termine esse primeiro.',
        ],
        'more-than-pack' => [
            'said' => ':poured de :label é mais do que a sua embalagem de :pack leva.',
            'mend' => 'Se está na taça, diga-o mais uma vez; se não, veja o que está na balança.',
        ],
        'far-over' => [
            'said' => ':in de :label ficariam dentro, para :target que se queriam.',
            'mend' => 'Se está na taça, diga-o mais uma vez; se não, veja o que está na balança.',
        ],
        'nothing-planned' => [
            'said' => 'Não há nada a pesar nesta taça.',
            'mend' => 'Escolha primeiro os seus produtos.',
        ],
        'unknown-line' => [
            'said' => 'Esse produto não está previsto neste lote.',
            'mend' => 'Pese um dos produtos mostrados.',
        ],
        'planned-already' => [
            'said' => ':label está no plano deste lote.',
            'mend' => 'Pese-o na sua vez; o que passar do alvo pergunta-se.',
        ],
        'nothing-poured' => [
            'said' => 'Não se verteu nada.',
            'mend' => 'Verta primeiro, ou escreva as gramas.',
        ],
        'choose-first' => [
            'said' => ':label passa do alvo e espera por uma escolha.',
            'mend' => 'Mantenha a proporção, aceite, ou deite fora a taça.',
        ],
        'nothing-over' => [
            'said' => 'Nada passa do alvo.',
            'mend' => 'Continue a pesar.',
        ],
        'ended' => [
            'said' => 'Este lote acabou.',
            'mend' => 'Comece outro lote da taça.',
        ],
        'not-finished' => [
            'said' => 'Este lote ainda se está a pesar.',
            'mend' => 'Termine-o primeiro, depois pese o que sobra.',
        ],
        'lines-left' => [
            'said' => ':label ainda não está pesado.',
            'mend' => 'Pese-o, ou aceite como está.',
        ],
        'discard-needs-reason' => [
            'said' => 'Uma taça deitada fora precisa de um motivo.',
            'mend' => 'Diga numa palavra ou duas porque se deita fora.',
        ],
        'nothing-to-undo' => [
            'said' => 'Não há nada a desfazer.',
            'mend' => 'Continue a pesar.',
        ],
        'more-left-than-mixed' => [
            'said' => ':left de resto é mais do que os :mixed que se misturaram.',
            'mend' => 'Verifique a leitura: descontou-se o peso da taça vazia?',
        ],
        'below-step' => [
            'said' => ':label daria menos do que o passo da balança, de :step.',
            'mend' => 'Misture um lote maior.',
        ],
    ],
    'stamp-refused' => [
        'no-heat' => [
            'said' => 'Não tem calor.',
            'mend' => 'Marque primeiro “calor ligado”.',
        ],
        'heat-is-on' => [
            'said' => 'Já tem calor.',
            'mend' => 'Marque primeiro “calor desligado”, ou retire a marca.',
        ],
        'no-minutes' => [
            'said' => 'Não se diz quantos minutos mais.',
            'mend' => 'Dê-lhe mais 1 a 60 minutos.',
        ],
        'done-already' => [
            'said' => 'Isto já foi marcado.',
            'mend' => 'Retire a marca se foi engano.',
        ],
        'timed-apart' => [
            'said' => 'Os lados desta taça contam-se à parte.',
            'mend' => 'Marque o lado de que se trata.',
        ],
        'timed-whole' => [
            'said' => 'Esta taça conta-se como uma só.',
            'mend' => 'Retire primeiro as suas marcas, depois conte os lados à parte.',
        ],
        'not-begun' => [
            'said' => 'Esta taça não foi começada.',
            'mend' => 'Marque primeiro o primeiro toque.',
        ],
        'already-begun' => [
            'said' => 'Esta taça já está no cabelo.',
            'mend' => 'Retire a marca se foi engano.',
        ],
        'already-complete' => [
            'said' => 'A sua aplicação já está completa.',
            'mend' => 'Retire a marca se foi engano.',
        ],
        'already-rinsed' => [
            'said' => 'Esta taça já foi enxaguada.',
            'mend' => 'Retire a marca se foi engano.',
        ],
        'set-aside' => [
            'said' => 'Esta taça foi marcada como não usada.',
            'mend' => 'Retire essa marca se afinal for aplicada.',
        ],
        'nothing-to-undo' => [
            'said' => 'Não há marca a retirar.',
            'mend' => 'Ainda nada foi marcado.',
        ],
        'backwards' => [
            'said' => 'Este momento é anterior à última marca.',
            'mend' => 'Verifique o relógio, ou retire a última marca.',
        ],
    ],
    'substitution-refused' => [
        'empty-shelf' => [
            'said' => 'Não há nada na prateleira de que misturar.',
            'mend' => 'Dê entrada de stock, ou escolha outra linha.',
        ],
        'no-level' => [
            'said' => 'O tom pretendido não tem altura.',
            'mend' => 'Procure um tom; incolor e reforços não têm substituto.',
        ],
        'nothing-wanted' => [
            'said' => 'A quantidade pretendida não dá nada na balança.',
            'mend' => 'Peça pelo menos um passo de :step.',
        ],
        'too-many-shades' => [
            'said' => 'Há mais de :limit tons nesta prateleira.',
            'mend' => 'Procure dentro de uma linha.',
        ],
        'not-enough-stock' => [
            'said' => 'Nenhuns três destes tons chegam para a quantidade pretendida.',
            'mend' => 'Faça a taça mais pequena, ou dê entrada de stock.',
        ],
    ],
    'test-refused' => [
        'too-early-an-hour' => [
            'said' => 'Este teste de pele ainda não teve as suas 48 horas.',
            'mend' => 'Leia-o daqui a uma hora. Uma reação pode registar-se agora.',
        ],
        'too-early' => [
            'said' => 'Este teste de pele ainda não teve as suas 48 horas.',
            'mend' => 'Leia-o daqui a :hours horas. Uma reação pode registar-se agora.',
        ],
        'not-a-reader' => [
            'said' => 'Esta casa deixa :readers ler um teste de pele como limpo.',
            'mend' => 'Peça a uma dessas pessoas que olhe para a pele. Uma reação pode registá-la qualquer pessoa.',
        ],
        'not-placed-by' => [
            'said' => 'Um teste posto antes precisa do nome de quem o pôs.',
            'mend' => 'Escreva quem o pôs, e onde no corpo.',
        ],
        'already-read' => [
            'said' => 'Este teste de pele já foi lido.',
            'mend' => 'O que se leu fica; uma reação que apareceu depois pode juntar-se.',
        ],
    ],
    'unfit-product' => [
        'letter' => [
            'said' => 'Uma taça tem uma ou duas letras.',
            'mend' => 'Dê-lhe uma letra, tal como A.',
        ],
        'no-line' => [
            'said' => 'Esta linha de cor não está na prateleira.',
            'mend' => 'Escolha uma das linhas do salão.',
        ],
        'empty' => [
            'said' => 'A taça está vazia.',
            'mend' => 'Escolha pelo menos um tom.',
        ],
        'not-chosen' => [
            'said' => 'Nenhum produto está escolhido.',
            'mend' => 'Escolha um da prateleira.',
        ],
        'not-on-shelf' => [
            'said' => 'Este tom ou produto não está na prateleira.',
            'mend' => 'Escolha um da prateleira.',
        ],
        'twice' => [
            'said' => ':label está duas vezes nesta taça.',
            'mend' => 'Some as suas partes e fique com uma.',
        ],
        'developer-as-colour' => [
            'said' => ':label é um oxidante, não cor.',
            'mend' => 'Ponha-o na parte do oxidante.',
        ],
        'outside-ratio' => [
            'said' => ':name não conta na proporção.',
            'mend' => 'Junte-o por cima, como aditivo.',
        ],
        'no-such-developer' => [
            'said' => ':line não tem :name.',
            'mend' => 'Escolha um dos seus oxidantes: :developers.',
        ],
        'no-such-blend' => [
            'said' => 'A casa não tem “:name” de versão :version.',
            'mend' => 'Nomeie uma mistura e uma versão que a casa guarde.',
        ],
    ],
    'client' => [
        'no-consent' => [
            'said' => 'Não concordou com fotografias.',
            'mend' => 'Pergunte, e anote-o em “Com o que concordou”; depois envie a fotografia outra vez.',
        ],
        'erased' => [
            'said' => 'Esta pessoa foi retirada do registo.',
            'mend' => 'Se voltou, junte-a como cliente nova.',
        ],
        'merged' => [
            'said' => 'Esta ficha passou a fazer parte da ficha de :into.',
            'mend' => 'Abra essa.',
        ],
        'visit-open' => [
            'said' => 'Uma visita sua ainda está aberta.',
            'mend' => 'Feche-a, ou diga que não se realizou; depois retire.',
        ],
        'themselves' => [
            'said' => 'Estas são uma e a mesma ficha.',
            'mend' => 'Escolha outra cliente.',
        ],
        'practice' => [
            'said' => 'Uma cabeça de treino não é ficha de ninguém.',
            'mend' => 'Escolha duas clientes.',
        ],
        'wrong-name' => [
            'said' => 'Esse não é o nome nesta ficha.',
            'mend' => 'Escreva-o como está: :name.',
        ],
        'not-due' => [
            'said' => ':count destas não devem sair pela regra.',
            'mend' => 'Veja outra vez a lista: alguém veio, ou a regra mudou.',
        ],
        'said-earlier' => [
            'said' => 'Algo mais novo está em registo.',
            'mend' => 'Diga o que vale agora, com o dia em que foi dito.',
        ],
    ],
    'machine' => [
        'no-room' => [
            'said' => 'Não há espaço na máquina que guarda o registo.',
            'mend' => 'Nada se perde: o que envia espera neste aparelho. Arranje lá espaço; ./tinta doctor diz para onde foi.',
        ],
        'coming-back' => [
            'said' => 'O registo não responde; está a ser iniciado outra vez.',
            'mend' => 'Espere um momento. O que envia espera neste aparelho e segue sozinho.',
        ],
    ],
    'message' => [
        'not-due' => [
            'said' => 'Esta mensagem já não é devida.',
            'mend' => 'A visita mudou, ou o teste foi lido. Veja a lista como está agora.',
        ],
        'no-mail' => [
            'said' => 'Não há servidor de correio, por isso daqui nada se envia.',
            'mend' => 'Diga-lhe por telefone ou mensagem, e anote-o; ou mande definir TINTA_MAIL_URL.',
        ],
        'no-address' => [
            'said' => 'Não há endereço de correio de :name.',
            'mend' => 'Escreva-o na ficha, ou diga-lhe de outra maneira.',
        ],
        'unwanted' => [
            'said' => ':name não quer que se lhe escreva.',
            'mend' => 'Deixe, ou pergunte e anote que concorda.',
        ],
        'on-its-way' => [
            'said' => 'Esta mensagem está a ser entregue ao servidor de correio.',
            'mend' => 'Veja daqui a um minuto: então está enviada, ou diz porque não.',
        ],
        'gone' => [
            'said' => 'Esta mensagem foi enviada.',
            'mend' => 'O que se disse não se retira; escreva uma nova a partir da ficha.',
        ],
    ],
    'team' => [
        'last-owner' => [
            'said' => 'Um salão tem sempre uma responsável, e esta é a única.',
            'mend' => 'Faça primeiro de outra pessoa responsável.',
        ],
        'link-used' => [
            'said' => 'Esta ligação já não leva a lado nenhum.',
            'mend' => 'Serve uma vez e durante uma semana: peça uma nova à responsável, ou entre.',
        ],
        'no-pin' => [
            'said' => 'Esta pessoa ainda não pode ficar com este aparelho por PIN.',
            'mend' => 'Entre aqui uma vez com a palavra-passe, e defina um PIN em Casa.',
        ],
        'wrong-pin' => [
            'said' => 'Esse não é o PIN.',
            'mend' => 'Tente outra vez, ou entre com a palavra-passe.',
        ],
        'begun' => [
            'said' => 'Já há aqui um salão.',
            'mend' => 'Peça uma ligação à responsável, ou entre.',
        ],
        'email-taken' => [
            'said' => ':email já pertence a alguém.',
            'mend' => 'Use outro endereço; quem saiu volta em Equipa.',
        ],
    ],
    'line' => [
        'mark-is-code' => [
            'said' => '“:mark” escreve-se ele próprio como um código.',
            'mend' => 'Uma marca é um sinal com que nenhuma altura, letra ou algarismo começa, tal como + ou *.',
        ],
        'minutes-missing' => [
            'said' => 'Os minutos mínimos, usuais e máximos não estão todos.',
            'mend' => 'Escreva os três, como estão na embalagem.',
        ],
        'minutes-order' => [
            'said' => ':min, :target e :max minutos não sobem.',
            'mend' => 'Escreva primeiro o mínimo, depois o usual, depois o máximo.',
        ],
        'name-taken' => [
            'said' => 'Há outra linha chamada “:name”.',
            'mend' => 'Dê a esta um nome próprio.',
        ],
        'no-name' => [
            'said' => 'A linha não tem nome.',
            'mend' => 'Escreva o nome que está nas embalagens.',
        ],
        'tone-no-digit' => [
            'said' => '“:tone” não é um algarismo de 1 a 9.',
            'mend' => 'Onde os códigos se escrevem em algarismos, cada reflexo é um algarismo; 0 é natural por si.',
        ],
        'two-ways' => [
            'said' => '“:letters” pode ler-se como :ways.',
            'mend' => 'Dê à legenda uma palavra própria para :letters, ou tire uma das suas partes.',
        ],
    ],
    'table' => [
        'code-twice' => [
            'said' => '“:code” já está na linha :row.',
            'mend' => 'Tire uma das duas.',
        ],
        'no-code-column' => [
            'said' => 'De nenhuma coluna se diz que leva os códigos.',
            'mend' => 'Diga por cima da tabela em que coluna estão.',
        ],
        'no-rows' => [
            'said' => 'Não há linha com um produto.',
            'mend' => 'Cole a tabela com as suas linhas, um produto em cada.',
        ],
        'too-many-rows' => [
            'said' => 'A tabela tem mais de :most linhas.',
            'mend' => 'Uma linha tem umas centenas de produtos: corte a tabela, e traga-a aos poucos.',
        ],
    ],
    'measure' => [
        'no-name' => [
            'said' => 'A medida não tem nome.',
            'mend' => 'Escreva o que a casa lhe chama, tal como colher.',
        ],
        'name-unit' => [
            'said' => '“:name” já é uma unidade.',
            'mend' => 'Chame à medida o que ela é, tal como colher, tampa, bomba ou tira.',
        ],
        'nothing' => [
            'said' => 'Não pesa nada.',
            'mend' => 'Encha-a como na pesagem, e pese o que leva.',
        ],
    ],
    'product' => [
        'code-taken' => [
            'said' => '“:code” já existe em :line.',
            'mend' => 'Mude o que lá está, ou dê a este outro código.',
        ],
        'developer-twice' => [
            'said' => '“:name” de :strength já existe.',
            'mend' => 'Mude o que lá está, ou dê a este outro nome.',
        ],
        'no-code' => [
            'said' => 'Não há código.',
            'mend' => 'Escreva o que lá está impresso.',
        ],
        'pack-code-taken' => [
            'said' => 'O código de embalagem :code pertence a :product.',
            'mend' => 'Verifique o código desta embalagem.',
        ],
        'price' => [
            'said' => '“:text” não é um preço.',
            'mend' => 'Escreva-o como na fatura, tal como 8.50 ou 8,50.',
        ],
    ],
    'unreadable-code' => [
        'empty' => [
            'said' => 'Não há código.',
            'mend' => 'Escreva o código de um tom, tal como 6N ou 7.3.',
        ],
        'no-level' => [
            'said' => '“:text” não começa por uma altura.',
            'mend' => 'Comece pela altura: 6N, 7.3, 10-1.',
        ],
        'level-outside' => [
            'said' => '“:text” tem altura :level; esta linha tem :value a :value2.',
            'mend' => 'Verifique a altura.',
        ],
        'unknown-tone' => [
            'said' => '“:tone” em “:text” não quer dizer nada nesta linha.',
            'mend' => 'Esta linha conhece :known.',
        ],
        'ambiguous' => [
            'said' => '“:text” pode ler-se como :readings{ ou }.',
            'mend' => 'Escreva altura e reflexo separados.',
        ],
        'wants-letters' => [
            'said' => '“:text” não é a notação desta linha.',
            'mend' => 'Esta linha escreve os reflexos em letras, tal como 6N.',
        ],
        'wants-digits' => [
            'said' => '“:text” não é a notação desta linha.',
            'mend' => 'Esta linha escreve os reflexos em algarismos, tal como 7.3.',
        ],
        'wrong-separator' => [
            'said' => '“:separator” em “:text” não é como esta linha separa altura e reflexo.',
            'mend' => 'Use o sinal da própria linha.',
        ],
        'two-levels' => [
            'said' => '“:text” nomeia duas alturas que não são uma duplicada.',
            'mend' => 'Dois tons entram como dois produtos.',
        ],
    ],
    'unworkable-bowl' => [
        'shares-give-no-amount' => [
            'said' => 'As partes não dizem quanto: nenhuma está em gramas, ou uma leva o resto.',
            'mend' => 'Dê o total, a cor, o oxidante ou um produto em gramas.',
        ],
        'fixed-ingredient-given' => [
            'said' => 'A taça dá-se por um produto cuja parte já está em gramas.',
            'mend' => 'Dê a taça por outro produto, ou deixe este ter uma parte proporcional.',
        ],
        'no-such-ingredient' => [
            'said' => 'A taça dá-se por um produto que não está nela.',
            'mend' => 'Escolha um dos seus produtos, ou dê o total.',
        ],
        'no-developer-to-give' => [
            'said' => 'A taça dá-se pelo oxidante, mas não tem nenhum.',
            'mend' => 'Dê antes o total ou a cor.',
        ],
        'empty-part' => [
            'said' => 'Nada está escolhido para :part.',
            'mend' => 'Escolha pelo menos um produto para :part.',
        ],
        'parts-differ' => [
            'said' => 'A proporção tem :ratioParts partes, mas :filledParts estão preenchidas.',
            'mend' => 'Preencha cada parte da proporção, ou mude a proporção.',
        ],
        'nothing' => [
            'said' => 'A taça não dá nada.',
            'mend' => 'Dê-lhe uma quantidade acima de zero.',
        ],
        'below-step' => [
            'said' => ':label dá menos do que o passo da balança, de :step.',
            'mend' => 'Faça a taça maior, ou a parte.',
        ],
        'too-large' => [
            'said' => 'A taça dá :total, mais do que qualquer taça leva (:limit).',
            'mend' => 'Verifique a quantidade e a unidade.',
        ],
        'shares-not-known' => [
            'said' => 'Como esta parte da taça se compõe não se conhece.',
            'mend' => 'Pese-a, ou escreva as suas partes; então pode mudar-se.',
        ],
        'more-than-is-left' => [
            'said' => ':wanted de “:name” é mais do que há (:there).',
            'mend' => 'Use menos, ou misture de fresco.',
        ],
        'two-lines' => [
            'said' => 'Uma das taças é :one, a outra :other: duas linhas não se misturam numa taça.',
            'mend' => 'Deixe-as como duas taças.',
        ],
        'grams-for-merging' => [
            'said' => 'Quantas gramas há na taça :letter não se conhece.',
            'mend' => 'Dê o total, ou pese-a; então as duas podem ser uma.',
        ],
        'extra-twice' => [
            'said' => 'Ambas as taças têm :product como extra, e não conta da mesma maneira ou não se conhece.',
            'mend' => 'Diga como conta em ambas, e as suas gramas.',
        ],
        'contradiction' => [
            'said' => 'As quantidades desta taça contradizem-se.',
            'mend' => 'Confronte as gramas com a proporção e o total; deixe de fora o que não é certo.',
        ],
        'amount-not-known' => [
            'said' => 'Uma quantidade desta taça não se conhece.',
            'mend' => 'Verta-a livremente e deixe a balança dizê-la, ou escreva as gramas.',
        ],
    ],
    'visit-refused' => [
        'bowl-was-begun' => [
            'said' => 'Um lote da taça :letter foi começado e deixado; o registo guarda-o, por isso a taça fica.',
            'mend' => 'Mude-a na taça que quer, ou deixe-a por misturar.',
        ],
        'already-under-way' => [
            'said' => 'Esta visita está a decorrer, ou algo dela está em registo.',
            'mend' => 'Feche-a, com o que resultou.',
        ],
        'stands' => [
            'said' => ':reasons',
            'mend' => ':mend',
        ],
        'may-not-weigh' => [
            'said' => 'A taça :letter ainda não pode ser pesada: :reasons',
            'mend' => 'Ponha em ordem o que se diz, ou, onde as regras locais o permitem, deixe uma pessoa licenciada registar um motivo.',
        ],
        'may-not-go-on' => [
            'said' => 'A cor oxidante não pode ser aplicada: :reasons',
            'mend' => 'Ponha em ordem o que se diz, ou, onde as regras locais o permitem, deixe uma pessoa licenciada registar um motivo.',
        ],
        'closed' => [
            'said' => 'Esta visita está fechada.',
            'mend' => 'Repita-a para fazer uma nova; um registo fechado fica como está.',
        ],
        'bowl-being-weighed' => [
            'said' => 'A taça :letter está a ser pesada ou já foi.',
            'mend' => 'Comece outra taça; o que se verteu fica em registo.',
        ],
        'still-weighing' => [
            'said' => 'A taça :letter ainda se está a pesar.',
            'mend' => 'Termine-a ou deite-a fora na pesagem, depois feche a visita.',
        ],
        'nothing-to-weigh' => [
            'said' => 'Nenhuma linha na prateleira tem ainda dois tons e um oxidante.',
            'mend' => 'Junte-os em Prateleira; então há uma taça a pesar.',
        ],
        'nothing-weighed' => [
            'said' => 'Nada foi pesado nesta visita.',
            'mend' => 'Pese primeiro as suas taças.',
        ],
        'nothing-planned' => [
            'said' => 'Nenhuma taça está planeada nesta visita.',
            'mend' => 'Planeie as suas taças, depois guarde-a como serviço da casa.',
        ],
        'not-closed-yet' => [
            'said' => 'Só uma visita fechada se pode repetir.',
            'mend' => 'Feche-a primeiro, para se saber o que resultou.',
        ],
        'letter-taken' => [
            'said' => 'Já há uma taça :letter nesta visita.',
            'mend' => 'Dê a esta outra letra.',
        ],
        'left-elsewhere' => [
            'said' => 'O que sobra da taça :letter vai para a taça :others.',
            'mend' => 'Tire-o primeiro da taça :others.',
        ],
        'reason-too-short' => [
            'said' => 'Isto ainda não é um motivo.',
            'mend' => 'Escreva em poucas palavras quem o decidiu, e com que razões.',
        ],
        'not-vouched' => [
            'said' => 'Data de nascimento e cabeça de treino são mudadas pela responsável ou por uma pessoa licenciada.',
            'mend' => 'Peça a uma delas: estas duas decidem se a barreira do teste de pele sequer pergunta.',
        ],
        'not-waivable' => [
            'said' => 'O que fala contra este serviço não se pode dispensar.',
            'mend' => 'Uma reação precisa de autorização médica em registo; o resto tem de ser posto em ordem.',
        ],
        'not-licensed' => [
            'said' => 'Só um membro licenciado da equipa pode registar tal motivo.',
            'mend' => 'Peça a alguém cuja licença esteja em registo.',
        ],
        'not-mixed' => [
            'said' => 'A taça :letter não foi misturada.',
            'mend' => 'Pese-a primeiro; o que vai ao cabelo fica em registo.',
        ],
        'round-not-empty' => [
            'said' => 'A ronda “:name” ainda tem taças.',
            'mend' => 'Mova-as ou tire-as primeiro.',
        ],
        'not-a-trial' => [
            'said' => 'A taça :letter não é madeixa de teste.',
            'mend' => 'Defina primeiro a sua finalidade como teste.',
        ],
        'trial-open' => [
            'said' => 'A madeixa de teste :letter ainda não tem resultado.',
            'mend' => 'Registe a que chegou, depois leve-a adiante.',
        ],
        'decided' => [
            'said' => 'Isto já foi decidido.',
            'mend' => 'Veja a taça como está.',
        ],
        'changed-since' => [
            'said' => 'A taça :letter mudou entretanto.',
            'mend' => 'Retire primeiro a mudança posterior, ou mude a taça à mão.',
        ],
        'not-on-shelf' => [
            'said' => 'Este produto não está na prateleira.',
            'mend' => 'Escolha um da prateleira.',
        ],
        'other-line' => [
            'said' => ':label pertence a outra linha de cor.',
            'mend' => 'Nesta taça entra o que pertence a :line.',
        ],
        'bad-times' => [
            'said' => '“:text” não diz de que tamanho é o lote.',
            'mend' => 'Escreva tal como 1/2, 0.5, 2 ou 1.',
        ],
        'id-taken' => [
            'said' => 'Este identificador já pertence a outro registo.',
            'mend' => 'Recarregue a página e tente outra vez.',
        ],
    ],
];

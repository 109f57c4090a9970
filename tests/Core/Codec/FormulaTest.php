<?php

declare(strict_types=1);

use Core\Codec\FormulaTable;
use Core\Codec\JsonText;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;
use Core\Fact;
use Opis\JsonSchema\Validator;

function exampleText(): string
{
    return (string) file_get_contents(dirname(__DIR__, 3).'/docs/format/example.json');
}

/** @return array<string, mixed> the example with only these bowls */
function formula(array ...$bowls): array
{
    return ['bowls' => $bowls] + array_diff_key(
        json_decode(exampleText(), true),
        ['visit' => 1, 'rounds' => 1, 'apart' => 1],
    );
}

/** @return array<string, mixed> a bowl of the example's line */
function formulaBowl(array $change = []): array
{
    return $change + [
        'letter' => 'A', 'line' => 'tide', 'ratio' => '1:1.5', 'amount' => ['of' => 'colour', 'grams' => '60 g'],
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => 'all']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
    ];
}

/** @return list<string> */
function formulaProblems(mixed $json): array
{
    try {
        WorkFormula::work($json);
    } catch (UnreadableDocument $refusal) {
        return array_map(static fn (Problem $problem) => $problem->pointer.': '.words($problem), $refusal->problems());
    }

    return [];
}

function keys(array $worked): array
{
    return array_column($worked['warnings'], 'key');
}

it('works the example of the documentation', function () {
    $worked = WorkFormula::work(json_decode(exampleText(), true));
    expect(array_column($worked, 'total'))->toBe([
        '110.0 g',
        '90.0 g',
        '24.0 g',
        'more than 30.0 g',
        '55.5 g',
        '45.0 g',
    ])
        ->and(array_column($worked, 'kind'))->toBe(['exact', 'exact', 'exact', 'open', 'exact', 'exact'])
        ->and($worked[0]['level'])->toBe('6.25')
        ->and($worked[0]['strengthOnHead'])->toBe(['vol' => '12', 'percent' => '3.6'])
        ->and($worked[0]['substitutions'])->toBe([['wanted' => '6RC', 'used' => '6C', 'why' => 'out of stock']]);
});

it('gives the document back with nothing lost', function () {
    $text = str_replace(
        '"title"',
        '"kept": {"empty": {}, "list": [], "number": 1.0, "null": null}, "title"',
        exampleText(),
    );
    $document = json_decode($text);
    $back = WorkFormula::of(json_decode($text, true))->into($document);
    foreach ($back->bowls as $bowl) {
        expect($bowl->worked)->not->toBeEmpty();
        unset($bowl->worked);
    }
    unset($back->worked);
    expect(json_encode($back, JSON_PRESERVE_ZERO_FRACTION))->toBe(json_encode(
        json_decode($text),
        JSON_PRESERVE_ZERO_FRACTION,
    ));
});

it('is described by its schema', function () {
    // Outside check: JSON Schema 2020-12 by opis/json-schema.
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/formula.schema.json'));
    $valid = static fn (mixed $document): bool => (new Validator)->validate($document, $schema)->isValid();
    expect($valid(json_decode(exampleText())))->toBeTrue()
        ->and($valid(json_decode(json_encode(formula(formulaBowl(['letter' => '7']))))))->toBeFalse()
        ->and($valid(json_decode(json_encode(['tinta' => 3] + formula(formulaBowl())))))->toBeFalse()
        ->and($valid(json_decode(json_encode(formula(formulaBowl(['place' => ['spans' => ['tip']]]))))))->toBeFalse();
});

it('says what is wrong with a pointer, all at once', function () {
    $json = formula(
        formulaBowl(['ratio' => '1:0']),
        formulaBowl([
            'letter' => 'B',
            'parts' => [
                ['ingredients' => [['product' => '9Z', 'share' => '200 %']]],
                ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
            ],
        ]),
    );
    $json['lines'][0]['kind'] = 'magic';
    $json['measures']['scoop'] = 'some';
    expect(formulaProblems($json))->toContain(
        '/measures/scoop: “some” is not an amount.',
        '/lines/0/kind: This is no kind of line.',
    );
    $json['lines'][0]['kind'] = 'permanent';
    expect(formulaProblems($json))->toContain(
        '/bowls/0/ratio: “1:0” has a part of zero.',
        '/bowls/1/parts/0/ingredients/0/product: This shade or product is not on the shelf.',
        '/bowls/1/parts/0/ingredients/0/share: “200 %” is more than the whole.',
    );
});

it('refuses documents that are none', function (mixed $json, string $problem) {
    expect(formulaProblems($json)[0])->toContain($problem);
})->with([
    'text' => ['hello', 'not a formula document'],
    'another version' => [['tinta' => 9], '/tinta: This version'],
    'no bowls' => [['tinta' => 1, 'lines' => [], 'bowls' => []], 'no bowl'],
]);

it('says bounds for what is not known and keeps the words', function (string $share, string $grams, string $level) {
    $worked = WorkFormula::work(formula([
        'letter' => 'A',
        'line' => 'tide',
        'parts' => [['ingredients' => [
            ['product' => '6C', 'share' => '20 g'],
            ['product' => '8G', 'share' => $share],
        ]]],
    ]))[0];
    expect($worked['kind'])->toBe('open')
        ->and($worked['parts'][0]['ingredients'][1]['grams'])->toBe($grams)
        ->and($worked['level'])->toBe($level)
        ->and(keys($worked))->toBe(['not-known', 'ratio-not-known']);
})->with([
    'unknown' => ['?', 'not known', '6 to 8'],
    'worded' => ['“a dash”', '“a dash”', '6 to 8'],
    'ranged' => ['10 to 20 g', '10 g to 20 g', '6.67 to 7'],
    'doubtful' => ['20 g or 60 g', '20 g or 60 g, in doubt', '7 to 7.5'],
]);

it('never guesses a share beside an amount that is not known', function () {
    $worked = WorkFormula::work(formula([
        'letter' => 'A',
        'line' => 'tide',
        'parts' => [['ingredients' => [['product' => '6C', 'share' => '2'], ['product' => '8G', 'share' => '?']]]],
    ]))[0];
    expect(array_column($worked['parts'][0]['ingredients'], 'percent'))->toBe([null, null])
        ->and($worked['total'])->toBe('')
        ->and($worked['level'])->toBe('6 to 8');
});

it('counts an extra inside or on top, and asks when it is not said', function () {
    // Arithmetic: 72 : 90 is 1:1.25; 60 : 90 + 12 is 162 g.
    $extra = static fn (array $counts) => WorkFormula::work(formula(formulaBowl(['extras' => [[
        'product' => '7C',
        'grams' => '12 g',
    ] + $counts]])))[0];
    expect($extra(['counts' => 'inside']))->toMatchArray(['ratio' => '1:1.25', 'total' => '162.0 g'])
        ->and($extra(['counts' => 'on-top']))->toMatchArray(['ratio' => '1:1.5', 'total' => '162.0 g'])
        ->and(keys($extra([])))->toContain('inside-or-on-top');
});

it('counts extras in every sum', function () {
    // Arithmetic: 90 g of 20 vol in 60 + 60 + 90 g is 90 × 20 ÷ 210 = 8.57 vol.
    $bowl = formulaBowl(['extras' => [['product' => '7C', 'grams' => '60 g', 'counts' => 'inside']]]);
    $worked = WorkFormula::work(formula($bowl))[0];
    expect($worked['strengthOnHead']['vol'])->toBe('8.57')->and($worked['ratio'])->toBe('1:0.75')
        ->and(keys($worked))->toContain('implausible-ratio')->and($worked['parts'][0]['grams'])->toBe('120.0 g');
    // A developer poured beside keeps its strength: 90 of 20 and 30 of 10 make 17.5 vol.
    $weaker = formulaBowl(['extras' => [['product' => 'd10', 'grams' => '30 g', 'counts' => 'inside']]]);
    expect(WorkFormula::work(formula($weaker))[0]['strength']['vol'])->toBe('17.5');
});

it('asks about a slip and keeps what was typed', function () {
    // Arithmetic: 170 g of colour at 1:1.5 would take 255 g.
    $worked = WorkFormula::work(formula(formulaBowl([
        'ratio' => '170:90',
        'amount' => ['of' => 'colour', 'grams' => '170 g'],
    ])))[0];
    expect($worked['total'])->toBe('260.0 g')->and(keys($worked))->toContain('implausible-ratio')
        ->and(words($worked['warnings'][0]['mend']))->toContain('255.0 g')
        ->and(keys(WorkFormula::work(formula(formulaBowl()))[0]))->not->toContain('implausible-ratio');
});

it('spreads a house blend of the version it names', function () {
    $bowl = formulaBowl([
        'parts' => [
            ['ingredients' => [
                ['product' => '6N', 'share' => '30 g'],
                ['blend' => 'Harbour glaze', 'version' => 2, 'share' => '30 g'],
            ]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
        'amount' => ['of' => 'shares'],
    ]);
    $grams = array_column(WorkFormula::work(formula($bowl))[0]['parts'][0]['ingredients'], 'grams', 'label');
    expect($grams)->toBe(['6N' => '30.0 g', '8G' => '20.0 g', 'clear' => '10.0 g']);
    $bowl['parts'][0]['ingredients'][1]['version'] = 3;
    expect(formulaProblems(formula($bowl)))->toBe(
        ['/bowls/0/parts/0/ingredients/1/blend: The house has no “Harbour glaze” of version 3.'],
    );
});

it('makes a child of what was left', function () {
    $child = static fn (array $bottle) => formula(
        formulaBowl(),
        ['letter' => 'B', 'line' => 'tide', 'bottle' => $bottle],
    );
    $worked = WorkFormula::work($child([
        'of' => 'A',
        'left' => '30 g',
        'add' => [['product' => 'clear', 'grams' => '12 g']],
    ]))[1];
    // 30 g of 60 : 90 hold 12 g of colour; 12 g of clear beside them thin its pigment to a half.
    expect(array_column(
        $worked['parts'][0]['ingredients'],
        'grams',
        'label',
    ))->toBe(['left of A' => '30.0 g', 'clear' => '12.0 g'])
        ->and($worked['pigmentShare'])->toBe('0.5')->and($worked['level'])->toBe('6')
        ->and(formulaProblems($child(['of' => 'Z', 'left' => '30 g'])))
        ->toContain('/bowls/1/bottle/of: There is no worked bowl Z before this one.')
        ->and(formulaProblems($child(['of' => 'A', 'left' => '300 g'])))
        ->toBe(['/bowls/1: 300.0 g of “What is left of bowl A” is more than there is of it (150 g).']);
});

it('counts what is left down, bowl by bowl', function () {
    $bottle = static fn (string $letter, string $of, string $left) => [
        'letter' => $letter,
        'line' => 'tide',
        'bottle' => ['of' => $of, 'left' => $left],
    ];
    expect(formulaProblems(formula(formulaBowl(), $bottle('B', 'A', '80 g'), $bottle('C', 'A', '80 g'))))
        ->toBe(['/bowls/2: 80.0 g of “What is left of bowl A” is more than there is of it (70 g).'])
        ->and(WorkFormula::work(formula(
            formulaBowl(),
            $bottle('B', 'A', '80 g'),
            $bottle('C', 'B', '40 g'),
        ))[2]['total'])
        ->toBe('40.0 g');
});

it('takes what is left of a bowl poured by eye', function () {
    $byEye = formulaBowl([
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => '?']]],
            ['ingredients' => [['product' => 'd20', 'share' => '?']]],
        ],
        'ratio' => '?',
        'amount' => null,
    ]);
    $worked = WorkFormula::work(formula(
        $byEye,
        ['letter' => 'B', 'line' => 'tide', 'bottle' => ['of' => 'A', 'left' => '30 g']],
    ))[1];
    expect($worked['total'])->toBe('30.0 g')
        ->and($worked['level'])->toBeNull()
        ->and($worked['strengthOnHead']['vol'])->toBe('up to 20');
});

it('feeds several uses from one bowl', function () {
    $worked = WorkFormula::work(formula(formulaBowl(['uses' => [
        ['job' => 'root', 'grams' => '100 g'],
        ['job' => 'foils', 'grams' => '50 g'],
    ]])))[0];
    expect($worked['total'])->toBe('150.0 g')
        ->and(array_column($worked['uses'], 'percent', 'job'))->toBe(['root' => '66.7 %', 'foils' => '33.3 %']);
});

it('works bowls without developer and measures the salon weighed', function () {
    $worked = WorkFormula::work(formula(formulaBowl([
        'ratio' => 'no developer',
        'amount' => ['of' => 'colour', 'grams' => '2 scoops'],
        'parts' => [['ingredients' => [['product' => 'clear', 'share' => 'all']]]],
    ])))[0];
    expect($worked['total'])->toBe('25.0 g')->and($worked['strength'])->toBeNull();
});

it('follows the house rules it brings', function () {
    $json = formula(formulaBowl(['parts' => [
        ['ingredients' => [['product' => '6N', 'share' => '1'], ['product' => '8G', 'share' => '1']]],
        ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
    ]]));
    expect(WorkFormula::work($json)[0]['level'])->toBe('7');
    $json['rules']['level-school'] = 'dye-weighted';
    expect((float) WorkFormula::work($json)[0]['level'])->toBeLessThan(7.0);
    $json['rules']['step'] = '2 g';
    expect(formulaProblems($json))->toBe(['/rules/step: “2 g” is no setting of “Scale step”.']);
});

it('answers why for every number', function () {
    $why = said(WorkFormula::work(formula(formulaBowl()))[0]['why']);
    expect($why['amount'][0])->toBe('60 g of colour was given.')
        ->and($why['developer'][0])->toBe('60.0 g of colour × 1.5 is 90.0 g, at the scale’s step of 0.1 g.')
        ->and($why['strength'][1])->toBe('On the head: 90.0 g of 150.0 g is developer, so 12 vol (3.6 %).')
        ->and($why['level'][0])->toContain('Level 6');
});

it('is read by people as a table', function () {
    $json = json_decode(exampleText(), true);
    expect(FormulaTable::of($json, WorkFormula::of($json)->inWords(words(...))))
        ->toBe((string) file_get_contents(__DIR__.'/table.txt'));
});

it('answers the example of the documentation with all that follows from it', function () {
    $json = JsonText::read(exampleText());
    $worked = $json->with(WorkFormula::of($json->values)->inWords(static fn (Fact $fact): string => $fact->text()));
    $kept = __DIR__.'/worked.json';
    if (getenv('WORKED') === 'write') {
        file_put_contents($kept, "{$worked}\n");
    }
    expect("{$worked}\n")->toBe((string) file_get_contents($kept), 'WORKED=write writes it anew; read what has changed');
});

it('never crashes on a damaged document', function () {
    mt_srand((int) (getenv('FUZZ_SEED') ?: 55));
    $values = [null, true, 0, -1, 1.5, '', 'x', '1:2', '?', '1 or', [], ['a' => 1], [[]], str_repeat('9', 300), "\0"];
    // ./tinta drill fuzz tries many more.
    for ($i = (int) (getenv('DAMAGE') ?: 500); $i > 0; $i--) {
        $json = json_decode(exampleText(), true);
        for ($damage = mt_rand(1, 4); $damage > 0; $damage--) {
            $at = &$json;
            for ($depth = mt_rand(1, 7); $depth > 0 && is_array($at) && $at !== []; $depth--) {
                $at = &$at[array_rand($at)];
            }
            $at = $values[mt_rand(0, count($values) - 1)];
            unset($at);
        }
        foreach (formulaProblems($json) as $problem) {
            expect($problem)->toMatch('#^(/|:)#');
        }
    }
    expect(formulaProblems(null))->not->toBeEmpty();
});

it('puts what is left of a bowl into a later one, as a visit does', function () {
    $first = formulaBowl();
    $second = [
        'letter' => 'B',
        'ratio' => 'no developer',
        'amount' => ['of' => 'shares'],
        'parts' => [['ingredients' => [
            ['product' => 'bowl:A', 'share' => '24 g'],
            ['product' => 'clear', 'share' => '16 g'],
        ]]],
    ] + $first;
    $worked = WorkFormula::work(formula($first, $second));
    // What it brings of peroxide is what it had on the head, thinned 24 to 40.
    $volume = static fn (array $bowl): float => (float) $bowl['strengthOnHead']['vol'];
    expect($worked[1]['total'])->toBe('40.0 g')
        ->and($volume($worked[1]))->toEqualWithDelta($volume($worked[0]) * 0.6, 0.06)
        ->and($worked[1]['level'])->toBe($worked[0]['level']);
    // A bowl is not there before it is mixed.
    expect(formulaProblems(formula(
        $second,
        $first,
    )))->toBe(['/bowls/0/parts/0/ingredients/0/product: This shade or product is not on the shelf.']);
});

it('lets nothing win in silence, and drops nothing', function (callable $damage, string $problem) {
    $json = formula(formulaBowl());
    $damage($json);
    expect(formulaProblems($json))->toContain($problem);
})->with([
    'two developers of one id' => [
        fn (array &$json) => $json['developers'][] = ['id' => 'd20', 'strength' => '30 vol'],
        '/developers/2/id: There is a “d20” already.',
    ],
    'two products' => [
        fn (array &$json) => $json['lines'][0]['products'][] = ['id' => '6N', 'code' => '7N'],
        '/lines/0/products/5/id: There is a “6N” already.',
    ],
    'two lines' => [
        fn (array &$json) => $json['lines'][] = $json['lines'][0],
        '/lines/2/id: There is a “tide” already.',
    ],
    'two blends' => [
        fn (array &$json) => $json['blends'][] = $json['blends'][0],
        '/blends/1/name: There is a “Harbour glaze” of version 2 already.',
    ],
    'two bowls' => [
        fn (array &$json) => $json['bowls'][] = formulaBowl(),
        '/bowls/1/letter: There is a bowl A already.',
    ],
    'minutes that are no number' => [
        fn (array &$json) => $json['bowls'][0]['minutes'] = true,
        '/bowls/0/minutes: The processing time should be a whole number from 1 to 600.',
    ],
    'heat that is said in words' => [
        fn (array &$json) => $json['bowls'][0]['heat'] = [['with' => 'yes', 'minutes' => 5]],
        '/bowls/0/heat/0/with: This should be true or false.',
    ],
    'heat that is a number' => [
        fn (array &$json) => $json['bowls'][0]['heat'] = [5],
        '/bowls/0/heat/0: This should be an object.',
    ],
    'a place in a list' => [
        fn (array &$json) => $json['bowls'][0]['place'] = [['x']],
        '/bowls/0/place/0: This should be an object.',
    ],
    'a thousand or one' => [
        fn (array &$json) => $json['bowls'][0]['amount']['grams'] = '1,000 g',
        '/bowls/0/amount/grams: “1,000 g” could be thousands or thousandths.',
    ],
]);

it('takes measures as they come, without a crash', function () {
    expect(formulaProblems(['measures' => ['12 g', '5 g']] + formula(formulaBowl())))->toBe([]);
});

it('says nothing of a place that nobody said, and keeps the sides apart', function () {
    $place = static fn (array $strokes): string => WorkFormula::work(
        formula(formulaBowl(['place' => $strokes])),
    )[0]['place'];
    expect($place([]))->toBe('')
        ->and($place([['regions' => ['left'], 'spans' => ['mids']], ['regions' => ['right'], 'spans' => ['ends']]]))
        ->toBe('left side, mids; right side, ends');
});

it('weighs what is printed on a tube, whatever that may mean', function (array $product, ?string $level) {
    $json = formula(formulaBowl(['parts' => [
        ['ingredients' => [['product' => 'odd', 'share' => 'all']]],
        ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
    ]]));
    $json['lines'][0]['products'][] = ['id' => 'odd'] + $product;
    $worked = WorkFormula::work($json)[0];
    expect($worked)->toMatchArray(['total' => '150.0 g', 'level' => $level])
        ->and(in_array('no-pigment', keys($worked), true))->toBe($level === null);
})->with([
    'a number in a line of letters' => [['code' => '902'], null],
    'a mark' => [['code' => '5NX+'], null],
    'its level by hand' => [['code' => '902', 'level' => '10', 'tone' => ['ash' => 1]], '10'],
]);

it('reads a document’s own output to the same', function () {
    $once = JsonText::read(exampleText())->with(WorkFormula::of(json_decode(exampleText(), true))->inWords(words(...)));
    expect(
        JsonText::read($once)->with(WorkFormula::of(JsonText::read($once)->values)->inWords(words(...))),
    )->toBe($once);
});

it('keeps whole numbers of any length, and names the line of a fault', function () {
    $text = str_replace(
        '"tinta": 2,',
        '"tinta": 2, "till": 123456789012345678901234567890, "words": "9999999999999999999999",',
        exampleText(),
    );
    $written = JsonText::read($text)->with(WorkFormula::of(JsonText::read($text)->values));
    expect($written)
        ->toContain('"till": 123456789012345678901234567890')
        ->toContain('"words": "9999999999999999999999"');
    $fault = static function (string $broken): string {
        try {
            JsonText::read($broken);
        } catch (UnreadableDocument $refusal) {
            return words($refusal->problems()[0]);
        }

        return 'taken';
    };
    expect($fault("{\n  \"tinta\": 1,\n  \"bowls\": [1, 2,]\n}"))->toContain('in line 3')
        ->and($fault("{\n  \"tinta\": 1\n  \"lines\": []\n}"))->toContain('in line 3')
        ->and($fault('{"a": 01}'))->toContain('in line 1')
        ->and($fault('{"\\u0000a": 1}'))->not->toBe('taken')
        ->and($fault(''))->toContain('not JSON');
});

it('works more bowls than letters of two go', function () {
    $letters = [];
    for ($letter = 'A', $at = 0; $at < 750; $letter++, $at++) {
        $letters[] = $letter;
    }
    expect(WorkFormula::work(formula(...array_map(
        static fn (string $letter): array => formulaBowl(['letter' => $letter]),
        $letters,
    ))))->toHaveCount(750);
});

it('takes the parts of a ratio in the maker’s order', function () {
    // 16 g at 1:2.5:3.5 takes 40 g and 56 g, 112 g in all (arithmetic); here the gel comes second, the developer third.
    $json = formula(formulaBowl([
        'ratio' => '1:2.5:3.5',
        'amount' => ['of' => 'colour', 'grams' => '16 g'],
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => 'all']]],
            ['ingredients' => [['product' => 'gel', 'share' => 'all']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
    ]));
    $json['lines'][0] = ['order' => ['colour', 'base', 'developer'], 'ratio' => '1:2.5:3.5'] + $json['lines'][0];
    $json['lines'][0]['products'][] = ['id' => 'gel', 'code' => 'gel', 'kind' => 'base'];
    $worked = WorkFormula::work($json)[0];
    expect(array_column($worked['parts'], 'grams', 'name'))->toBe([
        'colour' => '16.0 g',
        'third part' => '40.0 g',
        'developer' => '56.0 g',
    ])
        ->and($worked['total'])->toBe('112.0 g')
        ->and($worked['strength']['vol'])->toBe('20')
        ->and($worked['strengthOnHead']['vol'])->toBe('10')
        ->and(keys($worked))->not->toContain('implausible-ratio');
    $json['lines'][0]['order'] = ['developer', 'colour'];
    expect(formulaProblems($json))->toContain('/lines/0/order: The colour comes first.');
});

<?php

declare(strict_types=1);

use Core\Codec\JsonText;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Codec\WorkFormula;
use Opis\JsonSchema\Validator;

/** @return array<string, mixed> the documentation's example, which is of version 2 */
function visitExample(): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/example.json'), true);
}

/** @return array<string, mixed> the example's shelf with only these bowls */
function visitWith(array $bowls, array $more = []): array
{
    return $more + ['bowls' => $bowls] + array_diff_key(visitExample(), ['visit' => 1, 'rounds' => 1, 'apart' => 1]);
}

/** @return array<string, mixed> 60 g of colour at 1:1.5 */
function rootBowl(array $change = []): array
{
    return $change + [
        'letter' => 'A',
        'job' => 'Root',
        'line' => 'tide',
        'ratio' => '1:1.5',
        'amount' => ['of' => 'colour', 'grams' => '60 g'],
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => '1'], ['product' => '6C', 'share' => '1']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
    ];
}

/** @return list<string> */
function saidAgainst(array $document): array
{
    try {
        WorkFormula::of($document);
    } catch (UnreadableDocument $refusal) {
        return array_map(
            static fn (Problem $problem): string => $problem->pointer.': '.words($problem),
            $refusal->problems(),
        );
    }

    return [];
}

function pouredBatch(array $grams, array $more = []): array
{
    return $more + ['pours' => array_map(
        static fn (string $product, string $each): array => ['product' => $product, 'grams' => $each],
        array_keys($grams),
        $grams,
    )];
}

it('tells what was poured beside what was planned, and what of it was used', function () {
    $poured = pouredBatch(['6N' => '30 g', '6C' => '30 g', 'd20' => '80 g'], ['left' => '20 g']);
    $worked = WorkFormula::of(visitWith([rootBowl(['batches' => [
        $poured,
        pouredBatch(['6N' => '3 g'], ['discarded' => 'the wrong tube']),
    ]])]));
    // Arithmetic: 80 g of 20 vol in 140 g are 11.43 vol; 140 g less 20 g back are 120 g.
    expect($worked->bowls[0]['total'])->toBe('150.0 g')
        ->and($worked->bowls[0]['poured'])
        ->toMatchArray([
            'total' => '140.0 g',
            'ratio' => '3:4',
            'used' => '120.0 g',
            'strengthOnHead' => ['vol' => '11.43', 'percent' => '3.43'],
        ])
        ->and($worked->bowls[0]['poured']['batches'])
        ->toBe([['total' => '140.0 g', 'used' => '120.0 g'], ['total' => '3.0 g', 'used' => null]])
        ->and(array_column($worked->whole['products'], 'grams', 'product'))
        ->toBe(['6N' => '30.0 g', '6C' => '30.0 g', 'd20' => '80.0 g'])
        ->and($worked->whole['total'])->toBe('140.0 g');
});

it('leaves for another bowl what was really poured', function () {
    $bottle = ['letter' => 'B', 'line' => 'tide', 'bottle' => ['of' => 'A', 'left' => '40 g']];
    $batch = pouredBatch(['6N' => '10 g', '6C' => '5 g', 'd20' => '20 g']);
    expect(saidAgainst(visitWith([
        rootBowl(['batches' => [$batch]]),
        $bottle,
    ])))->toBe(['/bowls/1: 40.0 g of “What is left of bowl A” is more than there is of it (35 g).'])
        ->and(saidAgainst(visitWith([rootBowl(), $bottle])))->toBe([]);
});

it('adds up every bowl by product and by strength, as far as it is known', function () {
    $weak = rootBowl([
        'letter' => 'B',
        'parts' => [
            ['ingredients' => [['product' => '6N', 'share' => 'all']]],
            ['ingredients' => [['product' => 'd10', 'share' => 'all']]],
        ],
    ]);
    $half = [
        'letter' => 'C',
        'line' => 'tide',
        'ratio' => '?',
        'parts' => [['ingredients' => [['product' => '6C', 'share' => '10 to 15 g']]]],
    ];
    $whole = WorkFormula::of(visitWith([
        rootBowl(),
        $weak,
        $half,
        ['letter' => 'D', 'line' => 'tide', 'bottle' => ['of' => 'A', 'left' => '24 g']],
    ]))->whole;
    expect(array_column($whole['products'], 'grams', 'product'))->toBe([
        '6N' => '90.0 g',
        '6C' => '40.0 g to 45.0 g',
        'd20' => '90.0 g',
        'd10' => '90.0 g',
    ])
        ->and($whole['strengths'])
        ->toBe([
            ['vol' => '10', 'percent' => '3', 'grams' => '90.0 g'],
            ['vol' => '20', 'percent' => '6', 'grams' => '90.0 g'],
        ]);
});

it('runs the clock that the wall showed', function (array $times, array $told, array $keys) {
    $worked = WorkFormula::of(visitWith([rootBowl(['times' => $times])]))->bowls[0];
    expect($worked['times'])->toBe($told)
        ->and(array_values(array_diff(array_column($worked['warnings'], 'key'), ['skin-test'])))->toBe($keys);
})->with([
    'rinsed in time' => [
        ['began' => '10:26', 'completed' => '10:44', 'rinsed' => '11:20'],
        ['state' => 'rinsed', 'applied' => 18, 'processed' => 36, 'longest' => 54],
        [],
    ],
    // Tidewater's longest is 45 minutes.
    'rinsed too late' => [
        ['began' => '10:26', 'completed' => '10:44', 'rinsed' => '11:40'],
        ['state' => 'rinsed', 'applied' => 18, 'processed' => 56, 'longest' => 74],
        ['over-time'],
    ],
    'still on' => [
        ['began' => '9:05:30', 'checked' => ['9:20']],
        ['state' => 'applying', 'applied' => null, 'processed' => null, 'longest' => 15],
        [],
    ],
]);

it('makes a bowl of an earlier one and what was changed, and says what differs', function () {
    $from = static fn (array $changes, array $more = []): array => $more + [
        'letter' => 'B',
        'line' => 'tide',
        'from' => ['bowl' => 'A', 'changes' => $changes],
    ];
    $worked = WorkFormula::of(visitWith([
        rootBowl(),
        $from(['half dose', ['words' => '10 vol instead of 20', 'why' => 'light lengths']], ['job' => 'Lengths']),
    ]))->bowls[1];
    expect($worked)->toMatchArray(['total' => '75.0 g', 'strength' => ['vol' => '10', 'percent' => '3']])
        ->and($worked['differs'])->toContain('Job Root → Lengths')->toContain('Total 150.0 g → 75.0 g')
        ->and(saidAgainst(visitWith([rootBowl(), $from(['sing louder'])])))
        ->toBe(['/bowls/1/from/changes/0: This change is not understood.'])
        ->and(saidAgainst(visitWith([rootBowl(), $from(['30 vol instead of 20'])])))
        ->toBe(['/bowls/1/from/changes/0: 30 vol (9 %) cannot be blended from 10 vol (3 %) to 20 vol (6 %).'])
        ->and(saidAgainst(visitWith([$from([]), rootBowl()])))
        ->toContain('/bowls/0/from/bowl: There is no bowl A before this one.');
});

it('asks what grams are of only where the house has not said', function (string $rule, array $problems, string $total) {
    $document = visitWith(
        [rootBowl(), ['letter' => 'B', 'line' => 'tide', 'from' => ['bowl' => 'A', 'changes' => ['5 g less']]]],
        ['rules' => ['grams-mean' => $rule]],
    );
    expect(saidAgainst($document))->toBe($problems)
        ->and($problems === [] ? WorkFormula::of($document)->bowls[1]['total'] : '')->toBe($total);
})->with([
    ['ask', ['/bowls/1/from/changes/0: It is not said whether -5 g is of the colour or of the mixture.'], ''],
    ['colour', [], '137.5 g'],
    ['mixture', [], '145.0 g'],
]);

it('sees the head and the bowls together', function () {
    $zone = [
        'id' => 'root',
        'regions' => [],
        'spans' => ['root'],
        'level' => '6',
        'wish' => ['level' => '6', 'tone' => ['copper']],
    ];
    $top = ['place' => [['regions' => ['top'], 'spans' => ['root']]]];
    $whole = WorkFormula::of(visitWith([rootBowl($top), rootBowl(['letter' => 'B'] + $top)], [
        'visit' => [
            'canvas' => ['zones' => [$zone]],
            'change' => 'B: 10 g of colour more',
        ], 'rounds' => [['bowls' => ['A']], ['bowls' => ['B']]],
        'apart' => [['bowls' => ['A', 'B'], 'why' => 'the lightener must stay clean']],
    ]))->whole;
    $cautions = array_map(words(...), array_column($whole['cautions'], 'reason', 'key'));
    expect(array_keys($cautions))->toBe(['uncovered', 'touching'])
        ->and($cautions['touching'])->toBe('Bowls A and B must not touch, and both go on root top.')
        ->and($whole['zones'][0])->toMatchArray(['zone' => 'root', 'bowls' => ['A', 'B']])
        ->and($whole['next'])
        ->toBe([['kind' => 'amount', 'bowl' => 'B', 'value' => '+10 g', 'words' => 'B: 10 g of colour more']]);
});

it('asks no skin test of a practice head', function () {
    $keys = static fn (bool $training): array => array_column(
        WorkFormula::of(visitWith([rootBowl()], ['visit' => ['training' => $training]]))->bowls[0]['warnings'],
        'key',
    );
    expect($keys(false))->toBe(['skin-test'])->and($keys(true))->toBe([]);
});

it('measures along the strand, and plans a range of minutes', function () {
    $place = static fn (string $reach): array => WorkFormula::of(visitWith([rootBowl([
        'place' => [['regions' => ['nape'], 'reach' => $reach]],
        'minutes' => '25 to 50',
    ])]))->bowls[0];
    // An inch is 2.54 cm.
    expect($place('first 2 cm')['place'])->toBe('nape, 0 to 2 cm from the scalp')
        ->and($place('1 inch')['place'])->toBe('nape, 0 to 2.5 cm from the scalp')
        ->and($place('8 cm to the ends')['place'])->toBe('nape, from 8 cm to the ends')
        // The longest of the range is beyond Tidewater's 45 minutes.
        ->and(array_column($place('first 2 cm')['warnings'], 'key'))->toContain('over-time');
});

it('weighs shades of two lines in one bowl, and says that neither maker speaks for it', function () {
    $bowl = rootBowl();
    $bowl['parts'][0]['ingredients'][] = ['product' => '8.34', 'share' => '1'];
    $worked = WorkFormula::of(visitWith([$bowl]))->bowls[0];
    expect(array_column($worked['parts'][0]['ingredients'], 'grams', 'label'))->toBe([
        '6N' => '20.0 g',
        '6C' => '20.0 g',
        '8.34' => '20.0 g',
    ])
        ->and($worked['level'])->toBe('6.67')->and(array_column($worked['warnings'], 'key'))->toContain('other-line');
});

it('reckons with every strength that a developer may have had', function (
    array $developer,
    string $mixed,
    string $onHead,
) {
    $bowl = rootBowl(['place' => [['spans' => ['root']]]]);
    $bowl['parts'][1]['ingredients'] = $developer;
    $document = visitWith([$bowl]);
    $document['developers'][] = ['id' => 'old', 'strength' => '?'];
    $document['developers'][] = ['id' => 'either', 'strength' => '10 or 30 vol'];
    $document['developers'][] = ['id' => 'weak', 'strength' => 'the weak one'];
    array_push($document['lines'][0]['developers'], 'old', 'either', 'weak');
    $worked = WorkFormula::of($document)->bowls[0];
    expect([$worked['strength']['vol'], $worked['strengthOnHead']['vol']])->toBe([$mixed, $onHead])
        ->and($worked['total'])->toBe('150.0 g')
        ->and(array_column($worked['warnings'], 'key'))->toContain('strength-not-known', 'skin-test');
})->with([
    // At 1:1.5 six tenths of the mixture are developer; nothing stronger than 40 vol is allowed on hair.
    'nobody knows' => [[['product' => 'old', 'share' => 'all']], 'up to 40', 'up to 24'],
    'one of two' => [[['product' => 'either', 'share' => 'all']], '10 to 30', '6 to 18'],
    'only words' => [[['product' => 'weak', 'share' => 'all']], 'up to 40', 'up to 24'],
    'something unnamed' => [[['words' => 'the tall bottle', 'share' => 'all']], 'up to 40', 'up to 24'],
    'half of it known' => [
        [['product' => 'd20', 'share' => '1'], ['words' => 'the tall bottle', 'share' => '1']],
        '10 to 30',
        '6 to 18',
    ],
]);

it('warns of a strength at the scalp that may be too much', function () {
    $bowl = rootBowl(
        [
            'place' => [['spans' => ['root']]],
            'parts' => [rootBowl()['parts'][0], ['ingredients' => [['words' => 'the tall bottle', 'share' => 'all']]]],
        ],
    );
    expect(
        array_column(WorkFormula::of(visitWith([$bowl]))->bowls[0]['warnings'], 'key'),
    )->toContain('strong-on-scalp');
});

it('reads version 1 as it always did: what is new says nothing there', function () {
    $document = ['tinta' => 1] + visitWith([rootBowl(['batches' => 'none', 'times' => 7])], ['visit' => 'whatever']);
    expect(WorkFormula::of($document)->whole)->toBeNull()
        ->and(WorkFormula::of($document)->bowls[0])->not->toHaveKey('poured');
});

it('says what does not fit, and where', function (array $bowl, array $more, string $problem) {
    expect(saidAgainst(visitWith([rootBowl($bowl)], $more)))->toContain($problem);
})->with([
    'more back than was mixed' => [
        ['batches' => [pouredBatch(['6N' => '10 g'], ['left' => '12 g'])]],
        [],
        '/bowls/0/batches/0/left: 12 g left is more than was mixed.',
    ],
    'an empty batch' => [
        ['batches' => [['pours' => []]]],
        [],
        '/bowls/0/batches/0/pours: Nothing was poured in this batch.',
    ],
    'poured from nowhere' => [
        ['batches' => [pouredBatch(['9Z' => '10 g'])]],
        [],
        '/bowls/0/batches/0/pours/0/product: This product is not in the document.',
    ],
    'a rinse before the first touch' => [
        ['times' => ['began' => '11:00', 'rinsed' => '10:00']],
        [],
        '/bowls/0/times: This moment lies before the last mark.',
    ],
    'no time of day' => [['times' => ['began' => '25:00']], [], '/bowls/0/times/began: This is no time of day.'],
    'a range that runs back' => [
        ['minutes' => '40 to 30'],
        [],
        '/bowls/0/minutes: The processing time should be from a shorter to a longer one, 1 to 600 minutes.',
    ],
    'heat without minutes' => [['heat' => [['with' => true]]], [], '/bowls/0/heat/0/minutes: It is not said how long.'],
    'a reach of nothing' => [
        ['place' => [['reach' => '3 to 2 cm']]],
        [],
        '/bowls/0/place/0/reach: “3 to 2 cm” ends before it begins.',
    ],
    'a reach in a word' => [
        ['place' => [['reach' => 'some way cm']]],
        [],
        '/bowls/0/place/0/reach: “some way cm” does not say how far along the strand.',
    ],
    'longer than hair' => [
        ['place' => [['reach' => '0 to 900 cm']]],
        [],
        '/bowls/0/place/0/reach: “0 to 900 cm” is longer than hair grows.',
    ],
    'a place that is no letter' => [
        ['place' => [['with' => ['7']]]],
        [],
        '/bowls/0/place/0/with/0: This is no letter of a bowl.',
    ],
    'no confidence' => [
        ['confidence' => 'maybe'],
        [],
        '/bowls/0/confidence: It is not clear how surely this is known.',
    ],
    'an amount in a list' => [['amount' => ['60 g']], [], '/bowls/0/amount: This should be an object.'],
    'a day that is none' => [[], ['visit' => ['on' => '2026-02-30']], '/visit/on: This is no day.'],
    'a verdict that is none' => [
        [],
        ['visit' => ['verdict' => ['all' => 'splendid']]],
        '/visit/verdict/all: This is no verdict.',
    ],
    'a result of no zone' => [
        [],
        ['visit' => ['results' => [['zone' => 'moon']]]],
        '/visit/results/0/zone: There is no such zone on the canvas.',
    ],
    'one bowl apart' => [[], ['apart' => [['bowls' => ['A']]]], '/apart/0/bowls: It takes two bowls to touch.'],
    'a round of numbers' => [[], ['rounds' => [['bowls' => [5]]]], '/rounds/0/bowls/0: This is no letter of a bowl.'],
    'a tone below nothing' => [
        [],
        ['lines' => [['tones' => ['N' => ['natural' => -1]]] + visitExample()['lines'][0]]],
        '/lines/0/tones/N/natural: A tone weighs zero or more.',
    ],
]);

it('works the example whole, and its own output to the same', function () {
    $text = (string) json_encode(visitExample());
    $once = JsonText::read($text)->with(WorkFormula::of(JsonText::read($text)->values)->inWords(words(...)));
    expect(
        JsonText::read($once)->with(WorkFormula::of(JsonText::read($once)->values)->inWords(words(...))),
    )->toBe($once);
});

/** What only the whole document can say: names, sums, words. A schema sees one place at a time. */
const OF_THE_WHOLE = '/is not in the document|not on the shelf|The house has no| has no |There is no (?:worked )?bowl|comes to|do not say how much|gives this product nothing|not understood|has not been begun|no such zone|could be/';

it('refuses by its schema just what the command refuses', function () {
    // Outside check: JSON Schema 2020-12 by opis/json-schema. Every place of the example is damaged in every way: an
    // eighteenth of them here, all of them in ./tinta drill fuzz.
    $every = max(1, intdiv(9_000, (int) (getenv('DAMAGE') ?: 500)));
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/formula.schema.json'));
    $text = (string) json_encode(visitExample());
    $validator = new Validator;
    $ways = [
        null,
        true,
        false,
        0,
        -1,
        1.5,
        7000,
        '',
        'x',
        '?',
        '1:2',
        [],
        ['x'],
        [['x']],
        ['a' => 1],
        str_repeat('q', 3000),
        'gone',
    ];
    $places = static function (mixed $value, array $way = []) use (&$places): array {
        $found = $way === [] ? [] : [$way];
        foreach (is_array($value) ? $value : [] as $key => $each) {
            $found = [...$found, ...$places($each, [...$way, $key])];
        }

        return $found;
    };
    $tried = $refused = 0;
    foreach ($places(json_decode($text, true)) as $at => $place) {
        foreach ($ways as $kind => $damage) {
            $last = $place[count($place) - 1];
            if (($at * 17 + $kind) % $every !== 0 || ($damage === 'gone' && is_int($last))) {
                continue;
            }
            $document = json_decode($text, true);
            $spot = &$document;
            foreach (array_slice($place, 0, -1) as $member) {
                $spot = &$spot[$member];
            }
            if ($damage === 'gone') {
                unset($spot[$last]);
            } else {
                $spot[$last] = $damage;
            }
            unset($spot);
            $written = (string) json_encode($document);
            $fits = $validator->validate(json_decode($written), $schema)->isValid();
            $said = saidAgainst(json_decode($written, true));
            $what = implode('/', $place).' := '.json_encode($damage).' '.($said[0] ?? '');
            if (! $fits) {
                expect($said)->not->toBe([], "The schema refuses and the command takes: {$what}");
                $refused++;
            } elseif ($said !== []) {
                expect($said[0])->toMatch(OF_THE_WHOLE, "The command refuses and the schema takes: {$what}");
            }
            $tried++;
        }
    }
    expect($tried * $every)->toBeGreaterThan(4_000)->and($refused * $every)->toBeGreaterThan(2_000);
});

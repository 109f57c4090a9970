<?php

declare(strict_types=1);

use Core\Codec\Problem;
use Core\Codec\ReadBowl;
use Core\Codec\UnreadableDocument;
use Core\Codec\WriteBowl;
use Core\Formula\UnworkableBowl;
use Core\Judgement\JudgeBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Units\Fraction;
use Core\Units\Strength;
use Core\Weighing\Batch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchPlan;
use Core\Weighing\BatchStatus;
use Core\Weighing\PourSource;
use Core\Weighing\Tolerance;
use Tests\Core\Record\Ladder;

const WHOLE = [
    'purpose' => 'trial',
    'mark' => 'the yellow one',
    'hair' => 'damp',
    'covering' => 'film',
    'heat' => [['with' => true, 'minutes' => 25], ['with' => false, 'minutes' => 10]],
    'applying' => 20,
    'clock' => 'first-touch',
    'after' => 'B',
    'plus' => 20,
    'rinse' => 'C',
    'emulsify' => 3,
    'until' => 'until orange-gold',
    'treatment' => 'acid rinse',
    'uses' => [['job' => 'root', 'grams' => '90 g'], ['job' => 'foils', 'grams' => '30 g']],
    'extras' => [['product' => 'blue', 'grams' => '3 g', 'counts' => 'on-top']],
    'place' => [
        [
            'regions' => ['top'],
            'spans' => ['mids'],
            'method' => 'fine-foils',
            'pattern' => '2:1',
            'with' => ['B'],
            'order' => 1,
            'hands' => 'Noor',
            'hair' => 'dry',
            'covering' => 'foil',
            'foils' => 24,
            'width' => 'narrow',
            'overlaps' => true,
            'note' => 'higher at the face',
        ],
        ['regions' => [], 'spans' => ['root']],
    ],
];

it('keeps everything that is said around a bowl', function () {
    $sheet = Ladder::bowl(more: WHOLE);
    $written = WriteBowl::toArray($sheet);
    expect(array_intersect_key($written, WHOLE))->toEqual(WHOLE)
        ->and(ReadBowl::from($written, Ladder::shelf()))->toEqual($sheet);
});

it('says it in short lines for a card', function () {
    $sheet = Ladder::bowl(more: WHOLE);
    expect($sheet->details->words())->toBe([
        'the yellow one',
        'on damp hair',
        'under film',
        '25 min with heat, 10 min without',
        '20 min to apply',
        'goes on 20 min after B started',
        'clock starts at the first touch',
        'until orange-gold',
        'rinsed with C',
        'emulsify the last 3 min',
        'acid rinse',
    ])
        ->and($sheet->strokes[0]->words())
        ->toBe(
            '1. top, mids, fine foils 2:1 with B, 24 foils, narrow, on dry hair, under foil, running over, by Noor, higher at the face',
        )
        ->and(Ladder::bowl()->details->words())->toBe([]);
});

it('is as large as the jobs it serves together', function () {
    expect(Ladder::bowl(more: WHOLE)->work(HouseRules::standard()->step)->mixture->text())->toBe('120 g');
});

it('keeps what was wanted, what was used and why', function () {
    $entry = ['product' => '6G', 'share' => 'all', 'wanted' => '7G', 'why' => 'out of stock'];
    $sheet = Ladder::bowl(more: ['parts' => [
        ['ingredients' => [$entry]],
        ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
    ]]);
    expect(WriteBowl::toArray($sheet)['parts'][0]['ingredients'])->toBe([$entry]);
});

it('refuses details that cannot be, each at its place', function () {
    try {
        Ladder::bowl(more: [
            'hair' => 'soaked',
            'applying' => '0',
            'heat' => [['with' => true, 'minutes' => 900]],
            'rinse' => 'own',
            'place' => [[
                'regions' => ['elbow'],
                'spans' => [],
                'pattern' => '2:1',
                'with' => ['B', 'C'],
                'method' => 'magic',
                'foils' => -3,
            ]],
        ]);
        $found = [];
    } catch (UnreadableDocument $refusal) {
        $found = array_map(static fn (Problem $problem): string => $problem->pointer, $refusal->problems());
    }
    expect($found)->toEqualCanonicalizing([
        '/hair',
        '/applying',
        '/heat/0/minutes',
        '/place/0/regions/0',
        '/place/0/pattern',
        '/place/0/method',
        '/place/0/foils',
    ]);
});

it('puts what was left of one bowl into another, with its own peroxide and pigment', function () {
    $shelf = Ladder::shelf();
    $from = Ladder::bowl(['6N' => 'all'], ['d20' => 'all'], ['ratio' => '1:1'])->work(HouseRules::standard()->step);
    $pigment = JudgeBowl::worked($from, HouseRules::standard())?->asPigment();
    $shelf = $shelf->withMixtures(new Product(
        'bowl:A',
        'P',
        'left of A',
        '',
        ProductKind::Mixture,
        $from->strengthOnHead(),
        null,
        Fraction::one(),
        false,
        $pigment,
    ));
    $glaze = Ladder::bowl(
        ['bowl:A' => '24 g', 'clear' => '16 g'],
        [],
        ['letter' => 'B', 'ratio' => 'no developer', 'amount' => ['of' => 'shares']],
        $shelf,
    );
    $worked = $glaze->work(HouseRules::standard()->step);
    $judged = JudgeBowl::worked($worked, HouseRules::standard());
    // 20 vol at 1:1 is 10 on the head; 24 g of it in 40 g are 6.
    expect($worked->strengthOnHead()?->equals(Strength::vol(6)))->toBeTrue()
        ->and($judged?->level?->show(1))->toBe('6')
        ->and($judged?->pigmentShare->show(2))->toBe('0.6');
});

it('works nothing that is not known, and pours it by eye instead', function () {
    $sheet = Ladder::bowl(['6N' => '20 g', '6G' => '“a dash”'], ['d20' => '?'], ['amount' => null, 'ratio' => '?']);
    expect(fn () => $sheet->work(HouseRules::standard()->step))->toRefuse(
        UnworkableBowl::class,
        'An amount in this bowl is not known.',
    );
    $plan = BatchPlan::of($sheet->known(HouseRules::standard()->step), Tolerance::house());
    $batch = Batch::start($plan);
    expect($batch->current()?->key)->toBe('6N')->and($batch->left('6N')->text())->toBe('20 g');
    $cg = static fn (int $grams): Core\Units\Grams => Core\Units\Grams::ofCentigrams($grams * 10);
    foreach (['6N' => 200, '6G' => 18, 'd20' => 437] as $line => $tenths) {
        $batch = $batch->after(BatchEvent::poured((string) $line, $cg($tenths), PourSource::Scale));
    }
    expect($batch->status)->toBe(BatchStatus::Complete)
        ->and($batch->total()->text())->toBe('65.5 g')
        ->and($batch->targetTotal()->text())->toBe('65.5 g')
        ->and($batch->over())->toBeNull();
    // More of it later is no slip either.
    $more = $batch->after(BatchEvent::poured('6G', $cg(30), PourSource::Hand));
    expect($more->status)->toBe(BatchStatus::Complete)->and($more->poured['6G']->text())->toBe('4.8 g');
});

it('keeps the proportion of what is known beside what is poured by eye', function () {
    $sheet = Ladder::bowl(['6N' => '20 g', '6G' => '?'], ['d20' => '40 g'], ['amount' => null, 'ratio' => '?']);
    $batch = Batch::start(BatchPlan::of($sheet->known(HouseRules::standard()->step), Tolerance::house()));
    $batch = $batch
        ->after(BatchEvent::poured('6N', Core\Units\Grams::ofCentigrams(2500), PourSource::Scale))
        ->after(BatchEvent::keptProportion());
    expect($batch->targets['d20']->text())->toBe('50 g')->and($batch->targets['6G']->isZero())->toBeTrue();
});

it('makes a batch a part or a multiple of the plan', function (int $numerator, int $denominator, array $targets) {
    $plan = BatchPlan::of(
        Ladder::bowl()->known(HouseRules::standard()->step),
        Tolerance::house(),
    )->times(Fraction::of($numerator, $denominator));
    expect(array_map(static fn ($line): string => $line->target->text(), $plan->lines))->toBe($targets);
})->with([[1, 2, ['20 g', '10 g', '45 g']], [2, 1, ['80 g', '40 g', '180 g']], [1, 3, ['13.3 g', '6.7 g', '30 g']]]);

it('keeps the house blend and the version that a bowl used', function () {
    $ingredient = static fn (string $code, string $share): Core\Shelf\Ingredient => new Core\Shelf\Ingredient(
        $code,
        $code,
        Core\Units\Share::parse($share),
    );
    $shelf = Ladder::shelf()->withBlends([
        new Core\Shelf\HouseBlend('Sand', 1, [$ingredient('7N', '2'), $ingredient('7G', '1')]),
        new Core\Shelf\HouseBlend('Sand', 2, [$ingredient('7N', '1'), $ingredient('7G', '1')]),
    ]);
    $entry = ['blend' => 'Sand', 'version' => 1, 'share' => '3/4'];
    $sheet = Ladder::bowl(
        more: ['parts' => [
            ['ingredients' => [$entry, ['product' => '6C', 'share' => '1/4']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ]],
        shelf: $shelf,
    );
    expect(Ladder::grams($sheet))->toBe(['7N' => '30 g', '7G' => '15 g', '6C' => '15 g', '20 vol' => '90 g'])
        ->and(WriteBowl::toArray($sheet)['parts'][0]['ingredients'][0])->toBe($entry)
        ->and(ReadBowl::from(WriteBowl::toArray($sheet), $shelf))->toEqual($sheet);
});

it('never crashes on any details, and keeps what it accepts', function () {
    mt_srand(21);
    $values = [
        null,
        true,
        false,
        0,
        -1,
        1.5,
        7,
        '',
        'x',
        'A',
        'damp',
        '2:1',
        'root',
        [],
        ['a' => 1],
        [[]],
        [['regions' => ['top']]],
        [['with' => true, 'minutes' => 5]],
        str_repeat('9', 300),
        "\0",
    ];
    $members = array_keys(WHOLE);
    $accepted = 0;
    $tried = 3 * (int) (getenv('DAMAGE') ?: 500);
    for ($i = $tried; $i > 0; $i--) {
        $more = [];
        for ($changes = mt_rand(1, 3); $changes > 0; $changes--) {
            $more[$members[mt_rand(0, count($members) - 1)]] = $values[mt_rand(0, count($values) - 1)];
        }
        try {
            $sheet = Ladder::bowl(more: $more);
        } catch (UnreadableDocument $refusal) {
            foreach ($refusal->problems() as $problem) {
                expect($problem->pointer)->toStartWith('/')->and(mend($problem))->not->toBe('');
            }

            continue;
        }
        $accepted++;
        expect(ReadBowl::from(WriteBowl::toArray($sheet), Ladder::shelf()))->toEqual($sheet);
    }
    expect($accepted * 10)->toBeGreaterThan($tried);
});

it('counts the foils of all its strokes, by their groups where that is how they lie', function () {
    $place = [
        ['regions' => ['top'], 'spans' => ['mids'], 'method' => 'fine-foils', 'foils' => 12],
        ['regions' => ['back'], 'spans' => ['mids'], 'method' => 'fine-foils', 'pattern' => '5, gap, 4'],
        ['regions' => [], 'spans' => ['root']],
    ];
    expect(Ladder::bowl(more: ['place' => $place])->foils())->toBe(21)->and(Ladder::bowl()->foils())->toBe(0);
});

it('keeps ratio, amount and what goes on top of a bowl whose shares are not known', function () {
    $json = [
        'ratio' => '1:2',
        'amount' => ['of' => 'total', 'grams' => '90 g'],
        'additives' => [['product' => 'blue', 'dose' => '3 g'], ['product' => 'clear', 'dose' => '5 %']],
        'extras' => [['product' => '7N', 'grams' => '4 g', 'counts' => 'on-top']],
    ];
    $sheet = Ladder::bowl(['6N' => '20 g', '6G' => '?'], ['d20' => '?'], $json);
    $written = WriteBowl::toArray($sheet);
    expect(array_intersect_key($written, $json))->toEqual([
        'ratio' => '1:2',
        'amount' => ['of' => 'total', 'grams' => '90 g', 'ingredient' => null],
        'additives' => $json['additives'],
        'extras' => $json['extras'],
    ])
        ->and(WriteBowl::toArray(ReadBowl::from($written, Ladder::shelf())))->toBe($written);
    // What has its grams is weighed to them; a dose by the percent of a known total is known.
    $lines = array_column(
        array_map(
            static fn ($line): array => [$line->key, $line->open ? 'by eye' : $line->target->text()],
            BatchPlan::of($sheet->known(HouseRules::standard()->step), Tolerance::house())->lines,
        ),
        1,
        0,
    );
    expect($lines)->toBe([
        '6N' => '20 g',
        '6G' => 'by eye',
        'd20' => 'by eye',
        'extra:7N' => '4 g',
        'blue' => '3 g',
        'clear' => '4.5 g',
    ]);
});

it('asks of a bowl that is not known what it asks of any other', function (
    array $colour,
    array $developer,
    array $more,
    string $pointer,
    string $message,
) {
    try {
        Ladder::bowl($colour, $developer, $more);
    } catch (UnreadableDocument $refusal) {
        $problem = $refusal->problems()[0];
        expect([$problem->pointer, words($problem)])->toBe([$pointer, $message]);

        return;
    }
    $this->fail('It was taken.');
})->with([
    'a developer for colour' => [
        ['d20' => '?'],
        ['d10' => '?'],
        [],
        '/parts/0/ingredients/0/product',
        '20 vol is a developer, not colour.',
    ],
    'nothing at all' => [['' => '?'], ['d10' => '?'], [], '/parts/0/ingredients/0/product', 'No product is chosen.'],
    'a developer the line has not' => [
        ['d6N' => '?'],
        ['d20' => '?'],
        ['line' => 'D'],
        '/parts/1/ingredients/0/product',
        'Soft has no 20 vol (6 %).',
    ],
    'no amount' => [
        ['6N' => '?'],
        ['d10' => '?'],
        ['amount' => ['of' => 'colour', 'grams' => '3 lots']],
        '/amount/grams',
        '“lots” in “3 lots” is not a unit known here.',
    ],
    'no dose' => [
        ['6N' => '?'],
        ['d10' => '?'],
        ['additives' => [['product' => 'blue', 'dose' => '']]],
        '/additives/0/dose',
        'There is no share.',
    ],
]);

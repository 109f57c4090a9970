<?php

declare(strict_types=1);

use Core\Codec\WriteBowl;
use Core\Formula\ScaleBowl;
use Core\Practice\GramsMean;
use Core\Practice\HouseRules;
use Core\Record\AddBowl;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ChangeRefused;
use Core\Record\ReadChange;
use Core\Refusal;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

it('turns what is said into a change where it can', function (
    string $said,
    ChangeKind $kind,
    string $value,
    string $letter = 'A',
) {
    $bowls = [Ladder::bowl(more: ['job' => 'Root, grey']), Ladder::bowl(more: ['letter' => 'B', 'job' => 'Ends'])];
    $changes = ReadChange::from($said, $bowls, Ladder::shelf());
    expect($changes)->toHaveCount(1)
        ->and($changes[0]->kind)->toBe($kind)
        ->and($changes[0]->value)->toBe($value)
        ->and($changes[0]->bowl)->toBe($letter)
        ->and($changes[0]->words)->toBe(rtrim($said, '.'));
})->with([
    'a strength instead of a blend' => ['Strength 30 instead of 20+40 at the root', ChangeKind::Strength, '30 vol'],
    'a strength' => ['A: 20 vol instead of 30', ChangeKind::Strength, '20 vol'],
    'a strength up' => ['Ends: a strength up', ChangeKind::Strength, '+1', 'B'],
    'a strength down' => ['one strength lower at the root', ChangeKind::Strength, '-1'],
    'grams less, in words' => ['Five grams of colour less at the root.', ChangeKind::Amount, '-5 g'],
    'grams of all of it' => ['B: 5 g of the mixture less', ChangeKind::Total, '-5 g', 'B'],
    'grams in all' => ['B: 12.5 g more in all', ChangeKind::Total, '+12.5 g', 'B'],
    'grams of the colour, said after' => ['B: 5 g less of the colour', ChangeKind::Amount, '-5 g', 'B'],
    'grams, not said of what' => ['B: 10 g more', ChangeKind::Grams, '+10 g', 'B'],
    'one bowl more' => ['Another bowl like B for the fringe, 30 g', ChangeKind::AddBowl, '30 g', 'B'],
    'one bowl more, as much again' => ['Mix a second bowl of A', ChangeKind::AddBowl, ''],
    'percent' => ['B, 10 % less', ChangeKind::Amount, '-10 %', 'B'],
    'minutes longer' => ['ten minutes longer on the ends', ChangeKind::Minutes, '+10 min', 'B'],
    'minutes' => ['B: 25 min', ChangeKind::Minutes, '25 min', 'B'],
    'ratio' => ['bowl B at 1:2', ChangeKind::Ratio, '1:2', 'B'],
    'deeper' => ['half a level deeper at the root', ChangeKind::Level, '-0.5'],
    'lighter' => ['Ends one level lighter', ChangeKind::Level, '+1', 'B'],
    'warmer' => ['ends a touch warmer', ChangeKind::Warmer, '', 'B'],
    'no bowl named' => ['cooler', ChangeKind::Cooler, '', ''],
    'two strengths instead of two' => ['B: 30+40 instead of 20+40', ChangeKind::Strength, '30+40 vol', 'B'],
    'half dose' => ['B: half dose', ChangeKind::Amount, '× 1/2', 'B'],
    'so many grams' => ['B: 40 g', ChangeKind::Amount, '40 g', 'B'],
    'minutes instead of minutes' => ['B at 30 min instead of 20', ChangeKind::Minutes, '30 min', 'B'],
    'for grey' => ['Root: for 60 % grey', ChangeKind::Grey, '60 %'],
    'what is not to be done' => ['Root: do not go 1 level darker', ChangeKind::Words, ''],
    'never' => ['never 40 vol at the root', ChangeKind::Words, ''],
    'only words' => ['Root: start at the crown', ChangeKind::Words, ''],
    'words about time are words' => ['Come earlier in the day', ChangeKind::Words, '', ''],
]);

it('reads one shade instead of another only where the bowl has it', function () {
    $bowls = [Ladder::bowl(), Ladder::bowl(['7C' => '1'], more: ['letter' => 'B', 'job' => 'Ends'])];
    [$one, $two, $three] = ReadChange::from(
        "7A instead of 7C\n6G rather than 6N; 9C instead of 4A",
        $bowls,
        Ladder::shelf(),
    );
    expect([$one->kind, $one->bowl, $one->from, $one->to])->toBe([ChangeKind::Swap, 'B', '7C', '7A'])
        ->and([$two->bowl, $two->from, $two->to])->toBe(['A', '6N', '6G'])
        ->and($three->kind)->toBe(ChangeKind::Words);
});

it('takes what is said of one product for that product', function (
    string $said,
    ChangeKind $kind,
    string $value,
    string $from,
    string $to = '',
    string $rest = '',
) {
    $bowls = [Ladder::bowl(['9G' => '40 g', '7N' => '20 g'], more: ['amount' => ['of' => 'shares']])];
    [$change] = ReadChange::from($said, $bowls, Ladder::shelf(['9G']));
    expect([
        $change->kind,
        $change->value,
        $change->from,
        $change->to,
        $change->rest,
    ])->toBe([$kind, $value, $from, $to, $rest]);
})->with([
    'less of it' => ['9G 5 g less', ChangeKind::Product, '-5 g', '9G'],
    'more of it' => ['2.5 g more of 7N', ChangeKind::Product, '+2.5 g', '7N'],
    'a word it does not know' => [
        'Take 7G instead of 7N, a little more',
        ChangeKind::Swap,
        '',
        '7N',
        '7G',
        'take , a little more',
    ],
    'instead of one that is gone' => ['9N instead of 9G', ChangeKind::Swap, '', '9G', '9N'],
    'out with it' => ['leave out the 7N', ChangeKind::TakeOut, '', '7N'],
    'not in the bowl' => ['6A 5 g less', ChangeKind::Grams, '-5 g', '', '', '6a'],
]);

it('takes grams for what the house means by them, and asks where it has not said', function () {
    $less = new Change(ChangeKind::Grams, value: '-5 g');
    $grams = static fn (GramsMean $of): array => Ladder::grams(ApplyChange::to(
        Ladder::bowl(),
        $less,
        Ladder::shelf(),
        HouseRules::standard()->withGramsMean($of),
    ));
    // 60 g at 1:1.5 are 150 g: 55 g of colour take 82.5 g; 145 g in all are 58 and 87.
    expect($grams(GramsMean::Colour))->toBe(['6N' => '36.7 g', '6G' => '18.3 g', '20 vol' => '82.5 g'])
        ->and($grams(GramsMean::Mixture))->toBe(['6N' => '38.7 g', '6G' => '19.3 g', '20 vol' => '87 g'])
        ->and($less->meaning(GramsMean::Mixture)->kind)->toBe(ChangeKind::Total)
        ->and($less->meaning(GramsMean::Ask))->toBe($less)
        ->and(fn () => $grams(GramsMean::Ask))->toThrow(ChangeRefused::class);
});

it('adds a bowl of a formula that is there', function () {
    [$change] = ReadChange::from('Another bowl like A for the fringe, 30 g', [Ladder::bowl()], Ladder::shelf());
    $new = AddBowl::like(Ladder::bowl(), 'C', $change, Ladder::shelf(), HouseRules::standard());
    expect([$new->letter, $new->job, $new->strokes])->toBe(['C', 'fringe', []])
        ->and(Ladder::grams($new))->toBe(['6N' => '8 g', '6G' => '4 g', '20 vol' => '18 g'])
        ->and(Ladder::grams(AddBowl::like(
            Ladder::bowl(),
            'C',
            new Change(ChangeKind::AddBowl),
            Ladder::shelf(),
            HouseRules::standard(),
        )))
        ->toBe(Ladder::grams(Ladder::bowl()))
        ->and(fn () => AddBowl::like(
            Ladder::bowl(more: ['amount' => null]),
            'C',
            $change,
            Ladder::shelf(),
            HouseRules::standard(),
        ))
        ->toRefuse(ChangeRefused::class, 'not known');
});

it('keeps the condition of a change', function () {
    [$change] = ReadChange::from('half a level deeper if toned damp', [Ladder::bowl()], Ladder::shelf());
    expect([
        $change->kind,
        $change->value,
        $change->condition,
        $change->rest,
    ])->toBe([ChangeKind::Level, '-0.5', 'toned damp', ''])
        ->and(Change::fromArray($change->toArray()))->toEqual($change);
});

it('keeps a change through JSON', function () {
    $change = new Change(ChangeKind::Swap, 'B', '', '7C', '7A', 'said so');
    expect(Change::fromArray($change->toArray()))->toEqual($change)
        ->and(Change::fromArray(['kind' => 'magic', 'value' => 7])->kind)->toBe(ChangeKind::Words);
});

it('carries a change out and leaves the rest alone', function (Change $change, array $grams, int $minutes = 35) {
    $before = Ladder::bowl();
    $after = ApplyChange::to($before, $change, Ladder::shelf(), HouseRules::standard());
    expect(Ladder::grams($after))->toBe($grams)->and($after->minutes)->toBe($minutes)
        ->and($after->job)->toBe($before->job)->and($after->strokes)->toEqual($before->strokes);
})->with([
    'strength on the shelf' => [
        new Change(ChangeKind::Strength, value: '30 vol'),
        ['6N' => '40 g', '6G' => '20 g', '30 vol' => '90 g'],
    ],
    'strength by a blend' => [
        new Change(ChangeKind::Strength, value: '25 vol'),
        ['6N' => '40 g', '6G' => '20 g', '20 vol' => '45 g', '30 vol' => '45 g'],
    ],
    'a strength up' => [
        new Change(ChangeKind::Strength, value: '+1'),
        ['6N' => '40 g', '6G' => '20 g', '30 vol' => '90 g'],
    ],
    'a strength down' => [
        new Change(ChangeKind::Strength, value: '-1'),
        ['6N' => '40 g', '6G' => '20 g', '10 vol' => '90 g'],
    ],
    'five grams less' => [
        new Change(ChangeKind::Amount, value: '-5 g'),
        ['6N' => '36.7 g', '6G' => '18.3 g', '20 vol' => '82.5 g'],
    ],
    'a tenth more' => [
        new Change(ChangeKind::Amount, value: '+10 %'),
        ['6N' => '44 g', '6G' => '22 g', '20 vol' => '99 g'],
    ],
    'five minutes more' => [
        new Change(ChangeKind::Minutes, value: '+5 min'),
        ['6N' => '40 g', '6G' => '20 g', '20 vol' => '90 g'],
        40,
    ],
    'another ratio' => [
        new Change(ChangeKind::Ratio, value: '1:2'),
        ['6N' => '40 g', '6G' => '20 g', '20 vol' => '120 g'],
    ],
    'a level deeper' => [
        new Change(ChangeKind::Level, value: '-1'),
        ['5N' => '40 g', '5G' => '20 g', '20 vol' => '90 g'],
    ],
    'half a level lighter' => [
        new Change(ChangeKind::Level, value: '+0.5'),
        ['6N' => '20 g', '7N' => '20 g', '6G' => '10 g', '7G' => '10 g', '20 vol' => '90 g'],
    ],
    'a swap' => [
        new Change(ChangeKind::Swap, from: '6G', to: '6C'),
        ['6N' => '40 g', '6C' => '20 g', '20 vol' => '90 g'],
    ],
    'cooler by a quarter of ash' => [
        new Change(ChangeKind::Cooler),
        ['6N' => '30 g', '6G' => '15 g', '6A' => '15 g', '20 vol' => '90 g'],
    ],
    'grey of 80 %: three quarters natural' => [
        new Change(ChangeKind::Grey, value: '80 %'),
        ['6N' => '45 g', '6G' => '15 g', '20 vol' => '90 g'],
    ],
]);

it('gives back the bowl when what was done is undone', function (string $there, string $back) {
    $before = Ladder::bowl();
    $after = ApplyChange::to(
        ApplyChange::to($before, new Change(ChangeKind::Level, value: $there), Ladder::shelf(), HouseRules::standard()),
        new Change(ChangeKind::Level, value: $back),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    expect(WriteBowl::toArray($after))->toBe(WriteBowl::toArray($before));
})->with([['+1', '-1'], ['-2', '+2'], ['+3', '-3']]);

it('scales every way of giving an amount', function (array $amount, array $parts = []) {
    $sheet = Ladder::bowl(more: ['amount' => $amount] + $parts);
    $half = ScaleBowl::by($sheet, Fraction::of(1, 2), Ladder::shelf(), HouseRules::standard()->step);
    $step = HouseRules::standard()->step;
    expect($half->work($step)->total()->centigrams * 2)->toBe($sheet->work($step)->total()->centigrams)
        ->and($half->bowl->amount->kind)->toBe($sheet->bowl->amount->kind);
})->with([
    'colour' => [['of' => 'colour', 'grams' => '60 g']],
    'total' => [['of' => 'total', 'grams' => '150 g']],
    'developer' => [['of' => 'developer', 'grams' => '90 g']],
    'one product' => [['of' => 'ingredient', 'ingredient' => '6N', 'grams' => '40 g']],
    'shares' => [
        ['of' => 'shares'],
        [
            'parts' => [
                ['ingredients' => [['product' => '6N', 'share' => '40 g'], ['product' => '6G', 'share' => '20 g']]],
                ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
            ],
        ],
    ],
    'several jobs' => [
        ['of' => 'total', 'grams' => '1 g'],
        ['uses' => [['job' => 'root', 'grams' => '100 g'], ['job' => 'foils', 'grams' => '50 g']]],
    ],
]);

it('refuses what cannot be done, and says why', function (Change $change, string $message) {
    expect(
        fn () => ApplyChange::to(Ladder::bowl(['9N' => '1']), $change, Ladder::shelf(), HouseRules::standard()),
    )->toRefuse(Refusal::class, $message);
})->with([
    'no such level' => [new Change(ChangeKind::Level, value: '+1'), 'The line has no shade like 9N at level 10.'],
    'not in the bowl' => [
        new Change(ChangeKind::Swap, from: '4A', to: '4N'),
        'The product to be replaced is not in this bowl.',
    ],
    'nothing left' => [new Change(ChangeKind::Amount, value: '-60 g'), 'Nothing would be left of this bowl.'],
    'no number' => [new Change(ChangeKind::Amount, value: 'a bit'), '“a bit” does not say how much.'],
    'words' => [new Change(ChangeKind::Words, words: 'be quick'), 'This change is only words.'],
    'a strength the line cannot make' => [new Change(ChangeKind::Strength, value: '5 vol'), '5 vol'],
]);

it('scales a bowl whose shades are in grams so that they still add up', function () {
    mt_srand(3);
    $step = HouseRules::standard()->step;
    for ($i = 0; $i < 150; $i++) {
        [$one, $two, $three] = [mt_rand(5, 300) / 10, mt_rand(5, 300) / 10, mt_rand(5, 300) / 10];
        $whole = $one + $two + $three;
        $sheet = Ladder::bowl(more: [
            'amount' => ['of' => 'colour', 'grams' => "{$whole} g"],
            'parts' => [
                ['ingredients' => [
                    ['product' => '6N', 'share' => "{$one} g"],
                    ['product' => '6G', 'share' => "{$two} g"],
                    ['product' => '6C', 'share' => "{$three} g"],
                ]],
                ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
            ],
        ]);
        $part = ScaleBowl::by(
            $sheet,
            Fraction::of(mt_rand(40, 300), 100),
            Ladder::shelf(),
            HouseRules::standard()->step,
        );
        $worked = $part->work($step)->parts[0];
        expect(array_sum(array_map(
            fn ($each): int => $each->grams->centigrams,
            $worked->ingredients,
        )))->toBe($worked->total->centigrams);
    }
});

it('reads any words without a crash and drops none of them', function () {
    mt_srand(13);
    $pieces = [
        'A:',
        'B,',
        'bowl',
        '30',
        'vol',
        'instead of',
        '6N',
        '7C',
        '5 g',
        'less',
        'more',
        'half a level',
        'deeper',
        'warmer',
        '%',
        'min',
        'longer',
        '1:2',
        '.',
        ';',
        "\n",
        'at',
        'ends',
        '½',
        '“',
        "\0",
    ];
    $bowls = [Ladder::bowl(), Ladder::bowl(['7C' => '1'], more: ['letter' => 'B', 'job' => 'Ends'])];
    for ($i = 0; $i < 1200; $i++) {
        $text = implode(
            ' ',
            array_map(static fn (): string => $pieces[mt_rand(0, count($pieces) - 1)], range(1, mt_rand(1, 8))),
        );
        $changes = ReadChange::from($text, $bowls, Ladder::shelf());
        $kept = implode(
            '',
            array_map(
                static fn (Change $change): string => preg_replace('/[\s.;\x00]+/u', '', $change->words),
                $changes,
            ),
        );
        expect($kept)->toBe(preg_replace('/[\s.;\x00]+/u', '', trim($text)));
        foreach ($changes as $change) {
            try {
                $after = ApplyChange::to($bowls[0], $change, Ladder::shelf(), HouseRules::standard());
                expect($after->work(HouseRules::standard()->step)->total()->isZero())->toBeFalse();
            } catch (Refusal $refusal) {
                expect(mend($refusal))->not->toBe('');
            } catch (Core\Codec\UnreadableDocument $refusal) {
                expect($refusal->problems())->not->toBeEmpty();
            }
        }
    }
});

it('keeps the colour’s grams when only its tone or level changes', function (Change $change) {
    mt_srand(17);
    for ($i = 0; $i < 40; $i++) {
        $grams = mt_rand(100, 1200) / 10;
        $before = Ladder::bowl(
            ['6N' => (string) mt_rand(1, 5), '6G' => (string) mt_rand(6, 9)],
            more: ['amount' => ['of' => ['colour', 'total'][$i % 2], 'grams' => "{$grams} g"]],
        );
        $after = ApplyChange::to($before, $change, Ladder::shelf(), HouseRules::standard());
        $step = HouseRules::standard()->step;
        expect($after->work($step)->parts[0]->total->text())->toBe($before->work($step)->parts[0]->total->text());
    }
})->with([
    'deeper' => [new Change(ChangeKind::Level, value: '-1')],
    'half lighter' => [new Change(ChangeKind::Level, value: '+0.5')],
    'warmer' => [new Change(ChangeKind::Warmer)],
    'cooler' => [new Change(ChangeKind::Cooler)],
    'for grey' => [new Change(ChangeKind::Grey, value: '60 %')],
    'stronger' => [new Change(ChangeKind::Strength, value: '24 vol')],
]);

it('goes to the nearest strength of the line beyond what is mixed, and no further than it has', function (
    array $developer,
    string $value,
    array|string $expected,
) {
    $change = fn () => ApplyChange::to(
        Ladder::bowl(['6N' => 'all'], $developer, $developer === [] ? ['ratio' => 'no developer'] : []),
        new Change(ChangeKind::Strength, value: $value),
        Ladder::shelf(),
        HouseRules::standard(),
    );
    is_string($expected)
        ? expect($change)->toRefuse(Refusal::class, $expected)
        : expect(Ladder::grams($change()))->toBe(['6N' => '60 g'] + $expected);
})->with([
    'up from a blend' => [['d20' => '1', 'd30' => '1'], '+1', ['30 vol' => '90 g']],
    'down from a blend' => [['d20' => '1', 'd30' => '1'], '-1', ['20 vol' => '90 g']],
    'nothing above' => [['d40' => 'all'], '+1', 'Ladder has nothing stronger than 40 vol.'],
    'nothing below' => [['d10' => 'all'], '-1', 'Ladder has nothing weaker than 10 vol.'],
    'no developer' => [[], '+1', 'This bowl has no developer.'],
    'not so far' => [['d20' => 'all'], '+2', '“+2” is not a developer strength.'],
]);

it('scales what goes on top of a bowl that is not known, and loses none of it', function () {
    $sheet = Ladder::bowl(
        ['6N' => '20 g', '6G' => '?'],
        ['d20' => '40 g'],
        ['additives' => [['product' => 'blue', 'dose' => '3 g'], ['product' => 'clear', 'dose' => '5 %']]],
    );
    $half = WriteBowl::toArray(ScaleBowl::by(
        $sheet,
        Fraction::of(1, 2),
        Ladder::shelf(),
        HouseRules::standard()->step,
    ));
    expect($half['additives'])->toBe([
        ['product' => 'blue', 'dose' => '1.5 g'],
        ['product' => 'clear', 'dose' => '5 %'],
    ])
        ->and(array_column($half['parts'][0]['ingredients'], 'share', 'product'))->toBe(['6N' => '10 g', '6G' => '?']);
});

<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\MergeBowls;
use Core\Formula\SplitBowl;
use Core\Formula\UnworkableBowl;
use Core\Practice\HouseRules;
use Core\Units\Fraction;
use Tests\Core\Record\Formulas;
use Tests\Core\Record\Ladder;

/** @return array<string, int> centigrams by what is in it, also beside the ratio */
function takenOf(BowlSheet $sheet): array
{
    $grams = [];
    foreach ($sheet->known(HouseRules::standard()->step)->lines() as $line) {
        $grams[$line->product()] = ($grams[$line->product()] ?? 0) + ($line->mass->grams()?->centigrams ?? 0);
    }
    ksort($grams);

    return $grams;
}

it('splits every formula in two that are together what it was', function () {
    mt_srand(61);
    $shelf = Formulas::shelf();
    $step = HouseRules::standard()->step;
    $split = 0;
    for ($turn = 0; $turn < 120; $turn++) {
        $sheet = Formulas::one($turn, $shelf);
        $share = Fraction::of(mt_rand(10, 90), 100);
        ['stays' => $stays, 'moves' => $moves] = SplitBowl::of($sheet, $share, 'Z', $shelf, $step);
        expect([$stays->letter, $moves->letter])->toBe([$sheet->letter, 'Z']);
        [$one, $two] = [takenOf($stays), takenOf($moves)];
        foreach (takenOf($sheet) as $product => $grams) {
            // Each bowl is rounded to the scale by itself, so each may be a step away.
            expect($one[$product] + $two[$product])->toEqualWithDelta($grams, 20);
        }
        expect(array_sum($two))->toEqualWithDelta(
            array_sum(takenOf($sheet)) * $share->numerator / $share->denominator,
            60,
        );
        $split++;
    }
    expect($split)->toBe(120);
});

it('leaves exactly what did not move, where a bowl says its own grams', function () {
    $sheet = Ladder::bowl(
        ['6N' => '10.5 g', '6G' => '7.3 g'],
        ['d20' => '26.8 g'],
        ['amount' => ['of' => 'shares'], 'additives' => [['product' => 'blue', 'dose' => '1.1 g']]],
    );
    ['stays' => $stays, 'moves' => $moves] = SplitBowl::of(
        $sheet,
        Fraction::of(1, 2),
        'B',
        Ladder::shelf(),
        HouseRules::standard()->step,
    );
    foreach (takenOf($sheet) as $product => $grams) {
        expect(takenOf($stays)[$product] + takenOf($moves)[$product])->toBe($grams);
    }
});

it('keeps what is not known in both halves', function () {
    $sheet = Ladder::bowl(
        ['6N' => '20 g', '6G' => '10 to 16 g', '6C' => '“a dash”'],
        ['d20' => '?'],
        ['amount' => null, 'ratio' => '?'],
    );
    ['stays' => $stays, 'moves' => $moves] = SplitBowl::of(
        $sheet,
        Fraction::of(1, 4),
        'B',
        Ladder::shelf(),
        HouseRules::standard()->step,
    );
    $said = static fn (BowlSheet $bowl): array => array_map(
        static fn ($entry): string => $entry->portion->text(),
        $bowl->entries[0],
    );
    expect($said($moves))->toBe(['5 g', '2.5 g to 4 g', '“a dash”'])
        ->and($said($stays))->toBe(['15 g', '7.5 g to 12 g', '“a dash”']);
});

it('splits nothing off, and not all of it', function (Fraction $share) {
    SplitBowl::of(Ladder::bowl(), $share, 'B', Ladder::shelf(), HouseRules::standard()->step);
})->throws(UnworkableBowl::class)->with(
    [fn () => Fraction::zero(), fn () => Fraction::one(), fn () => Fraction::of(3, 2), fn () => Fraction::of(-1, 2)],
);

it('refuses a part that the scale could not show', function () {
    SplitBowl::of(
        Ladder::bowl(['6N' => '40 g', '6G' => '0.1 g'], more: ['amount' => ['of' => 'shares']]),
        Fraction::of(1, 20),
        'B',
        Ladder::shelf(),
        HouseRules::standard()->step,
    );
})->throws(UnworkableBowl::class);

it('merges any two bowls into one that holds what both held', function () {
    mt_srand(62);
    $shelf = Formulas::shelf();
    $step = HouseRules::standard()->step;
    $merged = 0;
    for ($turn = 0; $turn < 160; $turn++) {
        [$one, $other] = [Formulas::one($turn, $shelf), Formulas::one(mt_rand(0, 8), $shelf)];
        try {
            $both = MergeBowls::of($one, $other, $shelf, $step);
        } catch (CoreException $refusal) {
            expect(mend($refusal))->not->toBe('');

            continue;
        }
        $sums = takenOf($one);
        foreach (takenOf($other) as $product => $grams) {
            $sums[$product] = ($sums[$product] ?? 0) + $grams;
        }
        ksort($sums);
        foreach (takenOf($both) as $product => $grams) {
            expect($grams)->toEqualWithDelta($sums[$product], 20);
        }
        expect(array_keys(takenOf($both)))->toBe(array_keys($sums))->and($both->letter)->toBe($one->letter);
        $merged++;
    }
    // Two that take of one left-over may want more than there is.
    expect($merged)->toBeGreaterThan(140);
});

it('is the bowl it was when what was split is merged again', function () {
    $step = HouseRules::standard()->step;
    ['stays' => $stays, 'moves' => $moves] = SplitBowl::of(
        Ladder::bowl(),
        Fraction::of(1, 3),
        'B',
        Ladder::shelf(),
        $step,
    );
    expect(takenOf(MergeBowls::of($stays, $moves, Ladder::shelf(), $step)))->toBe(takenOf(Ladder::bowl()));
});

it('makes one formula for two jobs of two bowls that differ only in how much', function () {
    $step = HouseRules::standard()->step;
    $both = MergeBowls::of(
        Ladder::bowl(more: ['job' => 'Root']),
        Ladder::bowl(more: ['letter' => 'B', 'job' => 'Foils', 'amount' => ['of' => 'total', 'grams' => '50 g']]),
        Ladder::shelf(),
        $step,
    );
    expect(array_map(
        static fn ($use): array => [$use->job, $use->grams->text()],
        $both->uses,
    ))->toBe([['Root', '150 g'], ['Foils', '50 g']])
        ->and($both->entries)->toEqual(Ladder::bowl()->entries)
        ->and($both->known($step)->total->show())->toBe('200.0 g');
});

it('keeps two proportions one proportion, and asks for grams where only one has them', function () {
    $step = HouseRules::standard()->step;
    $proportion = Ladder::bowl(more: ['amount' => null]);
    expect(MergeBowls::of($proportion, $proportion, Ladder::shelf(), $step)->draft->amount)->toBeNull()
        ->and(fn () => MergeBowls::of(Ladder::bowl(), $proportion, Ladder::shelf(), $step))
        ->toRefuse(UnworkableBowl::class, 'How many grams')
        ->and(fn () => MergeBowls::of(Ladder::bowl(['6C' => 'all']), $proportion, Ladder::shelf(), $step))
        ->toRefuse(UnworkableBowl::class, 'How many grams');
});

it('keeps what was wanted and why, both notes and both places', function () {
    $step = HouseRules::standard()->step;
    $stood = [
        'parts' => [
            ['ingredients' => [['product' => '6C', 'share' => '20 g', 'wanted' => '6R', 'why' => 'out']]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
        'amount' => ['of' => 'shares'],
        'letter' => 'B',
        'note' => 'soft',
        'place' => [['regions' => ['top'], 'spans' => ['ends']]],
    ];
    $both = MergeBowls::of(
        Ladder::bowl(more: ['note' => 'firm', 'place' => [['regions' => [], 'spans' => ['root']]]]),
        Ladder::bowl(more: $stood),
        Ladder::shelf(),
        $step,
    );
    $copper = array_values(array_filter($both->entries[0], static fn ($entry): bool => $entry->product === '6C'))[0];
    expect([$copper->wanted, $copper->why, $both->note, count($both->strokes)])->toBe(['6R', 'out', "firm\nsoft", 2]);
});

it('never mixes two lines in one bowl', function () {
    $soft = Ladder::bowl(more: [
        'line' => 'D',
        'letter' => 'B',
        'ratio' => '1:2',
        'parts' => [
            ['ingredients' => [['product' => 'd7G', 'share' => 'all']]],
            ['ingredients' => [['product' => 'd10', 'share' => 'all']]],
        ],
    ]);
    MergeBowls::of(Ladder::bowl(), $soft, Ladder::shelf(), HouseRules::standard()->step);
})->throws(UnworkableBowl::class, 'unworkable-bowl.two-lines');

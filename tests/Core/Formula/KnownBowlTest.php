<?php

declare(strict_types=1);

use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Judgement\Cautions;
use Core\Judgement\JudgeBowl;
use Core\Practice\HouseRules;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

function knownOf(BowlSheet $sheet): KnownBowl
{
    return $sheet->known(HouseRules::standard()->step);
}

/** @return array<string, string> what is known of each product, by its label */
function massesOf(KnownBowl $known): array
{
    return array_column(
        array_map(static fn (KnownLine $line): array => [$line->label, $line->mass->show()], $known->lines()),
        1,
        0,
    );
}

/** @return list<string> */
function cautionsOf(BowlSheet $sheet): array
{
    return array_map(
        static fn ($caution): string => $caution->key,
        Cautions::ofBowl($sheet, knownOf($sheet), Ladder::shelf()->line($sheet->line)),
    );
}

it('takes a proportion without grams for a formula', function () {
    // 1:1:1 in ten volume at 1:2: what is on the head is two thirds of ten.
    $sheet = Ladder::bowl(
        ['6N' => '1', '6G' => '1', '6C' => '1'],
        ['d10' => 'all'],
        ['ratio' => '1:2', 'amount' => null],
    );
    $known = knownOf($sheet);
    $judged = JudgeBowl::of($known, HouseRules::standard());
    expect($known->worked)->toBeNull()->and($known->total->show())->toBe('')->and($known->ratio)->toBe('1:2')
        ->and($known->developer->show(2))->toBe('10')->and($known->onHead->show(2))->toBe('6.67')
        ->and(array_map(
            static fn (KnownLine $line): string => $line->share->times(Fraction::of(100))->show(1),
            $known->parts[0]->lines,
        ))
        ->toBe(['33.3', '33.3', '33.3'])
        ->and($judged->level->show(1))->toBe('6')->and($judged->tone->words())->toContain('33 % gold')
        ->and(cautionsOf($sheet))->toBe(['skin-test']);
});

it('gives grams of everything once any one of them is known', function (
    array $colour,
    array $developer,
    array $more,
    array $grams,
) {
    expect(massesOf(knownOf(Ladder::bowl($colour, $developer, $more))))->toBe($grams);
})->with([
    'the developer by the ratio' => [
        ['6N' => '20 g', '6G' => '10 g'],
        ['d20' => '?'],
        ['amount' => null],
        ['6N' => '20.0 g', '6G' => '10.0 g', '20 vol' => '45.0 g'],
    ],
    'the colour by the developer' => [
        ['6N' => '?'],
        ['d20' => '90 g'],
        ['amount' => null],
        ['6N' => '60.0 g', '20 vol' => '90.0 g'],
    ],
    'a gap by the total' => [
        ['6N' => '20 g', '6G' => '?'],
        ['d20' => 'all'],
        [],
        ['6N' => '20.0 g', '6G' => '40.0 g', '20 vol' => '90.0 g'],
    ],
    // About an ounce of shades, a drop of this, a dash of that: 28.35 g (NIST SP 811) at 1:1.
    'an ounce of shades with a drop and a dash' => [
        ['6N' => '?', '6G' => 'a drop', '6C' => 'a dash'],
        ['d20' => 'all'],
        ['ratio' => '1:1', 'amount' => ['of' => 'colour', 'grams' => '1 wt oz']],
        ['6N' => 'up to 28.4 g', '6G' => 'up to 28.4 g', '6C' => 'up to 28.4 g', '20 vol' => '28.4 g'],
    ],
    'a range goes through' => [
        ['6N' => '20 to 30 g'],
        ['d20' => 'all'],
        ['ratio' => '1:2', 'amount' => null],
        ['6N' => '20.0 g to 30.0 g', '20 vol' => '40.0 g to 60.0 g'],
    ],
    'a bound' => [
        ['6N' => 'more than 20 g'],
        ['d20' => 'all'],
        ['ratio' => '1:2', 'amount' => null],
        ['6N' => 'more than 20.0 g', '20 vol' => 'more than 40.0 g'],
    ],
    'doubtful among three' => [
        ['6N' => '20 g or 30 g or 25 g'],
        ['d20' => 'all'],
        ['ratio' => '1:1', 'amount' => null],
        ['6N' => '20.0 g to 30.0 g', '20 vol' => '20.0 g to 30.0 g'],
    ],
    'nothing at all' => [
        ['6N' => '?', '6G' => '?'],
        ['d20' => '?'],
        ['ratio' => '?', 'amount' => null],
        ['6N' => '', '6G' => '', '20 vol' => ''],
    ],
]);

it('knows the strength of a single developer whatever its amount', function () {
    $sheet = Ladder::bowl(['6N' => '?'], ['d20' => '?'], ['ratio' => '?', 'amount' => null]);
    expect(knownOf($sheet)->developer->show(1))->toBe('20')->and(knownOf($sheet)->onHead->show(1))->toBe('up to 20');
});

it('warns on whatever is known', function (array $colour, array $developer, array $more, array $keys) {
    expect(cautionsOf(Ladder::bowl($colour, $developer, $more)))->toBe($keys);
})->with([
    '40 vol at the scalp beside an unknown gram' => [
        ['6N' => '20 g', '6G' => '?'],
        ['d40' => '?'],
        ['ratio' => '?', 'amount' => null],
        ['strong-on-scalp', 'skin-test', 'not-known', 'not-known', 'ratio-not-known'],
    ],
    '40 vol of a proportion' => [
        ['6N' => '1', '6G' => '1'],
        ['d40' => 'all'],
        ['amount' => null],
        ['strong-on-scalp', 'skin-test'],
    ],
    'a ratio far off, without grams' => [
        ['6N' => 'all'],
        ['d20' => 'all'],
        ['ratio' => '1:3', 'amount' => null],
        ['implausible-ratio', 'skin-test'],
    ],
    'a ratio far off, surely' => [
        ['6N' => '10 to 12 g'],
        ['d20' => '90 g'],
        ['ratio' => '?', 'amount' => null],
        ['implausible-ratio', 'skin-test', 'not-known', 'ratio-not-known'],
    ],
]);

it('keeps what it may have been, and never takes one for granted', function () {
    $part = static fn (array ...$entries): array => ['ingredients' => $entries];
    $sheet = Ladder::bowl(more: [
        'parts' => [
            $part(
                ['product' => '8G', 'or' => ['6G'], 'share' => '30 g'],
                ['product' => '8N', 'share' => '30 g', 'doubt' => true],
            ),
            $part(['product' => 'd20', 'or' => ['d40'], 'share' => 'all']),
        ],
        'ratio' => '1:1',
        'amount' => ['of' => 'colour', 'grams' => '60 g'],
    ]);
    $known = knownOf($sheet);
    expect(massesOf($known))->toBe(['8G or 6G' => '30.0 g', '8N' => '30.0 g', '20 vol or 40 vol' => '60.0 g'])
        ->and($known->developer->show(0))->toBe('20 to 40')->and($known->onHead->show(0))->toBe('10 to 20')
        ->and(JudgeBowl::of($known, HouseRules::standard()))->toBeNull()
        // A doubtful developer warns like a fact.
        ->and(cautionsOf($sheet))->toContain('strong-on-scalp', 'in-doubt');
});

it('records what nobody can name', function () {
    $sheet = Ladder::bowl(more: [
        'parts' => [
            ['ingredients' => [
                ['words' => 'something violet', 'share' => '20 g'],
                ['product' => '8N', 'share' => '20 g'],
            ]],
            ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
        ],
        'amount' => ['of' => 'shares'],
    ]);
    expect(massesOf(knownOf($sheet)))->toBe(['something violet' => '20.0 g', '8N' => '20.0 g', '20 vol' => '60.0 g'])
        ->and(JudgeBowl::of(knownOf($sheet), HouseRules::standard()))->toBeNull()
        ->and(cautionsOf($sheet))->toContain('in-doubt');
});

it('refuses what contradicts itself', function () {
    knownOf(Ladder::bowl(
        ['6N' => '50 g', '6G' => '?'],
        ['d20' => '?'],
        ['amount' => ['of' => 'colour', 'grams' => '40 g']],
    ));
})->throws(Core\Formula\UnworkableBowl::class, 'unworkable-bowl.contradiction');

/** The true number lies within what is said to be known of it. */
function within(?Bounds $bounds, Fraction $truth): bool
{
    return $bounds !== null
        && $bounds->least->compare($truth) <= 0
        && ($bounds->most === null || $bounds->most->compare($truth) >= 0);
}

it('bounds every bowl that it may have been', function () {
    mt_srand(71);
    $rules = HouseRules::standard();
    $shown = 0;
    for ($i = 0; $i < 150; $i++) {
        // The truth, in whole grams that hold the ratio; then some of it is forgotten.
        $truth = array_map(static fn (): int => mt_rand(1, 12) * 3, range(1, mt_rand(1, 4)));
        $times = [1, 2, 3][mt_rand(0, 2)];
        $total = array_sum($truth) * $times;
        $weak = mt_rand(1, $total - 1);
        $shades = array_slice(['5N', '6G', '8C', '9A'], 0, count($truth));
        $forget = static function (int $grams): string {
            return match (mt_rand(0, 7)) {
                0 => '?',
                1 => 'a dash',
                2 => ($grams - mt_rand(0, $grams - 1)).' to '.($grams + mt_rand(1, 9)).' g',
                3 => 'more than '.max(0.5, $grams - mt_rand(0, 5)).' g',
                4 => "at most {$grams} g",
                5 => ($grams + mt_rand(1, 20))." g or {$grams} g or ".($grams + mt_rand(1, 40)).' g',
                default => "{$grams} g",
            };
        };
        $ratio = mt_rand(0, 2) === 0 ? '?' : "1:{$times}";
        $sums = [
            null,
            ['of' => 'colour', 'grams' => array_sum($truth).' g'],
            ['of' => 'total', 'grams' => (array_sum($truth) + $total).' g'],
            ['of' => 'total', 'grams' => 'less than '.(array_sum($truth) + $total + 5).' g'],
        ];
        $sheet = Ladder::bowl(
            array_combine($shades, array_map($forget, $truth)),
            ['d10' => $forget($weak), 'd40' => $forget($total - $weak)],
            ['ratio' => $ratio, 'amount' => $sums[mt_rand(0, 3)]],
        );
        $whole = Ladder::bowl(
            array_combine($shades, array_map(static fn (int $each): string => "{$each} g", $truth)),
            ['d10' => "{$weak} g", 'd40' => ($total - $weak).' g'],
            ['ratio' => "1:{$times}", 'amount' => ['of' => 'shares']],
        );
        [$known, $real] = [knownOf($sheet), knownOf($whole)->worked];
        $shown += $known->worked === null ? 1 : 0;
        foreach ($known->lines() as $at => $line) {
            $true = $real->pouringOrder()[$at];
            expect(within($line->mass->centigrams, $true->grams->exactly()))->toBeTrue()
                ->and(within($line->share, $true->share))->toBeTrue();
        }
        [$judged, $truly] = [JudgeBowl::of($known, $rules), JudgeBowl::worked($real, $rules)];
        expect(within($known->total->centigrams, $real->total()->exactly()))->toBeTrue()
            ->and(within($known->developer, $real->developerStrength()->volume))->toBeTrue()
            ->and(within($known->onHead, $real->strengthOnHead()->volume))->toBeTrue()
            ->and(within($judged->level, $truly->level->value()))->toBeTrue()
            ->and(within($judged->pigmentShare, $truly->pigmentShare->value()))->toBeTrue();
        foreach ($truly->families as $family => $share) {
            expect(within($judged->families[$family], $share->value()))->toBeTrue();
        }
    }
    expect($shown)->toBeGreaterThan(100);
});

it('reaches the bounds it says, against trying every corner', function () {
    mt_srand(77);
    for ($i = 0; $i < 40; $i++) {
        // Ranges that bind nothing else: then the extremes of a mean lie at their ends.
        $ranges = array_map(
            static fn (): array => [$least = mt_rand(1, 20), $least + mt_rand(1, 20)],
            range(1, mt_rand(1, 4)),
        );
        $shades = array_slice(['5N', '6G', '8C', '9A'], 0, count($ranges));
        $sheet = Ladder::bowl(
            array_combine($shades, array_map(static fn (array $each): string => "{$each[0]} to {$each[1]} g", $ranges)),
            ['d20' => '?'],
            ['ratio' => '?', 'amount' => null],
        );
        $found = [];
        for ($corner = 0; $corner < 2 ** count($ranges); $corner++) {
            $amounts = array_map(
                static fn (array $range, int $at): int => $range[$corner >> $at & 1],
                $ranges,
                array_keys($ranges),
            );
            $levels = array_map(static fn (string $shade): int => (int) $shade[0], $shades);
            $found[] = array_sum(array_map(
                static fn (int $a, int $b): int => $a * $b,
                $amounts,
                $levels,
            )) / array_sum($amounts);
        }
        $level = JudgeBowl::of(knownOf($sheet), HouseRules::standard())->level;
        expect($level->least->numerator / $level->least->denominator)->toEqualWithDelta(min($found), 1e-9)
            ->and($level->most->numerator / $level->most->denominator)->toEqualWithDelta(max($found), 1e-9);
    }
});

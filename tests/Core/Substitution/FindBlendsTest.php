<?php

declare(strict_types=1);

use Core\Fact;
use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Shelf\Pigment;
use Core\Substitution\Blend;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Substitution\SubstitutionRefused;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Tests\Core\Sample;

function pigment(int $level, ToneFamily ...$tones): Pigment
{
    return new Pigment(
        Fraction::of($level),
        ToneMix::mean(array_map(static fn (ToneFamily $tone) => [ToneMix::only($tone), Fraction::one()], $tones)),
        Fraction::one(),
    );
}

/** @return list<Candidate> a line of shades: each family at each level, as a salon would have it */
function line(array $levels, array $families): array
{
    $shelf = [];
    foreach ($levels as $level) {
        foreach ($families as $name => $tones) {
            $shelf[] = new Candidate(sprintf('%02d%s', $level, $name), "{$level}{$name}", pigment($level, ...$tones));
        }
    }

    return $shelf;
}

const FAMILIES = [
    'N' => [ToneFamily::Natural], 'A' => [ToneFamily::Ash], 'G' => [ToneFamily::Gold], 'C' => [ToneFamily::Copper],
    'R' => [ToneFamily::Red],
    'V' => [ToneFamily::Violet], 'GC' => [ToneFamily::Gold, ToneFamily::Copper], 'NA' => [
        ToneFamily::Natural,
        ToneFamily::Ash,
    ], 'NG' => [
        ToneFamily::Natural,
        ToneFamily::Gold,
    ],
    'RV' => [ToneFamily::Red, ToneFamily::Violet], 'M' => [ToneFamily::Mahogany], 'B' => [ToneFamily::Brown],
];

/**
 * Every blend of up to so many shades at every step, each judged as a bowl is: what is nearest.
 *
 * @param  list<Candidate>  $shelf
 * @return ?float null where there is none with what it must have
 */
function nearestOf(
    int $size,
    Pigment $wanted,
    array $shelf,
    int $steps,
    Fraction $natural,
    Fraction $pigment,
    HouseRules $rules,
): ?float {
    $least = null;
    $count = count($shelf);
    $sets = match ($size) {
        1 => array_map(static fn (int $i): array => [$i], range(0, $count - 1)),
        2 => array_merge(...array_map(
            static fn (int $i): array => array_map(
                static fn (int $j): array => [$i, $j],
                $i + 1 < $count ? range($i + 1, $count - 1) : [],
            ),
            range(0, $count - 1),
        )),
        default => (static function () use ($count): array {
            $sets = [];
            for ($i = 0; $i < $count; $i++) {
                for ($j = $i + 1; $j < $count; $j++) {
                    for ($k = $j + 1; $k < $count; $k++) {
                        $sets[] = [$i, $j, $k];
                    }
                }
            }

            return $sets;
        })(),
    };
    foreach ($sets as $set) {
        $splits = match ($size) {
            1 => [[$steps]],
            2 => $steps < 2 ? [] : array_map(static fn (int $x): array => [$x, $steps - $x], range(1, $steps - 1)),
            default => (static function () use ($steps): array {
                $splits = [];
                for ($x = 1; $x < $steps - 1; $x++) {
                    for ($y = 1; $y < $steps - $x; $y++) {
                        $splits[] = [$x, $y, $steps - $x - $y];
                    }
                }

                return $splits;
            })(),
        };
        foreach ($splits as $amounts) {
            $weighed = [];
            foreach ($set as $at => $member) {
                if ($shelf[$member]->stock !== null && $shelf[$member]->stock->centigrams < $amounts[$at] * 100) {
                    continue 2;
                }
                $weighed[] = new Weighed(
                    $shelf[$member]->label,
                    $shelf[$member]->pigment,
                    Fraction::of($amounts[$at] * 100),
                );
            }
            $mix = MixJudgement::of($weighed, $rules);
            if (
                $mix->level === null
                || $mix->naturalShare->least->compare($natural) < 0
                || $mix->pigmentShare->least->compare($pigment) < 0
            ) {
                continue;
            }
            $distance = FindBlends::distance($mix, $wanted);
            $far = $distance->numerator / $distance->denominator;
            $least = $least === null || $far < $least ? $far : $least;
        }
    }

    return $least;
}

/** What the best blend should come to: another shade must be worth a hundredth of a level. */
function bestOf(Pigment $wanted, array $shelf, int $steps, Fraction $natural, HouseRules $rules): ?float
{
    $half = $wanted->intensity->dividedBy(Fraction::of(2));
    foreach (
        [
            [$natural, $half],
            [$natural, Fraction::zero()],
            [Fraction::zero(), $half],
            [Fraction::zero(), Fraction::zero()],
        ] as [$least, $pigment]
    ) {
        $best = null;
        foreach ([1, 2, 3] as $size) {
            $found = nearestOf($size, $wanted, $shelf, $steps, $least, $pigment, $rules);
            $best = $found !== null && ($best === null || $found < $best - 0.01) ? $found : $best;
        }
        if ($best !== null) {
            return $best;
        }
    }

    return null;
}

/** 30 g of 6N and 30 g of 8N. */
function madeOf(Blend $blend): string
{
    return implode(' and ', array_map(
        static fn (array $part): string => "{$part['grams']->text()} of {$part['candidate']->label}",
        $blend->parts,
    ));
}

it('makes a missing 7 of a 6 and an 8 in equal parts', function () {
    // Common practice, no source: the classic.
    $shelf = array_values(array_filter(line([5, 6, 8, 9], FAMILIES), static fn (Candidate $each) => true));
    $best = FindBlends::for(
        pigment(7, ToneFamily::Natural),
        Sample::g('60'),
        $shelf,
        Fraction::zero(),
        HouseRules::standard(),
    )[0];
    expect(madeOf($best))->toBe('30 g of 6N and 30 g of 8N')
        ->and($best->distance->isZero())->toBeTrue()
        ->and($best->differs)->toBe([]);
});

it('prefers fewer shades when they come as near', function () {
    $found = FindBlends::for(
        pigment(6, ToneFamily::Gold),
        Sample::g('40'),
        line([5, 6, 7], FAMILIES),
        Fraction::zero(),
        HouseRules::standard(),
    );
    expect($found)->toHaveCount(1)->and(madeOf($found[0]))->toBe('40 g of 6G');
});

it('stays within stock and at the step, and always makes the total', function () {
    mt_srand(13);
    for ($i = 0; $i < 40; $i++) {
        $shelf = array_map(
            static fn (Candidate $each) => new Candidate(
                $each->key,
                $each->label,
                $each->pigment,
                Grams::ofCentigrams(mt_rand(0, 4000)),
            ),
            line([5, 6, 8, 9], array_slice(FAMILIES, 0, 6)),
        );
        $step = ScaleStep::cases()[mt_rand(0, 2)];
        foreach (
            FindBlends::for(
                pigment(mt_rand(5, 9), ToneFamily::Natural, ToneFamily::Gold),
                Sample::g('60'),
                $shelf,
                Fraction::zero(),
                HouseRules::standard()->withStep($step),
            ) as $blend
        ) {
            $sum = 0;
            foreach ($blend->parts as $part) {
                $sum += $part['grams']->centigrams;
                expect($part['grams']->centigrams % $step->centigrams())->toBe(0)
                    ->and($part['grams']->isMoreThan($part['candidate']->stock))->toBeFalse();
            }
            expect($sum)->toBe(6000)->and(count($blend->parts))->toBeLessThanOrEqual(3);
        }
    }
});

it('keeps grey cover before all else, and says so where it cannot', function () {
    $shelf = line([6, 8], ['N' => FAMILIES['N'], 'G' => FAMILIES['G'], 'NG' => FAMILIES['NG']]);
    $rules = HouseRules::standard();
    $free = FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), $shelf, Fraction::zero(), $rules)[0];
    $covering = FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), $shelf, Fraction::of(1, 2), $rules)[0];
    expect($free->behaves->naturalShare->least->isZero())->toBeTrue()
        ->and($covering->keepsGreyCover)->toBeTrue()
        ->and($covering->behaves->naturalShare->least->compare(Fraction::of(1, 2)))->toBeGreaterThanOrEqual(0);
    $without = FindBlends::for(
        pigment(7, ToneFamily::Gold),
        Sample::g('60'),
        line([6, 8], ['G' => FAMILIES['G']]),
        Fraction::of(1, 2),
        $rules,
    )[0];
    expect($without->keepsGreyCover)->toBeFalse()->and(array_map(static fn (Fact $fact): string => $fact->key, $without->differs))
        ->toContain('why.blend.covers-grey-less');
});

it('does not depend on the order of the shelf', function () {
    mt_srand(14);
    $shelf = line([4, 6, 9], FAMILIES);
    $wanted = pigment(7, ToneFamily::Natural, ToneFamily::Copper);
    $plain = FindBlends::for($wanted, Sample::g('45'), $shelf, Fraction::zero(), HouseRules::standard());
    for ($i = 0; $i < 5; $i++) {
        shuffle($shelf);
        expect(array_map(
            static fn (Blend $blend): string => madeOf($blend),
            FindBlends::for($wanted, Sample::g('45'), $shelf, Fraction::zero(), HouseRules::standard()),
        ))->toBe(array_map(static fn (Blend $blend): string => madeOf($blend), $plain));
    }
});

it('finds what trying everything finds, judged as a bowl is', function (LevelSchool $school, int $seed) {
    mt_srand($seed);
    $rules = HouseRules::standard()->withStep(ScaleStep::WholeGram)->withLevelSchool($school);
    $all = line([4, 5, 6, 7, 8, 9, 10], FAMILIES);
    for ($round = 0; $round < 14; $round++) {
        shuffle($all);
        $shelf = array_map(
            static fn (Candidate $each) => new Candidate(
                $each->key,
                $each->label,
                new Pigment($each->pigment->level, $each->pigment->tone, Fraction::of(mt_rand(1, 2))),
                mt_rand(0, 2) === 0 ? Grams::ofCentigrams(mt_rand(0, 14) * 100) : null,
            ),
            array_slice($all, 0, mt_rand(2, 5)),
        );
        $shelf[] = [
            new Candidate('clear', 'clear', Pigment::clear()),
            new Candidate('red', 'red', Pigment::booster(ToneMix::only(ToneFamily::Red))),
            $all[6],
        ][mt_rand(0, 2)];
        $wanted = pigment(
            mt_rand(5, 9),
            ...array_slice(
                [ToneFamily::Gold, ToneFamily::Natural, ToneFamily::Ash, ToneFamily::Copper],
                mt_rand(0, 2),
                mt_rand(1, 2),
            ),
        );
        $steps = mt_rand(3, 14);
        $natural = [Fraction::zero(), Fraction::of(1, 3), Fraction::of(3, 4)][mt_rand(0, 2)];
        $least = bestOf($wanted, $shelf, $steps, $natural, $rules);
        $search = static fn (): array => FindBlends::for(
            $wanted,
            Grams::ofCentigrams($steps * 100),
            $shelf,
            $natural,
            $rules,
        );
        if ($least === null) {
            expect($search)->toThrow(SubstitutionRefused::class);

            continue;
        }
        $best = $search()[0];
        expect($best->distance->numerator / $best->distance->denominator)->toEqualWithDelta($least, 1e-4)
            ->and($best->complete)->toBeTrue();
    }
})->with(
    [
        [LevelSchool::Linear, 15],
        [LevelSchool::Linear, 16],
        [LevelSchool::DyeWeighted, 17],
        [LevelSchool::DyeWeighted, 18],
    ],
);

// Outside check: GNU glpsol (Debian package glpk-utils) solves the same problem as mixed-integer programmes.
it('finds what glpsol finds, on real shelves', function (
    int $level,
    array $tones,
    int $grams,
    Fraction $natural,
    bool $clear,
) {
    $wanted = pigment($level, ...$tones);
    // Without the wanted level's own shades, as when they are out of stock.
    $shelf = array_values(array_filter(
        line([4, 5, 6, 7, 8, 9], FAMILIES),
        static fn (Candidate $each) => ! str_starts_with($each->label, (string) $level),
    ));
    $shelf = $clear ? [...$shelf, new Candidate('clear', 'clear', Pigment::clear())] : $shelf;
    $best = FindBlends::for(
        $wanted,
        Grams::ofCentigrams($grams * 100),
        $shelf,
        $natural,
        HouseRules::standard()->withStep(ScaleStep::WholeGram),
    )[0];
    $theirs = Tests\Core\Substitution\Glpsol::distance($wanted, $shelf, $grams, $natural);
    // Theirs may take another shade for less than a hundredth of a level.
    expect($best->distance->numerator / $best->distance->denominator)
        ->toBeGreaterThan($theirs - 1e-4)
        ->toBeLessThan($theirs + 0.0201);
})->with([
    'natural' => [7, [ToneFamily::Natural], 60, Fraction::zero(), false],
    'copper-gold' => [7, [ToneFamily::Gold, ToneFamily::Copper], 45, Fraction::zero(), false],
    'red-brown' => [5, [ToneFamily::Red, ToneFamily::Brown], 40, Fraction::zero(), false],
    'three tones' => [6, [ToneFamily::Natural, ToneFamily::Gold, ToneFamily::Ash], 30, Fraction::zero(), false],
    'gold, half natural for grey' => [7, [ToneFamily::Gold], 40, Fraction::of(1, 2), false],
    'copper-gold, a third natural' => [7, [ToneFamily::Gold, ToneFamily::Copper], 30, Fraction::of(1, 3), false],
    'with clear on the shelf' => [8, [ToneFamily::Gold, ToneFamily::Natural], 12, Fraction::zero(), true],
    'with clear and grey' => [7, [ToneFamily::Gold], 10, Fraction::of(1, 2), true],
]);

it('refuses what cannot be searched', function (callable $search, string $message) {
    expect($search)->toRefuse(SubstitutionRefused::class, $message);
})->with([
    'empty shelf' => [
        fn () => FindBlends::for(
            pigment(7, ToneFamily::Gold),
            Sample::g('60'),
            [],
            Fraction::zero(),
            HouseRules::standard(),
        ),
        'nothing on the shelf',
    ],
    'clear wanted' => [
        fn () => FindBlends::for(
            Pigment::clear(),
            Sample::g('60'),
            line([7], FAMILIES),
            Fraction::zero(),
            HouseRules::standard(),
        ),
        'no level',
    ],
    'nothing wanted' => [
        fn () => FindBlends::for(
            pigment(7, ToneFamily::Gold),
            Grams::zero(),
            line([7], FAMILIES),
            Fraction::zero(),
            HouseRules::standard(),
        ),
        'comes to nothing',
    ],
    'no stock' => [
        fn () => FindBlends::for(
            pigment(7, ToneFamily::Gold),
            Sample::g('60'),
            [new Candidate('a', 'a', pigment(7, ToneFamily::Gold), Sample::g('5'))],
            Fraction::zero(),
            HouseRules::standard(),
        ),
        'are enough',
    ],
]);

it('lets nothing without a level stand in for a shade by itself', function () {
    $wanted = new Core\Shelf\Pigment(
        Core\Units\Fraction::of(9),
        Core\Tone\ToneMix::only(Core\Tone\ToneFamily::Copper),
        Core\Units\Fraction::one(),
    );
    $clear = new Core\Substitution\Candidate('clear', 'Clear', Core\Shelf\Pigment::clear());
    $natural = new Core\Substitution\Candidate(
        '9N',
        '9N',
        new Core\Shelf\Pigment(
            Core\Units\Fraction::of(9),
            Core\Tone\ToneMix::only(Core\Tone\ToneFamily::Natural),
            Core\Units\Fraction::one(),
        ),
    );
    $found = Core\Substitution\FindBlends::for(
        $wanted,
        Core\Units\Grams::ofCentigrams(6000),
        [$clear, $natural],
        Core\Units\Fraction::zero(),
        Core\Practice\HouseRules::standard(),
    );
    foreach ($found as $blend) {
        expect(array_filter(
            $blend->parts,
            static fn (array $part): bool => $part['candidate']->pigment->level !== null,
        ))->not->toBeEmpty();
    }
    expect(
        fn () => Core\Substitution\FindBlends::for(
            $wanted,
            Core\Units\Grams::ofCentigrams(6000),
            [$clear],
            Core\Units\Fraction::zero(),
            Core\Practice\HouseRules::standard(),
        ),
    )->toRefuse(Core\Substitution\SubstitutionRefused::class, 'nothing on the shelf');
});

it('answers for four hundred shades of any tone, any grey and any amount', function (int $grams, int $natural) {
    mt_srand(4);
    $families = ToneFamily::cases();
    $shelf = [];
    for ($at = 0; $at < 400; $at++) {
        $tone = ToneMix::only($families[mt_rand(0, count($families) - 1)]);
        $shelf[] = new Candidate(
            "s{$at}",
            "s{$at}",
            new Pigment(Fraction::of(mt_rand(2, 20), 2), $tone, Fraction::of(mt_rand(1, 4), mt_rand(4, 5))),
        );
    }
    $found = FindBlends::for(
        new Pigment(Fraction::of(7), ToneMix::only($families[5]), Fraction::one()),
        Grams::ofCentigrams($grams * 100),
        $shelf,
        Fraction::of($natural, 100),
        HouseRules::standard(),
    );
    expect($found[0]->complete)->toBeTrue()
        ->and(Grams::sum(array_map(fn (array $part): Grams => $part['grams'], $found[0]->parts))->text())
        ->toBe(Grams::ofCentigrams($grams * 100)->text());
})->with([[60, 50], [2999, 50], [60, 75]]);

it('works shares of any denominator', function () {
    $odd = static fn (int $level, int $part): Candidate => new Candidate(
        "{$level}",
        "{$level}",
        new Pigment(
            Fraction::of($level),
            ToneMix::mean([
                [ToneMix::only(ToneFamily::Gold), Fraction::of($part, 97)],
                [ToneMix::only(ToneFamily::Ash), Fraction::of(79, 89)],
            ]),
            Fraction::of($part, 83),
        ),
    );
    $found = FindBlends::for(
        pigment(7, ToneFamily::Gold),
        Sample::g('60'),
        [$odd(6, 41), $odd(8, 61), $odd(5, 53), $odd(9, 31)],
        Fraction::of(1, 101),
        HouseRules::standard(),
    );
    expect($found)->not->toBeEmpty();
});

it('takes a double natural with clear for a natural, where that is nearest', function () {
    $double = new Candidate(
        '6NN',
        '6NN',
        new Pigment(Fraction::of(6), ToneMix::only(ToneFamily::Natural), Fraction::of(2), true),
    );
    $found = FindBlends::for(
        pigment(6, ToneFamily::Natural),
        Sample::g('60'),
        [
            $double,
            new Candidate('clear', 'clear', Pigment::clear()),
            new Candidate('6G', '6G', pigment(6, ToneFamily::Gold)),
        ],
        Fraction::zero(),
        HouseRules::standard(),
    );
    expect(madeOf($found[0]))->toBe('30 g of 6NN and 30 g of clear')->and($found[0]->distance->isZero())->toBeTrue();
});

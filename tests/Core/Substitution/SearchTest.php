<?php

declare(strict_types=1);

use Core\Judgement\MixJudgement;
use Core\Judgement\Weighed;
use Core\Practice\LevelSchool;
use Core\Substitution\BlendForms;
use Core\Substitution\BlendSearch;
use Core\Substitution\FindBlends;
use Core\Units\Fraction;
use Tests\Core\Substitution\Shelves;

/** @return list<list<int>> */
function setsOf(int $size, int $shades, int $from = 0): array
{
    if ($size === 0) {
        return [[]];
    }
    $sets = [];
    for ($one = $from; $one < $shades; $one++) {
        foreach (setsOf($size - 1, $shades, $one + 1) as $rest) {
            $sets[] = [$one, ...$rest];
        }
    }

    return $sets;
}

/** @return list<int> what the best of one, two and three shades cost, each where it is worth it, the nearest first */
function costsOf(BlendForms $forms): array
{
    $costs = [];
    foreach ([1, 2, 3] as $size) {
        $least = null;
        foreach (setsOf($size, count($forms->off)) as $set) {
            $cost = Shelves::least($forms, $set);
            $least = $cost !== null && ($least === null || $cost < $least) ? $cost : $least;
        }
        // A hundredth of a level, over so many steps.
        if ($least !== null && ($costs === [] || $least < $costs[0] - 10_000 * $forms->steps)) {
            array_unshift($costs, $least);
        }
    }

    return $costs;
}

it('finds the best of one, two and three shades that trying all of them finds', function (
    LevelSchool $school,
    int $seed,
    int $most,
    int $worked,
) {
    mt_srand($seed);
    $looks = $corners = 0;
    for ($round = 0; $round < 40; $round++) {
        $forms = Shelves::forms($school, mt_rand(1, 7), mt_rand(1, 20));
        $search = BlendSearch::of($forms);
        expect(array_column($search['found'], 'cost'))->toBe(costsOf($forms))->and($search['complete'])->toBeTrue();
        foreach ($search['found'] as $each) {
            expect(Shelves::isAllowed($forms, $each['members'], $each['amounts']))->toBeTrue()
                ->and($forms->cost($each['members'], $each['amounts']))->toBe($each['cost']);
        }
        $looks += $search['looks'];
        $corners += $search['corners'];
    }
    // Counted, not timed: where a change of the search looks at more, it says why here.
    expect($looks)->toBeLessThanOrEqual($most)->and($corners)->toBeLessThanOrEqual($worked);
})->with([[LevelSchool::Linear, 51, 1276, 514], [LevelSchool::DyeWeighted, 52, 1077, 795]]);

it('looks at few of the blends of a whole shelf', function (
    LevelSchool $school,
    int $seed,
    int $most,
    int $worked,
) {
    mt_srand($seed);
    $looks = $corners = 0;
    for ($round = 0; $round < 6; $round++) {
        $search = BlendSearch::of(Shelves::forms($school, 90, 600));
        expect($search['complete'])->toBeTrue()->and($search['found'])->not->toBeEmpty();
        $looks += $search['looks'];
        $corners += $search['corners'];
    }
    // Six times 117,480 sets of three, and 179,101 ways to share each out.
    expect($looks)->toBeLessThanOrEqual($most)->and($corners)->toBeLessThanOrEqual($worked);
})->with([[LevelSchool::Linear, 61, 29956, 1630], [LevelSchool::DyeWeighted, 54, 16329, 2674]]);

it('stops at its limit, and says so', function () {
    mt_srand(53);
    Shelves::forms(LevelSchool::Linear, 90, 600);
    Shelves::forms(LevelSchool::Linear, 90, 600);
    $forms = Shelves::forms(LevelSchool::Linear, 90, 600);
    $search = BlendSearch::of($forms);
    expect($search['complete'])->toBeFalse()
        ->and($search['looks'])->toBeGreaterThanOrEqual(40_000)->toBeLessThan(41_000)
        ->and($search['found'])->toHaveCount(3);
    foreach ($search['found'] as $each) {
        expect($forms->cost($each['members'], $each['amounts']))->toBe($each['cost']);
    }
});

it('costs what the judgement says of the mix', function (LevelSchool $school, int $seed) {
    mt_srand($seed);
    for ($round = 0; $round < 60; $round++) {
        [$wanted, $shelf, $rules] = Shelves::random($school, 3);
        $amounts = [mt_rand(1, 20), mt_rand(1, 20), mt_rand(1, 20)];
        $forms = BlendForms::of(
            wanted: $wanted,
            level: $wanted->level ?? Fraction::zero(),
            shelf: $shelf,
            leastNatural: Fraction::zero(),
            leastPigment: Fraction::zero(),
            steps: array_sum($amounts),
            rules: $rules,
        );
        $mix = MixJudgement::of(array_map(
            static fn (int $at): Weighed => new Weighed(
                $shelf[$at]->label, $shelf[$at]->pigment, Fraction::of($amounts[$at] * 100),
            ),
            [0, 1, 2],
        ), $rules);
        $cost = $forms->cost([0, 1, 2], $amounts);
        if ($mix->level === null) {
            expect($cost)->toBe(PHP_INT_MAX);

            continue;
        }
        $distance = FindBlends::distance($mix, $wanted);
        expect($cost / array_sum($amounts) / BlendForms::SCALE)
            ->toEqualWithDelta($distance->numerator / $distance->denominator, 1e-4);
    }
})->with([[LevelSchool::Linear, 56], [LevelSchool::DyeWeighted, 57]]);

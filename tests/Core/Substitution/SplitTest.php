<?php

declare(strict_types=1);

use Core\Practice\LevelSchool;
use Core\Substitution\BlendSplit;
use Tests\Core\Substitution\Shelves;

it('splits two shades as cheaply as trying every split', function (LevelSchool $school, int $seed, int $most) {
    mt_srand($seed);
    $looks = 0;
    for ($round = 0; $round < 60; $round++) {
        $forms = Shelves::forms($school, 6, mt_rand(2, 40));
        $split = new BlendSplit($forms);
        for ($i = 0; $i < 6; $i++) {
            for ($j = 0; $j < 6; $j++) {
                if ($i === $j) {
                    continue;
                }
                $found = $split->pair($i, $j);
                expect($found[1] ?? null)->toBe(Shelves::least($forms, [$i, $j]));
                if ($found !== null) {
                    $amounts = [$found[0], $forms->steps - $found[0]];
                    expect(Shelves::isAllowed($forms, [$i, $j], $amounts))->toBeTrue()
                        ->and($forms->cost([$i, $j], $amounts))->toBe($found[1]);
                }
            }
        }
        $looks += $split->looks;
    }
    expect($looks)->toBe($most);
})->with([[LevelSchool::Linear, 31, 1800], [LevelSchool::DyeWeighted, 32, 1800]]);

it('splits three shades as cheaply as trying every split', function (LevelSchool $school, int $seed, int $most) {
    mt_srand($seed);
    $looks = 0;
    for ($round = 0; $round < 60; $round++) {
        $forms = Shelves::forms($school, 4, mt_rand(3, 30));
        $split = new BlendSplit($forms);
        foreach ([[0, 1, 2], [3, 1, 0], [1, 2, 3], [2, 0, 3]] as $members) {
            $least = Shelves::least($forms, $members);
            $bound = [PHP_INT_MAX, ($least ?? 0) + 1][mt_rand(0, 1)];
            $found = $split->triple($members[0], $members[1], $members[2], $bound, mt_rand(0, $forms->steps));
            expect($found['cost'] ?? null)->toBe($least);
            if ($found !== null) {
                $sorted = $found['members'];
                sort($sorted);
                sort($members);
                expect($sorted)->toBe($members)
                    ->and(Shelves::isAllowed($forms, $found['members'], $found['amounts']))->toBeTrue()
                    ->and($forms->cost($found['members'], $found['amounts']))->toBe($least)
                    // Only what is below the bound is asked for.
                    ->and($split->triple($members[0], $members[1], $members[2], $least, 1))->toBeNull();
            }
        }
        $looks += $split->looks;
    }
    // Counted, not timed: where a change of the search looks at more, it says why here.
    expect($looks)->toBeLessThanOrEqual($most);
})->with([[LevelSchool::Linear, 33, 2773], [LevelSchool::DyeWeighted, 34, 4022]]);

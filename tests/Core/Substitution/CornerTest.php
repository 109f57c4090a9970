<?php

declare(strict_types=1);

use Core\Substitution\BlendCorner;

/**
 * The least that shares of the members cost, tried in so many steps each.
 *
 * @param  list<list<int>>  $off
 * @param  list<list<int>>  $limits
 */
function leastShared(array $off, array $limits, int $steps): ?float
{
    $least = null;
    for ($one = 0; $one <= $steps; $one++) {
        for ($two = 0; $two <= $steps - $one; $two++) {
            $shares = count($off) === 3 ? [$one, $two, $steps - $one - $two] : [$one, $steps - $one];
            $of = static fn (array $values): float => array_sum(array_map(
                static fn (int $share, int $value): float => $share * $value / $steps,
                $shares,
                $values,
            ));
            if (array_filter($limits, static fn (array $limit): bool => $of($limit) < 0) === []) {
                $cost = 0.0;
                foreach (array_keys($off[0]) as $term) {
                    $cost += abs($of(array_column($off, $term)));
                }
                $least = $least === null ? $cost : min($least, $cost);
            }
            if (count($off) === 2) {
                break;
            }
        }
    }

    return $least;
}

it('costs no more than any shares of them, and proves it by what it prices them at', function (int $members, int $seed) {
    mt_srand($seed);
    $known = $proven = 0;
    for ($round = 0; $round < 110; $round++) {
        $off = $limits = [];
        for ($member = 0; $member < $members; $member++) {
            $off[] = array_map(static fn (): int => mt_rand(-8, 8) * 250_000, range(0, 4));
        }
        for ($limit = mt_rand(0, 2); $limit > 0; $limit--) {
            $limits[] = array_map(static fn (): int => mt_rand(-4, 4) * 250_000, range(1, $members));
        }
        $corner = BlendCorner::of($off, $limits);
        $tried = leastShared($off, $limits, 30);
        if ($corner === null) {
            expect($tried)->toBeNull();

            continue;
        }
        $value = static fn (int $member): float => (
            array_sum(array_map(
                static fn (int $term): int => $corner->signs[$term] * $off[$member][$term],
                range(0, 4),
            ))
            - array_sum(array_map(
                static fn (int $limit): int => $corner->signs[5 + $limit] * $limits[$limit][$member],
                array_keys($limits),
            ))
        ) / 1000;
        $priced = min(array_map($value, range(0, $members - 1)));
        $own = array_sum(array_map(
            static fn (int $term): float => abs(array_sum(array_map(
                static fn (array $values, int $share): float => $values[$term] * $share / 1e6,
                $off,
                $corner->shares,
            ))),
            range(0, 4),
        ));
        expect($corner->cost)->toBeLessThanOrEqual($tried ?? PHP_INT_MAX)
            // What thirty steps of a share can miss.
            ->and(($tried ?? $corner->cost) - $corner->cost)->toBeLessThan(500_000)
            ->and(abs($own - $corner->cost - 2000))->toBeLessThan(200)
            ->and(array_sum($corner->shares))->toBe(1_000_000)
            ->and(min($corner->shares))->toBeGreaterThanOrEqual(0)
            // Signs are no more than one, and limits only take off: no pricing says more than is true.
            ->and(max(array_map(abs(...), array_slice($corner->signs, 0, 5))))->toBeLessThanOrEqual(1000)
            ->and(min([0, ...array_slice($corner->signs, 5)]))->toBe(0)
            ->and($priced)->toBeLessThanOrEqual($corner->cost + 4000);
        $known++;
        $proven += $priced >= $corner->cost ? 1 : 0;
    }
    // Where more lines than two meet in the corner, which of them hold it is not found out.
    expect($known)->toBeGreaterThan(70)->and($proven / $known)->toBeGreaterThan(0.9);
})->with([[2, 41], [3, 42]]);

<?php

declare(strict_types=1);

use Core\Units\Fraction;
use Core\Units\LinearProgram;

/**
 * Outside check: the same program by glpsol (GNU GLPK).
 *
 * @param  list<array{list<int>, int}>  $rows
 * @param  list<int>  $objective
 * @return float|string the optimum, or what it says instead
 */
function byGlpsol(array $rows, array $objective, string $way): float|string
{
    $lines = [];
    foreach (array_keys($objective) as $variable) {
        $lines[] = "var x{$variable} >= 0;";
    }
    $sum = static fn (array $of): string => implode(
        ' + ',
        array_map(static fn (int $times, int $at): string => "({$times}) * x{$at}", $of, array_keys($of)),
    );
    $lines[] = "{$way} z: {$sum($objective)};";
    foreach ($rows as $at => [$row, $value]) {
        $lines[] = "s.t. c{$at}: {$sum($row)} = {$value};";
    }
    $base = sys_get_temp_dir().'/tinta-lp-'.getmypid();
    file_put_contents("{$base}.mod", implode("\n", $lines)."\nend;\n");
    exec("glpsol --math {$base}.mod --write {$base}.out 2>&1", $said, $code);
    $text = implode("\n", $said);
    if (str_contains($text, 'NO PRIMAL FEASIBLE') || str_contains($text, 'NO FEASIBLE')) {
        return 'nothing';
    }
    if (str_contains($text, 'UNBOUNDED') || str_contains($text, 'NO DUAL FEASIBLE')) {
        return 'no bound';
    }
    preg_match('/^s \w+ \d+ \d+ \w \w (\S+)/m', (string) file_get_contents("{$base}.out"), $m);

    return (float) ($m[1] ?? throw new RuntimeException($text));
}

it('finds the least and the most that glpsol finds', function () {
    mt_srand(61);
    $seen = ['nothing' => 0, 'no bound' => 0, 'bound' => 0];
    for ($i = 0; $i < 60; $i++) {
        $variables = mt_rand(2, 6);
        $rows = [];
        for ($at = mt_rand(1, $variables); $at > 0; $at--) {
            $rows[] = [array_map(static fn (): int => mt_rand(-2, 5), range(1, $variables)), mt_rand(-3, 20)];
        }
        $objective = array_map(static fn (): int => mt_rand(-5, 5), range(1, $variables));
        $program = LinearProgram::of(
            $variables,
            array_map(
                static fn (array $row): array => [
                    array_map(static fn (int $each): Fraction => Fraction::of($each), $row[0]),
                    Fraction::of($row[1]),
                ],
                $rows,
            ),
        );
        $exact = array_map(static fn (int $each): Fraction => Fraction::of($each), $objective);
        foreach (['maximize' => 'most', 'minimize' => 'least'] as $way => $ask) {
            $expected = byGlpsol($rows, $objective, $way);
            if ($expected === 'nothing') {
                expect($program)->toBeNull();
            } elseif ($expected === 'no bound') {
                expect($program?->{$ask}($exact))->toBeNull();
            } else {
                $found = $program?->{$ask}($exact);
                expect($found)->not->toBeNull()
                    ->and($found->numerator / $found->denominator)->toEqualWithDelta($expected, 1e-6);
            }
            $seen[is_string($expected) ? $expected : 'bound']++;
        }
    }
    expect(min($seen))->toBeGreaterThan(5);
});

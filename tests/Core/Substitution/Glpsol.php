<?php

declare(strict_types=1);

namespace Tests\Core\Substitution;

use Core\Shelf\Pigment;
use Core\Substitution\Candidate;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use RuntimeException;

/** The blend problem as a mixed-integer programme for GNU glpsol: an independent solver to compare with. */
final class Glpsol
{
    /**
     * Where clear is on the shelf the mean of the levels is a quotient: then one programme for every sum of what
     * carries a level.
     *
     * @param  list<Candidate>  $shelf
     * @param  int  $steps  whole grams
     */
    public static function distance(Pigment $wanted, array $shelf, int $steps, ?Fraction $natural = null): float
    {
        $bare = array_filter($shelf, static fn (Candidate $each): bool => $each->pigment->level === null);
        $least = INF;
        foreach ($bare === [] ? [$steps] : range(1, $steps) as $carrying) {
            $least = min(
                $least,
                self::solved(self::programme(
                    $wanted,
                    $shelf,
                    $steps,
                    $natural ?? Fraction::zero(),
                    $carrying,
                )) / $steps,
            );
        }

        return $least;
    }

    private static function solved(string $programme): float
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'blend');
        file_put_contents($file, $programme);
        exec(
            'glpsol --lp '.escapeshellarg($file).' --tmlim 60 -o '.escapeshellarg("{$file}.out").' 2>&1',
            $output,
            $status,
        );
        $answer = (string) @file_get_contents("{$file}.out");
        @unlink($file);
        @unlink("{$file}.out");
        if (
            preg_match('/NO PRIMAL FEASIBLE|NO INTEGER FEASIBLE|INTEGER EMPTY/', implode("\n", $output).$answer) === 1
        ) {
            return INF;
        }
        if (
            $status !== 0
            || preg_match('/^Status:\s+INTEGER OPTIMAL/m', $answer) !== 1
            || preg_match('/^Objective:\s+\S+ = (\S+)/m', $answer, $m) !== 1
        ) {
            throw new RuntimeException('glpsol found no optimum: '.implode("\n", array_slice($output, -5)));
        }

        return (float) $m[1];
    }

    /**
     * @param  list<Candidate>  $shelf
     * @param  int  $carrying  steps of shades that carry a level
     */
    public static function programme(
        Pigment $wanted,
        array $shelf,
        int $steps,
        Fraction $natural,
        int $carrying,
    ): string {
        $terms = [
            'level' => static fn (Pigment $p): float => $p->level === null
                ? 0.0
                : self::number($p->level->minus($wanted->level)) * $steps / $carrying,
        ];
        foreach (ToneFamily::cases() as $family) {
            $terms[$family->value] = static fn (Pigment $p): float => self::number(
                $p->tone->share($family)
                    ->times($p->intensity)
                    ->minus($wanted->tone->share($family)->times($wanted->intensity)),
            );
        }
        $sum = static fn (callable $times): string => implode(
            ' ',
            array_map(
                static fn (Candidate $each, int $at): string => sprintf('%+.9F n%d', $times($each->pigment), $at),
                $shelf,
                array_keys($shelf),
            ),
        );
        $text = "Minimize\n distance: ".implode(
            ' + ',
            array_map(static fn (string $term): string => "z_{$term}", array_keys($terms)),
        )."\nSubject To\n";
        foreach ($terms as $name => $term) {
            $text .= " up_{$name}: {$sum($term)} - z_{$name} <= 0\n down_{$name}: {$sum($term)} + z_{$name} >= 0\n";
        }
        $text .= " total: {$sum(static fn (): float => 1.0)} = {$steps}\n";
        $text .= " carrying: {$sum(static fn (Pigment $p): float => $p->level === null ? 0.0 : 1.0)} = {$carrying}\n";
        $text .= " pigment: {$sum(static fn (Pigment $p): float => self::number($p->intensity) - self::number($wanted->intensity) / 2)} >= 0\n";
        $text .= " natural: {$sum(static fn (Pigment $p): float => self::number($p->tone->share(ToneFamily::Natural)->minus($natural)))} >= 0\n";
        $text .= ' three: '.implode(
            ' + ',
            array_map(static fn (int $at): string => "b{$at}", array_keys($shelf)),
        )." <= 3\n";
        foreach (array_keys($shelf) as $at) {
            $text .= " use{$at}: n{$at} - {$steps} b{$at} <= 0\n";
        }
        $list = static fn (string $letter): string => implode(
            ' ',
            array_map(static fn (int $at): string => $letter.$at, array_keys($shelf)),
        );

        return $text."General\n ".$list('n')."\nBinary\n ".$list('b')."\nEnd\n";
    }

    private static function number(Fraction $value): float
    {
        return $value->numerator / $value->denominator;
    }
}

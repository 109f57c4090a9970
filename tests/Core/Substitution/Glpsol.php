<?php

declare(strict_types=1);

namespace Tests\Core\Substitution;

use Core\Shelf\Pigment;
use Core\Substitution\Candidate;
use Core\Tone\ToneFamily;
use RuntimeException;

/** The blend problem as a mixed-integer programme for GNU glpsol: an independent solver to compare with. */
final class Glpsol
{
    /**
     * @param  list<Candidate>  $shelf
     * @param  int  $steps  whole grams
     */
    public static function distance(Pigment $wanted, array $shelf, int $steps): float
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'blend');
        file_put_contents($file, self::programme($wanted, $shelf, $steps));
        exec('glpsol --lp '.escapeshellarg($file).' --tmlim 60 -o '.escapeshellarg("{$file}.out").' 2>&1', $output, $status);
        $answer = (string) @file_get_contents("{$file}.out");
        @unlink($file);
        @unlink("{$file}.out");
        if ($status !== 0 || preg_match('/^Status:\s+INTEGER OPTIMAL/m', $answer) !== 1 || preg_match('/^Objective:\s+\S+ = (\S+)/m', $answer, $m) !== 1) {
            throw new RuntimeException('glpsol found no optimum: '.implode("\n", array_slice($output, -5)));
        }

        return (float) $m[1] / $steps;
    }

    /** @param  list<Candidate>  $shelf */
    public static function programme(Pigment $wanted, array $shelf, int $steps): string
    {
        $terms = ['level' => static fn (Pigment $p): float => $p->level === null ? 0.0 : self::number($p->level->minus($wanted->level))];
        foreach (ToneFamily::cases() as $family) {
            $terms[$family->value] = static fn (Pigment $p): float => self::number($p->tone->share($family)->times($p->intensity)->minus($wanted->tone->share($family)->times($wanted->intensity)));
        }
        $text = "Minimize\n distance: ".implode(' + ', array_map(static fn (string $term): string => "z_{$term}", array_keys($terms)))."\nSubject To\n";
        foreach ($terms as $name => $term) {
            $form = implode(' ', array_map(static fn (Candidate $each, int $at): string => sprintf('%+.9F n%d', $term($each->pigment), $at), $shelf, array_keys($shelf)));
            $text .= " up_{$name}: {$form} - z_{$name} <= 0\n down_{$name}: {$form} + z_{$name} >= 0\n";
        }
        $text .= ' total: '.implode(' + ', array_map(static fn (int $at): string => "n{$at}", array_keys($shelf)))." = {$steps}\n";
        $text .= ' three: '.implode(' + ', array_map(static fn (int $at): string => "b{$at}", array_keys($shelf)))." <= 3\n";
        foreach (array_keys($shelf) as $at) {
            $text .= " use{$at}: n{$at} - {$steps} b{$at} <= 0\n";
        }
        $list = static fn (string $letter): string => implode(' ', array_map(static fn (int $at): string => $letter.$at, array_keys($shelf)));

        return $text."General\n ".$list('n')."\nBinary\n ".$list('b')."\nEnd\n";
    }

    private static function number(\Core\Units\Fraction $value): float
    {
        return $value->numerator / $value->denominator;
    }
}

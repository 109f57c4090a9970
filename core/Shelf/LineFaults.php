<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Fact;

/**
 * What contradicts itself in a line as it is written, each with the place in it: nothing is guessed, all of it is said.
 */
final class LineFaults
{
    /** @return list<array{at: string, fact: Fact}> "at" as a pointer into the line */
    public static function of(Line $line): array
    {
        $faults = self::window('/window', $line->window);
        foreach ($line->windows as $volume => $window) {
            $faults = [...$faults, ...self::window("/windows/{$volume}", $window)];
        }
        if ($line->forGrey !== null) {
            $faults = [...$faults, ...self::window('/grey', $line->forGrey)];
        }
        foreach (self::twoWays($line->legend) as $fact) {
            $faults[] = ['at' => '/tones', 'fact' => $fact];
        }
        foreach (array_keys($line->legend->marks) as $mark) {
            if (preg_match('/^[\p{L}\p{N}.\/-]/u', (string) $mark) === 1) {
                $faults[] = ['at' => '/marks', 'fact' => Fact::of('refusals.line.mark-is-code', mark: (string) $mark)];
            }
        }
        if ($line->legend->kind === NotationKind::Digits) {
            foreach (array_keys($line->legend->tones) as $key) {
                if (preg_match('/^[1-9]$/', (string) $key) !== 1) {
                    $faults[] = [
                        'at' => '/tones',
                        'fact' => Fact::of('refusals.line.tone-no-digit', tone: (string) $key),
                    ];
                }
            }
        }

        return $faults;
    }

    /**
     * @param  array{min: int, target: int, max: int}  $window
     * @return list<array{at: string, fact: Fact}>
     */
    private static function window(string $at, array $window): array
    {
        return match (true) {
            $window['min'] < 1 || $window['target'] < 1 || $window['max'] < 1 => [
                ['at' => $at, 'fact' => Fact::of('refusals.line.minutes-missing')],
            ],
            $window['min'] > $window['target'] || $window['target'] > $window['max'] => [
                ['at' => $at, 'fact' => Fact::of(
                    'refusals.line.minutes-order',
                    min: $window['min'],
                    target: $window['target'],
                    max: $window['max'],
                )],
            ],
            default => [],
        };
    }

    /**
     * Letters that two of the legend's groups make in two ways, and for which it has no word of its own: with A, AB, B
     * and BA, “ABA” is A and BA as well as AB and A.
     *
     * @return list<Fact>
     */
    private static function twoWays(Legend $legend): array
    {
        if ($legend->kind !== NotationKind::Letters) {
            return [];
        }
        $groups = array_map(strval(...), array_keys($legend->tones));
        $cuts = [];
        foreach ($groups as $one) {
            foreach ($groups as $other) {
                $cuts[$one.$other]["{$one}+{$other}"] = true;
            }
        }
        $found = [];
        foreach ($cuts as $letters => $ways) {
            if (count($ways) > 1 && ! isset($legend->tones[$letters])) {
                $found[] = Fact::of('refusals.line.two-ways', letters: (string) $letters, ways: array_keys($ways));
            }
        }

        return $found;
    }
}

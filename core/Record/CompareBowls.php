<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Hair\Stroke;
use Core\Judgement\JudgeBowl;
use Core\Judgement\MixJudgement;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Core\Units\Strength;

/** Two bowls side by side: grams, shares, ratio, strength, effect, place, times, outcome. Either may be missing. */
final class CompareBowls
{
    /** @return list<Row> every line that says something on either side */
    public static function rows(?BowlFacts $before, ?BowlFacts $after, Shelf $shelf, HouseRules $rules): array
    {
        $one = self::facts($before, $shelf, $rules);
        $two = self::facts($after, $shelf, $rules);
        $rows = [];
        foreach (self::inOrder(array_keys($one), array_keys($two)) as $what) {
            // A code of digits alone is a number to PHP where it is a key.
            $rows[] = new Row(
                (string) $what,
                $one[$what] ?? '',
                $two[$what] ?? '',
                self::gap($one[$what] ?? '', $two[$what] ?? ''),
            );
        }

        return array_values(array_filter(
            $rows,
            static fn (Row $row): bool => $row->before !== '' || $row->after !== '',
        ));
    }

    /**
     * What only the second says stands where it says it: a new shade under the shades.
     *
     * @param  list<int|string>  $one
     * @param  list<int|string>  $two
     * @return list<int|string>
     */
    private static function inOrder(array $one, array $two): array
    {
        $at = count($one);
        foreach (array_reverse($two) as $what) {
            $there = array_search($what, $one, true);
            if ($there === false) {
                array_splice($one, $at, 0, [$what]);
            } else {
                $at = $there;
            }
        }

        return $one;
    }

    /** @return array<string, string> */
    private static function facts(?BowlFacts $facts, Shelf $shelf, HouseRules $rules): array
    {
        if ($facts === null) {
            return [];
        }
        $sheet = $facts->sheet;
        $line = $shelf->line($sheet->line);
        try {
            $known = $sheet->known($rules->step);
            $judged = JudgeBowl::of($known, $rules);
        } catch (CoreException) {
            // What contradicts itself is compared as it is written.
            [$known, $judged] = [null, null];
        }

        $rows = [
            'Job' => $sheet->job,
            'Line' => $line->name ?? '',
            ...self::contents($sheet, $known, $shelf),
            'Ratio' => $known->ratio ?? '',
            'Total' => $known?->total->show() ?? '',
            'Used' => $facts->used?->text() ?? '',
            'Developer' => $known?->developer === null ? '' : Strength::words($known->developer),
            'On the head' => $known?->onHead === null ? '' : Strength::words($known->onHead),
            ...self::effect($judged),
            'Goes on' => implode(
                '; ',
                array_map(static fn (Stroke $stroke): string => $stroke->words(), $sheet->strokes),
            ),
            'Worked' => implode('; ', $sheet->details->words()),
            'Planned minutes' => $sheet->minutesWords(),
            'Real minutes' => $facts->minutes === null ? '' : "{$facts->minutes} min",
            'Note' => $sheet->note,
            'Outcome' => $facts->outcome,
        ];

        return $facts->planned === null ? $rows : self::besidePlan(
            $rows,
            self::facts(new BowlFacts($facts->planned), $shelf, $rules),
        );
    }

    /**
     * What was poured, and in brackets what was planned where that was another.
     *
     * @param  array<string, string>  $poured
     * @param  array<string, string>  $planned
     * @return array<string, string>
     */
    private static function besidePlan(array $poured, array $planned): array
    {
        foreach ($planned as $what => $plan) {
            $now = $poured[$what] ?? '';
            if ($plan !== '' && $plan !== $now) {
                $poured[$what] = $now === '' ? "not poured (planned {$plan})" : "{$now} (planned {$plan})";
            }
        }

        return $poured;
    }

    /** @return array<string, string> */
    private static function contents(BowlSheet $sheet, ?KnownBowl $known, Shelf $shelf): array
    {
        $found = [];
        if ($known === null) {
            foreach ($sheet->entries as $part) {
                foreach ($part as $entry) {
                    $name = $shelf->product($entry->product)?->label() ?? (
                        $entry->blend === '' ? $entry->words : $entry->blend
                    );
                    self::add($found, $name, $entry->portion->text());
                }
            }

            return $found;
        }
        foreach ($known->lines() as $line) {
            [$amount, $share] = [$line->amount(), $line->percent(1) ?? ''];
            self::add($found, $line->label, implode(
                ' · ',
                array_filter(
                    [$amount, $share === $amount ? '' : $share],
                    static fn (string $each): bool => $each !== '',
                ),
            ));
        }

        return $found;
    }

    /**
     * Two products of one name stand in one row, both.
     *
     * @param  array<string, string>  $found
     */
    private static function add(array &$found, string $name, string $amount): void
    {
        $found[$name] = isset($found[$name]) ? "{$found[$name]} + {$amount}" : $amount;
    }

    /** @return array<string, string> */
    private static function effect(?MixJudgement $judged): array
    {
        return $judged === null ? [] : [
            'Behaves as' => $judged->level === null ? 'no level' : "level {$judged->level->show(1)}",
            'Tone' => $judged->toneWords(),
            'Pigment' => $judged->pigmentShare->show(2),
        ];
    }

    /** The difference of two values that begin with grams or minutes; empty for words. */
    private static function gap(string $before, string $after): string
    {
        if (
            preg_match('/^([\d.]+) (g|min)\b/', $before, $one) !== 1
            || preg_match('/^([\d.]+) (g|min)\b/', $after, $two) !== 1
            || $one[2] !== $two[2]
        ) {
            return '';
        }
        $gap = self::hundredths($two[1]) - self::hundredths($one[1]);
        $text = Grams::ofCentigrams(abs($gap))->text();

        return $gap === 0 ? '' : ($gap > 0 ? '+' : '−').($one[2] === 'g' ? $text : intdiv(abs($gap), 100).' min');
    }

    private static function hundredths(string $number): int
    {
        return Fraction::parse($number)->times(Fraction::of(100))->rounded(1, Rounding::HalfUp);
    }

    /**
     * What differs in a bowl's plan, in short sentences.
     *
     * @return list<string>
     */
    public static function said(BowlFacts $before, BowlFacts $after, Shelf $shelf, HouseRules $rules): array
    {
        $said = [];
        foreach (self::rows($before, $after, $shelf, $rules) as $row) {
            if (
                $row->differs()
                && ! in_array(
                    $row->what,
                    ['Used', 'Real minutes', 'Outcome', 'Behaves as', 'Tone', 'Pigment', 'On the head'],
                    true,
                )
            ) {
                $said[] = $row->what.' '.(
                    $row->before === ''
                        ? "{$row->after}, new"
                        : ($row->after === '' ? "{$row->before}, gone" : "{$row->before} → {$row->after}")
                );
            }
        }

        return $said;
    }
}

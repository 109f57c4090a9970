<?php

declare(strict_types=1);

namespace Tests\Core\Timing;

use Core\Formula\FollowFrom;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use RuntimeException;

/**
 * The best times of a visit as a mixed-integer programme for GNU glpsol, written down from the sentences of the plan:
 * each bowl has a person, and of two bowls of one person one is complete before the other begins. One kind of cost
 * after the other is made least and held.
 */
final class TimesByGlpsol
{
    private const BIG = 1000;

    /** @var list<string> */
    private array $rows = [];

    /** @var list<string> */
    private array $binaries = [];

    /** @var array<int, list<string>> variables of each kind of cost */
    private array $kinds = [[], [], ['last'], [], []];

    private int $count = 0;

    private function __construct(private readonly TimedVisit $visit)
    {
        foreach ($visit->bowls as $bowl) {
            $this->ofBowl($bowl);
        }
        $this->hands();
        $this->rinses();
    }

    /** @return list<int> minutes missed, kind by kind */
    public static function costs(TimedVisit $visit): array
    {
        $program = new self($visit);
        $costs = [];
        foreach ($program->kinds as $kind) {
            $costs[] = $cost = $program->solve($kind);
            $program->row(implode(' + ', $kind)." <= {$cost}");
        }

        return $costs;
    }

    /** The programme’s variable of the rinse: of all bowls of one round, unless rinsed by itself. */
    private function rinse(TimedBowl $bowl): string
    {
        return $bowl->rinse === 'own' ? "r{$bowl->letter}" : "rr{$bowl->round}";
    }

    private function row(string $row): void
    {
        $this->rows[] = 'c'.(++$this->count).": {$row}";
    }

    /** A second of a cost for each minute that this is above so much. */
    private function misses(int $kind, string $sum, int $beyond): void
    {
        $name = 'v'.(++$this->count);
        $this->kinds[$kind][] = $name;
        $this->row("{$sum} - {$name} <= {$beyond}");
    }

    private function ofBowl(TimedBowl $bowl): void
    {
        [$b, $r, $a] = ["b{$bowl->letter}", $this->rinse($bowl), $bowl->applying];
        $clock = $bowl->fromFirstTouch ? 0 : $a;
        $this->row("{$r} - {$b} >= {$a}");
        $window = $bowl->window ?? throw new RuntimeException('no window');
        $this->misses(0, "{$b} - {$r}", -$clock - $window->least);
        $this->misses(0, "{$r} - {$b}", ($bowl->firstStrandCounts ? 0 : $clock) + $window->most);
        $this->misses(1, "{$b} - {$r}", -$clock - $window->target);
        $this->misses(4, "{$r} - {$b}", $clock + $window->target);
        $other = $bowl->follows === null ? null : $this->visit->bowl($bowl->follows->bowl);
        if ($bowl->follows !== null && $other !== null) {
            $from = "b{$other->letter}";
            $after = match ($bowl->follows->from) {
                FollowFrom::Clock => $other->fromFirstTouch ? 0 : $other->applying,
                FollowFrom::LastTouch => $other->applying,
                default => 0,
            };
            if ($bowl->follows->least === null) {
                $this->row(
                    "{$b} - {$from} >= ".($bowl->follows->from === FollowFrom::Clock ? $other->applying : $after),
                );
            } else {
                $this->row("{$b} - {$from} >= 0");
                $this->misses(0, "{$from} - {$b}", -$after - $bowl->follows->least);
                $this->misses(0, "{$b} - {$from}", $after + ($bowl->follows->most ?? $bowl->follows->least));
            }
        }
        foreach ($this->visit->bowls as $earlier) {
            $follows = $bowl->follows?->bowl === $earlier->letter;
            $led = $earlier->follows?->bowl === $bowl->letter;
            if (
                $earlier->round < $bowl->round
                && ! $led
                && (! $follows || $bowl->follows->from === FollowFrom::LastTouch)
            ) {
                $this->row("{$b} - {$this->rinse($earlier)} >= ".($this->visit->between[$bowl->round - 1] ?? 0));
            }
            if (
                $earlier->round === $bowl->round
                && $earlier->order !== null
                && $bowl->order !== null
                && $earlier->order < $bowl->order
                && ! $follows
                && ! $led
            ) {
                $this->row("{$b} - b{$earlier->letter} >= 0");
            }
        }
    }

    private function hands(): void
    {
        $people = array_values(
            array_unique(
                array_merge([], ...array_map(static fn (TimedBowl $bowl): array => $bowl->hands, $this->visit->bowls)),
            ),
        );
        while (count($people) < $this->visit->people()) {
            $people[] = 'P'.count($people);
        }
        foreach ($this->visit->bowls as $bowl) {
            $uses = array_map(
                static fn (string $person): string => "y{$bowl->letter}{$person}",
                $bowl->hands === [] ? $people : $bowl->hands,
            );
            array_push($this->binaries, ...$uses);
            $this->row(implode(' + ', $uses).' = 1');
        }
        foreach ($this->visit->bowls as $at => $one) {
            foreach (array_slice($this->visit->bowls, $at + 1) as $other) {
                $order = "o{$one->letter}{$other->letter}";
                $this->binaries[] = $order;
                foreach ($people as $person) {
                    if (
                        ($one->hands === [] || in_array($person, $one->hands, true))
                        && ($other->hands === [] || in_array($person, $other->hands, true))
                    ) {
                        $both = self::BIG.' y'.$one->letter.$person.' - '.self::BIG.' y'.$other->letter.$person;
                        $this->row(
                            "b{$other->letter} - b{$one->letter} - {$both} + ".self::BIG." {$order} >= ".(
                                $one->applying - 2 * self::BIG
                            ),
                        );
                        $this->row(
                            "b{$one->letter} - b{$other->letter} - {$both} - ".self::BIG." {$order} >= ".(
                                $other->applying - 3 * self::BIG
                            ),
                        );
                    }
                }
            }
        }
    }

    private function rinses(): void
    {
        foreach (array_unique(array_map($this->rinse(...), $this->visit->bowls)) as $rinse) {
            $this->kinds[3][] = $rinse;
            $this->row("last - {$rinse} >= 0");
        }
    }

    /** @param  list<string>  $kind */
    private function solve(array $kind): int
    {
        $file = tempnam(sys_get_temp_dir(), 'times').'.lp';
        file_put_contents(
            $file,
            "Minimize\n obj: ".implode(' + ', $kind)."\nSubject To\n ".implode("\n ", $this->rows)."\nBinary\n "
                .implode(
                    "\n ",
                    array_unique($this->binaries),
                )."\nEnd\n",
        );
        exec(
            'glpsol --lp '.escapeshellarg($file).' --tmlim 60 -o '.escapeshellarg("{$file}.out").' 2>&1',
            $said,
            $status,
        );
        $answer = (string) file_get_contents("{$file}.out");
        array_map(unlink(...), [$file, "{$file}.out"]);
        if (
            $status !== 0
            || preg_match('/^Status:\s+INTEGER OPTIMAL/m', $answer) !== 1
            || preg_match('/^Objective:\s+\S+ = (\S+)/m', $answer, $m) !== 1
        ) {
            throw new RuntimeException('glpsol found no optimum: '.implode("\n", array_slice($said, -5)));
        }

        return (int) round((float) $m[1]);
    }
}

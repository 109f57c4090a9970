<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Formula\FollowFrom;
use Core\Formula\Purpose;
use Core\Hair\Canvas;
use Core\Hair\Coverage;
use Core\Hair\Method;
use Core\Hair\PatternKind;
use Core\Hair\Stroke;
use Core\Practice\ClockStart;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Practice\RootOrder;
use Core\Practice\ShadowTime;
use Core\Record\CareStep;
use Core\Shelf\LineKind;
use Core\Timing\Follows;
use Core\Timing\Happened;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\Window;
use Core\Units\Fraction;

/** A visit's bowls as the plan of times takes them. Test strands have clocks of their own and no part in it. */
final readonly class TimesOfVisit
{
    /**
     * @param  array<string, Happened>  $happened  by letter
     * @param  list<CareStep>  $care
     * @param  array<string, int>  $applied  minutes this bowl took to apply the last time, by letter
     */
    public function __construct(
        private Canvas $canvas,
        private HouseRules $rules,
        private array $happened = [],
        private array $care = [],
        private int $hands = 1,
        private array $applied = [],
    ) {
    }

    /**
     * @param  list<PlacedBowl>  $bowls
     * @param  ?int  $now  seconds from where the plan counts
     */
    public function of(array $bowls, ?int $now = null): TimedVisit
    {
        $bowls = array_values(array_filter(
            $bowls,
            static fn (PlacedBowl $bowl): bool => $bowl->sheet->details->purpose !== Purpose::Trial,
        ));

        $order = $this->orders($bowls);
        $together = self::together($bowls);

        return new TimedVisit(
            bowls: array_map(
                fn (PlacedBowl $bowl, array $others): TimedBowl => $this->bowl(
                    $bowl,
                    $order[$bowl->sheet->letter] ?? null,
                    $others,
                ),
                $bowls,
                $together,
            ),
            between: $this->between($bowls),
            hands: $this->hands,
            coatCounts: $this->rules->shadowTime === ShadowTime::Full,
            now: $now,
            after: CareStep::minutesOf(
                array_values(
                    array_filter(
                        $this->care,
                        static fn (CareStep $step): bool => $step->round === null && ! $step->done,
                    ),
                ),
            ),
        );
    }

    /**
     * Minutes that were said beyond what the line allows: kept, and said.
     *
     * @param  list<PlacedBowl>  $bowls
     * @return list<Fact>
     */
    public static function beyond(array $bowls): array
    {
        $facts = [];
        foreach ($bowls as $bowl) {
            $most = max($bowl->sheet->minutes ?? 0, $bowl->sheet->details->minutesMost ?? 0);
            if ($most > $bowl->window()['max'] && $bowl->line->kind !== LineKind::Care) {
                $facts[] = Fact::of(
                    'times.beyond-line',
                    letter: $bowl->sheet->letter,
                    minutes: $most,
                    line: $bowl->line->name,
                    least: $bowl->window()['min'],
                    most: $bowl->window()['max'],
                );
            }
        }

        return $facts;
    }

    /**
     * Where nobody said who comes first, the house's school does: mids and ends before roots that lift as they do.
     *
     * @param  list<PlacedBowl>  $bowls
     * @return array<string, int> by letter
     */
    private function orders(array $bowls): array
    {
        $orders = [];
        foreach (
            $this->rules->rootOrder === RootOrder::MidsFirst ? RootsAndLengths::on($this->canvas, $bowls) : [] as $pair
        ) {
            if ($pair->root !== $pair->lengths && $pair->comes() === 0) {
                $orders[$pair->lengths->sheet->letter] ??= 1;
                $orders[$pair->root->sheet->letter] = 2;
            }
        }

        return $orders;
    }

    /**
     * @param  ?int  $school  its place in the order of work by the house's school, where nobody said one
     * @param  list<PlacedBowl>  $together
     */
    private function bowl(PlacedBowl $bowl, ?int $school, array $together): TimedBowl
    {
        $details = $bowl->sheet->details;
        $works = $bowl->line->kind !== LineKind::Care && $details->purpose !== Purpose::Protect;
        $orders = array_filter(
            array_map(static fn (Stroke $stroke): ?int => $stroke->order, $bowl->sheet->strokes),
            is_int(...),
        );
        $window = $works ? $this->window($bowl) : null;

        return new TimedBowl(
            letter: $bowl->sheet->letter,
            round: $bowl->round,
            applying: $this->applying($bowl, $together),
            window: $window,
            fromFirstTouch: ($details->clock ?? $this->rules->clockStart) === ClockStart::FirstTouch,
            firstStrandCounts: $bowl->line->kind === LineKind::Lightener,
            follows: $details->after === '' ? null : new Follows(
                $details->after,
                $details->from ?? ($details->plus === null ? FollowFrom::LastTouch : FollowFrom::Clock),
                $details->plus,
                $details->plusMost,
            ),
            rinse: $details->rinse,
            order: $orders === [] ? $school : min($orders),
            hands: array_values(
                array_unique(
                    array_merge(
                        [],
                        ...array_map(static fn (Stroke $stroke): array => $stroke->people(), $bowl->strokes),
                    ),
                ),
            ),
            starts: $details->starts,
            mixing: $bowl->sheet->products() === [] || ! $works ? null : Number::MixingMinutes->whole(),
            fresh: $bowl->line->kind->isOxidative() ? $this->rules->freshnessMinutes : null,
            heat: $details->heat,
            lookFrom: $details->lookFrom ?? ($details->until === '' ? null : $window?->least),
            lookEvery: Number::LookEvery->whole(),
            through: $details->through,
            emulsify: $details->emulsify,
            happened: $this->happened[$bowl->sheet->letter] ?? new Happened,
            weaker: $window === null ? null : $this->weaker($bowl)['window'] ?? null,
            weakerVolume: $this->weaker($bowl)['volume'] ?? 0,
            together: array_map(static fn (PlacedBowl $other): string => $other->sheet->letter, $together),
        );
    }

    /**
     * Bowls that are laid in turn, strand by strand: those of one pattern, and those of one melt, where each section
     * takes its root, its middle and its ends before the next one is taken down.
     *
     * @param  list<PlacedBowl>  $all
     * @return list<list<PlacedBowl>> besides each of them, in their order
     */
    private static function together(array $all): array
    {
        // Few bowls of many share anything: only those are held against each other.
        $melted = array_filter(array_map(self::melted(...), $all));
        $places = [];
        foreach ($all as $at => $bowl) {
            $places[$bowl->sheet->letter][] = $at;
        }
        $found = [];
        foreach ($all as $at => $bowl) {
            $near = array_merge([], ...array_map(
                static fn (string $letter): array => $places[$letter] ?? [],
                array_keys(self::shared($bowl)),
            ));
            foreach (isset($melted[$at]) ? $melted : [] as $each => $regions) {
                if (array_intersect_key($regions, $melted[$at]) !== []) {
                    $near[] = $each;
                }
            }
            $near = array_unique($near);
            sort($near);
            $found[] = array_values(array_filter(
                array_map(static fn (int $each): PlacedBowl => $all[$each], $near),
                static fn (PlacedBowl $other): bool => $other !== $bowl
                    && $other->round === $bowl->round
                    && $bowl->sheet->details->after !== $other->sheet->letter
                    && $other->sheet->details->after !== $bowl->sheet->letter,
            ));
        }

        return $found;
    }

    /** @return array<string, true> letters with which its strokes share a pattern, strand by strand */
    private static function shared(PlacedBowl $bowl): array
    {
        $letters = [];
        foreach ($bowl->strokes as $stroke) {
            if (
                $stroke->pattern !== null
                && $stroke->pattern->kind !== PatternKind::Between && $stroke->method !== Method::BetweenFoils
            ) {
                $letters += array_fill_keys($stroke->with, true);
            }
        }

        return $letters;
    }

    /** @return array<string, true> regions where it is laid as a melt */
    private static function melted(PlacedBowl $bowl): array
    {
        $regions = [];
        foreach ($bowl->strokes as $stroke) {
            foreach ($stroke->method === Method::Melt ? $stroke->regions() : [] as $region) {
                $regions[$region->value] = true;
            }
        }

        return $regions;
    }

    /**
     * From first touch to last: as was said, as it took the last time, or by its technique; all of a melt together.
     *
     * @param  list<PlacedBowl>  $together
     */
    private function applying(PlacedBowl $bowl, array $together): int
    {
        $before = $this->applied[$bowl->sheet->letter] ?? null;
        if ($bowl->sheet->details->applying === null && $before !== null) {
            // From the first touch to the last of what was laid in turn, too.
            return $before;
        }
        $minutes = self::own($bowl);
        $shared = self::shared($bowl);
        foreach ($together as $other) {
            $minutes += isset($shared[$other->sheet->letter]) ? 0 : self::own($other);
        }

        return min(240, $minutes);
    }

    private static function own(PlacedBowl $bowl): int
    {
        return $bowl->sheet->details->applying ?? ApplyingMinutes::of($bowl->strokes, $bowl->line->kind);
    }

    /**
     * What the next lower strength takes that the line prints minutes for; null where it prints none, or the bowl's
     * minutes were said and do not follow from its strength.
     *
     * @return ?array{volume: int, window: Window}
     */
    private function weaker(PlacedBowl $bowl): ?array
    {
        if ($bowl->strength === null || $bowl->sheet->minutes !== null || $bowl->sheet->details->heat !== []) {
            return null;
        }
        $found = null;
        foreach ($bowl->line->windows as $volume => ['min' => $min, 'target' => $target, 'max' => $max]) {
            if (Fraction::of($volume)->compare($bowl->strength->volume) < 0) {
                $found = ['volume' => $volume, 'window' => Window::of($min, $target, $max)];
            }
        }

        return $found;
    }

    /**
     * The line's, or what is said, or what its heat takes; on grey never short of its full time, on resistant grey
     * longer.
     */
    private function window(PlacedBowl $bowl): Window
    {
        $details = $bowl->sheet->details;
        if ($details->from === FollowFrom::End && $details->after !== '' && $details->plus !== null) {
            return Window::exactly($details->plusMost ?? $details->plus);
        }
        [$grey, $resistant] = $this->grey($bowl);
        ['min' => $min, 'target' => $target, 'max' => $max] = $grey || $resistant
            ? $bowl->line->forGrey ?? $bowl->window()
            : $bowl->window();
        $said = $bowl->sheet->minutes;
        $heated = array_sum(array_map(static fn ($phase): int => $phase->minutes, $details->heat));
        if ($said === null && $heated > 0) {
            $said = $heated;
        }
        if ($said === null) {
            $target = $resistant ? max($target, min($max, $target + Number::ResistantMinutes->whole())) : $target;

            return Window::of($grey || $resistant ? $target : $min, $target, $max);
        }

        return $details->minutesMost === null
            ? Window::of($grey || $resistant ? $said : min($min, $said), $said, max($max, $said))
            : Window::of($said, $said, $details->minutesMost, $details->minutesMost);
    }

    /**
     * @return array{bool, bool} whether the bowl is laid on grey that asks for cover, and whether some of it is
     *     resistant
     */
    private function grey(PlacedBowl $bowl): array
    {
        $grey = $resistant = false;
        if ($bowl->line->kind !== LineKind::Permanent) {
            return [false, false];
        }
        foreach ($bowl->strokes as $stroke) {
            foreach ($stroke->touchesScalp() ? Coverage::cells($stroke) : [] as $cell) {
                $zone = $this->canvas->zoneAt($cell);
                $grey = $grey || ($zone !== null && ($zone->grey ?? 0) >= $this->rules->grey->none);
                $resistant = $resistant || ($zone !== null && $zone->resistant);
            }
        }

        return [$grey, $resistant];
    }

    /**
     * Minutes after the rinse of each round, before the next: the steps said for it, else the wash.
     *
     * @param  list<PlacedBowl>  $bowls
     * @return list<int>
     */
    private function between(array $bowls): array
    {
        $last = max([0, ...array_map(static fn (PlacedBowl $bowl): int => $bowl->round, $bowls)]);
        $between = [];
        for ($round = 0; $round < $last; $round++) {
            $steps = array_values(
                array_filter($this->care, static fn (CareStep $step): bool => $step->round === $round),
            );
            $minutes = CareStep::minutesOf(
                array_values(array_filter($steps, static fn (CareStep $step): bool => ! $step->done)),
            );
            $between[] = $steps === [] ? Number::WashMinutes->whole() : $minutes;
        }

        return $between;
    }
}

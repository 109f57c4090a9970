<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Practice\ClockStart;

/** A bowl's clock as its stamps left it: the same on every device, whatever slept or restarted in between. */
final readonly class BowlClock
{
    /**
     * @param  list<Stamp>  $standing  not taken back
     * @param  ?int  $from  second the clock counts from, by the house's school; null before
     * @param  ?int  $due  second the planned minutes are up
     * @param  ?int  $over  second the line's longest time is up
     * @param  ?int  $applied  minutes from first touch to last; null until complete
     * @param  ?int  $processed  minutes from the clock's start to the rinse; null until rinsed
     * @param  ?int  $longest  minutes the first strand has had, from first touch to now or rinse
     */
    private function __construct(
        public array $standing,
        public ClockState $state,
        public ?int $from,
        public ?int $due,
        public ?int $over,
        public ?int $applied,
        public ?int $processed,
        public ?int $longest,
        public int $checks,
    ) {
    }

    /**
     * @param  list<Stamp>  $stamps  in the order they were made
     * @param  int  $minutes  planned
     * @param  int  $most  minutes the line allows
     * @param  bool  $firstStrandCounts  it works from the first touch, whatever the clock counts from: lightener
     *
     * @throws StampRefused when they contradict each other
     */
    public static function of(
        array $stamps,
        int $minutes,
        int $most,
        ClockStart $start,
        int $now,
        bool $firstStrandCounts = false,
    ): self {
        $standing = [];
        foreach ($stamps as $stamp) {
            $standing = self::after($standing, $stamp);
        }
        $began = self::at($standing, StampKind::Began);
        $completed = self::at($standing, StampKind::Completed);
        $rinsed = self::at($standing, StampKind::Rinsed);
        $minutes += array_sum(array_map(static fn (Stamp $stamp): int => $stamp->minutes, $standing));
        // Rinsed without a last touch marked: the clock ran from the only moment there is.
        $from = $start === ClockStart::FirstTouch || ($completed === null && $rinsed !== null) ? $began : $completed;
        $due = $from === null ? null : $from + $minutes * 60;
        $counts = $firstStrandCounts ? $began : $from;
        $over = $counts === null ? null : $counts + max($minutes, $most) * 60;
        $state = match (true) {
            self::at($standing, StampKind::SetAside) !== null => ClockState::SetAside,
            $began === null => ClockState::Waiting,
            $rinsed !== null => ClockState::Rinsed,
            $over !== null && $now > $over => ClockState::Over,
            $due !== null && $now >= $due => ClockState::Due,
            $completed === null => ClockState::Applying,
            default => ClockState::Processing,
        };

        return new self(
            standing: $standing, state: $state, from: $from, due: $due, over: $over,
            applied: $began === null || $completed === null ? null : self::minutes($began, $completed),
            processed: $rinsed === null || $from === null ? null : self::minutes($from, $rinsed),
            longest: $began === null ? null : self::minutes($began, $rinsed ?? $now),
            checks: count(
                array_filter($standing, static fn (Stamp $stamp): bool => $stamp->kind === StampKind::Checked),
            ),
        );
    }

    /**
     * @param  list<Stamp>  $standing
     * @return list<Stamp>
     */
    private static function after(array $standing, Stamp $stamp): array
    {
        if ($stamp->kind === StampKind::Undone) {
            return $standing === [] ? throw StampRefused::nothingToUndo() : array_slice($standing, 0, -1);
        }
        $last = $standing === [] ? null : $standing[count($standing) - 1];
        $has = static fn (StampKind $kind): bool => self::at($standing, $kind) !== null;

        return match (true) {
            $last !== null && $stamp->second < $last->second => throw StampRefused::backwards(),
            $has(StampKind::SetAside) => throw StampRefused::setAside(),
            $stamp->kind === StampKind::SetAside => $has(StampKind::Began) ? throw StampRefused::alreadyBegun() : [
                ...$standing,
                $stamp,
            ],
            $has(StampKind::Rinsed) => throw StampRefused::alreadyRinsed(),
            $stamp->kind === StampKind::Began && $has(StampKind::Began) => throw StampRefused::alreadyBegun(),
            $stamp->kind !== StampKind::Began && ! $has(StampKind::Began) => throw StampRefused::notBegun(),
            $stamp->kind === StampKind::HeatOff && self::count($standing, StampKind::HeatOn) <= self::count(
                $standing,
                StampKind::HeatOff,
            ) => throw StampRefused::noHeat(),
            $stamp->kind === StampKind::HeatOn && self::count($standing, StampKind::HeatOn) > self::count(
                $standing,
                StampKind::HeatOff,
            ) => throw StampRefused::heatIsOn(),
            $stamp->kind === StampKind::More && (
                $stamp->minutes < 1
                || $stamp->minutes > 60
            ) => throw StampRefused::noMinutes(),
            in_array(
                $stamp->kind,
                [StampKind::Through, StampKind::Emulsified],
                true,
            ) && $has($stamp->kind) => throw StampRefused::doneAlready(),
            $stamp->kind === StampKind::Completed
                && $has(StampKind::Completed) => throw StampRefused::alreadyComplete(),
            default => [...$standing, $stamp],
        };
    }

    /** @param  list<Stamp>  $stamps */
    private static function at(array $stamps, StampKind $kind): ?int
    {
        foreach ($stamps as $stamp) {
            if ($stamp->kind === $kind) {
                return $stamp->second;
            }
        }

        return null;
    }

    /** @param  list<Stamp>  $stamps */
    private static function count(array $stamps, StampKind $kind): int
    {
        return count(array_filter($stamps, static fn (Stamp $stamp): bool => $stamp->kind === $kind));
    }

    private static function minutes(int $from, int $to): int
    {
        return intdiv($to - $from + 30, 60);
    }
}

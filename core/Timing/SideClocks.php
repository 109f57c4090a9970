<?php

declare(strict_types=1);

namespace Core\Timing;

/** The clock of a bowl whose sides are timed apart: begun with the first, complete and rinsed with the last. */
final class SideClocks
{
    /**
     * @param  array<string, list<Stamp>>  $bySide  every mark of each side, in the order they were made
     * @return list<Stamp> the bowl's own
     */
    public static function together(array $bySide): array
    {
        foreach (array_keys($bySide) as $side) {
            // A side of which nobody has said anything is still to come.
            $bySide[Side::from($side)->other()->value] ??= [];
        }
        $standing = array_map(self::standing(...), $bySide);
        $stamps = array_filter([
            self::earliest($standing, StampKind::Began),
            self::latestOfAll($standing, StampKind::Completed),
            self::latestOfAll($standing, StampKind::Rinsed),
        ]);
        foreach ($standing as $side) {
            foreach ($side as $stamp) {
                if ($stamp->kind === StampKind::Checked) {
                    $stamps[] = $stamp;
                }
            }
        }
        foreach (
            [StampKind::Through, StampKind::HeatOn, StampKind::HeatOff, StampKind::Emulsified, StampKind::More] as $kind
        ) {
            // What is done to both sides is done once for the bowl: as the side says that has it most often.
            $bySideOf = array_map(
                static fn (array $side): array => array_values(
                    array_filter($side, static fn (Stamp $stamp): bool => $stamp->kind === $kind),
                ),
                $standing,
            );
            usort($bySideOf, static fn (array $one, array $other): int => count($other) <=> count($one));
            array_push($stamps, ...($bySideOf[0] ?? []));
        }
        $order = [
            StampKind::Began->value => 0,
            StampKind::Checked->value => 1,
            StampKind::Completed->value => 2,
            StampKind::Rinsed->value => 3,
        ];
        usort(
            $stamps,
            static fn (Stamp $one, Stamp $two): int => [$one->second, $order[$one->kind->value] ?? 1] <=> [
                $two->second,
                $order[$two->kind->value] ?? 1,
            ],
        );

        return $stamps;
    }

    /**
     * @param  list<Stamp>  $stamps
     * @return list<Stamp>
     */
    private static function standing(array $stamps): array
    {
        $standing = [];
        foreach ($stamps as $stamp) {
            $stamp->kind === StampKind::Undone ? array_pop($standing) : $standing[] = $stamp;
        }

        return $standing;
    }

    /** @param  array<string, list<Stamp>>  $sides */
    private static function earliest(array $sides, StampKind $kind): ?Stamp
    {
        $found = null;
        foreach (array_merge(...array_values($sides)) as $stamp) {
            $found = $stamp->kind === $kind && ($found === null || $stamp->second < $found->second) ? $stamp : $found;
        }

        return $found;
    }

    /**
     * Null until every side has it.
     *
     * @param  array<string, list<Stamp>>  $sides
     */
    private static function latestOfAll(array $sides, StampKind $kind): ?Stamp
    {
        $latest = null;
        foreach ($sides as $side) {
            $has = array_values(
                array_filter($side, static fn (Stamp $stamp): bool => $stamp->kind === $kind),
            )[0] ?? null;
            if ($has === null) {
                return null;
            }
            $latest = $latest === null || $has->second > $latest->second ? $has : $latest;
        }

        return $latest;
    }
}

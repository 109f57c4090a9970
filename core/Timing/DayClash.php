<?php

declare(strict_types=1);

namespace Core\Timing;

/** Two heads that need the same hands at once, before it happens; and the nearest move under which nothing clashes. */
final readonly class DayClash
{
    /**
     * @param  ?array{visit: string, minutes: int}  $move  later, or earlier below zero; null where no near move would
     *     do
     */
    private function __construct(public InHand $one, public InHand $other, public int $at, public ?array $move)
    {
    }

    /** Moves are tried in steps of five minutes, to two hours each way. */
    private const STEP = 5;

    private const FARTHEST = 120;

    /**
     * Each pair of heads once, at its first moment.
     *
     * @param  list<InHand>  $hands
     * @return list<self> by their moment
     */
    public static function among(array $hands): array
    {
        usort(
            $hands,
            static fn (InHand $one, InHand $other): int => [$one->from, $one->visit, $one->letters] <=> [
                $other->from,
                $other->visit,
                $other->letters,
            ],
        );
        $found = [];
        foreach ($hands as $at => $one) {
            foreach (array_slice($hands, $at + 1) as $other) {
                $pair = [$one->visit, $other->visit];
                sort($pair);
                $key = implode(' ', $pair)." {$one->person}";
                if ($one->meets($other) && ! isset($found[$key])) {
                    $found[$key] = new self(
                        $one,
                        $other,
                        max($one->from, $other->from),
                        self::move($one->visit, $other->visit, $hands),
                    );
                }
            }
        }

        return array_values($found);
    }

    /**
     * @param  list<InHand>  $hands
     * @return ?array{visit: string, minutes: int}
     */
    private static function move(string $one, string $other, array $hands): ?array
    {
        for ($minutes = self::STEP; $minutes <= self::FARTHEST; $minutes += self::STEP) {
            foreach ([[$other, $minutes], [$one, $minutes], [$other, -$minutes], [$one, -$minutes]] as [$visit, $by]) {
                if (self::isFree($visit, $by * 60, $hands)) {
                    return ['visit' => $visit, 'minutes' => $by];
                }
            }
        }

        return null;
    }

    /** @param  list<InHand>  $hands */
    private static function isFree(string $visit, int $seconds, array $hands): bool
    {
        foreach ($hands as $each) {
            if ($each->visit !== $visit) {
                continue;
            }
            if ($each->fixed) {
                return false;
            }
            foreach ($hands as $other) {
                if ($each->moved($seconds)->meets($other)) {
                    return false;
                }
            }
        }

        return true;
    }
}

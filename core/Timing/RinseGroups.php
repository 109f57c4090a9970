<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Formula\FollowFrom;

/** Which bowls come off in one rinse. */
final class RinseGroups
{
    /** @var array<string, string> each name's nearer one; the last of a chain names the group */
    private array $with = [];

    public function __construct(private readonly TimedVisit $visit)
    {
        foreach ($visit->bowls as $bowl) {
            $partner = $bowl->happened->rinsed === null ? $this->partner($bowl) : null;
            if ($partner !== null) {
                $this->join(self::name($bowl), $partner);
            }
        }
    }

    /** The name of the rinse that takes a bowl off. */
    public function of(TimedBowl $bowl): string
    {
        return $this->end(self::name($bowl));
    }

    /** The last round in which something is rinsed with it. */
    public function lastRound(TimedBowl $bowl): int
    {
        $group = $this->of($bowl);

        return max($bowl->round, ...array_map(
            fn (TimedBowl $each): int => $this->of($each) === $group ? $each->round : $bowl->round,
            $this->visit->bowls,
        ));
    }

    private function partner(TimedBowl $bowl): ?string
    {
        $followed = $bowl->follows?->from === FollowFrom::End ? $this->visit->bowl($bowl->follows->bowl) : null;
        if ($followed !== null) {
            return self::name($followed);
        }

        return match ($bowl->rinse) {
            'own' => null,
            'round' => "round {$bowl->round}",
            'not' => $this->above($bowl),
            default => ($with = $this->visit->bowl($bowl->rinse)) === null ? "round {$bowl->round}" : self::name($with),
        };
    }

    /** What lies on a bowl that is not rinsed before the next: what follows it, else the next round, else its own. */
    private function above(TimedBowl $bowl): string
    {
        foreach ($this->visit->bowls as $each) {
            if ($each->follows?->bowl === $bowl->letter && $each->letter !== $bowl->letter) {
                return self::name($each);
            }
        }
        $later = array_filter(
            array_map(static fn (TimedBowl $each): int => $each->round, $this->visit->bowls),
            static fn (int $round): bool => $round > $bowl->round,
        );

        return 'round '.($later === [] ? $bowl->round : min($later));
    }

    private static function name(TimedBowl $bowl): string
    {
        return "bowl {$bowl->letter}";
    }

    private function end(string $name): string
    {
        while (isset($this->with[$name])) {
            $name = $this->with[$name];
        }

        return $name;
    }

    private function join(string $one, string $other): void
    {
        [$one, $other] = [$this->end($one), $this->end($other)];
        if ($one !== $other) {
            $this->with[max($one, $other)] = min($one, $other);
        }
    }
}

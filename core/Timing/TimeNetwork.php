<?php

declare(strict_types=1);

namespace Core\Timing;

/**
 * Moments with bounds between them, and what it costs to miss some: finds the moments that cost least, the first kind
 * of cost before the second, and so on. Whole seconds, exact.
 *
 * Everything is a bound on a difference of two moments, hard or at so much a second beyond it. Such a programme is the
 * dual of a least-cost circulation (Ahuja, Magnanti and Orlin, Network Flows, 1993, chapter 9, from memory): every
 * bound is an arc, the moments are its node prices, found by shortest augmenting paths. What is best in one kind of
 * cost is then held by complementary slackness while the next is made least.
 */
final class TimeNetwork
{
    /** @var list<array{int, int, int}> from, to, at most so much later */
    private array $bounds = [];

    /** @var array<int, list<array{int, int, int, int}>> by kind: from, to, beyond so much later, cost a second */
    private array $costs = [];

    /** What is the same for everything that is tried, and moments that keep it. */
    private ?TimeFlow $settled = null;

    /** @param  int  $moments  numbered from 0, which is the beginning of all: none is before it */
    public function __construct(private readonly int $moments)
    {
        for ($moment = 1; $moment < $moments; $moment++) {
            $this->atMost($moment, 0, 0);
        }
    }

    /** The one is at most so many seconds after the other; a negative number says at least that much before. */
    public function atMost(int $from, int $to, int $seconds): void
    {
        $this->bounds[] = [$from, $to, $seconds];
        $this->settled = null;
    }

    public function atLeast(int $from, int $to, int $seconds): void
    {
        $this->atMost($to, $from, -$seconds);
    }

    public function exactly(int $from, int $to, int $seconds): void
    {
        $this->atMost($from, $to, $seconds);
        $this->atLeast($from, $to, $seconds);
    }

    /** Each second that the one is more than this after the other costs so much. */
    public function costsBeyond(int $kind, int $from, int $to, int $seconds, int $cost = 1): void
    {
        $this->costs[$kind][] = [$from, $to, $seconds, $cost];
    }

    /** Each second that the one is less than this after the other costs so much. */
    public function costsBelow(int $kind, int $from, int $to, int $seconds, int $cost = 1): void
    {
        $this->costsBeyond($kind, $to, $from, -$seconds, $cost);
    }

    /**
     * @param  list<array{int, int, int}>  $more  bounds that are tried
     * @param  ?list<int>  $best  costs that are to be beaten, kind by kind
     * @return ?array{costs: list<int>, moments: list<int>} null where the bounds contradict each other, or nothing
     *     better than that is left
     */
    public function cheapest(array $more = [], ?array $best = null): ?array
    {
        $flow = clone $this->settled();
        foreach ($more as [$from, $to, $seconds]) {
            $flow->add($from, $to, $seconds, TimeFlow::HARD);
        }
        if (! $flow->settle()) {
            return null;
        }
        $costs = [];
        $equal = $best !== null;
        ksort($this->costs);
        foreach ($this->costs as $kind) {
            $costs[] = $cost = $flow->least($kind);
            if ($equal) {
                $against = $best[count($costs) - 1] ?? $cost;
                if ($cost > $against) {
                    return null;
                }
                $equal = $cost === $against;
            }
        }

        return $equal ? null : ['costs' => $costs, 'moments' => $flow->earliest()];
    }

    private function settled(): TimeFlow
    {
        if ($this->settled === null) {
            $this->settled = new TimeFlow($this->moments);
            foreach ($this->bounds as [$from, $to, $seconds]) {
                $this->settled->add($from, $to, $seconds, TimeFlow::HARD);
            }
            $this->settled->settle();
        }

        return $this->settled;
    }
}

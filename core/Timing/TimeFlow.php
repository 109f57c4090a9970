<?php

declare(strict_types=1);

namespace Core\Timing;

/** The circulation under a network of moments; see there. Arcs stand in pairs, each beside its way back. */
final class TimeFlow
{
    /** More than all costs together: what may carry any flow is a bound that must hold. */
    public const HARD = PHP_INT_MAX >> 2;

    /** @var list<int> */
    private array $to = [];

    /** @var list<int> */
    private array $length = [];

    /** @var array<int, int> what may still flow */
    private array $room = [];

    /** @var list<list<int>> arcs by where they start */
    private array $out;

    /** @var array<int, int> the moments as they are found so far: they keep every hard bound */
    private array $moment;

    public function __construct(private readonly int $moments)
    {
        $this->out = array_fill(0, $moments, []);
        $this->moment = array_fill(0, $moments, 0);
    }

    public function add(int $from, int $to, int $length, int $room): int
    {
        $at = count($this->to);
        array_push($this->to, $to, $from);
        array_push($this->length, $length, -$length);
        array_push($this->room, $room, 0);
        $this->out[$from][] = $at;
        $this->out[$to][] = $at + 1;

        return $at;
    }

    /** Finds moments that keep all bounds (Bellman–Ford); false where there are none. */
    public function settle(): bool
    {
        for ($pass = 0; $pass <= $this->moments; $pass++) {
            $moved = false;
            foreach ($this->out as $from => $arcs) {
                foreach ($arcs as $arc) {
                    $latest = $this->moment[$from] + $this->length[$arc];
                    if ($this->room[$arc] > 0 && $latest < $this->moment[$this->to[$arc]]) {
                        $this->moment[$this->to[$arc]] = $latest;
                        $moved = true;
                    }
                }
            }
            if (! $moved) {
                return true;
            }
        }

        return false;
    }

    /**
     * Makes one kind of cost least, and holds it there from now on.
     *
     * @param  list<array{int, int, int, int}>  $kind  from, to, beyond so much later, cost a second
     */
    public function least(array $kind): int
    {
        $excess = array_fill(0, $this->moments, 0);
        foreach ($kind as [$from, $to, $beyond, $cost]) {
            $arc = $this->add($from, $to, $beyond, $cost);
            if ($beyond < $this->moment[$to] - $this->moment[$from]) {
                $this->push($arc, $cost);
                $excess[$to] += $cost;
                $excess[$from] -= $cost;
            }
        }
        while (($from = $this->first($excess)) !== null) {
            $this->augment($from, $excess);
        }
        $sum = 0;
        foreach ($kind as [$from, $to, $beyond, $cost]) {
            $sum += $cost * max(0, $this->moment[$to] - $this->moment[$from] - $beyond);
        }
        $this->hold();

        return $sum;
    }

    /** @return list<int> the earliest moments that keep everything that is held, counted from the first */
    public function earliest(): array
    {
        $moment = array_fill(0, $this->moments, null);
        $moment[0] = 0;
        do {
            $moved = false;
            foreach ($this->out as $from => $arcs) {
                foreach ($arcs as $arc) {
                    $to = $moment[$this->to[$arc]];
                    if (
                        $this->room[$arc] > 0
                        && $to !== null
                        && ($moment[$from] === null || $moment[$from] < $to - $this->length[$arc])
                    ) {
                        $moment[$from] = $to - $this->length[$arc];
                        $moved = true;
                    }
                }
            }
        } while ($moved);

        return array_map(intval(...), $moment);
    }

    /** @param  array<int, int>  $excess */
    private function first(array $excess): ?int
    {
        foreach ($excess as $node => $more) {
            if ($more > 0) {
                return $node;
            }
        }

        return null;
    }

    private function push(int $arc, int $flow): void
    {
        $this->room[$arc] -= $flow;
        $this->room[$arc ^ 1] += $flow;
    }

    /**
     * Along the shortest way from where there is too much to where there is too little (Dijkstra over reduced lengths).
     *
     * @param  array<int, int>  $excess
     */
    private function augment(int $from, array &$excess): void
    {
        $far = array_fill(0, $this->moments, PHP_INT_MAX);
        $by = $done = [];
        $far[$from] = 0;
        $end = $from;
        while (true) {
            $here = null;
            foreach ($far as $node => $length) {
                if (! isset($done[$node]) && $length !== PHP_INT_MAX && ($here === null || $length < $far[$here])) {
                    $here = $node;
                }
            }
            if ($here === null) {
                return; // Cannot be: every arc that was filled has a way back.
            }
            $done[$here] = true;
            if ($excess[$here] < 0) {
                $end = $here;
                break;
            }
            foreach ($this->out[$here] as $arc) {
                if ($this->room[$arc] > 0) {
                    $to = $this->to[$arc];
                    $length = $far[$here] + $this->length[$arc] + $this->moment[$here] - $this->moment[$to];
                    if ($length < $far[$to]) {
                        $far[$to] = $length;
                        $by[$to] = $arc;
                    }
                }
            }
        }
        foreach ($far as $node => $length) {
            $this->moment[$node] += min($length, $far[$end]);
        }
        $flow = min($excess[$from], -$excess[$end]);
        for ($node = $end; $node !== $from; $node = $this->to[$by[$node] ^ 1]) {
            $flow = min($flow, $this->room[$by[$node]]);
        }
        for ($node = $end; $node !== $from; $node = $this->to[$by[$node] ^ 1]) {
            $this->push($by[$node], $flow);
        }
        $excess[$from] -= $flow;
        $excess[$end] += $flow;
    }

    /**
     * Complementary slackness: an arc with room keeps its bound, one that carries flow keeps it from the other side.
     * From here on both are hard.
     */
    private function hold(): void
    {
        foreach ($this->room as $arc => $room) {
            if ($arc % 2 === 1) {
                continue;
            }
            $back = $this->room[$arc + 1];
            $this->room[$arc] = $room > 0 ? self::HARD : 0;
            $this->room[$arc + 1] = $back > 0 ? self::HARD : 0;
        }
    }
}

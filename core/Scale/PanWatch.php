<?php

declare(strict_types=1);

namespace Core\Scale;

use Core\Practice\Number;

/**
 * Watches what a scale shows for what no pour does: a bowl put on, taken off, exchanged. Between two such moments the
 * same things stand on it, and what is more in them was poured. A bowl that is lifted and put back as it was has
 * changed nothing. Readings are centigrams, times milliseconds.
 */
final class PanWatch
{
    /** Milliseconds in which a jump is one. */
    private const WITHIN = 340;

    /** @var list<array{int, int}> what was shown in the last moment */
    private array $recent = [];

    private int $changes = 0;

    /** What was shown before something was put on or taken off; null while nothing was. */
    private ?int $before = null;

    /** Where it came to rest once something was lifted off; null before. */
    private ?int $lifted = null;

    private bool $unsettled = false;

    public function see(int $reading, bool $still, int $now): void
    {
        // Whatever came last counts, however slow the link: what happened between is not known.
        $last = count($this->recent) - 1;
        $this->recent = array_values(array_filter(
            $this->recent,
            static fn (array $each, int $at): bool => $at === $last || $now - $each[0] <= self::WITHIN,
            ARRAY_FILTER_USE_BOTH,
        ));
        $jump = Number::PanJump->centigrams();
        foreach ($this->recent as [, $earlier]) {
            if (abs($reading - $earlier) >= $jump) {
                $this->before ??= $earlier;
                $this->unsettled = true;
                break;
            }
        }
        $this->recent[] = [$now, $reading];
        if ($this->before === null || ! $still) {
            return;
        }
        $this->unsettled = false;
        $same = Number::SameContent->centigrams();
        $bare = $this->lifted === null
            ? min($this->before - $jump, Number::EmptyPan->centigrams())
            : $this->lifted + $same;
        if (abs($reading - $this->before) > $same && $reading <= $bare) {
            // Nothing stands on it: what comes back decides.
            $this->lifted = $reading;

            return;
        }
        $this->changes += (int) (abs($reading - $this->before) > $same);
        $this->before = $this->lifted = null;
    }

    /** Whether something was just put on or taken off, and it has not come to rest since. */
    public function isUnsettled(): bool
    {
        return $this->unsettled;
    }

    /** How often something else came to stand on the scale. */
    public function changes(): int
    {
        return $this->changes;
    }
}

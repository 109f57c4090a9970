<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Fact;

/** Something of the plan that does not hold: which bowl, what of it, by how many minutes. */
final readonly class TimeBreak
{
    /** @param  int  $minutes  at least 1 */
    public function __construct(public BreakKind $kind, public string $letter, public int $minutes)
    {
    }

    public function fact(): Fact
    {
        return match ($this->kind) {
            BreakKind::Short => Fact::of('times.short', letter: $this->letter, minutes: $this->minutes),
            BreakKind::Over => Fact::of('times.over', letter: $this->letter, minutes: $this->minutes),
            BreakKind::Late => Fact::of('times.late', letter: $this->letter, minutes: $this->minutes),
            BreakKind::Early => Fact::of('times.early', letter: $this->letter, minutes: $this->minutes),
            BreakKind::Stale => Fact::of('times.stale', letter: $this->letter, minutes: $this->minutes),
        };
    }
}

<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Fact;

/** A change under which every window holds, tried out by planning it. */
final readonly class TimeMend
{
    /**
     * @param  MendKind  $kind  what is changed
     * @param  string  $letter  of which bowl; empty where it is the whole visit
     * @param  int  $minutes  that it begins later (earlier, below zero), or that applying it may take; of a lower
     *     strength, its volumes
     * @param  array{applying?: int, follows?: ?Follows, rinse?: string, order?: ?int, starts?: ?int, happened?: Happened}  $change  the bowl's, as TimedBowl::with takes it
     * @param  ?self  $also  what has to be changed besides, where no single change would do
     */
    public function __construct(
        public MendKind $kind,
        public string $letter,
        public int $minutes = 0,
        public array $change = [],
        public ?self $also = null,
    ) {
    }

    public function and(self $also): self
    {
        return new self($this->kind, $this->letter, $this->minutes, $this->change, $also);
    }

    public function fact(): Fact
    {
        return $this->also === null
            ? $this->own()
            : Fact::of('times.mend-both', one: $this->own(), other: $this->also->fact());
    }

    private function own(): Fact
    {
        return match ($this->kind) {
            MendKind::Begin => $this->minutes < 0
                ? Fact::of('times.mend-begin-earlier', letter: $this->letter, minutes: -$this->minutes)
                : Fact::of('times.mend-begin-later', letter: $this->letter, minutes: $this->minutes),
            MendKind::Fresh => Fact::of('times.mend-fresh', letter: $this->letter),
            MendKind::Hands => Fact::of('times.mend-hands'),
            MendKind::Order => Fact::of('times.mend-order', letter: $this->letter),
            MendKind::Rinse => Fact::of('times.mend-rinse', letter: $this->letter),
            MendKind::Smaller => Fact::of('times.mend-smaller', letter: $this->letter, minutes: $this->minutes),
            MendKind::Weaker => Fact::of('times.mend-weaker', letter: $this->letter, volume: $this->minutes),
            MendKind::Split => Fact::of('times.mend-split', letter: $this->letter),
        };
    }
}

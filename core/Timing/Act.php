<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Fact;

/** Something to be done next, when, to which bowls. */
final readonly class Act
{
    /**
     * @param  list<string>  $letters  of the bowls it is about
     * @param  int  $at  seconds from where the plan counts
     * @param  int  $late  minutes since it should have been done
     * @param  bool  $over  on longer than it may
     * @param  string  $until  what to look for
     */
    public function __construct(
        public ActKind $kind,
        public array $letters,
        public int $at,
        public int $late = 0,
        public bool $over = false,
        public string $until = '',
        public int $minutes = 0,
    ) {
    }

    public function fact(): Fact
    {
        $letters = implode(', ', $this->letters);

        return match ($this->kind) {
            ActKind::Mix => Fact::of('times.act-mix', letters: $letters),
            ActKind::Begin => Fact::of('times.act-begin', letters: $letters),
            ActKind::Complete => Fact::of('times.act-complete', letters: $letters),
            ActKind::Again => Fact::of('times.act-again', letters: $letters),
            ActKind::HeatOn => Fact::of('times.act-heat-on', letters: $letters),
            ActKind::HeatOff => Fact::of('times.act-heat-off', letters: $letters),
            ActKind::Through => Fact::of('times.act-through', letters: $letters),
            ActKind::Emulsify => Fact::of('times.act-emulsify', letters: $letters),
            ActKind::Stale => Fact::of('times.act-stale', letters: $letters, minutes: $this->minutes),
            ActKind::Look => $this->until === ''
                ? Fact::of('times.act-look', letters: $letters)
                : Fact::of('times.act-look-until', letters: $letters, until: $this->until),
            ActKind::Rinse => $this->over
                ? Fact::of('times.act-rinse-over', letters: $letters)
                : Fact::of('times.act-rinse', letters: $letters),
        };
    }
}

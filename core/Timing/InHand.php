<?php

declare(strict_types=1);

namespace Core\Timing;

/** A stretch of the day in which somebody's hands are in one head: an application, a rinse. */
final readonly class InHand
{
    /**
     * @param  string  $visit  whose head it is
     * @param  string  $person  who does it
     * @param  int  $from  second of any clock that all share
     * @param  int  $to  the second after
     * @param  ActKind  $kind  begin: an application; rinse
     * @param  bool  $fixed  it has begun, or follows from what has: it moves with no appointment
     */
    public function __construct(
        public string $visit,
        public string $person,
        public int $from,
        public int $to,
        public ActKind $kind,
        public string $letters,
        public bool $fixed = false,
    ) {
    }

    public function moved(int $seconds): self
    {
        return new self(
            visit: $this->visit,
            person: $this->person,
            from: $this->from + $seconds,
            to: $this->to + $seconds,
            kind: $this->kind,
            letters: $this->letters,
            fixed: $this->fixed,
        );
    }

    public function meets(self $other): bool
    {
        return $this->visit !== $other->visit && $this->person === $other->person
            && $this->from < $other->to && $other->from < $this->to;
    }
}

<?php

declare(strict_types=1);

namespace Core\Timing;

/** What has really happened to a bowl so far, in seconds from where the plan counts; null where it has not. */
final readonly class Happened
{
    /**
     * @param  int  $more  minutes that were given to it beyond the plan
     * @param  list<Stamp>  $done  what else was done: taken through, emulsified, heat on, heat off
     * @param  ?int  $looked  when somebody last looked
     * @param  bool  $aside  mixed and not used
     */
    public function __construct(
        public ?int $mixed = null,
        public ?int $began = null,
        public ?int $completed = null,
        public ?int $rinsed = null,
        public int $more = 0,
        public array $done = [],
        public ?int $looked = null,
        public bool $aside = false,
    ) {
    }

    /** As if it had not been mixed. */
    public function unmixed(): self
    {
        return new self(
            mixed: null,
            began: $this->began,
            completed: $this->completed,
            rinsed: $this->rinsed,
            more: $this->more,
            done: $this->done,
            looked: $this->looked,
            aside: $this->aside,
        );
    }

    /** @return list<int> the seconds at which it was done */
    public function did(StampKind $kind): array
    {
        return array_values(array_map(
            static fn (Stamp $stamp): int => $stamp->second,
            array_filter($this->done, static fn (Stamp $stamp): bool => $stamp->kind === $kind),
        ));
    }
}

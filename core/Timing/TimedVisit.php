<?php

declare(strict_types=1);

namespace Core\Timing;

/** All that the plan of a visit's times follows from. */
final readonly class TimedVisit
{
    /** @var list<TimedBowl> by round and letter: the order in which they are told changes nothing */
    public array $bowls;

    /**
     * @param  list<TimedBowl>  $bowls
     * @param  array<int, int>  $between  minutes between the rinse of each round and the first touch of the next: the
     *     wash, a treatment, a cut; by round, from 0
     * @param  int  $hands  people who can apply at once
     * @param  bool  $coatCounts  a coat that stays under the next has its own full time; else only the next is timed
     * @param  ?int  $now  seconds from where the plan counts; nothing that has not begun begins before; null where the
     *     plan is of an ideal
     * @param  int  $after  minutes after the last rinse: a treatment, a mask
     */
    public function __construct(
        array $bowls,
        public array $between = [],
        public int $hands = 1,
        public bool $coatCounts = true,
        public ?int $now = null,
        public int $after = 0,
    ) {
        usort(
            $bowls,
            static fn (TimedBowl $one, TimedBowl $other): int => [$one->round, $one->letter] <=> [
                $other->round,
                $other->letter,
            ],
        );
        $this->bowls = array_values(
            array_filter($bowls, static fn (TimedBowl $bowl): bool => ! $bowl->happened->aside),
        );
    }

    public function bowl(string $letter): ?TimedBowl
    {
        foreach ($this->bowls as $bowl) {
            if ($bowl->letter === $letter) {
                return $bowl;
            }
        }

        return null;
    }

    /** People at work: as many as are named, at least. */
    public function people(): int
    {
        return max(1, $this->hands, count(array_unique(array_merge([], ...array_map(
            static fn (TimedBowl $bowl): array => $bowl->hands,
            $this->bowls,
        )))));
    }

    /** @param  array{round?: int, applying?: int, window?: ?Window, follows?: ?Follows, rinse?: string, order?: ?int, hands?: list<string>, starts?: ?int, happened?: Happened}  $change */
    public function withBowl(string $letter, array $change): self
    {
        return new self(
            bowls: array_map(
                static fn (TimedBowl $bowl): TimedBowl => $bowl->letter === $letter ? $bowl->with($change) : $bowl,
                $this->bowls,
            ),
            between: $this->between,
            hands: $this->hands,
            coatCounts: $this->coatCounts,
            now: $this->now,
            after: $this->after,
        );
    }

    /** @param  list<TimedBowl>  $bowls  that are there besides */
    public function withMore(array $bowls): self
    {
        return new self(
            bowls: [...$this->bowls, ...$bowls],
            between: $this->between,
            hands: $this->hands,
            coatCounts: $this->coatCounts,
            now: $this->now,
            after: $this->after,
        );
    }

    /**
     * A bowl whose sides are timed apart, side by side: what follows it, or is rinsed with it, looks to its last one.
     *
     * @param  non-empty-array<string, Happened>  $sides  by the letters that the sides have in the plan, the first
     *     begun first
     */
    public function withSides(string $letter, array $sides): self
    {
        $last = (string) array_key_last($sides);
        $bowls = [];
        foreach ($this->bowls as $bowl) {
            if ($bowl->letter === $letter) {
                foreach (array_keys($sides) as $at => $side) {
                    $other = $at === 0 ? null : (string) array_keys($sides)[$at - 1];
                    $bowls[] = $bowl->side((string) $side, $sides[$side], $other, $at);
                }

                continue;
            }
            $bowls[] = $bowl->with([
                'follows' => $bowl->follows?->bowl === $letter ? $bowl->follows->after($last) : $bowl->follows,
                'rinse' => $bowl->rinse === $letter ? $last : $bowl->rinse,
            ]);
        }

        return new self(
            bowls: $bowls,
            between: $this->between,
            hands: $this->hands,
            coatCounts: $this->coatCounts,
            now: $this->now,
            after: $this->after,
        );
    }

    public function withHands(int $hands): self
    {
        return new self(
            bowls: $this->bowls,
            between: $this->between,
            hands: $hands,
            coatCounts: $this->coatCounts,
            now: $this->now,
            after: $this->after,
        );
    }

    public function at(?int $now): self
    {
        return new self(
            bowls: $this->bowls,
            between: $this->between,
            hands: $this->hands,
            coatCounts: $this->coatCounts,
            now: $now,
            after: $this->after,
        );
    }

    /** As it was meant before anything happened: what really happened is held against it. */
    public function asMeant(): self
    {
        return new self(
            bowls: array_map(
                static fn (TimedBowl $bowl): TimedBowl => $bowl->with(['happened' => new Happened]),
                $this->bowls,
            ),
            between: $this->between,
            hands: $this->hands,
            coatCounts: $this->coatCounts,
            now: null,
            after: $this->after,
        );
    }

    public function hasBegun(): bool
    {
        return array_filter($this->bowls, static fn (TimedBowl $bowl): bool => $bowl->happened->began !== null) !== [];
    }

    /** Whether a range of minutes is meant anywhere: 10 to 15. */
    public function hasRanges(): bool
    {
        return array_filter(
            $this->bowls,
            static fn (TimedBowl $bowl): bool => $bowl->window?->upTo !== $bowl->window?->target,
        ) !== [];
    }

    /** Every range of minutes at its longer end. */
    public function atItsLongest(): self
    {
        return new self(
            bowls: array_map(
                static fn (TimedBowl $bowl): TimedBowl => $bowl->with(['window' => $bowl->window?->atItsLongest()]),
                $this->bowls,
            ),
            between: $this->between,
            hands: $this->hands,
            coatCounts: $this->coatCounts,
            now: $this->now,
            after: $this->after,
        );
    }
}

<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Practice\Number;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * A batch as its events left it. Nothing is stored but plan and events; every state is a replay,
 * so a repeated, undone or resumed pour can never drift from the record.
 */
final readonly class Batch
{
    /**
     * @param  BatchPlan  $plan  with what was added beside it
     * @param  BatchPlan  $first  as weighing began
     * @param  array<string, Grams>  $targets  by line, after any raised proportion
     * @param  array<string, Grams>  $poured  by line
     * @param  array<string, true>  $taken  lines taken as they are, short or over
     * @param  list<BatchEvent>  $standing  events not taken back
     * @param  int  $offset  centigrams the scale shows beyond what the record holds
     * @param  ?Grams  $bowlWeight  the empty bowl's; null where nobody has weighed it
     * @param  ?array<string, Grams>  $steered  what the proportion is since an over-pour was steered back, by line
     * @param  Grams  $elsewhere  of what is recorded, what is in a bowl that was used before this one
     * @param  bool  $onScale  whether the scale has been told that this bowl stands on it
     */
    private function __construct(
        public BatchPlan $plan,
        private BatchPlan $first,
        public array $targets,
        public array $poured,
        private array $taken,
        private array $standing,
        private int $offset,
        public ?Grams $bowlWeight,
        public ?Grams $leftover,
        public BatchStatus $status,
        public ?string $discardReason,
        public bool $onScale,
        public string $vessel,
        private Grams $elsewhere,
        private ?array $steered,
    ) {
    }

    public static function start(BatchPlan $plan): self
    {
        $targets = $poured = [];
        foreach ($plan->lines as $line) {
            $targets[$line->key] = $line->target;
            $poured[$line->key] = Grams::zero();
        }

        return new self(
            plan: $plan,
            first: $plan,
            targets: $targets,
            poured: $poured,
            taken: [],
            standing: [],
            offset: 0,
            bowlWeight: null,
            leftover: null,
            status: BatchStatus::Weighing,
            discardReason: null,
            onScale: false,
            vessel: '',
            elsewhere: Grams::zero(),
            steered: null,
        );
    }

    /**
     * @param  iterable<BatchEvent>  $events
     *
     * @throws PourRefused
     */
    public static function replay(BatchPlan $plan, iterable $events): self
    {
        $batch = self::start($plan);
        foreach ($events as $event) {
            $batch = $batch->after($event);
        }

        return $batch;
    }

    /** @throws PourRefused when the event does not fit the batch as it stands */
    public function after(BatchEvent $event): self
    {
        if ($event->kind === BatchEventKind::Undone) {
            return $this->withoutLatest();
        }
        if ($event->kind === BatchEventKind::WeighedBack) {
            return $this->weighedBack($event);
        }
        if ($event->kind === BatchEventKind::Discarded) {
            return $this->discarded($event);
        }
        if (! $this->status->isOpen()) {
            throw PourRefused::ended();
        }
        $next = match ($event->kind) {
            BatchEventKind::Tared => $this->tare($event),
            BatchEventKind::Poured => $this->pour($event->line ?? '', $event->grams ?? Grams::zero()),
            BatchEventKind::Added => $event->added === null
                ? throw PourRefused::unknownLine()
                : $this->add($event->added),
            BatchEventKind::KeptProportion => $this->keepProportion(),
            BatchEventKind::AcceptedOver => $this->with(taken: [...$this->taken, $this->overLine()->key => true]),
            BatchEventKind::AcceptedShort => $this->takeShort($event->line ?? ''),
            BatchEventKind::CarriedOn => $this->carryOn($event),
            BatchEventKind::Moved => $this->with(
                offset: ($event->reading ?? 0) - $this->total()->centigrams,
                bowlWeight: $event->grams,
                onScale: true,
                vessel: $event->vessel,
                elsewhere: $this->total(),
            ),
            BatchEventKind::Withdrawn => $this->withdraw(),
            BatchEventKind::Steered => $this->steer($event),
            BatchEventKind::Finished => $this->finish(),
        };

        return $next->with(standing: [...$this->standing, $event])->settled();
    }

    /** Everything in the bowl so far. */
    public function total(): Grams
    {
        return Grams::sum($this->poured);
    }

    /** What of it is in the bowl in use: all, unless what came later went into another one. */
    public function inThisBowl(): Grams
    {
        return $this->total()->lessAtMost($this->elsewhere);
    }

    public function isInOneBowl(): bool
    {
        return $this->elsewhere->isZero();
    }

    /** What the scale should show before the next pour, in centigrams. */
    public function expectedReading(): int
    {
        return $this->total()->centigrams + $this->offset;
    }

    public function targetTotal(): Grams
    {
        return Grams::sum(array_map(
            fn (PlannedLine $line): Grams => $this->isByEye($line->key)
                ? $this->poured[$line->key]
                : $this->target($line->key),
            $this->plan->lines,
        ));
    }

    /**
     * What a line that is poured by eye has to come to, once what it is measured against is in: powder by eye gives
     * the developer its 1:2. Null while that is not known.
     */
    public function followed(PlannedLine $line): ?Grams
    {
        $ratio = $line->part === null || $line->part === 0 ? null : ($this->plan->ratio[$line->part] ?? null);
        if (! $line->open || $ratio === null || $line->share === null) {
            return null;
        }
        $colour = Grams::zero();
        foreach ($this->plan->lines as $each) {
            if ($each->part === 0) {
                if (! $this->isDone($each->key)) {
                    return null;
                }
                $colour = $colour->plus($this->poured[$each->key]);
            }
        }

        return $colour->isZero()
            ? null
            : Grams::rounded(
                $colour->exactly()->times($ratio)->times($line->share),
                $this->plan->step,
                Rounding::HalfUp,
            );
    }

    /** Whether whatever goes in is right. */
    public function isByEye(string $key): bool
    {
        $line = $this->plan->line($key);

        return $line->open && $this->targets[$key]->isZero() && $this->followed($line) === null;
    }

    public function target(string $key): Grams
    {
        $line = $this->plan->line($key);

        return $this->followed($line) ?? $this->targets[$key];
    }

    public function band(string $key): Band
    {
        if (! isset($this->targets[$key])) {
            throw PourRefused::unknownLine();
        }
        $target = $this->target($key);
        if ($this->isByEye($key)) {
            // By eye: any amount is on target, up to what a bowl holds.
            return new Band(
                Grams::ofCentigrams(1),
                $this->poured[$key]->isMoreThan($target) ? $this->poured[$key] : $target,
                Grams::ofCentigrams(Grams::LARGEST_TYPED * 100),
            );
        }

        return $this->plan->tolerance->band($target);
    }

    /** How the scale is watched now: for the line being poured, or, once all is in, for what goes in unseen. */
    public function live(): ?LivePour
    {
        $line = $this->current();
        if ($line !== null) {
            return new LivePour($this->expectedReading(), $this->poured[$line->key], $this->band($line->key));
        }
        $same = Grams::ofCentigrams(Number::SameContent->centigrams());

        return $this->status === BatchStatus::Complete
            ? new LivePour($this->expectedReading(), Grams::zero(), new Band(Grams::zero(), Grams::zero(), $same))
            : null;
    }

    /** What is still to pour of a line; zero once it is on its target or taken. */
    public function left(string $key): Grams
    {
        return $this->isDone($key) || $this->isByEye($key)
            ? Grams::zero()
            : $this->target($key)->lessAtMost($this->poured[$key]);
    }

    public function isDone(string $key): bool
    {
        return isset($this->taken[$key])
            || (! $this->isByEye($key) && $this->band($key)->place($this->poured[$key]) === PourPlace::Inside);
    }

    /** The line to pour now; null when none is left, or a choice is due. */
    public function current(): ?PlannedLine
    {
        return $this->status === BatchStatus::Weighing ? $this->firstUndone() : null;
    }

    /** The line that is over its target and waits for a choice. */
    public function over(): ?PlannedLine
    {
        foreach ($this->plan->lines as $line) {
            if (
                ! isset($this->taken[$line->key])
                && $this->band($line->key)->place($this->poured[$line->key]) === PourPlace::Over
            ) {
                return $line;
            }
        }

        return null;
    }

    public function canUndo(): bool
    {
        return $this->standing !== [] && $this->status !== BatchStatus::Withdrawn;
    }

    /** What would be taken back; null where nothing can be. */
    public function latest(): ?BatchEvent
    {
        return $this->canUndo() ? $this->standing[count($this->standing) - 1] : null;
    }

    /** Begun by mistake, it can be left as if it had not been: until its first gram. */
    public function canWithdraw(): bool
    {
        return $this->status->isOpen() && $this->total()->isZero();
    }

    public function canDiscard(): bool
    {
        return ! $this->total()->isZero() && $this->leftover === null
            && ($this->status->isOpen() || $this->status === BatchStatus::Finished);
    }

    /** The targets that would hold the planned proportion: k × plan, k the largest poured ÷ planned. */
    public function proportionKept(): self
    {
        return $this->keepProportion();
    }

    /** Whether all that was planned came out as planned when weighing began, but for the hand's small misses. */
    public function followsPlan(): bool
    {
        foreach ($this->first->lines as $line) {
            $place = $this->first->tolerance->band($line->target)->place($this->poured[$line->key]);
            if ($line->open || $place !== PourPlace::Inside) {
                return false;
            }
        }

        return true;
    }

    /** Whether it is the formula that was planned, in whatever amount: what was over was kept in proportion. */
    public function keepsProportion(): bool
    {
        $planned = $this->first->total();
        $poured = Grams::sum(array_intersect_key($this->poured, array_flip(array_map(
            static fn (PlannedLine $line): string => $line->key,
            $this->first->lines,
        ))));
        if ($planned->isZero()) {
            return false;
        }
        foreach ($this->first->lines as $line) {
            $wanted = Grams::rounded(
                $line->target->exactly()->times(Fraction::of($poured->centigrams, $planned->centigrams)),
                $this->first->step,
                Rounding::HalfUp,
            );
            if (
                $line->open
                || $this->first->tolerance->band($wanted)->place($this->poured[$line->key]) !== PourPlace::Inside
            ) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, Grams> what went in beside the plan, by line */
    public function added(): array
    {
        return array_diff_key(
            $this->poured,
            array_flip(array_map(static fn (PlannedLine $line): string => $line->key, $this->first->lines)),
        );
    }

    /** What was really mixed, less what was weighed back; of a bowl that was thrown away, nothing. */
    public function used(): Grams
    {
        if ($this->status === BatchStatus::Discarded) {
            return Grams::zero();
        }

        return $this->leftover === null ? $this->total() : $this->total()->minus($this->leftover);
    }

    /** The bowl as it is in the end if every other line meets its target from here. */
    public function outcome(): Outcome
    {
        $amounts = [];
        foreach ($this->plan->lines as $line) {
            $poured = $this->poured[$line->key];
            $target = $this->target($line->key);
            $isAsPoured = $this->isByEye($line->key) || $this->isDone($line->key) || $poured->isMoreThan($target);
            $amounts[$line->key] = $isAsPoured ? $poured : $target;
        }

        return new Outcome($this->plan, $amounts);
    }

    /** Only an empty bowl is weighed as empty: what is in it would be lost from the record. */
    private function tare(BatchEvent $event): self
    {
        if ($event->reading === null && ! $this->total()->isZero()) {
            // From before bowls in use were told from empty ones: it said nothing of the bowl's weight.
            return $this->with(offset: -$this->total()->centigrams, onScale: true);
        }

        return $this->total()->isZero() ? $this->with(
            offset: $event->reading ?? 0,
            bowlWeight: $event->grams,
            onScale: true,
            vessel: $event->vessel,
        ) : throw PourRefused::bowlHoldsSome($this->total());
    }

    private function carryOn(BatchEvent $event): self
    {
        return $this->with(
            offset: ($event->reading ?? 0) - $this->total()->centigrams,
            bowlWeight: $event->grams,
            onScale: true,
        );
    }

    private function withdraw(): self
    {
        return $this->total()->isZero()
            ? $this->with(status: BatchStatus::Withdrawn)
            : throw PourRefused::bowlHoldsSome($this->total());
    }

    /** At any time, also of a bowl that was finished; nothing of it is used then. */
    private function discarded(BatchEvent $event): self
    {
        return match (true) {
            $this->status === BatchStatus::Discarded
                || $this->status === BatchStatus::Withdrawn => throw PourRefused::ended(),
            $this->leftover !== null => throw PourRefused::weighedBackAlready(),
            default => $this->with(
                status: BatchStatus::Discarded,
                discardReason: $event->reason,
                standing: [...$this->standing, $event],
            ),
        };
    }

    private function pour(string $key, Grams $grams): self
    {
        $this->plan->line($key);
        if ($grams->isZero()) {
            throw PourRefused::nothingPoured();
        }
        $over = $this->over();
        if ($over !== null) {
            throw PourRefused::chooseFirst($over->label);
        }
        $taken = $this->taken;
        unset($taken[$key]);
        if ($this->isByEye($key)) {
            $taken[$key] = true;
        }

        return $this->with(poured: [...$this->poured, $key => $this->poured[$key]->plus($grams)], taken: $taken);
    }

    /** It is poured next, before what is still to come; a product poured by eye already may be poured again. */
    private function add(PlannedLine $line): self
    {
        $over = $this->over();
        if ($over !== null) {
            throw PourRefused::chooseFirst($over->label);
        }
        if (isset($this->poured[$line->key])) {
            if (! $this->plan->line($line->key)->open) {
                throw PourRefused::plannedAlready($line->label);
            }

            return $this->with(taken: array_diff_key($this->taken, [$line->key => true]));
        }

        return $this->with(
            plan: $this->plan->withLine($line, $this->firstUndone()?->key),
            targets: [...$this->targets, $line->key => Grams::zero()],
            poured: [...$this->poured, $line->key => Grams::zero()],
        );
    }

    private function keepProportion(): self
    {
        $followed = $this->followed($this->overLine());
        if ($followed !== null) {
            return $this->keepToWhatFollows($this->overLine(), $followed);
        }
        $factor = Fraction::one();
        $wanted = fn (PlannedLine $line): Grams => $this->steered[$line->key] ?? $line->target;
        foreach ($this->plan->lines as $line) {
            if ($line->open || $wanted($line)->isZero()) {
                continue;
            }
            $reached = Fraction::of($this->poured[$line->key]->centigrams, $wanted($line)->centigrams);
            $factor = $reached->compare($factor) > 0 ? $reached : $factor;
        }
        $targets = [];
        foreach ($this->plan->lines as $line) {
            $exact = $wanted($line)->exactly()->times($factor);
            $rounded = Grams::rounded($exact, $this->plan->step, Rounding::HalfUp);
            // The line that set the factor is on its target by definition, whatever the step says.
            $targets[$line->key] = $exact->equals($this->poured[$line->key]->exactly())
                ? $this->poured[$line->key]
                : $rounded;
        }

        // Lines taken short stay taken only if nobody asks more of them now: the proportion is the wish.
        return $this->with(
            targets: $targets,
            taken: array_filter(
                $this->taken,
                fn (string $key): bool => $this->plan->line($key)->open,
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }

    /** What follows a colour that was poured by eye is over: so much more of the colour holds the proportion. */
    private function keepToWhatFollows(PlannedLine $over, Grams $followed): self
    {
        $factor = Fraction::of($this->poured[$over->key]->centigrams, max(1, $followed->centigrams));
        $targets = $this->targets;
        $taken = $this->taken;
        foreach ($this->plan->lines as $line) {
            if ($line->part === 0) {
                $targets[$line->key] = Grams::rounded(
                    $this->poured[$line->key]->exactly()->times($factor),
                    $this->plan->step,
                    Rounding::HalfUp,
                );
                unset($taken[$line->key]);
            }
        }

        return $this->with(targets: $targets, taken: $taken);
    }

    private function steer(BatchEvent $event): self
    {
        $over = $this->overLine();
        $plan = $this->plan;
        $poured = $this->poured;
        foreach ($event->lines as $line) {
            $plan = $plan->withLine($line, null);
            $poured[$line->key] ??= Grams::zero();
        }

        return $this->with(
            plan: $plan,
            targets: $event->targets,
            poured: $poured,
            taken: [...$this->taken, $over->key => true],
            steered: $event->targets,
        );
    }

    private function takeShort(string $key): self
    {
        $this->plan->line($key);

        return $this->with(taken: [...$this->taken, $key => true]);
    }

    private function finish(): self
    {
        $over = $this->over();
        $left = $this->firstUndone();

        return match (true) {
            $over !== null => throw PourRefused::chooseFirst($over->label),
            $left !== null => throw PourRefused::linesLeft($left->label),
            default => $this->with(status: BatchStatus::Finished),
        };
    }

    private function weighedBack(BatchEvent $event): self
    {
        $leftover = $event->grams ?? Grams::zero();

        return match (true) {
            $this->status !== BatchStatus::Finished => throw PourRefused::notFinished(),
            $leftover->isMoreThan($this->total()) => throw PourRefused::moreLeftThanMixed($leftover, $this->total()),
            default => $this->with(leftover: $leftover, standing: [...$this->standing, $event]),
        };
    }

    private function withoutLatest(): self
    {
        $latest = $this->latest() ?? throw PourRefused::nothingToUndo();
        // Grams that were taken back may still be in the bowl: what stands on the scale is asked anew, and found by its
        // weight.
        $kinds = [BatchEventKind::Poured, BatchEventKind::Tared, BatchEventKind::CarriedOn, BatchEventKind::Moved];

        return self::replay($this->first, array_slice($this->standing, 0, -1))
            ->with(onScale: in_array($latest->kind, $kinds, true) ? false : $this->onScale);
    }

    private function overLine(): PlannedLine
    {
        return $this->over() ?? throw PourRefused::nothingOver();
    }

    private function firstUndone(): ?PlannedLine
    {
        foreach ($this->plan->lines as $line) {
            if (! $this->isDone($line->key)) {
                return $line;
            }
        }

        return null;
    }

    /** The status that follows from the pours. */
    private function settled(): self
    {
        return $this->status->isOpen() ? $this->with(status: match (true) {
            $this->over() !== null => BatchStatus::Over,
            $this->firstUndone() === null => BatchStatus::Complete,
            default => BatchStatus::Weighing,
        }) : $this;
    }

    /**
     * @param  ?array<string, Grams>  $targets
     * @param  ?array<string, Grams>  $poured
     * @param  ?array<string, true>  $taken
     * @param  ?list<BatchEvent>  $standing
     * @param  ?array<string, Grams>  $steered
     */
    private function with(
        ?BatchPlan $plan = null,
        ?array $targets = null,
        ?array $poured = null,
        ?array $taken = null,
        ?array $standing = null,
        ?int $offset = null,
        ?Grams $bowlWeight = null,
        ?Grams $leftover = null,
        ?BatchStatus $status = null,
        ?string $discardReason = null,
        ?bool $onScale = null,
        ?string $vessel = null,
        ?Grams $elsewhere = null,
        ?array $steered = null,
    ): self {
        return new self(
            plan: $plan ?? $this->plan,
            first: $this->first,
            targets: $targets ?? $this->targets,
            poured: $poured ?? $this->poured,
            taken: $taken ?? $this->taken,
            standing: $standing ?? $this->standing,
            offset: $offset ?? $this->offset,
            // Zero stands for “nobody knows any more”.
            bowlWeight: $bowlWeight === null ? $this->bowlWeight : ($bowlWeight->isZero() ? null : $bowlWeight),
            leftover: $leftover ?? $this->leftover,
            status: $status ?? $this->status,
            discardReason: $discardReason ?? $this->discardReason,
            onScale: $onScale ?? $this->onScale,
            vessel: $vessel ?? $this->vessel,
            elsewhere: $elsewhere ?? $this->elsewhere,
            steered: $steered ?? $this->steered,
        );
    }
}

<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\Additive;
use Core\Formula\Bowl;
use Core\Formula\Entry;
use Core\Formula\UnworkableBowl;
use Core\Formula\WorkedBowl;
use Core\Hair\Placement;
use Core\Hair\Stroke;
use Core\Units\ScaleStep;

/** A bowl with everything that is said around its formula: letter, job, line, place, clock, note. */
final readonly class BowlSheet
{
    /**
     * @param  string  $letter  one or two capital letters
     * @param  string  $line  id of its colour line
     * @param  ?Bowl  $bowl  null where some amount is not known
     * @param  ?OpenBowl  $open  given exactly then
     * @param  list<list<Entry>>  $entries  as written, part by part
     * @param  list<Stroke>  $strokes
     * @param  ?int  $minutes  planned processing time
     */
    public function __construct(
        public string $letter,
        public string $job,
        public string $line,
        public ?Bowl $bowl,
        public ?OpenBowl $open,
        public array $entries,
        public array $strokes,
        public ?int $minutes,
        public string $note,
        public BowlDetails $details,
        public Extras $extras,
    ) {
    }

    /** @return list<Additive> on top of the ratio */
    public function additives(): array
    {
        return $this->bowl->additives ?? $this->open->additives ?? [];
    }

    /** Where the bowl goes at all, over all its strokes. */
    public function placement(): Placement
    {
        $regions = $spans = [];
        $everywhere = false;
        foreach ($this->strokes as $stroke) {
            $everywhere = $everywhere || $stroke->placement->regions === [];
            array_push($regions, ...$stroke->placement->regions);
            array_push($spans, ...$stroke->placement->spans);
        }

        return Placement::of($everywhere ? [] : $regions, $spans);
    }

    /** Foils planned over all its strokes; where they lie in groups, those are counted. */
    public function foils(): int
    {
        return array_sum(array_map(static fn (Stroke $stroke): int => $stroke->foils ?? $stroke->pattern?->foils() ?? 0, $this->strokes));
    }

    /**
     * @throws UnworkableBowl also where an amount is not known
     */
    public function work(ScaleStep $step): WorkedBowl
    {
        return $this->bowl?->work($step) ?? throw UnworkableBowl::amountNotKnown();
    }
}

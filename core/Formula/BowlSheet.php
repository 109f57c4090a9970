<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\CoreException;
use Core\Hair\Placement;
use Core\Hair\Stroke;
use Core\Shelf\Product;
use Core\Units\MixRatio;
use Core\Units\ScaleStep;

/** One formula: a bowl as it is written, with what it names found on the shelf. Made by ComposeBowl. */
final readonly class BowlSheet
{
    public string $letter;

    public string $job;

    /** Id of its colour line. */
    public string $line;

    /** Null where it is not known. */
    public ?MixRatio $ratio;

    /** @var list<list<Entry>> part by part, colour first */
    public array $entries;

    /** @var list<Extra> */
    public array $extras;

    /** @var list<BowlUse> */
    public array $uses;

    /** @var list<Stroke> */
    public array $strokes;

    /** Planned processing time. */
    public ?int $minutes;

    public string $note;

    public BowlDetails $details;

    /**
     * @param  list<list<FilledEntry>>  $filled  part by part
     * @param  list<Additive>  $additives  on top of the ratio
     * @param  ?Bowl  $bowl  null where something that decides its grams is not known
     * @param  int  $developerPart  where the developer stands in the ratio
     */
    public function __construct(
        public BowlDraft $draft,
        public array $filled,
        public array $additives,
        public ?Bowl $bowl,
        public int $developerPart,
    ) {
        $this->letter = $draft->letter;
        $this->job = $draft->job;
        $this->line = $draft->line;
        $this->ratio = $draft->ratio;
        $this->entries = $draft->entries;
        $this->extras = $draft->extras;
        $this->uses = $draft->uses;
        $this->strokes = $draft->strokes;
        $this->minutes = $draft->minutes;
        $this->note = $draft->note;
        $this->details = $draft->details;
    }

    /** The planned minutes as people say them: 35 min, 25 to 35 min; empty where the line's own are meant. */
    public function minutesWords(): string
    {
        return $this->minutes === null
            ? ''
            : $this->minutes.($this->details->minutesMost === null ? '' : " to {$this->details->minutesMost}").' min';
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
        return array_sum(array_map(
            static fn (Stroke $stroke): int => $stroke->foils ?? $stroke->pattern?->foils() ?? 0,
            $this->strokes,
        ));
    }

    /** @return list<Extra> that count in the ratio */
    public function extrasInside(): array
    {
        return array_values(array_filter($this->extras, static fn (Extra $extra): bool => $extra->role() !== null));
    }

    /** @return list<Product> everything it holds, house blends spread out */
    public function products(): array
    {
        $found = [];
        foreach (array_merge(...$this->filled) as $entry) {
            array_push(
                $found,
                ...array_map(static fn (array $each): Product => $each['product'], $entry->products),
                ...$entry->alternatives,
            );
        }

        return [...$found, ...array_map(static fn (Extra $extra): Product => $extra->product, $this->extras)];
    }

    public function partName(int $part): string
    {
        return $this->bowl->parts[$part]->name ?? match (true) {
            $part === 0 => 'colour',
            $part === $this->developerPart => 'developer',
            $part === 3 => 'fourth part',
            default => 'third part',
        };
    }

    /**
     * The bowl to the gram.
     *
     * @throws UnworkableBowl also where something is not known
     * @throws CoreException
     */
    public function work(ScaleStep $step): WorkedBowl
    {
        return $this->known($step)->worked ?? throw UnworkableBowl::amountNotKnown();
    }

    /**
     * What is known of it, which may be everything.
     *
     * @throws CoreException when what is said cannot all be true
     */
    public function known(ScaleStep $step): KnownBowl
    {
        return KnownBowl::of($this, $step);
    }
}

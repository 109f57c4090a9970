<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Formula\Purpose;
use Core\Hair\Cell;
use Core\Hair\Method;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Stroke;
use Core\Units\Fraction;

/** A kind of strand: a share of a zone's hair that meets the same bowls in the same order. */
final readonly class Strand
{
    private const FEW = 2;

    /**
     * @param  Fraction  $share  of the zone's hair, above zero; those of a zone add up to 1
     * @param  list<array{bowl: PlacedBowl, stroke: Stroke}>  $laid  in the order they go on
     * @param  list<Cell>  $cells  where it grows, or runs
     * @param  bool  $isPartOfPlace  its zone has other cells too, that meet other bowls
     * @param  bool  $saysSpans  another kind of strand differs from it by nothing but its place along the hair
     */
    public function __construct(
        public StrandKind $kind,
        public Fraction $share,
        public array $laid,
        public array $cells,
        public bool $isPartOfPlace = false,
        private bool $saysSpans = false,
    ) {
    }

    /** Its regions where it has not all of them, else its spans: in as few words as tell it from its neighbours. */
    public function place(): string
    {
        $regions = $spans = [];
        foreach ($this->cells as $cell) {
            $regions[$cell->region->value] = $cell->region->label();
            $spans[$cell->span->order()] = $cell->span->value;
        }
        ksort($spans);
        $many = count($regions);
        if ($many === count(Region::cases())) {
            return implode(' and ', $spans);
        }
        $named = $many > self::FEW
            ? implode(', ', array_slice(array_values($regions), 0, self::FEW)).' and '.($many - self::FEW).' more'
            : implode(', ', $regions);

        return $this->saysSpans ? implode(' and ', $spans).", {$named}" : $named;
    }

    /** What it is called beside the others: in the foils of A, between the foils. */
    public function name(): Fact
    {
        $letters = array_values(array_unique(array_map(
            static fn (array $each): string => $each['bowl']->sheet->letter,
            array_filter(
                $this->services(),
                static fn (array $each): bool => $each['stroke']->method?->isPartial() === true
                    || $each['stroke']->pattern !== null,
            ),
        )));
        $what = match ($this->kind) {
            StrandKind::Whole => $this->isPartOfPlace ? null : Fact::of('why.strand.all'),
            StrandKind::Taken => Fact::of('why.strand.taken', letters: implode(', ', $letters)),
            StrandKind::Dealt => Fact::of('why.strand.dealt', letters: implode(', ', $letters)),
            StrandKind::Between => Fact::of('why.strand.between'),
            StrandKind::Left => Fact::of('why.strand.left'),
        };

        return match (true) {
            $what === null => Fact::of('why.strand.place', place: $this->place()),
            $this->isPartOfPlace => Fact::of('why.strand.in-place', what: $what, place: $this->place()),
            default => $what,
        };
    }

    /** By which a look at it is kept, in no language: the same while the same bowls lie on it in the same way. */
    public function key(): string
    {
        return trim(
            "{$this->kind->value} ".implode('', $this->letters()).($this->isPartOfPlace ? " {$this->place()}" : ''),
        );
    }

    /** The span nearest to the scalp: what makes a root warm. */
    public function span(): ?Span
    {
        $spans = array_map(static fn (Cell $cell): Span => $cell->span, $this->cells);
        usort($spans, static fn (Span $one, Span $other): int => $one->order() <=> $other->order());

        return $spans[0] ?? null;
    }

    /** @return list<string> of the bowls that lie on it, each once, shields and test strands left out */
    public function letters(): array
    {
        return array_values(array_unique(array_map(
            static fn (array $each): string => $each['bowl']->sheet->letter,
            $this->services(),
        )));
    }

    /** @return list<array{bowl: PlacedBowl, stroke: Stroke}> what colours or lightens it */
    public function services(): array
    {
        return array_values(array_filter(
            $this->laid,
            static fn (array $each): bool => $each['bowl']->sheet->details->purpose === Purpose::Service,
        ));
    }

    /** Something shields it in that round: nothing that is rinsed over it stains it. */
    public function isShielded(int $round): bool
    {
        foreach ($this->laid as $each) {
            if ($each['bowl']->round === $round && $each['bowl']->sheet->details->purpose === Purpose::Protect) {
                return true;
            }
        }

        return false;
    }

    /**
     * Closed in a foil or under a film, or shielded: what is laid beside it in that round does not reach it. What is
     * taken through in the last minutes passes a shield, for then it is meant to; what is to run over the others, a
     * gloss, and what goes on damp hair come when the foils are out.
     */
    public function isClosedTo(Laid $over): bool
    {
        if ($over->isShield() || $over->stroke->overlaps) {
            return false;
        }
        $afterFoils = $over->stroke->method === Method::Gloss || $over->bowl->isDamp($over->stroke);
        foreach ($this->laid as ['bowl' => $bowl, 'stroke' => $stroke]) {
            $shields = $bowl->sheet->details->purpose === Purpose::Protect && $over->stroke->lastMinutes === null;
            $closed = ! $afterFoils && $stroke->isClosed($bowl->sheet->details->covering);
            if ($bowl->round === $over->bowl->round && ($shields || $closed)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array{bowl: PlacedBowl, stroke: Stroke}  ...$more */
    public function with(StrandKind $kind, Fraction $share, array ...$more): self
    {
        return new self(
            kind: $kind,
            share: $share,
            laid: [...$this->laid, ...array_values($more)],
            cells: $this->cells,
            isPartOfPlace: $this->isPartOfPlace,
            saysSpans: $this->saysSpans,
        );
    }

    /** The same, named by its place along the hair too. */
    public function bySpan(): self
    {
        return new self(
            kind: $this->kind,
            share: $this->share,
            laid: $this->laid,
            cells: $this->cells,
            isPartOfPlace: $this->isPartOfPlace,
            saysSpans: true,
        );
    }
}

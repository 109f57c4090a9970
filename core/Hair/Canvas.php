<?php

declare(strict_types=1);

namespace Core\Hair;

/** The head as it was read before the work, and what is wished, zone by zone. */
final readonly class Canvas
{
    /**
     * @param  list<CanvasZone>  $zones
     * @param  string  $worn  parting, hair up or never up, cowlicks, what will be cut off
     * @param  string  $target  what the result is matched against: a swatch, a photograph, the twin in the next chair
     */
    public function __construct(public array $zones = [], public string $worn = '', public string $target = '')
    {
    }

    /**
     * @return list<string> what a result may be said of: each zone, and the strands of which something else is wished
     */
    public function ids(): array
    {
        return array_merge(...array_map(
            static fn (CanvasZone $zone): array => array_map(
                static fn (CanvasZone $each): string => $each->id,
                $zone->byWish(),
            ),
            $this->zones,
        ));
    }

    /** @return list<Cell> cells of which something is wished */
    public function wished(): array
    {
        return $this->cellsOf(static fn (CanvasZone $zone): bool => $zone->hasWish() && ! $zone->offLimits);
    }

    /** @return list<Cell> */
    public function offLimits(): array
    {
        return $this->cellsOf(static fn (CanvasZone $zone): bool => $zone->offLimits);
    }

    /**
     * The zone a cell lies in: the one that names the fewest regions, as a part of the head stands before all of it.
     */
    public function zoneAt(Cell $cell): ?CanvasZone
    {
        $best = null;
        foreach ($this->zones as $zone) {
            foreach ($zone->cells() as $each) {
                if (
                    $each->key() === $cell->key()
                    && ($best === null || count($zone->cells()) < count($best->cells()))
                ) {
                    $best = $zone;
                }
            }
        }

        return $best;
    }

    /**
     * The thickest that is read anywhere, medium where none is; amounts follow it, and a bowl that runs out is worse
     * than a rest.
     */
    public function density(): Density
    {
        $read = array_filter(array_map(static fn (CanvasZone $zone): ?Density => $zone->density, $this->zones));

        return array_reduce(
            $read,
            static fn (?Density $most, Density $each): Density => $most === null || $each
                ->factor()
                ->compare($most->factor()) > 0
                ? $each
                : $most,
        ) ?? Density::Medium;
    }

    /** The longest that is read anywhere, shoulder where none is. */
    public function length(): Length
    {
        $read = array_filter(array_map(static fn (CanvasZone $zone): ?Length => $zone->length, $this->zones));

        return array_reduce(
            $read,
            static fn (?Length $most, Length $each): Length => $most === null || $each
                ->factor()
                ->compare($most->factor()) > 0
                ? $each
                : $most,
        ) ?? Length::Shoulder;
    }

    /**
     * @param  callable(CanvasZone): bool  $wanted
     * @return list<Cell>
     */
    private function cellsOf(callable $wanted): array
    {
        $cells = [];
        foreach ($this->zones as $zone) {
            if ($wanted($zone)) {
                foreach ($zone->cells() as $cell) {
                    $cells[$cell->key()] = $cell;
                }
            }
        }

        return array_values($cells);
    }
}

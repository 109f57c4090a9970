<?php

declare(strict_types=1);

namespace Core\Hair;

/** One span of the strand in one region of the head: the smallest place a map knows. */
final readonly class Cell
{
    public function __construct(public Region $region, public Span $span)
    {
    }

    public function key(): string
    {
        return "{$this->region->value}/{$this->span->value}";
    }

    /** Its part of the head's hair, root to ends, in ten-thousandths. */
    public function weight(): int
    {
        return $this->region->hundredths() * $this->span->hundredths();
    }

    /** @return list<self> */
    public static function all(): array
    {
        $cells = [];
        foreach (Region::cases() as $region) {
            foreach (Span::cases() as $span) {
                $cells[] = new self($region, $span);
            }
        }

        return $cells;
    }

    /**
     * The same cells in as few words as they take: a span over all the head, else its regions.
     *
     * @param  list<self>  $cells
     */
    public static function words(array $cells): string
    {
        $words = [];
        foreach (Span::cases() as $span) {
            $regions = [];
            foreach ($cells as $cell) {
                if ($cell->span === $span) {
                    $regions[] = $cell->region;
                }
            }
            if ($regions !== []) {
                $names = count($regions) === count(Region::cases()) ? 'all over' : implode(
                    ', ',
                    array_map(static fn (Region $region): string => $region->label(), $regions),
                );
                $words[$names][] = $span->value;
            }
        }

        return implode(
            '; ',
            array_map(
                static fn (string $names, array $spans): string => implode(' and ', $spans)." {$names}",
                array_keys($words),
                $words,
            ),
        );
    }
}

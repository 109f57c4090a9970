<?php

declare(strict_types=1);

namespace Core\Hair;

/**
 * Which bowls lie on which cell of the head in one round, what is left bare that should not be,
 * and what lies under two bowls that nobody meant to overlap.
 */
final readonly class Coverage
{
    /**
     * @param  array<string, list<string>>  $bowls  letters by cell key
     * @param  list<Cell>  $uncovered
     * @param  list<Cell>  $doubled
     */
    private function __construct(public array $bowls, public array $uncovered, public array $doubled)
    {
    }

    /**
     * @param  list<array{letter: string, round: string, stroke: Stroke}>  $strokes
     * @param  list<Cell>  $wished  cells that something is to happen to
     * @param  list<Cell>  $offLimits  cells that nothing may touch
     */
    public static function of(array $strokes, array $wished, array $offLimits = []): self
    {
        $bowls = $full = $doubled = [];
        $left = array_fill_keys(array_map(static fn (Cell $cell): string => $cell->key(), $offLimits), true);
        foreach ($strokes as ['letter' => $letter, 'round' => $round, 'stroke' => $stroke]) {
            foreach (self::cells($stroke) as $cell) {
                foreach ([$letter, ...$stroke->with] as $each) {
                    $bowls[$cell->key()][] = $each;
                }
                // A shield is no colour: it may lie beside one.
                if (
                    $stroke->overlaps
                    || $stroke->method?->isPartial() === true
                    || in_array($stroke->method, [Method::BetweenFoils, Method::Protect], true)
                ) {
                    continue;
                }
                $before = $full[$round][$cell->key()] ?? null;
                if ($before !== null && $before !== $letter) {
                    $doubled[$cell->key()] = $cell;
                }
                $full[$round][$cell->key()] ??= $letter;
            }
        }
        foreach ($offLimits as $cell) {
            if (isset($bowls[$cell->key()])) {
                $doubled[$cell->key()] = $cell;
            }
        }
        $uncovered = array_values(array_filter(
            $wished,
            static fn (Cell $cell): bool => ! isset($bowls[$cell->key()]) && ! isset($left[$cell->key()]),
        ));

        return new self(
            array_map(static fn (array $letters): array => array_values(array_unique($letters)), $bowls),
            $uncovered,
            array_values($doubled),
        );
    }

    /** @return list<Cell> */
    public static function cells(Stroke $stroke): array
    {
        $cells = [];
        foreach ($stroke->regions() as $region) {
            foreach ($stroke->spans() as $span) {
                $cells[] = new Cell($region, $span);
            }
        }

        return $cells;
    }
}

<?php

declare(strict_types=1);

namespace Core\Hair;

/** Which regions of the head, and which spans of the strand, a bowl goes on. */
final readonly class Placement
{
    /**
     * @param  list<Region>  $regions  without repeats; empty means all over
     * @param  list<Span>  $spans  without repeats, scalp first
     */
    private function __construct(public array $regions, public array $spans)
    {
    }

    /**
     * @param  list<Region>  $regions
     * @param  list<Span>  $spans
     */
    public static function of(array $regions, array $spans): self
    {
        return new self(
            array_values(array_filter(
                Region::cases(),
                static fn (Region $region): bool => in_array($region, $regions, true),
            )),
            array_values(array_filter(Span::cases(), static fn (Span $span): bool => in_array($span, $spans, true))),
        );
    }

    /** In words: crown and back, root to mids. */
    public function words(): string
    {
        $regions = $this->regions === [] ? 'all over' : self::listed(array_map(
            static fn (Region $region): string => $region->label(),
            $this->regions,
        ));

        return $this->spans === [] ? $regions : $regions.', '.self::spanWords($this->spans);
    }

    /** @param  non-empty-list<Span>  $spans */
    private static function spanWords(array $spans): string
    {
        $first = $spans[0];
        $last = $spans[count($spans) - 1];
        $unbroken = $last->order() - $first->order() === count($spans) - 1;

        return count($spans) > 1 && $unbroken
            ? "{$first->value} to {$last->value}"
            : self::listed(array_map(static fn (Span $span): string => $span->value, $spans));
    }

    /** @param  non-empty-list<string>  $words */
    private static function listed(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? $last : implode(', ', $words).' and '.$last;
    }
}

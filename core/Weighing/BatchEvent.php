<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Grams;
use Core\Units\Strength;

/** One thing that happened to a batch. */
final readonly class BatchEvent
{
    /**
     * @param  ?string  $line  key of the planned line
     * @param  ?Grams  $grams  poured, left over, or the weight of the empty bowl
     * @param  ?int  $reading  centigrams the scale showed, for carrying on; may be negative
     * @param  ?PlannedLine  $added  what goes in beside the plan
     * @param  array<string, Grams>  $targets  by line, as they are from here on
     * @param  list<PlannedLine>  $lines  that come to the plan
     * @param  string  $vessel  what the bowl on the scale is called: the yellow one
     */
    private function __construct(
        public BatchEventKind $kind,
        public ?string $line = null,
        public ?Grams $grams = null,
        public ?PourSource $source = null,
        public ?int $reading = null,
        public ?string $reason = null,
        public ?PlannedLine $added = null,
        public string $vessel = '',
        public array $targets = [],
        public array $lines = [],
    ) {
    }

    /**
     * @param  Grams  $bowl  the empty bowl's weight; zero where the scale itself was set to zero under it and nobody
     *     knows
     * @param  ?int  $reading  centigrams the scale shows with the empty bowl on it; null from before this was kept,
     *     when the scale itself was set to zero
     */
    public static function tared(Grams $bowl, ?int $reading = 0, string $vessel = ''): self
    {
        return new self(BatchEventKind::Tared, grams: $bowl, reading: $reading, vessel: $vessel);
    }

    public static function withdrawn(): self
    {
        return new self(BatchEventKind::Withdrawn);
    }

    public static function poured(string $line, Grams $grams, PourSource $source): self
    {
        return new self(BatchEventKind::Poured, $line, $grams, $source);
    }

    /**
     * @param  string  $key  product id
     * @param  ?int  $part  index of the part of the ratio it counts toward; null on top of it
     */
    public static function added(string $key, string $label, ?int $part, ?Strength $strength = null): self
    {
        return new self(
            BatchEventKind::Added,
            $key,
            added: new PlannedLine($key, $label, $part, Grams::zero(), $strength, open: true),
        );
    }

    public static function keptProportion(): self
    {
        return new self(BatchEventKind::KeptProportion);
    }

    /**
     * @param  array<string, Grams>  $targets  by line, new ones with them
     * @param  list<PlannedLine>  $lines  new ones: another strength
     */
    public static function steered(array $targets, array $lines): self
    {
        return new self(BatchEventKind::Steered, targets: $targets, lines: $lines);
    }

    public static function acceptedOver(): self
    {
        return new self(BatchEventKind::AcceptedOver);
    }

    public static function acceptedShort(string $line): self
    {
        return new self(BatchEventKind::AcceptedShort, $line);
    }

    /** @throws PourRefused without a reason */
    public static function discarded(string $reason): self
    {
        return trim($reason) === '' ? throw PourRefused::discardNeedsReason() : new self(
            BatchEventKind::Discarded,
            reason: trim($reason),
        );
    }

    /**
     * @param  int  $reading  centigrams the scale shows with all that is recorded in the bowl
     * @param  ?Grams  $bowl  what the bowl alone weighs, where that follows
     */
    public static function carriedOn(int $reading, ?Grams $bowl = null): self
    {
        return new self(BatchEventKind::CarriedOn, grams: $bowl, reading: $reading);
    }

    /**
     * @param  Grams  $bowl  the other, empty bowl's weight; zero where nobody knows it
     * @param  int  $reading  centigrams the scale shows with it
     */
    public static function moved(Grams $bowl, int $reading, string $vessel = ''): self
    {
        return new self(BatchEventKind::Moved, grams: $bowl, reading: $reading, vessel: $vessel);
    }

    public static function undone(): self
    {
        return new self(BatchEventKind::Undone);
    }

    public static function finished(): self
    {
        return new self(BatchEventKind::Finished);
    }

    public static function weighedBack(Grams $leftover): self
    {
        return new self(BatchEventKind::WeighedBack, grams: $leftover);
    }
}

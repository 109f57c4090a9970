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
     */
    private function __construct(
        public BatchEventKind $kind,
        public ?string $line = null,
        public ?Grams $grams = null,
        public ?PourSource $source = null,
        public ?int $reading = null,
        public ?string $reason = null,
        public ?PlannedLine $added = null,
    ) {
    }

    public static function tared(Grams $bowl): self
    {
        return new self(BatchEventKind::Tared, grams: $bowl);
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

    /** @param  int  $reading centigrams */
    public static function carriedOn(int $reading): self
    {
        return new self(BatchEventKind::CarriedOn, reading: $reading);
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

<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Fact;
use Core\Practice\Number;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * What there is of one product by its ledger: the sum of its movements, in whatever order they came. Until somebody has
 * counted it, nobody knows: unknown is a value, and never zero.
 */
final readonly class StockLevel
{
    /**
     * @param  int  $sum  of all movements, in centigrams
     * @param  bool  $counted  whether a count is among them
     */
    private function __construct(private int $sum, private bool $counted)
    {
    }

    public static function of(int $sum, bool $counted): self
    {
        return new self($sum, $counted);
    }

    public static function unknown(): self
    {
        return new self(0, false);
    }

    public function isKnown(): bool
    {
        return $this->counted;
    }

    /** What is there; nothing where more went out than ever came; null where nobody has counted. */
    public function grams(): ?Grams
    {
        return $this->counted ? Grams::ofCentigrams(max(0, $this->sum)) : null;
    }

    /**
     * What is said at the bench where less is there than is still to go in; null where there is enough, or nobody
     * knows.
     */
    public function shortOf(string $product, Grams $left): ?Fact
    {
        $there = $this->grams();

        return $there !== null && $left->isMoreThan($there)
            ? Fact::of('stock.short-now', there: $there->text(), product: $product, left: $left->text())
            : null;
    }

    /** By how much more went out than the ledger had: count again. */
    public function missing(): ?Grams
    {
        return $this->counted && $this->sum < 0 ? Grams::ofCentigrams(-$this->sum) : null;
    }

    /**
     * The movement by which the level becomes what is said: signed, in centigrams.
     *
     * @param  Grams  $grams  delivered, thrown, or found there by a count
     * @param  bool  $out  of a correction: whether it takes away
     */
    public function movement(MovementKind $kind, Grams $grams, bool $out = false): int
    {
        return match ($kind) {
            MovementKind::Delivered, MovementKind::Undone => $grams->centigrams,
            MovementKind::Thrown, MovementKind::Poured => -$grams->centigrams,
            MovementKind::Counted => $grams->centigrams - $this->sum,
            MovementKind::Corrected => $out ? -$grams->centigrams : $grams->centigrams,
            MovementKind::Opened => 0,
        };
    }

    public function after(MovementKind $kind, int $movement): self
    {
        return new self($this->sum + $movement, $this->counted || $kind === MovementKind::Counted);
    }

    /** At or under what the house calls low; half a pack where it has not said. */
    public function isLow(?Grams $mark, ?Grams $pack): bool
    {
        $low = self::low($mark, $pack);

        return $this->counted && $low !== null && $this->sum <= $low->centigrams;
    }

    /** Whether what is planned takes more than there is. */
    public function isShortOf(Grams $planned): bool
    {
        return $this->counted && ! $planned->isZero() && $this->sum < $planned->centigrams;
    }

    /**
     * How many packs bring it back to above low after what is planned; as few as do. Null where nothing is wanted, or
     * nobody has counted.
     *
     * @return ?array{packs: ?int, grams: Grams} packs unknown where the pack is
     */
    public function toOrder(Grams $planned, ?Grams $mark, ?Grams $pack): ?array
    {
        $low = self::low($mark, $pack) ?? Grams::zero();
        $left = $this->sum - $planned->centigrams;
        if (! $this->counted || ($left > $low->centigrams) || ($left >= 0 && $low->isZero())) {
            return null;
        }
        // One more than just low: what is low again tomorrow was not ordered.
        $wanted = $low->centigrams - $left + 1;
        if ($pack === null || $pack->isZero()) {
            return ['packs' => null, 'grams' => Grams::ofCentigrams($wanted)];
        }
        $packs = intdiv($wanted + $pack->centigrams - 1, $pack->centigrams);

        return ['packs' => $packs, 'grams' => Grams::ofCentigrams($packs * $pack->centigrams)];
    }

    /** How many times so much can be taken; null where nobody has counted, or nothing is taken. */
    public function enoughFor(Grams $each): ?int
    {
        return $this->counted && ! $each->isZero() ? intdiv(max(0, $this->sum), $each->centigrams) : null;
    }

    private static function low(?Grams $mark, ?Grams $pack): ?Grams
    {
        return $mark ?? ($pack === null
            ? null
            : Grams::ofCentigrams($pack->exactly()->times(Number::LowStock->value())->rounded(1, Rounding::Down)));
    }
}

<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * The shares of one part of a bowl, resolved together: grams first, then percentages and fractions
 * of the whole part, then parts or "rest" of what is left. Never pre-computed by a person.
 */
final readonly class ShareList
{
    /** @param  non-empty-list<Share>  $shares */
    private function __construct(private array $shares)
    {
    }

    /**
     * @param  non-empty-list<Share>  $shares
     *
     * @throws InvalidShare when parts and rest are mixed, or percentages and fractions exceed the whole
     */
    public static function of(array $shares): self
    {
        $list = new self($shares);
        if ($list->has(ShareKind::Parts) && $list->has(ShareKind::Rest)) {
            throw InvalidShare::partsAndRest();
        }
        $proportional = $list->proportional();
        if ($proportional->compare(Fraction::one()) > 0) {
            throw InvalidShare::addUpTo($proportional->times(Fraction::of(100))->decimal(2));
        }
        if (! $list->takesRemainder() && ! $list->has(ShareKind::Fixed) && ! $proportional->equals(Fraction::one())) {
            throw InvalidShare::addUpTo($proportional->times(Fraction::of(100))->decimal(2));
        }
        if (($list->takesRemainder() || $list->has(ShareKind::Fixed)) && $proportional->equals(Fraction::one())) {
            throw InvalidShare::nothingLeft(
                $list->has(ShareKind::Rest)
                    ? 'the rest'
                    : ($list->has(ShareKind::Parts) ? 'the parts' : 'the fixed grams'),
            );
        }

        return $list;
    }

    /** True when the part's size follows from its shares alone: 15 g + 30 g, or 15 g + three quarters. */
    public function givesWhole(): bool
    {
        return $this->has(ShareKind::Fixed) && ! $this->takesRemainder();
    }

    /**
     * The part's size in exact centigrams, where its shares alone give it; null where they do not.
     */
    public function whole(): ?Fraction
    {
        return $this->givesWhole() ? $this->fixed()->dividedBy(Fraction::one()->minus($this->proportional())) : null;
    }

    /**
     * @param  Fraction  $whole  exact centigrams of the part
     * @return list<Fraction> exact centigrams of each share, in list order; together exactly $whole
     *
     * @throws InvalidShare when fixed grams do not fit the part
     */
    public function split(Fraction $whole): array
    {
        $left = $whole->minus($this->fixed())->minus($whole->times($this->proportional()));
        if ($left->isNegative()) {
            throw InvalidShare::fixedExceeds(
                self::nearest($this->fixed()),
                self::nearest($whole->minus($whole->times($this->proportional()))),
            );
        }
        if ($this->takesRemainder() && $left->isZero()) {
            throw InvalidShare::nothingLeft($this->has(ShareKind::Rest) ? 'the rest' : 'the parts');
        }
        if (! $this->takesRemainder() && ! $left->isZero()) {
            throw InvalidShare::fixedFallShort(
                self::nearest($this->fixed()),
                self::nearest($whole->minus($whole->times($this->proportional()))),
            );
        }
        $weights = $this->remainderWeight();

        return array_map(static fn (Share $share): Fraction => match ($share->kind) {
            ShareKind::Fixed => $share->value,
            ShareKind::Percent, ShareKind::FractionOf => $whole->times($share->value),
            ShareKind::Parts, ShareKind::Rest => $left->times($share->value)->dividedBy($weights),
        }, $this->shares);
    }

    /**
     * The size of the part in which these shares together come to $amount; null where they do not grow with it.
     *
     * @param  non-empty-list<int>  $indexes
     * @param  Fraction  $amount  exact centigrams
     */
    public function wholeFor(array $indexes, Fraction $amount): ?Fraction
    {
        // Each share is slope × whole + fixed; what takes the remainder gives up its part of the fixed grams.
        $slope = $fixed = Fraction::zero();
        $room = Fraction::one()->minus($this->proportional());
        foreach ($indexes as $index) {
            $share = $this->shares[$index];
            if ($share->kind === ShareKind::Fixed) {
                $fixed = $fixed->plus($share->value);
            } elseif ($share->kind === ShareKind::Percent || $share->kind === ShareKind::FractionOf) {
                $slope = $slope->plus($share->value);
            } else {
                $weight = $share->value->dividedBy($this->remainderWeight());
                $slope = $slope->plus($room->times($weight));
                $fixed = $fixed->minus($this->fixed()->times($weight));
            }
        }

        return $slope->isZero() ? null : $amount->minus($fixed)->dividedBy($slope);
    }

    public function count(): int
    {
        return count($this->shares);
    }

    private function takesRemainder(): bool
    {
        return $this->has(ShareKind::Parts) || $this->has(ShareKind::Rest);
    }

    private function has(ShareKind $kind): bool
    {
        foreach ($this->shares as $share) {
            if ($share->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /** What is given in grams, in exact centigrams. */
    private function fixed(): Fraction
    {
        $sum = Fraction::zero();
        foreach ($this->shares as $share) {
            $sum = $share->kind === ShareKind::Fixed ? $sum->plus($share->value) : $sum;
        }

        return $sum;
    }

    /** What percentages and fractions take of the whole, 0 upwards. */
    private function proportional(): Fraction
    {
        $sum = Fraction::zero();
        foreach ($this->shares as $share) {
            $sum = match ($share->kind) {
                ShareKind::Percent, ShareKind::FractionOf => $sum->plus($share->value),
                default => $sum,
            };
        }

        return $sum;
    }

    /** The sum of the parts, or the number of products that take the rest; one where nobody does. */
    private function remainderWeight(): Fraction
    {
        $sum = Fraction::zero();
        foreach ($this->shares as $share) {
            $sum = match ($share->kind) {
                ShareKind::Parts, ShareKind::Rest => $sum->plus($share->value),
                default => $sum,
            };
        }

        return $sum->isZero() ? Fraction::one() : $sum;
    }

    private static function nearest(Fraction $centigrams): Grams
    {
        return Grams::ofCentigrams($centigrams->rounded(1, Rounding::HalfUp));
    }
}

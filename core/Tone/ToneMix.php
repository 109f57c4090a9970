<?php

declare(strict_types=1);

namespace Core\Tone;

use Core\Units\Fraction;
use Core\Units\Rounding;

/** A composition over tone families: shares that add up to 1, or nothing at all (clear). */
final readonly class ToneMix
{
    /** @param  array<string, Fraction>  $shares by family; all above zero, together 1, in the order of the families */
    private function __construct(private array $shares)
    {
    }

    /** No tone: clear. */
    public static function none(): self
    {
        return new self([]);
    }

    public static function only(ToneFamily $family): self
    {
        return new self([$family->value => Fraction::one()]);
    }

    /**
     * As an eye names a tone: the first family shows twice as much as what follows it (our own model).
     *
     * @param  list<ToneFamily>  $families  strongest first
     */
    public static function inOrder(array $families): self
    {
        return self::mean(array_map(
            static fn (ToneFamily $family, int $rank): array => [
                self::only($family),
                Fraction::of($rank === 0 ? 2 : 1),
            ],
            $families,
            array_keys($families),
        ));
    }

    /**
     * The mean by weight. What carries no tone takes no part.
     *
     * @param  list<array{ToneMix, Fraction}>  $weighted  each with its weight, zero or more
     */
    public static function mean(array $weighted): self
    {
        $sums = [];
        $whole = Fraction::zero();
        foreach ($weighted as [$mix, $weight]) {
            foreach ($mix->shares as $family => $share) {
                $sums[$family] = ($sums[$family] ?? Fraction::zero())->plus($share->times($weight));
                $whole = $whole->plus($share->times($weight));
            }
        }
        if ($whole->isZero()) {
            return self::none();
        }
        $shares = [];
        foreach (ToneFamily::cases() as $family) {
            $sum = $sums[$family->value] ?? null;
            if ($sum !== null && ! $sum->isZero()) {
                $shares[$family->value] = $sum->dividedBy($whole);
            }
        }

        return new self($shares);
    }

    public function share(ToneFamily $family): Fraction
    {
        return $this->shares[$family->value] ?? Fraction::zero();
    }

    public function isNone(): bool
    {
        return $this->shares === [];
    }

    /** @return array<string, Fraction> by family */
    public function shares(): array
    {
        return $this->shares;
    }

    /** How far the mix leans warm (above zero) or cool, -1 to 1 (our own model). */
    public function warmth(): Fraction
    {
        $sum = Fraction::zero();
        foreach ($this->shares as $family => $share) {
            $sum = $sum->plus($share->times(Fraction::of(ToneFamily::from($family)->warmth(), 10)));
        }

        return $sum;
    }

    /** Half the sum of the differences of all shares: 0 the same, 1 nothing in common. */
    public function distance(self $that): Fraction
    {
        if ($this->isNone() !== $that->isNone()) {
            return Fraction::one();
        }
        $sum = Fraction::zero();
        foreach (ToneFamily::cases() as $family) {
            $gap = $this->share($family)->minus($that->share($family));
            $sum = $sum->plus($gap->isNegative() ? $gap->negated() : $gap);
        }

        return $sum->dividedBy(Fraction::of(2));
    }

    /** In words, largest first: 75 % gold, 25 % copper. */
    public function words(): string
    {
        if ($this->isNone()) {
            return 'no tone';
        }
        // What reads as the same keeps the order of the families: a hair more of one does not turn the words round.
        $percents = array_map(
            static fn (Fraction $share): int => $share->times(Fraction::of(100))->rounded(1, Rounding::HalfUp),
            $this->shares,
        );
        arsort($percents);
        $words = [];
        foreach ($percents as $family => $percent) {
            $words[] = $this->shares[$family]->equals(Fraction::one()) ? $family : "{$percent} % {$family}";
        }

        return implode(', ', $words);
    }
}

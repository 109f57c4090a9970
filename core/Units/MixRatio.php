<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * Colour : developer [: third …] by weight, as whole parts without a common divisor.
 * A ratio of one part is a bowl without developer.
 */
final readonly class MixRatio
{
    public const MOST_PARTS = 4;

    public const MOST_TIMES = 50;

    /** Beyond it nobody says a ratio in whole parts. */
    private const SAID = 20;

    /** @param  list<positive-int>  $parts */
    private function __construct(public array $parts)
    {
    }

    /** @throws InvalidRatio */
    public static function of(int ...$parts): self
    {
        return self::ofFractions(
            array_map(static fn (int $part): Fraction => Fraction::of($part), array_values($parts)),
            implode(':', $parts),
        );
    }

    /** Only the colour part: conditioner, barrier cream, clear, direct colour. */
    public static function withoutDeveloper(): self
    {
        return new self([1]);
    }

    /**
     * Reads 1:1.5, 1+1,5, 1:1½, 1 to 2, 20 g : 40 ml, 1 : 2.5 : 3.5, and “no developer”.
     *
     * @throws InvalidRatio
     */
    public static function parse(string $text): self
    {
        $plain = mb_strtolower(trim($text));
        if (in_array($plain, ['no developer', 'without developer', 'none'], true)) {
            return self::withoutDeveloper();
        }
        $pieces = preg_split('/\s*(?::|\+|\bto\b)\s*/u', $plain);
        if ($pieces === false || count($pieces) < 2) {
            throw InvalidRatio::unreadable($text);
        }
        $parts = [];
        foreach ($pieces as $piece) {
            try {
                // Grams and millilitres read as one in a ratio; any other unit is not a ratio's business.
                $parts[] = Fraction::parse((string) preg_replace('/\s*(g|gr|ml|parts?)$/u', '', $piece));
            } catch (InvalidNumber) {
                throw InvalidRatio::unreadable($text);
            }
        }

        return self::ofFractions($parts, $text);
    }

    /** @param  list<Fraction>  $parts */
    private static function ofFractions(array $parts, string $text): self
    {
        if (count($parts) > self::MOST_PARTS) {
            throw InvalidRatio::tooManyParts($text, self::MOST_PARTS);
        }
        if ($parts === []) {
            throw InvalidRatio::unreadable($text);
        }
        $smallest = $largest = $parts[0];
        foreach ($parts as $part) {
            if ($part->isZero() || $part->isNegative()) {
                throw InvalidRatio::emptyPart($text);
            }
            $smallest = $part->compare($smallest) < 0 ? $part : $smallest;
            $largest = $part->compare($largest) > 0 ? $part : $largest;
        }
        if ($largest->compare($smallest->times(Fraction::of(self::MOST_TIMES))) > 0) {
            throw InvalidRatio::absurd($text, self::MOST_TIMES);
        }

        return new self(self::reduce($parts));
    }

    /**
     * @param  non-empty-list<Fraction>  $parts  all above zero
     * @return list<positive-int>
     */
    private static function reduce(array $parts): array
    {
        $common = 1;
        foreach ($parts as $part) {
            $common = Fraction::of($common, $part->denominator)->numerator * $part->denominator;
        }
        $whole = array_map(static fn (Fraction $part): int => $part->times(Fraction::of($common))->numerator, $parts);
        $divisor = 0;
        foreach ($whole as $number) {
            $divisor = $divisor === 0 ? $number : intdiv($number, Fraction::of($number, $divisor)->numerator);
        }
        $divisor = max(1, $divisor);

        return array_map(static fn (int $number): int => max(1, intdiv($number, $divisor)), $whole);
    }

    public function hasDeveloper(): bool
    {
        return count($this->parts) > 1;
    }

    /** How many times the colour part a part is; part 0 is the colour itself. */
    public function timesColour(int $part): Fraction
    {
        return Fraction::of($this->parts[$part], $this->parts[0]);
    }

    /** What share of the whole mixture a part is, 0 to 1. */
    public function shareOfMixture(int $part): Fraction
    {
        return Fraction::of($this->parts[$part], array_sum($this->parts));
    }

    public function equals(self $that): bool
    {
        return $this->parts === $that->parts;
    }

    /** As the trade writes it: colour as 1 where that stays short (1:1.5, 1:2.5:3.5), else whole parts (3:2). */
    public function show(): string
    {
        if (! $this->hasDeveloper()) {
            return 'no developer';
        }
        $short = [];
        foreach ($this->parts as $index => $part) {
            $times = $this->timesColour($index);
            $short[] = $times->decimal(2);
            if ($times->compare(Fraction::one()) < 0 || ! Fraction::parse($times->decimal(2))->equals($times)) {
                return implode(':', $this->parts);
            }
        }

        return implode(':', $short);
    }

    /** As one would say it: what a hand poured, 279:284, is 1:1.02. Not to be read back. */
    public function said(): string
    {
        $shown = $this->show();

        $isSaid = array_filter($this->parts, static fn (int $part): bool => $part > self::SAID) === [];

        return $isSaid || str_contains($shown, '.') ? $shown : implode(':', array_map(
            fn (int $part): string => $this->timesColour($part)->decimal(2),
            array_keys($this->parts),
        ));
    }
}

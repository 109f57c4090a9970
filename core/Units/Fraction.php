<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * An exact number: whole numerator over whole denominator, always reduced, denominator at least 1.
 * Used wherever a float would lose a centigram.
 */
final readonly class Fraction
{
    /** What people type for the common fractions. */
    private const GLYPHS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4',
        '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅛' => '1/8',
        '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    private function __construct(public int $numerator, public int $denominator)
    {
    }

    /** @throws InvalidNumber when the denominator is zero */
    public static function of(int $numerator, int $denominator = 1): self
    {
        if ($denominator === 1) {
            return new self($numerator, 1);
        }
        if ($denominator === 0) {
            throw InvalidNumber::dividedByZero("{$numerator}/0");
        }
        if ($denominator < 0) {
            [$numerator, $denominator] = [-$numerator, -$denominator];
        }
        $divisor = self::gcd(abs($numerator), $denominator);

        return new self(intdiv($numerator, $divisor), intdiv($denominator, $divisor));
    }

    public static function zero(): self
    {
        return new self(0, 1);
    }

    public static function one(): self
    {
        return new self(1, 1);
    }

    /**
     * Reads 2, 1.5, 1,5, .5, 3/4, 1 1/2, 1½, -2. At most six decimals and nine digits.
     *
     * @throws InvalidNumber
     */
    public static function parse(string $text): self
    {
        $plain = trim($text);
        if (strlen($plain) <= 9 && ctype_digit($plain)) {
            return new self((int) $plain, 1);
        }
        foreach (self::GLYPHS as $glyph => $written) {
            $plain = trim(str_replace($glyph, ' '.$written, $plain));
        }
        $plain = str_replace(['⁄', '−'], ['/', '-'], $plain);
        if (preg_match('/^(-?)(\d{1,9})(?:\s+(\d{1,6})\s*\/\s*(\d{1,6}))$/', $plain, $m) === 1) {
            $sum = self::of((int) $m[2])->plus(self::over($m[3], $m[4], $text));

            return $m[1] === '-' ? $sum->negated() : $sum;
        }
        if (preg_match('/^(-?)(\d{1,9})\s*\/\s*(\d{1,9})$/', $plain, $m) === 1) {
            $fraction = self::over($m[2], $m[3], $text);

            return $m[1] === '-' ? $fraction->negated() : $fraction;
        }
        if (preg_match('/^(-?)(\d{0,9})(?:[.,](\d{1,6}))?$/', $plain, $m) === 1 && ($m[2] !== '' || isset($m[3]))) {
            $decimals = $m[3] ?? '';
            $scale = 10 ** strlen($decimals);
            $value = self::of(
                (int) ($m[2] === '' ? '0' : $m[2]) * $scale + (int) ($decimals === '' ? '0' : $decimals),
                $scale,
            );

            return $m[1] === '-' ? $value->negated() : $value;
        }
        throw InvalidNumber::notANumber($text);
    }

    public function plus(self $that): self
    {
        // Most sums are of the same kind of part: centigrams, or hundredths of them.
        if ($this->denominator === $that->denominator) {
            return self::of(self::whole($this->numerator + $that->numerator), $this->denominator);
        }

        return self::of(
            self::whole($this->numerator * $that->denominator + $that->numerator * $this->denominator),
            self::whole($this->denominator * $that->denominator),
        );
    }

    public function minus(self $that): self
    {
        return $this->plus($that->negated());
    }

    public function times(self $that): self
    {
        if ($this->denominator === 1 && $that->denominator === 1) {
            return new self(self::whole($this->numerator * $that->numerator), 1);
        }
        // Cancelling first keeps honest inputs far from the edge of an integer, and leaves nothing to reduce.
        $left = $that->denominator === 1 ? 1 : self::gcd(abs($this->numerator), $that->denominator);
        $right = $this->denominator === 1 ? 1 : self::gcd(abs($that->numerator), $this->denominator);

        return new self(
            self::whole(intdiv($this->numerator, $left) * intdiv($that->numerator, $right)),
            self::whole(intdiv($this->denominator, $right) * intdiv($that->denominator, $left)),
        );
    }

    /** @throws InvalidNumber when that is zero */
    public function dividedBy(self $that): self
    {
        if ($that->isZero()) {
            throw InvalidNumber::dividedByZero("{$this->numerator}/0");
        }

        return $this->times(self::of($that->denominator, $that->numerator));
    }

    public function negated(): self
    {
        return new self(-$this->numerator, $this->denominator);
    }

    /** Negative, zero or positive, as this is below, at or above that. */
    public function compare(self $that): int
    {
        return $this->denominator === $that->denominator
            ? $this->numerator <=> $that->numerator
            : self::whole($this->numerator * $that->denominator) <=> self::whole($that->numerator * $this->denominator);
    }

    public function equals(self $that): bool
    {
        return $this->numerator === $that->numerator && $this->denominator === $that->denominator;
    }

    public function isZero(): bool
    {
        return $this->numerator === 0;
    }

    public function isNegative(): bool
    {
        return $this->numerator < 0;
    }

    public function isWhole(): bool
    {
        return $this->denominator === 1;
    }

    /**
     * The whole multiple of $unit that $rounding picks; below zero, down is still down.
     *
     * @param  int  $unit  above zero
     */
    public function rounded(int $unit, Rounding $rounding): int
    {
        $divisor = self::whole($this->denominator * $unit);
        $steps = match ($rounding) {
            Rounding::Down => self::floor($this->numerator, $divisor),
            Rounding::HalfUp => self::floor(self::whole(2 * $this->numerator + $divisor), 2 * $divisor),
            Rounding::Up => self::floor(self::whole($this->numerator + $divisor - 1), $divisor),
        };

        return $steps * $unit;
    }

    /** As a decimal of at most $places places, nearest, without trailing zeros: 1.5, 33.3, -0.25. */
    public function decimal(int $places): string
    {
        $scale = 10 ** $places;
        if ($this->denominator === 1) {
            return (string) $this->numerator;
        }
        $scaled = self::of(
            abs($this->numerator),
            $this->denominator,
        )->times(self::of($scale))->rounded(1, Rounding::HalfUp);
        $text = (string) intdiv($scaled, $scale);
        $rest = rtrim(str_pad((string) ($scaled % $scale), $places, '0', STR_PAD_LEFT), '0');

        return ($this->isNegative() && $scaled > 0 ? '-' : '').$text.($rest === '' ? '' : '.'.$rest);
    }

    private static function over(string $numerator, string $denominator, string $text): self
    {
        return (int) $denominator === 0
            ? throw InvalidNumber::dividedByZero($text)
            : self::of((int) $numerator, (int) $denominator);
    }

    /** PHP turns an overflowing product into a float; that is the moment to stop, not to drift. */
    private static function whole(int|float $number): int
    {
        return is_int($number) ? $number : throw NumberTooLarge::inArithmetic();
    }

    /** @param  int  $divisor  above zero */
    private static function floor(int $number, int $divisor): int
    {
        $whole = intdiv($number, $divisor);

        return $number < 0 && $number % $divisor !== 0 ? $whole - 1 : $whole;
    }

    private static function gcd(int $a, int $b): int
    {
        while ($b !== 0) {
            $rest = $a % $b;
            $a = $b;
            $b = $rest;
        }

        return $a === 0 ? 1 : $a;
    }
}

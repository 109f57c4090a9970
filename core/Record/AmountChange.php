<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidNumber;

/** How an amount changes: by grams, by percent, so many times, or to grams. */
final readonly class AmountChange
{
    /** @param  string  $sign  + or -; empty for “to” */
    private function __construct(private string $sign, private Fraction $number, private string $unit)
    {
    }

    /**
     * Reads -5 g, +10 %, 60 g, 30 %, × 1/2.
     *
     * @throws ChangeRefused
     */
    public static function parse(string $value): self
    {
        try {
            if (preg_match('/^[×x]\s*(.+)$/u', trim($value), $m) === 1) {
                return new self('', Fraction::parse($m[1])->times(Fraction::of(100)), '%');
            }
            if (preg_match('/^([+-]?)\s*([\d.,\/]+(?:\s\d+\/\d+)?)\s*(g|%)$/u', trim($value), $m) === 1) {
                return new self($m[1], Fraction::parse($m[2]), $m[3]);
            }
        } catch (InvalidNumber) {
            throw ChangeRefused::unreadable($value);
        }
        throw ChangeRefused::unreadable($value);
    }

    /** @return Fraction exact centigrams it comes to; may be below zero */
    public function of(Grams $now): Fraction
    {
        $by = $this->unit === '%'
            ? $now->exactly()->times($this->number)->dividedBy(Fraction::of(100))
            : $this->number->times(Fraction::of(100));

        return match ($this->sign) {
            '-' => $now->exactly()->minus($by),
            '+' => $now->exactly()->plus($by),
            default => $by,
        };
    }

    /** How many times as much, where that needs no grams; null where it does. */
    public function factor(): ?Fraction
    {
        if ($this->unit !== '%') {
            return null;
        }
        $by = $this->number->dividedBy(Fraction::of(100));

        return match ($this->sign) {
            '-' => Fraction::one()->minus($by),
            '+' => Fraction::one()->plus($by),
            default => $by,
        };
    }
}

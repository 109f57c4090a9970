<?php

declare(strict_types=1);

namespace Core\Units;

/** What one product takes of its part of the bowl, as a person says it. */
final readonly class Share
{
    private const WORDS = [
        'all' => '1/1', 'half' => '1/2', 'a half' => '1/2', 'a third' => '1/3', 'third' => '1/3', 'two thirds' => '2/3',
        'a quarter' => '1/4', 'quarter' => '1/4', 'three quarters' => '3/4',
    ];

    private const REST = ['rest', 'the rest', 'remainder'];

    private function __construct(public ShareKind $kind, public Fraction $value)
    {
    }

    /** @throws InvalidShare */
    public static function parts(Fraction $parts): self
    {
        return new self(ShareKind::Parts, self::positive($parts, $parts->decimal(3)));
    }

    /** @throws InvalidShare */
    public static function percent(Fraction $percent): self
    {
        return new self(
            ShareKind::Percent,
            self::atMostWhole(
                self::positive($percent, $percent->decimal(3).' %')->dividedBy(Fraction::of(100)),
                $percent->decimal(3).' %',
            ),
        );
    }

    /** @throws InvalidShare */
    public static function fraction(Fraction $of): self
    {
        return new self(
            ShareKind::FractionOf,
            self::atMostWhole(self::positive($of, $of->decimal(3)), $of->decimal(3)),
        );
    }

    /** @throws InvalidShare */
    public static function fixed(Grams $grams): self
    {
        return $grams->isZero() ? throw InvalidShare::notPositive('0 g') : new self(
            ShareKind::Fixed,
            $grams->exactly(),
        );
    }

    public static function rest(): self
    {
        return new self(ShareKind::Rest, Fraction::one());
    }

    /**
     * Reads 2, 2 parts, 25 %, 1/4, ¼, a quarter, 15 g, half a tube, rest.
     *
     * @throws InvalidShare
     * @throws InvalidAmount when it reads as a mass but the mass is wrong
     */
    public static function parse(string $text, ?MassReading $reading = null): self
    {
        $plain = mb_strtolower(trim($text));
        if ($plain === '') {
            throw InvalidShare::empty();
        }
        if (in_array($plain, self::REST, true)) {
            return self::rest();
        }
        if (isset(self::WORDS[$plain])) {
            return self::fraction(Fraction::parse(self::WORDS[$plain]));
        }
        try {
            if (preg_match('/^(.+?)\s*(?:%|percent)$/u', $plain, $m) === 1) {
                return self::percent(Fraction::parse($m[1]));
            }
            if (preg_match('/^(.+?)\s*(?:parts?|p)$/u', $plain, $m) === 1) {
                return self::parts(Fraction::parse($m[1]));
            }
            if (preg_match('/^[\d.,]+$/', $plain) === 1 || preg_match('/^-?\d+([.,]\d+)?$/', $plain) === 1) {
                return self::parts(Fraction::parse($plain));
            }
            $fraction = Fraction::parse($plain);

            // 1½ can only be parts: no share is one and a half of the whole.
            return $fraction->compare(Fraction::one()) > 0 ? self::parts($fraction) : self::fraction($fraction);
        } catch (InvalidNumber) {
            if (preg_match('/[\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅛⅜⅝⅞]/u', $plain) !== 1) {
                throw InvalidShare::unreadable($text);
            }
            try {
                return self::fixed(($reading ?? MassReading::plain())->read($text));
            } catch (InvalidAmount $notMass) {
                throw preg_match('/[a-z]/', $plain) === 1 ? $notMass : InvalidShare::unreadable($text);
            }
        }
    }

    /** The one way a share is written down; parse() reads it back to the same share. */
    public function text(): string
    {
        return match ($this->kind) {
            ShareKind::Parts => $this->isShort($this->value)
                ? $this->value->decimal(3)
                : "{$this->value->numerator}/{$this->value->denominator} parts",
            ShareKind::Percent => (
                $this->isShort($this->percentage())
                    ? $this->percentage()->decimal(3)
                    : "{$this->percentage()->numerator}/{$this->percentage()->denominator}"
            ).' %',
            ShareKind::FractionOf => $this->value->equals(Fraction::one())
                ? 'all'
                : "{$this->value->numerator}/{$this->value->denominator}",
            ShareKind::Fixed => $this->grams()->text(),
            ShareKind::Rest => 'rest',
        };
    }

    /**
     * This share's part of something made of several.
     *
     * @param  Fraction  $fraction  above 0, at most 1
     */
    public function times(Fraction $fraction): self
    {
        return match ($this->kind) {
            ShareKind::Parts => self::parts($this->value->times($fraction)),
            ShareKind::Percent, ShareKind::FractionOf => self::fraction($this->value->times($fraction)),
            ShareKind::Fixed => new self(ShareKind::Fixed, $this->value->times($fraction)),
            ShareKind::Rest => new self(ShareKind::Rest, $this->value->times($fraction)),
        };
    }

    /** The grams of a fixed share, to the centigram; zero for any other kind. */
    public function grams(): Grams
    {
        return Grams::ofCentigrams($this->kind === ShareKind::Fixed ? $this->value->rounded(1, Rounding::HalfUp) : 0);
    }

    /** Whether it grows with its part; grams do not. */
    public function isProportional(): bool
    {
        return $this->kind !== ShareKind::Fixed;
    }

    /** Whether a share may be said so, without a number. */
    public static function isWord(string $plain): bool
    {
        return isset(self::WORDS[$plain]) || in_array($plain, self::REST, true);
    }

    public function equals(self $that): bool
    {
        return $this->kind === $that->kind && $this->value->equals($that->value);
    }

    private function percentage(): Fraction
    {
        return $this->value->times(Fraction::of(100));
    }

    private function isShort(Fraction $number): bool
    {
        return Fraction::parse($number->decimal(3))->equals($number);
    }

    private static function positive(Fraction $value, string $text): Fraction
    {
        return $value->isZero() || $value->isNegative() ? throw InvalidShare::notPositive($text) : $value;
    }

    private static function atMostWhole(Fraction $value, string $text): Fraction
    {
        return $value->compare(Fraction::one()) > 0 ? throw InvalidShare::overWhole($text) : $value;
    }
}

<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidNumber;
use Core\Units\InvalidShare;
use Core\Units\MassReading;
use Core\Units\Rounding;
use Core\Units\Share;

/** How much of an additive goes in, on top of the ratio. */
final readonly class Dose
{
    /** @param  Fraction  $value centigrams per bowl, grams per gram, or the fraction of the mixture */
    private function __construct(public DoseKind $kind, public Fraction $value)
    {
    }

    public static function perBowl(Grams $grams): self
    {
        return $grams->isZero() ? throw InvalidShare::notPositive('0 g') : new self(
            DoseKind::PerBowl,
            $grams->exactly(),
        );
    }

    /**
     * Reads 3 g, 5 %, 0.1 g per gram (also 0.1 g/g).
     *
     * @throws InvalidShare
     */
    public static function parse(string $text, ?MassReading $reading = null): self
    {
        $plain = mb_strtolower(trim($text));
        if ($plain === '') {
            throw InvalidShare::empty();
        }
        try {
            if (preg_match('/^(.+?)\s*%$/u', $plain, $m) === 1) {
                return new self(DoseKind::PercentOfMixture, Share::percent(Fraction::parse($m[1]))->value);
            }
            if (preg_match('/^(.+?)\s*g\s*(?:\/|per)\s*g(?:ram)?$/u', $plain, $m) === 1) {
                $perGram = Fraction::parse($m[1]);

                return $perGram->isZero() || $perGram->isNegative() || $perGram->compare(Fraction::of(10)) > 0
                    ? throw InvalidShare::notPositive($text)
                    : new self(DoseKind::PerGramOfColour, $perGram);
            }
        } catch (InvalidNumber) {
            throw InvalidShare::unreadable($text);
        }

        return self::perBowl(($reading ?? MassReading::plain())->read($text));
    }

    public function text(): string
    {
        return match ($this->kind) {
            DoseKind::PerBowl => Grams::ofCentigrams($this->value->numerator)->text(),
            DoseKind::PerGramOfColour => $this->value->decimal(4).' g per gram',
            DoseKind::PercentOfMixture => $this->value->times(Fraction::of(100))->decimal(3).' %',
        };
    }

    /** What goes into every bowl, to the centigram; zero where it follows the bowl. */
    public function grams(): Grams
    {
        return Grams::ofCentigrams($this->kind === DoseKind::PerBowl ? $this->value->rounded(1, Rounding::HalfUp) : 0);
    }

    /** @return Fraction exact centigrams for a bowl of this colour and this mixture */
    public function amount(Grams $colour, Grams $mixture): Fraction
    {
        return match ($this->kind) {
            DoseKind::PerBowl => $this->value,
            DoseKind::PerGramOfColour => $colour->exactly()->times($this->value),
            DoseKind::PercentOfMixture => $mixture->exactly()->times($this->value),
        };
    }
}

<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * What is known about a product and a salon when an amount is read: pack size for "tube",
 * density for volumes, what a plain ounce means, and the measures the salon has weighed once.
 */
final readonly class MassReading
{
    /**
     * @param  Fraction  $density  grams per millilitre
     * @param  array<string, Grams>  $measures  name in the singular, lower case: scoop, cap, pump
     */
    private function __construct(
        private Ounce $ounce,
        private ?Grams $pack,
        private Fraction $density,
        private array $measures,
    ) {
    }

    public static function plain(): self
    {
        return new self(Ounce::Ask, null, Fraction::one(), []);
    }

    public function withOunce(Ounce $ounce): self
    {
        return new self($ounce, $this->pack, $this->density, $this->measures);
    }

    public function withPack(?Grams $pack): self
    {
        return new self($this->ounce, $pack, $this->density, $this->measures);
    }

    /** @param  Fraction  $density grams per millilitre */
    public function withDensity(Fraction $density): self
    {
        return new self($this->ounce, $this->pack, $density, $this->measures);
    }

    /** @param  array<string, Grams>  $measures */
    public function withMeasures(array $measures): self
    {
        return new self($this->ounce, $this->pack, $this->density, $measures);
    }

    /**
     * The same, with measures of one product, which come before the salon's of the same name.
     *
     * @param  array<string, Grams>  $measures
     */
    public function alsoMeasuring(array $measures): self
    {
        return $measures === [] ? $this : $this->withMeasures([...$this->measures, ...$measures]);
    }

    /** Whether a text is in grams: what it says is then the same in every house, and of every product. */
    public static function isInGrams(string $text): bool
    {
        return preg_match('/^[\d.,]+ ?g?$/', trim($text)) === 1;
    }

    /**
     * Reads 60, 60 g, 12,5g, 0.06 kg, 90 ml, 2 wt oz, 1 US fl oz, 1/2 tube, 2 scoops.
     * A plain number is grams. Converted units are rounded to the nearest centigram.
     *
     * @throws InvalidAmount
     */
    public function read(string $text): Grams
    {
        $plain = mb_strtolower(trim($text));
        if ($plain === '') {
            throw InvalidAmount::empty();
        }
        if (
            preg_match(
                '/^([-−]?[\d.,\/½⅓⅔¼¾⅕⅖⅗⅘⅙⅛⅜⅝⅞⁄]+(?:\s+\d+\s*\/\s*\d+|\s*[½⅓⅔¼¾⅕⅖⅗⅘⅙⅛⅜⅝⅞])?)\s*(.*)$/u',
                $plain,
                $m,
            ) !== 1
        ) {
            throw InvalidAmount::unreadable($text);
        }
        if (preg_match('/^\d{1,3}(?:,\d{3})+$/', $m[1]) === 1) {
            throw InvalidAmount::ambiguousComma($text);
        }
        try {
            $number = Fraction::parse($m[1]);
        } catch (InvalidNumber) {
            throw InvalidAmount::unreadable($text);
        }
        if ($number->isNegative()) {
            throw InvalidAmount::negative($text);
        }
        $unit = trim((string) preg_replace('/[.\s]+/', ' ', $m[2]));
        $perUnit = $this->centigramsPer($unit, $text);
        if ($number->compare(Fraction::of(10_000_000)) > 0) {
            throw InvalidAmount::absurd($text, Grams::LARGEST_TYPED);
        }
        $centigrams = $number->times($perUnit);
        if (! $centigrams->isWhole() && $perUnit->equals(Fraction::of(100))) {
            throw InvalidAmount::tooFine($text);
        }
        if ($centigrams->compare(Fraction::of(Grams::LARGEST_TYPED * 100)) > 0) {
            throw InvalidAmount::absurd($text, Grams::LARGEST_TYPED);
        }

        return Grams::ofCentigrams($centigrams->rounded(1, Rounding::HalfUp));
    }

    private function centigramsPer(string $unit, string $text): Fraction
    {
        return match ($unit) {
            '', 'g', 'gr', 'gram', 'grams', 'gramme', 'grammes' => Fraction::of(100),
            'kg' => Fraction::of(100_000),
            'ml', 'cc' => $this->density->times(Fraction::of(100)),
            'wt oz', 'oz wt', 'weight oz', 'weight ounce', 'weight ounces', 'ozw' => MassUnit::weightOunce(),
            'us fl oz',
            'fl oz us',
            'us fluid ounce',
            'us fluid ounces' => MassUnit::usFluidOunce()->times($this->density),
            'imp fl oz',
            'uk fl oz',
            'fl oz imp',
            'fl oz uk',
            'imperial fluid ounce',
            'imperial fluid ounces' => MassUnit::imperialFluidOunce()->times($this->density),
            'oz', 'ounce', 'ounces', 'fl oz', 'fluid ounce', 'fluid ounces' => $this->ambiguousOunce($unit, $text),
            'tube',
            'tubes',
            'of a tube' => Fraction::of($this->pack->centigrams ?? throw InvalidAmount::noPackSize($text)),
            default => $this->measure($unit, $text),
        };
    }

    private function ambiguousOunce(string $unit, string $text): Fraction
    {
        $fluid = str_starts_with($unit, 'fl');

        return match (true) {
            $this->ounce === Ounce::UsFluid => MassUnit::usFluidOunce()->times($this->density),
            $this->ounce === Ounce::ImperialFluid => MassUnit::imperialFluidOunce()->times($this->density),
            $this->ounce === Ounce::Weight && ! $fluid => MassUnit::weightOunce(),
            default => throw InvalidAmount::ambiguousOunce($text),
        };
    }

    private function measure(string $unit, string $text): Fraction
    {
        $grams = $this->measures[$unit] ?? $this->measures[(string) preg_replace('/s$/', '', $unit)] ?? null;

        return $grams?->exactly() ?? throw InvalidAmount::unknownUnit($text, $unit);
    }
}

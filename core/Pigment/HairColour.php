<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Lab;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;

/**
 * The colour of a kind of strand: its pigmented fibres, and the white ones between them. What is done to it makes a new
 * one.
 */
final class HairColour
{
    /**
     * Lightener takes eumelanin so much faster than pheomelanin, and dye about as fast (our own model; the direction is
     * known).
     */
    private const PHEOMELANIN_STAYS = 1.6;

    private const DYE_STAYS = 1.2;

    /** By then nothing is left to take. */
    private const LONGEST = 24.0;

    /**
     * The level hair is taken to have grown at, where it was lightened and nobody read the regrowth (our own model).
     */
    private const GROWN_AT = 5.0;

    /** How far beyond its level hair was lifted that was coloured, or toned over (our own model). */
    private const LIFTED_BENEATH = 1.5;

    /** So much further under red (our own model). */
    private const RED_BENEATH = 2.0;

    /**
     * How much of its dose a shade leaves beyond what the hair lacks: a toner tones hair of its own level (our own
     * model).
     */
    private const BEYOND = 0.05;

    /** So much more where it is a tone: it lies on hair that already has its level. */
    private const WARM_BEYOND = 0.1;

    /** Warm dye meets the hair's own warmth: of what is lacking so much does (our own model). */
    private const WARM_LACK = 0.8;

    private const COOL_BEYOND = 0.14;

    private static ?Fibre $unpigmented = null;

    /**
     * @param  float  $grey  0 to 1
     * @param  float  $warmer  than its pigments say, in CIELAB units: what closed visits teach
     * @param  float  $deeper  than its pigments say, in levels: the same
     * @param  float  $redder  than its pigments say, in CIELAB units across the warmth: the same
     */
    private function __construct(
        public readonly Fibre $pigmented,
        public readonly Fibre $white,
        public readonly float $grey,
        private readonly float $warmer = 0.0,
        private readonly float $deeper = 0.0,
        private readonly float $redder = 0.0,
    ) {
    }

    /** @param  float  $grey  0 to 1 */
    public static function natural(float $level, float $grey = 0.0): self
    {
        return new self(Ladder::natural($level), self::unpigmented(), $grey);
    }

    /**
     * Lightened hair shows what lies bare; where it was toned over, so much dye of that tone that it has its level
     * again.
     *
     * @param  ?float  $grownAt  natural level; null where nobody read it
     */
    public static function lightened(float $level, ?ToneMix $tone = null, ?float $grownAt = null): self
    {
        $grown = min($grownAt ?? self::GROWN_AT, $level - 0.5);
        $bare = new self(Ladder::natural($grown), self::unpigmented(), 0.0);
        if ($tone === null || $tone->isNone()) {
            return $bare->lightenedTo($level);
        }
        $shares = Shade::shares($tone);
        $red = array_sum(
            array_intersect_key(
                $shares,
                [ToneFamily::Copper->value => 0, ToneFamily::Red->value => 0, ToneFamily::Mahogany->value => 0],
            ),
        );

        // Gold is what lies bare; red and copper are there only where somebody put them.
        return Real::of($tone->warmth()) > 0.5 && $red < 0.5
            ? $bare->lightenedTo($level)
            : $bare->lightenedTo(self::beneath($level, $shares))->darkenedTo($level, Shade::bodyOf($shares));
    }

    public static function coloured(
        float $level,
        ?ToneMix $tone = null,
        ?float $grownAt = null,
        float $grey = 0.0,
    ): self {
        $shares = $tone === null || $tone->isNone() ? [ToneFamily::Natural->value => 1.0] : Shade::shares($tone);
        $grown = min($grownAt ?? $level, $level + self::LIFTED_BENEATH);
        $base = new self(Ladder::natural($grown), self::unpigmented(), $grey);

        return $base->lightenedTo(self::beneath($level, $shares))->darkenedTo($level, Shade::bodyOf($shares));
    }

    /**
     * The level under colour that reads as such: red is more dye over less of the hair's own.
     *
     * @param  array<string, float>  $shares  by tone family
     */
    private static function beneath(float $level, array $shares): float
    {
        $red = ($shares[ToneFamily::Red->value] ?? 0.0) + ($shares[ToneFamily::Mahogany->value] ?? 0.0);

        return min(Ladder::HIGHEST, $level + self::LIFTED_BENEATH + $red * self::RED_BENEATH);
    }

    /** Lifted until its pigmented fibres have that level; hair that is already lighter stays as it is. */
    public function lightenedTo(float $level): self
    {
        if (Ladder::level($this->pigmented->seen()) >= $level) {
            return $this;
        }
        $time = self::LONGEST - Until::falls(
            $level,
            fn (float $short): float => Ladder::level(self::oxidised($this->pigmented, self::LONGEST - $short)->seen()),
            self::LONGEST,
        );

        return new self(
            pigmented: self::oxidised($this->pigmented, $time),
            white: self::oxidised($this->white, $time),
            grey: $this->grey,
            warmer: $this->warmer,
            deeper: $this->deeper,
            redder: $this->redder,
        );
    }

    /**
     * Colour laid on it. Dye goes into the hair until it holds as much as the bowl was dosed for, so a shade brings
     * what the hair lacks of its level and a little more, and a shade lighter than the hair next to nothing (our own
     * model).
     *
     * @param  float  $hold  0 to 1 and a little: what line, time, porosity and water let stay
     */
    public function dyed(Shade $shade, float $hold): self
    {
        if ($shade->shares === [] || $hold <= 0) {
            return $this;
        }

        return new self(
            pigmented: self::taken($this->pigmented, $shade, $hold),
            white: self::taken($this->white, $shade, $hold),
            grey: $this->grey,
            warmer: $this->warmer,
            deeper: $this->deeper,
            redder: $this->redder,
        );
    }

    /**
     * @param  float  $by  CIELAB units; below zero cooler
     * @param  float  $redder  CIELAB units across the warmth; below zero more golden
     */
    public function warmer(float $by, float $redder): self
    {
        return new self(
            pigmented: $this->pigmented,
            white: $this->white,
            grey: $this->grey,
            warmer: $this->warmer + $by,
            deeper: $this->deeper,
            redder: $this->redder + $redder,
        );
    }

    /** @param  float  $by  levels; below zero lighter */
    public function deeper(float $by): self
    {
        return new self(
            pigmented: $this->pigmented,
            white: $this->white,
            grey: $this->grey,
            warmer: $this->warmer,
            deeper: $this->deeper + $by,
            redder: $this->redder,
        );
    }

    /** What an eye sees of all its fibres together. */
    public function seen(bool $wet = false): Lab
    {
        return Ladder::drifted(Light::seen($this->reflectance($wet)), $this->warmer, $this->deeper, $this->redder);
    }

    /**
     * What an eye mixes of kinds of strands that lie side by side.
     *
     * @param  non-empty-list<array{self, float}>  $kinds  each with its share
     */
    public static function sideBySide(array $kinds): Lab
    {
        $whole = array_sum(array_column($kinds, 1));
        $all = array_map(static fn (array $kind): array => $kind[0]->reflectance(), $kinds);

        return Light::seen(array_map(static function (int $at) use ($all, $kinds, $whole): float {
            $sum = 0.0;
            foreach ($all as $which => $reflectance) {
                $sum += $reflectance[$at] * $kinds[$which][1] / $whole;
            }

            return $sum;
        }, array_keys(Light::wavelengths())));
    }

    /** @return list<float> 0 to 1, by wavelength */
    private function reflectance(bool $wet = false): array
    {
        $pigmented = $this->pigmented->reflectance($wet);

        return $this->grey <= 0 ? $pigmented : array_map(
            fn (float $dark, float $pale): float => (1 - $this->grey) * $dark + $this->grey * $pale,
            $pigmented,
            $this->white->reflectance($wet),
        );
    }

    /** The level of its pigmented fibres, 1 to 12: what is read against swatches. */
    public function level(): float
    {
        return Ladder::level($this->withoutGrey()->seen());
    }

    /** Natural fibres alone, as they stand beside the grey ones. */
    public function withoutGrey(): self
    {
        return new self(
            pigmented: $this->pigmented,
            white: $this->white,
            grey: 0.0,
            warmer: $this->warmer,
            deeper: $this->deeper,
            redder: $this->redder,
        );
    }

    public function onlyGrey(): self
    {
        return new self($this->white, $this->white, 0.0);
    }

    /** @param  array<string, float>  $shares */
    private function darkenedTo(float $level, array $shares): self
    {
        $lack = static fn (float $dye): array => array_map(static fn (float $share): float => $share * $dye, $shares);
        $fibre = Ladder::until($level, fn (float $dye): Fibre => $this->pigmented->dyed($lack($dye)));
        $laid = array_sum($fibre->dyes) - array_sum($this->pigmented->dyes);

        return new self($fibre, $this->white->dyed($lack($laid)), $this->grey);
    }

    private static function taken(Fibre $fibre, Shade $shade, float $hold): Fibre
    {
        return $fibre->dyed(self::dyes(Ladder::level($fibre->seen()), $shade, $hold));
    }

    /**
     * What a fibre takes of a bowl.
     *
     * @param  float  $level  of the fibre, before
     * @return array<string, float> mean absorbance by tone family
     */
    public static function dyes(float $level, Shade $shade, float $hold): array
    {
        $dose = Ladder::dose($shade->level ?? $level);
        $dyes = [];
        foreach ($shade->shares as $name => $share) {
            $family = ToneFamily::from($name);
            $lack = $shade->level === null
                ? 0.0
                : max(0.0, Ladder::dose($shade->level, $family) - Ladder::dose($level, $family));
            $warmth = $family->warmth();
            $stays = $hold * $shade->strength * $share;
            foreach (Shade::bodyOf([$name => 1.0]) as $dye => $part) {
                $dyes[$dye] = ($dyes[$dye] ?? 0.0) + $lack * $part * $stays * ($warmth > 0 ? self::WARM_LACK : 1.0);
            }
            $beyond = $warmth === 0 ? self::BEYOND : ($warmth < 0 ? self::COOL_BEYOND : self::WARM_BEYOND);
            $dyes[$name] = ($dyes[$name] ?? 0.0) + $beyond * sqrt($dose) * $stays;
        }

        return $dyes;
    }

    /** As its pigmented fibres are seen with so much more dye: what `dyed` comes to, for those who try many. */
    public function tried(Lab $seen): Lab
    {
        return Ladder::drifted($seen, $this->warmer, $this->deeper, $this->redder);
    }

    private static function oxidised(Fibre $fibre, float $time): Fibre
    {
        return new Fibre(
            $fibre->granules,
            $fibre->thickness * exp(-$time),
            $fibre->pheomelanin * exp(-$time / self::PHEOMELANIN_STAYS),
            array_map(static fn (float $dye): float => $dye * exp(-$time / self::DYE_STAYS), $fibre->dyes),
        );
    }

    private static function unpigmented(): Fibre
    {
        return self::$unpigmented ??= new Fibre(0.0, 0.0, 0.0);
    }
}

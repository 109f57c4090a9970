<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Lab;
use Core\Tone\ToneFamily;

/**
 * What lies in the hair, and what an eye sees of it. Absorbances add up (Beer and Lambert): light goes through the
 * fibre and back, so a steep pigment turns from yellow over orange to red as there is more of it. The one-constant way
 * of Kubelka and Munk was tried and flattens just that: its orange is a beige.
 *
 * Eumelanin lies in granules. Where a granule swallows nearly all light it swallows it at every wavelength (the sieve
 * effect, Duysens 1956, from memory): natural hair is muted. Lightener thins the granules, and the warmth lies bare.
 */
final class Fibre
{
    /**
     * What the cuticle throws back before any pigment is met (our own model, below Fresnel's 4.6 % as hairs shade each
     * other).
     */
    private const SURFACE = 0.012;

    /** What hair without pigment throws back in all (our own model). */
    private const WHITE = 0.90;

    /**
     * Absorbance of keratin at 550 nm, and how it rises towards blue: white hair is a little yellow (our own model).
     */
    private const KERATIN = 0.06;

    private const KERATIN_RISES = -4.0;

    /**
     * How much darker hair looks while it is wet: less light is scattered back before it is swallowed (our own model).
     */
    private const WET = 1.3;

    /** What was worked once: it cannot change. */
    private ?Lab $dry = null;

    /** @var ?list<array{float, float, float}> */
    private static ?array $curves = null;

    /**
     * @param  float  $granules  of eumelanin, zero or more
     * @param  float  $thickness  how much a granule swallows at 550 nm, zero or more
     * @param  float  $pheomelanin  absorbance at 550 nm
     * @param  array<string, float>  $dyes  mean absorbance by tone family
     */
    public function __construct(
        public readonly float $granules,
        public readonly float $thickness,
        public readonly float $pheomelanin,
        public readonly array $dyes = [],
    ) {
    }

    /** @return list<float> 0 to 1, by wavelength */
    public function reflectance(bool $wet = false): array
    {
        return self::thrownBack($this->absorbance(), $wet ? self::WET : 1.0);
    }

    /**
     * @param  array<int, float>  $absorbance  by wavelength
     * @return list<float> 0 to 1
     */
    public static function thrownBack(array $absorbance, float $times = 1.0): array
    {
        $found = [];
        foreach ($absorbance as $each) {
            $found[] = self::SURFACE + (self::WHITE - self::SURFACE) * exp(-$times * $each);
        }

        return $found;
    }

    /** @return list<float> natural absorbance, by wavelength */
    public function absorbance(): array
    {
        $curves = array_map(
            static fn (string $family): array => Dye::curve(ToneFamily::from($family)),
            array_keys($this->dyes),
        );
        $amounts = array_values($this->dyes);
        $found = [];
        foreach (self::curves() as $at => [$keratin, $eumelanin, $pheomelanin]) {
            $here = $keratin
                + $this->granules * (1 - exp(-$this->thickness * $eumelanin))
                + $this->pheomelanin * $pheomelanin;
            foreach ($amounts as $dye => $amount) {
                $here += $amount * $curves[$dye][$at];
            }
            $found[] = $here;
        }

        return $found;
    }

    public function seen(bool $wet = false): Lab
    {
        return $wet ? Light::seen($this->reflectance(true)) : ($this->dry ??= Light::seen($this->reflectance()));
    }

    /**
     * So much more dye, laid evenly.
     *
     * @param  array<string, float>  $dyes  mean absorbance by tone family
     */
    public function dyed(array $dyes): self
    {
        $sum = $this->dyes;
        foreach ($dyes as $family => $amount) {
            $sum[$family] = ($sum[$family] ?? 0.0) + $amount;
        }

        return new self($this->granules, $this->thickness, $this->pheomelanin, $sum);
    }

    /** @return list<array{float, float, float}> keratin, eumelanin and pheomelanin, by wavelength */
    private static function curves(): array
    {
        return self::$curves ??= array_map(
            static fn (int $wavelength): array => [
                self::KERATIN * ($wavelength / 550) ** self::KERATIN_RISES,
                Melanin::Eumelanin->at($wavelength),
                Melanin::Pheomelanin->at($wavelength),
            ],
            Light::wavelengths(),
        );
    }
}

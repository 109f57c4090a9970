<?php

declare(strict_types=1);

namespace Core\Pigment;

/**
 * What melanin swallows of the light, by wavelength, 1 at 550 nm.
 *
 * Source: the power laws given by Donner and Jensen, "A Spectral BSSRDF for Shading Human Skin" (2006), after Jacques
 * (Oregon Medical Laser Center): eumelanin as wavelength to the power of −3.33, pheomelanin to the power of −4.75. From
 * memory.
 */
enum Melanin
{
    case Eumelanin;
    case Pheomelanin;

    private const AT = 550;

    public function exponent(): float
    {
        return match ($this) {
            self::Eumelanin => -3.33,
            self::Pheomelanin => -4.75,
        };
    }

    /** @param  float  $wavelength  nanometres */
    public function at(float $wavelength): float
    {
        return ($wavelength / self::AT) ** $this->exponent();
    }
}

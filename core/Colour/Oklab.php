<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * A colour in OKLab under D65: lightness 0 to 1, a (green to red) and b (blue to yellow) about -0.4 to 0.4.
 * Source of the matrices: Björn Ottosson, "A perceptual color space for image processing", 2020.
 */
final readonly class Oklab
{
    public function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    public function plus(float $lightness, float $a, float $b): self
    {
        return new self(max(0.0, min(1.0, $this->lightness + $lightness)), $this->a + $a, $this->b + $b);
    }

    /** As #rrggbb in sRGB; what sRGB cannot show is clipped. */
    public function hex(): string
    {
        $l = ($this->lightness + 0.3963377774 * $this->a + 0.2158037573 * $this->b) ** 3;
        $m = ($this->lightness - 0.1055613458 * $this->a - 0.0638541728 * $this->b) ** 3;
        $s = ($this->lightness - 0.0894841775 * $this->a - 1.2914855480 * $this->b) ** 3;

        return '#'.implode('', array_map(self::channel(...), [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        ]));
    }

    /** Linear light, 0 to 1, to two hex digits (IEC 61966-2-1). */
    private static function channel(float $linear): string
    {
        $clipped = max(0.0, min(1.0, $linear));
        $encoded = $clipped <= 0.0031308 ? 12.92 * $clipped : 1.055 * $clipped ** (1 / 2.4) - 0.055;

        return sprintf('%02x', (int) round($encoded * 255));
    }
}

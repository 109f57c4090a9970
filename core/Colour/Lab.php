<?php

declare(strict_types=1);

namespace Core\Colour;

/** A colour in CIELAB under D65 (CIE 15:2004): lightness 0 to 100. */
final readonly class Lab
{
    /** D65 white, CIE 1931 2° observer, Y = 1 (from the chromaticity x 0.3127, y 0.3290 of IEC 61966-2-1). */
    private const WHITE = [0.3127 / 0.3290, 1.0, (1 - 0.3127 - 0.3290) / 0.3290];

    public function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    /**
     * From #rrggbb in sRGB (IEC 61966-2-1).
     *
     * @throws InvalidColour
     */
    public static function fromHex(string $hex): self
    {
        if (preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i', $hex, $m) !== 1) {
            throw InvalidColour::unreadable($hex);
        }
        [$red, $green, $blue] = array_map(
            self::linear(...),
            [hexdec($m[1]) / 255, hexdec($m[2]) / 255, hexdec($m[3]) / 255],
        );

        return self::fromXyz(
            0.4123907992659595 * $red + 0.35758433938387796 * $green + 0.1804807884018343 * $blue,
            0.21263900587151036 * $red + 0.7151686787677559 * $green + 0.07219231536073371 * $blue,
            0.01933081871559185 * $red + 0.11919477979462599 * $green + 0.9505321522496606 * $blue,
        );
    }

    /** X, Y, Z under D65, Y = 1 for white. */
    private static function fromXyz(float $x, float $y, float $z): self
    {
        [$fx, $fy, $fz] = array_map(
            self::compressed(...),
            [$x / self::WHITE[0], $y / self::WHITE[1], $z / self::WHITE[2]],
        );

        return new self(116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz));
    }

    private static function compressed(float $ratio): float
    {
        return $ratio > 216 / 24389 ? $ratio ** (1 / 3) : (24389 / 27 * $ratio + 16) / 116;
    }

    private static function linear(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }
}

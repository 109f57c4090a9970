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

        return self::fromLinear($red, $green, $blue);
    }

    /** From linear light of sRGB, each channel 0 to 1. */
    public static function fromLinear(float $red, float $green, float $blue): self
    {
        return self::fromXyz(
            0.4123907992659595 * $red + 0.35758433938387796 * $green + 0.1804807884018343 * $blue,
            0.21263900587151036 * $red + 0.7151686787677559 * $green + 0.07219231536073371 * $blue,
            0.01933081871559185 * $red + 0.11919477979462599 * $green + 0.9505321522496606 * $blue,
        );
    }

    /** X, Y, Z each as a part of the white's own, so that 1, 1, 1 is white. */
    public static function underWhite(float $x, float $y, float $z): self
    {
        return self::fromXyz($x * self::WHITE[0], $y * self::WHITE[1], $z * self::WHITE[2]);
    }

    /** As #rrggbb in sRGB (IEC 61966-2-1); what sRGB cannot show is clipped. */
    public function hex(): string
    {
        $y = ($this->lightness + 16) / 116;
        [$fx, $fy, $fz] = [$y + $this->a / 500, $y, $y - $this->b / 200];
        [$x, $y, $z] = [
            self::WHITE[0] * self::expanded($fx), self::expanded($fy), self::WHITE[2] * self::expanded($fz),
        ];

        return '#'.implode('', array_map(self::channel(...), [
            3.240969941904521 * $x - 1.537383177570093 * $y - 0.498610760293 * $z,
            -0.96924363628087 * $x + 1.87596750150772 * $y + 0.041555057407175 * $z,
            0.055630079696993 * $x - 0.20397695888897 * $y + 1.056971514242878 * $z,
        ]));
    }

    private static function expanded(float $f): float
    {
        return $f ** 3 > 216 / 24389 ? $f ** 3 : (116 * $f - 16) * 27 / 24389;
    }

    /** Linear light, 0 to 1, to two hex digits. */
    private static function channel(float $linear): string
    {
        $clipped = max(0.0, min(1.0, $linear));
        $encoded = $clipped <= 0.0031308 ? 12.92 * $clipped : 1.055 * $clipped ** (1 / 2.4) - 0.055;

        return sprintf('%02x', (int) round($encoded * 255));
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

    /** A channel of sRGB, 0 to 1, to linear light. */
    public static function linear(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }
}

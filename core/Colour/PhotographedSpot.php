<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * The colour of a marked spot of a photograph: the mean of its light, against a white that is in the same picture where
 * there is one. A camera and its light shift every colour alike, so that white says by how much (a diagonal transform
 * of linear light, as von Kries's of the eye; from memory). How sure it is follows from how much the spot's own pixels
 * differ.
 */
final readonly class PhotographedSpot
{
    /** What a sheet of paper gives back of the light that falls on it (our own model). */
    private const PAPER = 0.9;

    /** How far a colour is off, in CIEDE2000, where nobody knows the light; and against a white (our own model). */
    private const UNKNOWN_LIGHT = 7.0;

    private const KNOWN_LIGHT = 2.0;

    /**
     * A white darker than this, of 1, says nothing of the light; what is as bright as this was cut off by the camera.
     */
    private const DARKEST_WHITE = 0.2;

    private const CUT_OFF = 254;

    /** Of a spot's pixels so many may be cut off. */
    private const MOST_CUT = 0.1;

    private const LEAST_PIXELS = 9;

    /**
     * @param  Lab  $colour  the mean of the spot, under the light by which swatches are drawn
     * @param  float  $scatter  how far its pixels lie from it, in CIEDE2000: the root of their mean square
     */
    private function __construct(public Lab $colour, public float $scatter, public bool $againstWhite)
    {
    }

    /**
     * @param  list<array{int, int, int}>  $pixels  red, green and blue of sRGB, 0 to 255
     * @param  ?list<array{int, int, int}>  $white  of a sheet of paper in the same light; null where there is none
     *
     * @throws InvalidColour for a spot of too few pixels, one that is cut off, or a white that is none
     */
    public static function of(array $pixels, ?array $white): self
    {
        if (count($pixels) < self::LEAST_PIXELS) {
            throw InvalidColour::spotTooSmall();
        }
        if (self::cut($pixels) > self::MOST_CUT) {
            throw InvalidColour::spotTooBright();
        }
        $light = [1.0, 1.0, 1.0];
        if ($white !== null) {
            if ($white === [] || self::cut($white) > self::MOST_CUT) {
                throw InvalidColour::whiteTooBright();
            }
            $light = array_map(static fn (float $channel): float => $channel / self::PAPER, self::mean($white));
            if (min($light) * self::PAPER < self::DARKEST_WHITE) {
                throw InvalidColour::whiteTooDark();
            }
        }
        $colour = self::under($light, self::mean($pixels));
        $squares = array_map(
            static fn (array $pixel): float => Ciede2000::between(
                self::under($light, self::mean([$pixel])),
                $colour,
            ) ** 2,
            $pixels,
        );

        return new self($colour, sqrt(array_sum($squares) / count($squares)), $white !== null);
    }

    /** Read back as it was kept. */
    public static function kept(Lab $colour, float $scatter, bool $againstWhite): self
    {
        return new self($colour, $scatter, $againstWhite);
    }

    /** How far it may be off, in CIEDE2000. Strands differ; their mean is surer than one of them, the light is not. */
    public function uncertainty(): float
    {
        $light = $this->againstWhite ? self::KNOWN_LIGHT : self::UNKNOWN_LIGHT;

        return sqrt($light ** 2 + ($this->scatter / 2) ** 2);
    }

    /**
     * @param  non-empty-list<array{int, int, int}>  $pixels
     * @return array{float, float, float} linear light, 0 to 1
     */
    private static function mean(array $pixels): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($pixels as $pixel) {
            foreach ($pixel as $channel => $value) {
                $sum[$channel] += Lab::linear($value / 255);
            }
        }

        return [$sum[0] / count($pixels), $sum[1] / count($pixels), $sum[2] / count($pixels)];
    }

    /**
     * @param  array<float>  $light
     * @param  array{float, float, float}  $linear
     */
    private static function under(array $light, array $linear): Lab
    {
        return Lab::fromLinear(
            min(1.0, $linear[0] / $light[0]),
            min(1.0, $linear[1] / $light[1]),
            min(1.0, $linear[2] / $light[2]),
        );
    }

    /** @param  list<array{int, int, int}>  $pixels */
    private static function cut(array $pixels): float
    {
        $cut = count(array_filter($pixels, static fn (array $pixel): bool => max($pixel) >= self::CUT_OFF));

        return $pixels === [] ? 1.0 : $cut / count($pixels);
    }
}

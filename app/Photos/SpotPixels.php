<?php

declare(strict_types=1);

namespace App\Photos;

use App\Exceptions\PhotoRefused;
use GdImage;

/** The pixels of round spots of a photograph. */
final readonly class SpotPixels
{
    /** A spot is read on a grid of so many points a side: its mean moves no further by more. */
    private const GRID = 24;

    private function __construct(private GdImage $image)
    {
    }

    /** @throws PhotoRefused where the file cannot be drawn any more */
    public static function of(string $jpeg): self
    {
        $image = @imagecreatefromstring($jpeg);

        return $image === false ? throw PhotoRefused::noPicture() : new self($image);
    }

    /**
     * @param  float  $x  of its middle, as a part of the picture's width
     * @param  float  $y  as a part of its height
     * @param  float  $radius  as a part of its shorter side
     * @return list<array{int, int, int}> red, green, blue
     */
    public function at(float $x, float $y, float $radius): array
    {
        [$width, $height] = [imagesx($this->image), imagesy($this->image)];
        $reach = $radius * min($width, $height);
        $found = [];
        for ($row = 0; $row < self::GRID; $row++) {
            for ($column = 0; $column < self::GRID; $column++) {
                [$across, $down] = [2 * ($column + 0.5) / self::GRID - 1, 2 * ($row + 0.5) / self::GRID - 1];
                [$left, $top] = [
                    (int) floor($x * $width + $across * $reach),
                    (int) floor($y * $height + $down * $reach),
                ];
                if (hypot($across, $down) > 1 || $left < 0 || $top < 0 || $left >= $width || $top >= $height) {
                    continue;
                }
                // A point may fall on a pixel that another fell on; each pixel counts once.
                $colour = (int) imagecolorat($this->image, $left, $top);
                $found[$top * $width + $left] = [($colour >> 16) & 255, ($colour >> 8) & 255, $colour & 255];
            }
        }

        return array_values($found);
    }
}

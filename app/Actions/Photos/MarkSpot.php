<?php

declare(strict_types=1);

namespace App\Actions\Photos;

use App\Models\Photo;
use App\Photos\MarkedSpot;
use App\Photos\PhotoFiles;
use App\Photos\SpotPixels;
use Core\Colour\InvalidColour;
use Core\Colour\PhotographedSpot;

/** Reads the colour of a marked spot and keeps it with the photograph; marked again, the newer stands. */
final readonly class MarkSpot
{
    public function __construct(private PhotoFiles $files)
    {
    }

    /**
     * @param  ?array{x: float, y: float}  $white
     *
     * @throws InvalidColour
     */
    public function __invoke(Photo $photo, float $x, float $y, float $radius, ?array $white): Photo
    {
        $pixels = SpotPixels::of((string) $this->files->get($photo->file));
        $seen = PhotographedSpot::of(
            $pixels->at($x, $y, $radius),
            $white === null ? null : $pixels->at($white['x'], $white['y'], $radius),
        );
        $photo->fill(['spot' => MarkedSpot::read($x, $y, $radius, $white, $seen)->toArray()])->save();

        return $photo;
    }
}

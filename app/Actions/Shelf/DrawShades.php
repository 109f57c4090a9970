<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Formulas\LineJson;
use App\Formulas\ShadeSwatch;
use App\Models\ColourLine;
use App\Models\Shade;

/** A line's products drawn anew: by its legend as it is now. */
final readonly class DrawShades
{
    public function __invoke(ColourLine $row): void
    {
        $line = LineJson::line($row, $row->salon->rules());
        foreach ($row->shades as $shade) {
            $swatch = ShadeSwatch::ofShade($shade, $line);
            if ($swatch !== $shade->swatch) {
                Shade::query()->whereKey($shade->id)->update(['swatch' => $swatch]);
            }
        }
        $row->unsetRelation('shades');
    }
}

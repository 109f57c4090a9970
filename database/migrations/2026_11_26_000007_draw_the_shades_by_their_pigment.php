<?php

declare(strict_types=1);

use App\Formulas\ShadeSwatch;
use App\Models\ColourLine;
use App\Models\Shade;
use Illuminate\Database\Migrations\Migration;

/** Every swatch is drawn by one model of pigments; what had been drawn by another ladder is drawn anew. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (ColourLine::query()->with('shades')->get() as $line) {
            foreach ($line->shades as $shade) {
                $swatch = ShadeSwatch::of($line, $shade->kind->value, $shade->code, $shade->tone?->value);
                if ($swatch !== null) {
                    Shade::query()->whereKey($shade->id)->update(['swatch' => $swatch]);
                }
            }
        }
    }
};

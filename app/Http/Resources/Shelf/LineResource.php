<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Formulas\LineJson;
use App\Formulas\SalonShelf;
use App\Models\ColourLine;
use App\Models\Shade;
use App\Shelf\ShadeTable;
use Core\Shelf\Line;
use Core\Shelf\Shelf;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A line as it is written, and each of its products with what is read of it.
 *
 * @property ColourLine $resource
 */
final class LineResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $row = $this->resource;
        $shelf = resolve(SalonShelf::class)->of($row->salon);
        $line = $shelf->line(LineJson::id($row)) ?? LineJson::line($row, $row->salon->rules());

        return [
            'id' => LineJson::id($row),
            'version' => $row->version ?? 1,
            'about' => $row->about ?? '',
            'withdrawn' => $row->withdrawn ?? false,
            'line' => array_diff_key(LineJson::of($row), ['id' => true]),
            'products' => array_values(
                $row->shades->sortBy('id')
                    ->map(fn (Shade $shade): array => $this->product($shade, $shelf, $line))
                    ->all(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function product(Shade $shade, Shelf $shelf, Line $line): array
    {
        $product = $shelf->product($shade->productId());

        return [
            'id' => $shade->productId(),
            'version' => $shade->version,
            'withdrawn' => $shade->withdrawn,
            'said' => ShadeTable::said($shade),
            'read' => $product === null ? null : ReadProductResource::of($product, $line),
        ];
    }
}

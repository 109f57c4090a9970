<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Models\Measure;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Measure $resource */
final class MeasureResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'product' => $this->resource->product,
            'grams' => $this->resource->grams_cg->text(),
        ];
    }
}

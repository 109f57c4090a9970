<?php

declare(strict_types=1);

namespace App\Http\Resources\Photos;

use App\Models\Photo;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Photo $resource */
final class PhotoResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $photo = $this->resource;

        return [
            'id' => $photo->id,
            'kind' => $photo->kind->value,
            'visit' => $photo->visit_id,
            'width' => $photo->width,
            'height' => $photo->height,
            'note' => $photo->note, 'takenAt' => $photo->taken_at->toIso8601String(), 'by' => $photo->taker->name,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Models\Canvas;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Canvas $resource */
final class CanvasResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        return self::shape($this->resource);
    }

    /** @return array<string, mixed> version 0 and empty where none was read yet */
    public static function shape(?Canvas $canvas): array
    {
        return [
            'version' => $canvas->version ?? 0,
            'canvas' => $canvas->canvas ?? ['zones' => [], 'worn' => '', 'target' => ''],
            'said' => $canvas->said ?? [],
            'editedBy' => $canvas?->editor?->name,
        ];
    }
}

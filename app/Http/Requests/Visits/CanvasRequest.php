<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class CanvasRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'canvas' => ['required', 'array:zones,worn,target'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> read by the core */
    public function canvas(): array
    {
        $canvas = $this->json('canvas');

        return is_array($canvas) ? $canvas : [];
    }
}

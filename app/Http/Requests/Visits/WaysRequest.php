<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

/** Of which zone, of the canvas as it stands or as it is being typed. */
final class WaysRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['zone' => ['required', 'string', 'max:40'], 'canvas' => ['sometimes', 'array']];
    }

    public function zone(): string
    {
        return $this->string('zone')->value();
    }

    /** @return ?array<string, mixed> */
    public function canvas(): ?array
    {
        $canvas = $this->json('canvas');

        return is_array($canvas) ? $canvas : null;
    }
}

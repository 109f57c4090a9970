<?php

declare(strict_types=1);

namespace App\Http\Requests\Photos;

use App\Models\Photo;
use Illuminate\Foundation\Http\FormRequest;

/** Where a photograph is marked: parts of its width, its height and its shorter side, from its upper left. */
final class SpotRequest extends FormRequest
{
    public function authorize(): bool
    {
        $photo = $this->route('photo');

        return $photo instanceof Photo && $this->user()?->can('plan', $photo->client) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'x' => ['required', 'numeric', 'between:0,1'],
            'y' => ['required', 'numeric', 'between:0,1'],
            'radius' => ['required', 'numeric', 'between:0.005,0.25'],
            'white' => ['nullable', 'array:x,y'],
            'white.x' => ['required_with:white', 'numeric', 'between:0,1'],
            'white.y' => ['required_with:white', 'numeric', 'between:0,1'],
        ];
    }

    /** @return ?array{x: float, y: float} */
    public function white(): ?array
    {
        return is_array($this->input('white'))
            ? ['x' => $this->float('white.x'), 'y' => $this->float('white.y')]
            : null;
    }
}

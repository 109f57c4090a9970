<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

/** A list that is written whole against the version it was read at; what stands in it is for the core to read. */
final class ListRequest extends FormRequest
{
    private const LISTS = ['steps', 'results'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            ...array_fill_keys(self::LISTS, ['sometimes', 'array', 'list', 'max:60']),
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return list<mixed> */
    public function entries(string $name): array
    {
        return array_values((array) $this->json($name));
    }
}

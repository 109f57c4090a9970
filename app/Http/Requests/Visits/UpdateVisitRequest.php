<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

final class UpdateVisitRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'service' => ['sometimes', 'required', 'string', 'max:120'],
            'note' => ['sometimes', 'present', 'nullable', 'string', 'max:2000'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array{service?: string, note?: string} */
    public function changes(): array
    {
        return array_map(fn (?string $text): string => trim($text ?? ''), $this->safe(['service', 'note']));
    }
}

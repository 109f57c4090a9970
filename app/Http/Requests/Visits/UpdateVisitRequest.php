<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use App\Models\Salon;
use Carbon\CarbonImmutable;
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
            // By the clock on the salon's wall.
            'startsAt' => ['sometimes', 'required', 'date_format:Y-m-d\TH:i', 'after:-1 year', 'before:+2 years'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array{service?: string, note?: string, starts_at?: CarbonImmutable} */
    public function changes(Salon $salon): array
    {
        $changes = array_map(fn (?string $text): string => trim($text ?? ''), $this->safe(['service', 'note']));

        return $this->filled('startsAt')
            ? $changes + [
                'starts_at' => CarbonImmutable::parse($this->string('startsAt')->value(), $salon->timezone)->utc(),
            ]
            : $changes;
    }
}

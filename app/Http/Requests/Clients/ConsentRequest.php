<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Enums\ConsentKind;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ConsentRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(ConsentKind::class)],
            'given' => ['required', 'boolean'],
            'words' => ['nullable', 'string', 'max:200'],
            // The day on which they said it, where that was another.
            'on' => ['nullable', 'date_format:Y-m-d', 'before_or_equal:tomorrow', 'after:2000-01-01'],
        ];
    }

    public function kind(): ConsentKind
    {
        return ConsentKind::from($this->string('kind')->value());
    }

    public function saidAt(CarbonImmutable $now, string $timezone): CarbonImmutable
    {
        $today = $now->setTimezone($timezone)->toDateString();
        $on = $this->string('on')->value();

        return $on === '' || $on === $today ? $now : CarbonImmutable::parse("{$on} 12:00", $timezone)->utc();
    }
}

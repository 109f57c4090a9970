<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

final class DayRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'day' => ['nullable', 'date_format:Y-m-d', 'after:-20 years', 'before:+3 years'],
            'days' => ['nullable', 'integer', 'in:1,7'],
        ];
    }

    /** Noon of the day that is asked for, by the clock on the salon's wall; of a week its Monday. */
    public function day(Salon $salon, CarbonImmutable $now): CarbonImmutable
    {
        $day = $this->filled('day')
            ? CarbonImmutable::parse($this->string('day')->value(), $salon->timezone)
            : $now->setTimezone($salon->timezone);

        return ($this->days() === 7 ? $day->startOfWeek() : $day)->setTime(12, 0);
    }

    public function days(): int
    {
        return $this->integer('days', 1);
    }
}

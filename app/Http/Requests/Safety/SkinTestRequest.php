<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use App\Models\Salon;
use App\Models\TeamMember;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class SkinTestRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'lines' => ['required', 'array', 'min:1', 'max:20'],
            'lines.*' => ['string', 'max:30', 'regex:/^line-\d+$/'],
            'spot' => ['required', 'string', 'max:80'],
            'placedBy' => ['nullable', 'string', 'max:120'],
            'placedAt' => ['nullable', 'string', 'max:40', 'date'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function spot(): string
    {
        return $this->string('spot')->trim()->value();
    }

    /** @return list<string> those of the salon's own lines that were named */
    public function lines(Salon $salon): array
    {
        $known = $salon->colourLines()->pluck('id')->map(fn (int $id): string => "line-{$id}")->all();
        $wanted = array_values(array_unique($this->array('lines')));
        abort_if(array_diff($wanted, $known) !== [], 422, Say::plain('A line that was tested is not on the shelf.'));

        return $wanted;
    }

    /** Who placed it, where that was earlier. One that only waited on its device was placed by who recorded it. */
    public function placedBy(TeamMember $member): string
    {
        return $this->filled('placedAt') ? $this->string('placedBy')->trim()->value() : $member->name;
    }

    /** Without an offset it is read by the clock on the salon's wall. */
    public function placedAt(CarbonImmutable $now, Salon $salon): CarbonImmutable
    {
        if (! $this->filled('placedAt')) {
            return $now;
        }
        $at = CarbonImmutable::parse($this->string('placedAt')->value(), $salon->timezone)->utc();
        if (
            $at->greaterThan(CarbonImmutable::now()->addMinute())
            || $at->lessThan(CarbonImmutable::now()->subDays(60))
        ) {
            throw ValidationException::withMessages(
                [
                    'placedAt' => Say::plain(
                        'A skin test was placed in the last sixty days, and not in the time to come.',
                    ),
                ],
            );
        }

        return $at;
    }
}

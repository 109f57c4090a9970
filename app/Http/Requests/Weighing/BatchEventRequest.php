<?php

declare(strict_types=1);

namespace App\Http\Requests\Weighing;

use App\Formulas\HouseReading;
use App\Models\Pour;
use App\Models\TeamMember;
use App\Rules\GramsText;
use Core\Units\MassReading;
use Core\Weighing\BatchEventKind;
use Core\Weighing\PourSource;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One event of a batch, as a device sends it. Grams come as people type them. */
final class BatchEventRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kind = $this->input('kind');

        return [
            'id' => ['required', 'uuid'],
            'after' => ['required', 'integer', 'min:0'],
            'kind' => ['required', Rule::enum(BatchEventKind::class)],
            'line' => [
                Rule::requiredIf(in_array($kind, ['poured', 'accepted-short', 'added'], true)),
                'nullable',
                'string',
                'max:60',
            ],
            'grams' => [
                Rule::requiredIf(in_array($kind, ['poured', 'weighed-back', 'tared'], true)),
                'nullable',
                'string',
                new GramsText($this->reading()),
            ],
            'source' => [Rule::requiredIf($kind === 'poured'), 'nullable', Rule::enum(PourSource::class)],
            'reading' => [Rule::requiredIf($kind === 'carried-on'), 'nullable', 'integer', 'between:-1000000,1000000'],
            'reason' => ['nullable', 'string', 'max:300'],
            'zero' => ['nullable', 'string', 'max:40'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    public function afterSequence(): int
    {
        return $this->integer('after');
    }

    public function sure(): bool
    {
        return $this->boolean('sure');
    }

    /** The event as a row, not yet part of a batch. */
    public function pour(): Pour
    {
        $grams = $this->string('grams')->value();

        return new Pour([
            'id' => $this->string('id')->lower()->value(),
            'kind' => BatchEventKind::from($this->string('kind')->value()),
            'line' => $this->filled('line') ? $this->string('line')->value() : null,
            'grams_cg' => $grams === '' ? null : $this->reading()->read($grams),
            'source' => $this->filled('source') ? PourSource::from($this->string('source')->value()) : null,
            'reading_cg' => $this->filled('reading') ? $this->integer('reading') : null,
            // What stands on the scale is said at the pan, which judges it; here grams only tell under what they were
            // poured.
            'zero' => $this->filled('zero') && $this->input('kind') === BatchEventKind::Poured->value
                ? $this->string('zero')->value()
                : null,
            'reason' => $this->filled('reason') ? $this->string('reason')->trim()->value() : null,
        ]);
    }

    private function reading(): MassReading
    {
        $member = $this->user();

        return resolve(HouseReading::class)->of(
            $member instanceof TeamMember ? $member : null,
            is_string($this->input('line')) ? $this->input('line') : '',
            is_string($this->input('grams')) ? $this->input('grams') : '',
        );
    }
}

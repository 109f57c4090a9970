<?php

declare(strict_types=1);

namespace App\Http\Requests\Weighing;

use App\Actions\Weighing\OnScale;
use App\Actions\Weighing\Stands;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PutOnScaleRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'after' => ['required', 'integer', 'min:0'],
            'stands' => ['required', Rule::enum(Stands::class)],
            'reading' => ['required', 'integer', 'between:-1000000,1000000'],
            'zero' => ['required', 'string', 'max:40'],
            'mark' => ['nullable', 'string', 'max:40'],
            'line' => ['nullable', 'string', 'max:60'],
            'sure' => ['nullable', 'boolean'],
        ];
    }

    public function said(): OnScale
    {
        return new OnScale(
            id: $this->string('id')->lower()->value(),
            after: $this->integer('after'),
            stands: Stands::from($this->string('stands')->value()),
            reading: $this->integer('reading'),
            word: $this->string('zero')->value(),
            mark: $this->string('mark')->trim()->value(),
            line: $this->filled('line') ? $this->string('line')->value() : null,
            sure: $this->boolean('sure'),
        );
    }
}

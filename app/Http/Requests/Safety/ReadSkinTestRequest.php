<?php

declare(strict_types=1);

namespace App\Http\Requests\Safety;

use Core\Safety\TestResult;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ReadSkinTestRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'result' => ['required', Rule::enum(TestResult::class)],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function result(): TestResult
    {
        return TestResult::from($this->string('result')->value());
    }

    public function note(): string
    {
        return $this->string('note')->trim()->value();
    }
}

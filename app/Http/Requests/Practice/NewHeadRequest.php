<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Practice\Lesson;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;

final class NewHeadRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid'], 'lesson' => ['required', new Enum(Lesson::class)]];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function lesson(): Lesson
    {
        return Lesson::from($this->string('lesson')->value());
    }
}

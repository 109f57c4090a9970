<?php

declare(strict_types=1);

namespace App\Http\Requests\Photos;

use App\Enums\PhotoKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

final class PhotoRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(PhotoKind::class)],
            'visit' => ['nullable', 'uuid'],
            'note' => ['nullable', 'string', 'max:200'],
            'photo' => ['required', 'file', 'max:20480'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function kind(): PhotoKind
    {
        return PhotoKind::from($this->string('kind')->value());
    }

    public function visit(): ?string
    {
        return $this->filled('visit') ? $this->string('visit')->lower()->value() : null;
    }

    public function note(): string
    {
        return $this->string('note')->trim()->value();
    }

    public function bytes(): string
    {
        $file = $this->file('photo');
        assert($file instanceof UploadedFile);

        return $file->getContent();
    }
}

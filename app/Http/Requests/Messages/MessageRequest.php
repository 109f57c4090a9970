<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use Core\Service\MessageKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MessageRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(MessageKind::class)],
            'about' => ['required', 'uuid'],
            'do' => ['required', Rule::in(['keep', 'said', 'mail', 'left', 'again'])],
            'version' => ['required', 'integer', 'min:0'],
            // A subject is one line of a mail's head.
            'subject' => ['required', 'string', 'max:160', 'not_regex:/[\r\n]/'],
            'words' => ['required', 'string', 'max:2000'],
            'way' => ['required_if:do,said', 'nullable', Rule::in(['phone', 'message', 'mail'])],
        ];
    }

    public function kind(): MessageKind
    {
        return MessageKind::from($this->string('kind')->value());
    }

    public function text(string $field): string
    {
        return $this->string($field)->trim()->value();
    }
}

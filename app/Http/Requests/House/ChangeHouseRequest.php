<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Words\Say;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\CoreException;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Illuminate\Foundation\Http\FormRequest;

final class ChangeHouseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'timezone' => ['required', 'string', 'timezone:all'],
            'rules' => ['present', 'array', 'max:60'],
            'rules.*' => ['required', 'string', 'max:60'],
        ];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function timezone(): string
    {
        return $this->string('timezone')->value();
    }

    /** @throws UnreadableDocument naming every rule that cannot be set so */
    public function houseRules(): HouseRules
    {
        $rules = HouseRules::standard();
        $problems = [];
        foreach ($this->array('rules') as $key => $text) {
            try {
                $rules = Schools::set($rules, (string) $key, is_string($text) ? $text : '');
            } catch (CoreException $refusal) {
                $problems[] = new Problem("/rules/{$key}", $refusal->fact());
            }
        }

        return $problems === [] ? $rules : throw UnreadableDocument::because($problems);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'timezone' => Say::plain('This is no time zone.'),
            'rules.*' => Say::plain('Something must stand here; the standard is shown beside it.'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Enums\MessageMode;
use App\Messages\DueRows;
use App\Messages\HouseMessages;
use App\Words\Say;
use Closure;
use Core\Service\MessageKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MessageRulesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $places = static function (string $attribute, mixed $value, Closure $fail): void {
            $strange = is_string($value) ? HouseMessages::strangePlaces($value) : [];
            if ($strange !== []) {
                $fail(
                    Say::plain(
                        'Nothing fills :strange. What can stand there: :places.',
                        [
                            'strange' => ':'.implode(', :', $strange),
                            'places' => ':'.implode(', :', HouseMessages::PLACES),
                        ],
                    ),
                );
            }
        };

        return [
            'version' => ['required', 'integer', 'min:1'],
            'rules' => ['required', 'array', 'max:4'],
            'rules.*' => ['array:kind,mode,days,subject,words'],
            'rules.*.kind' => ['required', 'distinct', Rule::enum(MessageKind::class)],
            'rules.*.mode' => ['required', Rule::enum(MessageMode::class)],
            'rules.*.days' => ['required', 'integer', 'min:0', 'max:'.DueRows::MOST_DAYS],
            'rules.*.subject' => ['present', 'nullable', 'string', 'max:120', 'not_regex:/[\r\n]/', $places],
            'rules.*.words' => ['present', 'nullable', 'string', 'max:1500', $places],
        ];
    }

    /** @return array<string, array{mode: string, days: int, subject: string, words: string}> by kind */
    public function byKind(): array
    {
        $found = [];
        foreach ((array) $this->input('rules') as $rule) {
            $found[(string) $rule['kind']] = [
                'mode' => (string) $rule['mode'],
                'days' => (int) $rule['days'],
                'subject' => trim((string) $rule['subject']),
                'words' => trim((string) $rule['words']),
            ];
        }

        return $found;
    }
}

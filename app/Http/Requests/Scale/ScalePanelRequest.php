<?php

declare(strict_types=1);

namespace App\Http\Requests\Scale;

use App\Words\Say;
use Illuminate\Foundation\Http\FormRequest;

final class ScalePanelRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'scale' => ['sometimes', 'integer', 'between:1,2'],
            'command' => [
                $this->isMethod('GET') ? 'sometimes' : 'required',
                'string',
                'regex:/^((bowl|lift|return|pour|flow|hold|drift|garbage|drop|slow|freeze|reset|tare)( \d{1,4}(\.\d{1,2})?)?|unit (g|kg|oz|lb))$/',
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'command.regex' => Say::plain(
                'The panel knows bowl, lift, return, pour, flow, hold, drift, garbage, drop, slow, freeze, reset and tare, each with a plain number where it takes one, and unit with g, kg, oz or lb.',
            ),
        ];
    }

    /** Which of the simulated ones. */
    public function scale(): int
    {
        return $this->integer('scale', 1);
    }

    public function command(): string
    {
        return $this->string('command')->value();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Scale;

use Illuminate\Foundation\Http\FormRequest;

final class ScalePanelRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['command' => [
            'required',
            'string',
            'regex:/^(bowl|lift|return|pour|flow|hold|drift|garbage|drop|reset|tare)( \d{1,4}(\.\d{1,2})?)?$/',
        ]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['command.regex' => 'The panel knows bowl, lift, return, pour, flow, hold, drift, garbage, drop, reset and tare, each with a plain number where it takes one.'];
    }

    public function command(): string
    {
        return $this->string('command')->value();
    }
}

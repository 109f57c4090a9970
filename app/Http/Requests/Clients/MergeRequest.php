<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Actions\Clients\MergeClients;
use App\Rules\RealReason;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class MergeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'other' => ['required', 'integer', 'min:1'],
            'version' => ['required', 'integer', 'min:1'],
            'otherVersion' => ['required', 'integer', 'min:1'],
            'taken' => ['present', 'array', 'max:10'],
            'taken.*' => ['string', 'distinct', Rule::in(array_keys(MergeClients::FIELDS))],
            'reason' => ['required', 'string', 'max:300', new RealReason],
        ];
    }

    /** @return list<string> */
    public function taken(): array
    {
        return array_values(array_map(strval(...), (array) $this->input('taken')));
    }
}

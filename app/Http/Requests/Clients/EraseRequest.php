<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Rules\RealReason;
use Illuminate\Foundation\Http\FormRequest;

/** Erasing, of one client by name or of several by the rule: with a reason and the password again. */
final class EraseRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $one = $this->route('client') !== null;

        return [
            'reason' => ['required', 'string', 'max:300', new RealReason],
            'password' => ['required', 'string', 'max:200'],
            'name' => [$one ? 'required' : 'prohibited', 'string', 'max:120'],
            'clients' => [$one ? 'prohibited' : 'required', 'array', 'min:1', 'max:200'],
            'clients.*' => ['integer', 'min:1', 'distinct'],
        ];
    }

    /** @return list<int> */
    public function clients(): array
    {
        return array_values(array_map(intval(...), (array) $this->input('clients')));
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }
}

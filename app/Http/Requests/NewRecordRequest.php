<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Makes a record under an id chosen by the device, so that sending it twice makes it once. */
final class NewRecordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'uuid']];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }
}

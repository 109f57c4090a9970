<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use Core\Practice\GramsMean;
use Illuminate\Foundation\Http\FormRequest;

final class GramsMeanRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['of' => ['required', 'in:colour,mixture']];
    }

    public function of(): GramsMean
    {
        return GramsMean::from($this->string('of')->value());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use App\Formulas\HouseReading;
use App\Models\TeamMember;
use App\Rules\GramsText;
use Core\Units\Grams;
use Core\Units\MassReading;
use Illuminate\Foundation\Http\FormRequest;

final class RemixRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'done' => ['required', 'integer', 'between:1,400'],
            'left' => ['required', 'string', 'max:30', new GramsText($this->reading())],
        ];
    }

    public function done(): int
    {
        return $this->integer('done');
    }

    public function left(): Grams
    {
        return $this->reading()->read($this->string('left')->value());
    }

    private function reading(): MassReading
    {
        $member = $this->user();

        return resolve(HouseReading::class)->of($member instanceof TeamMember ? $member : null);
    }
}

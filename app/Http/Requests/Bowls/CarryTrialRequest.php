<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use App\Formulas\HouseReading;
use App\Models\TeamMember;
use App\Rules\GramsText;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Units\Grams;
use Core\Units\MassReading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class CarryTrialRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'round' => ['required', 'uuid'],
            'letter' => ['required', 'string', 'max:2'],
            'grams' => ['required', 'string', 'max:30', new GramsText($this->reading())],
            'corrections' => ['present', 'array', 'max:6'],
            'corrections.*' => ['array:kind,value,from,to'],
            'corrections.*.kind' => ['required', Rule::enum(ChangeKind::class)],
            'reason' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function letter(): string
    {
        return $this->string('letter')->trim()->value();
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }

    public function round(): string
    {
        return $this->string('round')->lower()->value();
    }

    public function colour(): Grams
    {
        return $this->reading()->read($this->string('grams')->value());
    }

    /** @return list<Change> */
    public function corrections(): array
    {
        return array_values(array_map(Change::fromArray(...), $this->array('corrections')));
    }

    private function reading(): MassReading
    {
        $member = $this->user();

        return resolve(HouseReading::class)->of($member instanceof TeamMember ? $member : null);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Visits;

use Illuminate\Foundation\Http\FormRequest;

/** Rounds with their bowls, to be planned at once; each bowl is read by the core. */
final class PlanRoundsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'rounds' => ['required', 'array', 'max:6'],
            'rounds.*' => ['array:name,bowls'],
            'rounds.*.name' => ['required', 'string', 'max:60'],
            'rounds.*.bowls' => ['required', 'array', 'max:6'],
            'rounds.*.bowls.*' => ['array:id,sheet'],
            'rounds.*.bowls.*.id' => ['required', 'string', 'max:40'],
            'rounds.*.bowls.*.sheet' => ['required', 'array'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    /** @return list<array{name: string, bowls: list<array{id: string, sheet: array<string, mixed>}>}> */
    public function rounds(): array
    {
        $rounds = [];
        foreach ((array) $this->json('rounds') as $round) {
            $bowls = [];
            foreach ($round['bowls'] as $bowl) {
                $bowls[] = ['id' => (string) $bowl['id'], 'sheet' => $bowl['sheet']];
            }
            $rounds[] = ['name' => trim((string) $round['name']), 'bowls' => $bowls];
        }

        return $rounds;
    }
}

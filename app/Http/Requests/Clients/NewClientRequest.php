<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Models\TeamMember;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class NewClientRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'phone' => ['nullable', 'string', 'max:40'],
            'about' => ['nullable', 'string', 'max:500'],
            'cautions' => ['nullable', 'string', 'max:500'],
            'email' => ['nullable', 'string', 'email:rfc', 'max:190'],
            'contactBy' => ['nullable', Rule::in(['phone', 'mail', 'message', 'none'])],
            'preferred' => [
                'nullable',
                'integer',
                'min:1',
                Rule::exists('team_members', 'id')->where('salon_id', $this->salon()),
            ],
            'bornOn' => ['nullable', 'date', 'before:today', 'after:1900-01-01'],
            'training' => ['nullable', 'boolean'],
            'reason' => ['nullable', 'string', 'max:300'],
            'id' => [$this->isMethod('PUT') ? 'prohibited' : 'nullable', 'uuid'],
            'version' => [$this->isMethod('PUT') ? 'required' : 'prohibited', 'integer', 'min:1'],
        ];
    }

    /**
     * @return array<string, mixed> what was sent of the file; a device of an earlier release does not know all of it
     */
    public function fields(): array
    {
        return [
            'name' => $this->string('name')->trim()->value(),
            'phone' => $this->string('phone')->trim()->value(),
            'about' => $this->string('about')->trim()->value(),
            'cautions' => $this->string('cautions')->trim()->value(),
            'born_on' => $this->filled('bornOn') ? $this->string('bornOn')->value() : null,
            'training' => $this->boolean('training'),
            ...($this->has('email') ? ['email' => $this->string('email')->trim()->lower()->value()] : []),
            ...($this->has('contactBy') ? ['contact_by' => $this->string('contactBy')->value()] : []),
            ...(
                $this->has('preferred')
                    ? ['preferred_id' => $this->filled('preferred') ? $this->integer('preferred') : null]
                    : []
            ),
        ];
    }

    private function salon(): int
    {
        $member = $this->user();

        return $member instanceof TeamMember ? $member->salon_id : 0;
    }

    /** Why a birthday or a practice head is changed. */
    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }

    /** Made by the device; null from one that makes none. */
    public function madeAs(): ?string
    {
        return $this->filled('id') ? $this->string('id')->lower()->value() : null;
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}

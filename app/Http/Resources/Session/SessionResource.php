<?php

declare(strict_types=1);

namespace App\Http\Resources\Session;

use App\Enums\Role;
use App\Models\TeamMember;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property TeamMember $resource */
final class SessionResource extends JsonResource
{
    private bool $locked = false;

    public function locked(bool $locked): self
    {
        $this->locked = $locked;

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        return [
            'id' => $this->resource->id,
            'locked' => $this->locked,
            'licensed' => $this->resource->isLicensed(),
            'vouches' => $this->resource->mayVouch(),
            'idleMinutes' => $this->resource->salon->rules()->idleMinutes,
            'name' => $this->resource->name,
            'initials' => $this->resource->initials,
            'role' => $this->resource->role->value,
            'formulates' => $this->resource->role->formulates(),
            'language' => $this->resource->language->value,
            'salon' => $this->resource->salon->name,
            'timezone' => $this->resource->salon->timezone,
            'gramsToAnOunce' => $this->resource->salon->rules()->masses->gramsEach(),
            'ownsRules' => $this->resource->role === Role::Owner,
            'scaleSimulated' => (bool) config('tinta.scale.simulated'),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Team;

use App\Enums\Role;
use App\Models\Invitation;
use App\Models\Salon;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Salon $resource */
final class TeamResource extends JsonResource
{
    private ?TeamMember $seenBy = null;

    public function seenBy(TeamMember $member): self
    {
        $this->seenBy = $member;

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $owns = $this->seenBy?->role === Role::Owner;

        return [
            'people' => array_values($this->resource->team()
                ->orderByRaw('ended_at IS NOT NULL')->orderBy('id')->get()
                ->map(fn (TeamMember $member): array => [
                    'id' => $member->id,
                    'name' => $member->name,
                    'initials' => $member->initials,
                    'role' => $member->role->value,
                    'licence' => (string) $member->licence,
                    'email' => $owns || $member->id === $this->seenBy?->id ? $member->email : '',
                    'pin' => $member->pin !== null,
                    'ended' => $member->ended_at?->toIso8601String(),
                    'version' => $member->version,
                ])->all()),
            'invited' => $owns ? array_values(Invitation::query()->where(
                'salon_id',
                $this->resource->id,
            )->whereNull('used_at')
                ->where('ends_at', '>', CarbonImmutable::now())
                ->orderBy('id')
                ->get()
                ->map(fn (Invitation $each): array => [
                    'id' => $each->id,
                    'name' => $each->name,
                    'email' => $each->email,
                    'role' => $each->role->value,
                    'known' => $each->team_member_id !== null,
                    'ends' => $each->ends_at->toIso8601String(),
                ])->all()) : [],
        ];
    }
}

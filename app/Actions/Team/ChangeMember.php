<?php

declare(strict_types=1);

namespace App\Actions\Team;

use App\Enums\Role;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\TeamRefused;
use App\Models\Invitation;
use App\Models\Salon;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/**
 * What the owner changes of a person: name, role, licence, and whether they still work here. A salon always has an
 * owner.
 */
final readonly class ChangeMember
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /**
     * @param  array{name: string, initials: string, role: Role, licence: string, ended: bool}  $said
     *
     * @throws EditedElsewhere|TeamRefused
     */
    public function __invoke(TeamMember $member, int $version, array $said): TeamMember
    {
        return $this->database->transaction(function () use ($member, $version, $said): TeamMember {
            $salon = Salon::query()->lockForUpdate()->findOrFail($member->salon_id);
            $current = TeamMember::query()->lockForUpdate()->findOrFail($member->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::team($salon);
            }
            $stays = ! $said['ended'] && $said['role'] === Role::Owner;
            if (
                $current->role === Role::Owner
                && $current->ended_at === null
                && ! $stays
                && ! $this->otherOwner($current)
            ) {
                throw TeamRefused::lastOwner();
            }
            $ended = match (true) {
                ! $said['ended'] => null,
                default => $current->ended_at ?? CarbonImmutable::now(),
            };
            $current->fill([
                'name' => $said['name'],
                'initials' => $said['initials'],
                'role' => $said['role'],
                'licence' => $said['licence'],
                'ended_at' => $ended,
                'version' => $version + 1,
            ]);
            if ($ended !== null) {
                // Nothing that was theirs opens a door any more.
                $current->forceFill(['pin' => null, 'calendar_hash' => null, 'remember_token' => null]);
                $this->database->table('sessions')->where('user_id', $current->id)->delete();
                Invitation::query()->where('team_member_id', $current->id)->whereNull('used_at')->delete();
            }
            $current->save();

            return $current;
        });
    }

    private function otherOwner(TeamMember $but): bool
    {
        return TeamMember::query()
            ->where('salon_id', $but->salon_id)
            ->where('role', Role::Owner)
            ->whereNull('ended_at')
            ->whereKeyNot($but->id)
            ->exists();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Team;

use App\Accounts\CheckSecond;
use App\Accounts\Initials;
use App\Exceptions\TeamRefused;
use App\Models\Invitation;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/** Somebody comes in by a link: as a new person, or with a new password. The link leads nowhere afterwards. */
final readonly class AcceptInvitation
{
    public function __construct(private DatabaseManager $database, private CheckSecond $second)
    {
    }

    /** What a link leads to; null where it was used, is too old, or was never made. */
    public function open(string $token): ?Invitation
    {
        return Invitation::query()->where('token_hash', Invitation::hash($token))->whereNull('used_at')
            ->where('ends_at', '>', CarbonImmutable::now())->first();
    }

    /** @throws TeamRefused where the link leads nowhere any more */
    public function __invoke(string $token, string $name, string $password): TeamMember
    {
        return $this->database->transaction(function () use ($token, $name, $password): TeamMember {
            $invitation = Invitation::query()->where('token_hash', Invitation::hash($token))->lockForUpdate()->first();
            if ($invitation === null || $invitation->used_at !== null || $invitation->ends_at->isPast()) {
                throw TeamRefused::linkUsed();
            }
            $known = $invitation->member;
            if (
                $known?->ended_at !== null
                || ($known === null && TeamMember::query()->where('email', $invitation->email)->exists())
            ) {
                throw TeamRefused::linkUsed();
            }
            $member = $known ?? new TeamMember([
                'salon_id' => $invitation->salon_id,
                'email' => $invitation->email,
                'role' => $invitation->role,
                'licence' => $invitation->licence,
            ]);
            if ($known === null) {
                $member->fill(['name' => $name, 'initials' => Initials::of($name)]);
            }
            $member->fill(['password' => $password])->save();
            // Whoever lost the telephone has no code either: the link that gives a new password takes the other away.
            if ($this->second->takeAway($member)) {
                activity()
                    ->performedOn($member)
                    ->event('second')
                    ->log('The second factor was taken away with the password.');
            }
            $invitation->fill(['used_at' => CarbonImmutable::now(), 'team_member_id' => $member->id])->save();

            return $member->refresh();
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Team;

use App\Accounts\CanonicalEmail;
use App\Enums\Role;
use App\Models\Invitation;
use App\Models\Salon;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Fact;

/** A link by which somebody comes in once. What leads in stands in the answer and nowhere else. */
final readonly class InviteMember
{
    private const DAYS = 7;

    /**
     * @return array{Invitation, string} what is kept of it, and the token
     *
     * @throws UnreadableDocument where the address has its person already
     */
    public function __invoke(
        TeamMember $by,
        Salon $salon,
        string $name,
        string $email,
        Role $role,
        string $licence,
    ): array {
        $canonical = CanonicalEmail::of($email);
        if (TeamMember::query()->where('email', $canonical)->exists()) {
            throw UnreadableDocument::because(
                [new Problem('/email', Fact::of('refusals.team.email-taken', email: $canonical))],
            );
        }
        // Of two links to one address the newer counts.
        Invitation::query()->where('salon_id', $salon->id)->where('email', $canonical)->whereNull('used_at')->delete();

        return $this->make(
            by: $by,
            salon: $salon,
            member: null,
            name: $name,
            email: $canonical,
            role: $role,
            licence: $licence,
        );
    }

    /** @return array{Invitation, string} a link by which somebody who is here sets a new password */
    public function again(TeamMember $by, TeamMember $member): array
    {
        Invitation::query()->where('team_member_id', $member->id)->whereNull('used_at')->delete();

        return $this->make(
            by: $by,
            salon: $member->salon,
            member: $member,
            name: $member->name,
            email: $member->email,
            role: $member->role,
            licence: (string) $member->licence,
        );
    }

    /** @return array{Invitation, string} */
    private function make(
        TeamMember $by,
        Salon $salon,
        ?TeamMember $member,
        string $name,
        string $email,
        Role $role,
        string $licence,
    ): array {
        $token = bin2hex(random_bytes(20));

        return [Invitation::query()->create([
            'salon_id' => $salon->id,
            'team_member_id' => $member?->id,
            'made_by' => $by->id,
            'token_hash' => Invitation::hash($token),
            'name' => $name,
            'email' => $email,
            'role' => $role,
            'licence' => $licence,
            'ends_at' => CarbonImmutable::now()->addDays(self::DAYS),
        ])->refresh(), $token];
    }
}

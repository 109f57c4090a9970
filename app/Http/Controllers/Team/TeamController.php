<?php

declare(strict_types=1);

namespace App\Http\Controllers\Team;

use App\Actions\Team\ChangeMember;
use App\Actions\Team\InviteMember;
use App\Http\Controllers\Controller;
use App\Http\Requests\Team\InviteRequest;
use App\Http\Requests\Team\MemberRequest;
use App\Http\Resources\Team\TeamResource;
use App\Models\Invitation;
use App\Models\TeamMember;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who works here: the owner invites, changes and ends; everybody sees it. */
final class TeamController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        return $this->answer($this->member($request));
    }

    /** A link that leads in once; it stands in this answer and nowhere else. */
    public function invite(InviteRequest $request, InviteMember $invite): JsonResponse
    {
        $owner = $this->member($request);
        $this->authorize('update', $owner->salon);
        [, $token] = $invite(
            by: $owner,
            salon: $owner->salon,
            name: $request->string('name')->trim()->value(),
            email: $request->string('email')->value(),
            role: $request->role(),
            licence: $request->string('licence')->trim()->value(),
        );

        return $this->answer($owner, 201, $token);
    }

    /** A link by which somebody sets a new password. */
    public function again(Request $request, TeamMember $member, InviteMember $invite): JsonResponse
    {
        $owner = $this->member($request);
        $this->authorize('update', $owner->salon);
        [, $token] = $invite->again($owner, $member);

        return $this->answer($owner, 201, $token);
    }

    public function update(MemberRequest $request, TeamMember $member, ChangeMember $change): JsonResponse
    {
        $owner = $this->member($request);
        $this->authorize('update', $owner->salon);
        $change($member, $request->integer('version'), $request->said());

        return $this->answer($owner);
    }

    /** Takes a link back that nobody has used. */
    public function withdraw(Request $request, Invitation $invitation): JsonResponse
    {
        $owner = $this->member($request);
        $this->authorize('update', $owner->salon);
        if ($invitation->used_at === null) {
            $invitation->delete();
        }

        return $this->answer($owner);
    }

    private function answer(TeamMember $member, int $status = 200, ?string $token = null): JsonResponse
    {
        return new JsonResponse(
            (new TeamResource($member->salon))
                ->seenBy($member)
                ->toArray() + ($token === null ? [] : ['path' => "/join/{$token}"]),
            $status,
        );
    }
}

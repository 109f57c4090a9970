<?php

declare(strict_types=1);

namespace App\Http\Controllers\Team;

use App\Accounts\KnownDevice;
use App\Accounts\TryLimit;
use App\Actions\Team\AcceptInvitation;
use App\Exceptions\PasswordRefused;
use App\Exceptions\TeamRefused;
use App\Http\Controllers\Controller;
use App\Http\Middleware\IdleLock;
use App\Http\Middleware\SureAgain;
use App\Http\Requests\Team\AcceptRequest;
use App\Http\Resources\Session\SessionResource;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The other end of an invitation: whom it is for, and coming in by it. */
final class JoinController extends Controller
{
    private const FREE_TRIES = 20;

    public function __construct(private readonly AcceptInvitation $accept, private readonly TryLimit $limit)
    {
    }

    public function show(Request $request, string $token): JsonResponse
    {
        $this->count($request);
        $invitation = $this->accept->open($token) ?? throw TeamRefused::linkUsed();

        return new JsonResponse([
            'salon' => $invitation->salon->name,
            'name' => $invitation->name,
            'email' => $invitation->email,
            'known' => $invitation->team_member_id !== null,
        ]);
    }

    public function store(AcceptRequest $request, string $token, StatefulGuard $guard, CookieJar $cookies): JsonResponse
    {
        $this->count($request);
        $member = ($this->accept)(
            $token,
            $request->string('name')->trim()->value(),
            $request->string('password')->value()
        );
        $this->limit->forget("join {$request->ip()}");
        $guard->login($member);
        $request->session()->regenerate();
        IdleLock::open($request->session());
        SureAgain::said($request->session(), $member);

        return (
            new JsonResponse((new SessionResource($member))->toArray(), 201)
        )->withCookie(KnownDevice::of($request)->cookieWith($member, $cookies));
    }

    private function count(Request $request): void
    {
        $wait = $this->limit->take("join {$request->ip()}", self::FREE_TRIES);
        if ($wait !== null) {
            throw PasswordRefused::wait($wait);
        }
    }
}

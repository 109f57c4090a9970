<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Accounts\CheckPassword;
use App\Accounts\CheckSecond;
use App\Accounts\KnownDevice;
use App\Enums\Language;
use App\Http\Controllers\Controller;
use App\Http\Middleware\IdleLock;
use App\Http\Middleware\SureAgain;
use App\Http\Requests\Session\NewPasswordRequest;
use App\Http\Requests\Session\PasswordRequest;
use App\Http\Requests\Session\SignInRequest;
use App\Http\Resources\Session\SessionResource;
use App\Models\TeamMember;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class SessionController extends Controller
{
    public function __construct(private readonly StatefulGuard $guard)
    {
    }

    /** Who is signed in; null for nobody. */
    public function show(Request $request): JsonResponse
    {
        $member = $request->user();

        // A bare null: the framework would make an empty object of it.
        return $member instanceof TeamMember
            ? new JsonResponse((new SessionResource($member))->locked(IdleLock::isLocked($request, $member))->toArray())
            : JsonResponse::fromJsonString('null');
    }

    public function store(
        SignInRequest $request,
        CheckPassword $check,
        CheckSecond $second,
        CookieJar $cookies,
    ): JsonResponse {
        $member = $check->signIn($request, $request->email(), $request->password());
        $second->ask($member, $request->code());
        $this->guard->login($member);
        $request->session()->regenerate();
        IdleLock::open($request->session());
        SureAgain::said($request->session(), $member);

        return (
            new JsonResponse((new SessionResource($member))->toArray())
        )->withCookie(KnownDevice::of($request)->cookieWith($member, $cookies));
    }

    /** Locks the device now; the session stays, and opens nothing. */
    public function lock(Request $request): JsonResponse
    {
        IdleLock::lock($request->session());

        return new JsonResponse(null, 204);
    }

    public function unlock(PasswordRequest $request, CheckPassword $check): JsonResponse
    {
        $check->again($this->member($request), $request->password());
        IdleLock::open($request->session());
        SureAgain::said($request->session(), $this->member($request));

        return new JsonResponse((new SessionResource($this->member($request)))->toArray());
    }

    /** The password once more, before what only its person may do. */
    public function again(PasswordRequest $request, CheckPassword $check): JsonResponse
    {
        $check->again($this->member($request), $request->password());
        SureAgain::said($request->session(), $this->member($request));

        return new JsonResponse(null, 204);
    }

    /**
     * Whether a password was said a moment ago: asked before something leaves that is no question of the page's own.
     */
    public function sure(): JsonResponse
    {
        return new JsonResponse(null, 204);
    }

    /** A new password ends every other session of this person. */
    public function password(NewPasswordRequest $request, CheckPassword $check): JsonResponse
    {
        $check->again($this->member($request), $request->password());
        $this->member($request)->fill(['password' => $request->newPassword()])->save();
        activity()->performedOn($this->member($request))->event('password')->log('A new password was set.');

        return new JsonResponse(null, 204);
    }

    /** In which language Tinta speaks to oneself, on every device. */
    public function language(Request $request): JsonResponse
    {
        $said = $request->validate(['language' => ['required', Rule::enum(Language::class)]]);
        $this->member($request)->fill(['language' => $said['language']])->save();

        return new JsonResponse((new SessionResource($this->member($request)))->toArray());
    }

    public function destroy(Request $request): JsonResponse
    {
        $this->guard->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }
}

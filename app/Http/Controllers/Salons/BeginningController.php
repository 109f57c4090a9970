<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salons;

use App\Accounts\KnownDevice;
use App\Accounts\TryLimit;
use App\Actions\Salons\BeginSalon;
use App\Exceptions\PasswordRefused;
use App\Http\Controllers\Controller;
use App\Http\Middleware\IdleLock;
use App\Http\Middleware\SureAgain;
use App\Http\Requests\Salons\BeginRequest;
use App\Http\Resources\Salons\BeginningResource;
use App\Http\Resources\Session\SessionResource;
use App\Models\Salon;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A salon that has never seen Tinta: its first page, and what it is led through afterwards. */
final class BeginningController extends Controller
{
    private const FREE_TRIES = 20;

    public function __construct(private readonly StatefulGuard $guard, private readonly BeginSalon $begin)
    {
    }

    /** Whether a salon can be begun here; asked before anybody is signed in. */
    public function open(): JsonResponse
    {
        return new JsonResponse(['open' => $this->begin->mayBegin(), 'empty' => Salon::query()->doesntExist()]);
    }

    public function store(BeginRequest $request, TryLimit $limit, CookieJar $cookies): JsonResponse
    {
        $wait = $limit->take("beginning {$request->ip()}", self::FREE_TRIES);
        if ($wait !== null) {
            throw PasswordRefused::wait($wait);
        }
        $owner = ($this->begin)($request->said());
        $this->guard->login($owner);
        $request->session()->regenerate();
        IdleLock::open($request->session());
        SureAgain::said($request->session(), $owner);

        return (
            new JsonResponse((new SessionResource($owner))->toArray(), 201)
        )->withCookie(KnownDevice::of($request)->cookieWith($owner, $cookies));
    }

    /** What is done of the beginning, and what waits. */
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse((new BeginningResource($this->member($request)->salon))->toArray());
    }

    /** Leaves steps for later, or takes them up again. */
    public function update(Request $request): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('update', $salon);
        $said = $request->validate([
            'later' => ['present', 'array', 'max:10'],
            'later.*' => ['string', 'in:'.implode(',', BeginningResource::STEPS)],
            'aside' => ['sometimes', 'boolean'],
        ]);
        $aside = ($said['aside'] ?? false) === true;
        $salon->fill(['beginning' => $aside ? null : array_values(array_unique((array) $said['later']))])->save();

        return new JsonResponse((new BeginningResource($salon))->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Accounts\CheckPassword;
use App\Accounts\KnownDevice;
use App\Accounts\TryLimit;
use App\Exceptions\PasswordRefused;
use App\Exceptions\TeamRefused;
use App\Http\Controllers\Controller;
use App\Http\Middleware\IdleLock;
use App\Http\Resources\Session\SessionResource;
use App\Models\TeamMember;
use App\Words\Say;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * A shared tablet changes hands by a few digits: on a device where somebody of the salon is signed in, and only for one
 * who has signed in on it with their password before.
 */
final class PinController extends Controller
{
    private const FREE_TRIES = 5;

    public function __construct(private readonly TryLimit $limit, private readonly Hasher $hasher)
    {
    }

    /** Who can take this device by their PIN; asked also while it is locked. */
    public function people(Request $request): JsonResponse
    {
        $device = KnownDevice::of($request);
        $member = $this->member($request);

        return new JsonResponse(array_values($member->salon->team()->whereNull('ended_at')->whereNotNull('pin')
            ->orderBy('name')->get()
            ->filter(fn (TeamMember $each): bool => $device->knows($each))
            ->map(
                fn (TeamMember $each): array => [
                    'id' => $each->id,
                    'name' => $each->name,
                    'initials' => $each->initials,
                ],
            )->all()));
    }

    public function take(Request $request, StatefulGuard $guard, CookieJar $cookies): JsonResponse
    {
        $said = $request->validate(['member' => ['required', 'integer'], 'pin' => ['required', 'string', 'max:12']]);
        $device = KnownDevice::of($request);
        $next = $this->member($request)->salon->team()->whereNull('ended_at')->find((int) $said['member']);
        $key = 'pin of '.(int) $said['member'].' on '.$device->origin($next, $request);
        $wait = $this->limit->take($key, self::FREE_TRIES);
        if ($wait !== null) {
            throw PasswordRefused::wait($wait);
        }
        $pin = is_string($said['pin']) ? $said['pin'] : '';
        if ($next === null || $next->pin === null || ! $device->knows($next)) {
            $this->hasher->make($pin);
            throw TeamRefused::noPin();
        }
        if (! $this->hasher->check($pin, $next->pin)) {
            throw TeamRefused::wrongPin();
        }
        $this->limit->forget($key);
        $guard->login($next);
        $request->session()->regenerate();
        IdleLock::open($request->session());

        return (
            new JsonResponse((new SessionResource($next))->toArray())
        )->withCookie($device->cookieWith($next, $cookies));
    }

    /** One's own PIN, set with one's password; an empty one takes it away. */
    public function update(Request $request, CheckPassword $check): JsonResponse
    {
        $said = $request->validate(
            [
                'password' => ['required', 'string', 'max:200'],
                'pin' => [
                    'nullable',
                    'string',
                    'regex:/^\d{4,8}$/',
                    'not_regex:/^(\d)\1+$/',
                    'not_in:1234,12345,123456,4321,0123',
                ],
            ],
            [
                'pin.regex' => Say::plain('A PIN is four to eight digits.'),
                'pin.not_regex' => Say::plain('One digit over and over is guessed first.'),
                'pin.not_in' => Say::plain('This one is guessed first. Take another.'),
            ],
        );
        $member = $this->member($request);
        $check->again($member, is_string($said['password']) ? $said['password'] : '');
        $pin = $said['pin'] ?? null;
        $member->forceFill(['pin' => is_string($pin) && $pin !== '' ? $this->hasher->make($pin) : null])->save();
        activity()
            ->performedOn($member)
            ->event('pin')
            ->log($pin === null ? 'The PIN was taken away.' : 'A new PIN was set.');

        return new JsonResponse(['pin' => $member->pin !== null]);
    }
}

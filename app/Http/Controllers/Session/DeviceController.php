<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Accounts\CheckPassword;
use App\Accounts\OwnSessions;
use App\Http\Controllers\Controller;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Where somebody is signed in: seen, and ended with the password again. */
final class DeviceController extends Controller
{
    public function __construct(private readonly OwnSessions $sessions)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->sessions->of($this->member($request), $request->session()->getId(), CarbonImmutable::now()),
        );
    }

    public function destroy(Request $request, CheckPassword $check): JsonResponse
    {
        $said = $request->validate(
            [
                'password' => ['required', 'string', 'max:200'],
                'device' => ['nullable', 'string', 'regex:/^[0-9a-f]{24}$/'],
            ],
        );
        $member = $this->member($request);
        $check->again($member, (string) $said['password']);
        $one = isset($said['device']) ? (string) $said['device'] : null;
        $ended = $this->sessions->end($member, $request->session()->getId(), $one);
        activity()
            ->performedOn($member)
            ->event('sessions')
            ->log($one === null ? "Signed out of all other devices: {$ended}." : 'Signed out of another device.');

        return $this->index($request);
    }
}

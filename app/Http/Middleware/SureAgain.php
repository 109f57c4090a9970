<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\TeamMember;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Before who works here is changed, or all that is held on somebody leaves, the person's password was said a moment
 * ago: a tablet that was left open, or taken over by a PIN, is not enough.
 */
final class SureAgain
{
    /** How long a password that was said counts. */
    public const SECONDS = 300;

    private const SAID = 'password_said';

    public function handle(Request $request, Closure $next): Response
    {
        $member = $request->user();
        $said = $request->hasSession() ? $request->session()->get(self::SAID) : null;
        $now = CarbonImmutable::now()->getTimestamp();
        if (
            $member instanceof TeamMember
            && is_array($said)
            && ($said['by'] ?? null) === $member->id
            && is_int($said['at'] ?? null)
            && $now - $said['at'] <= self::SECONDS
        ) {
            return $next($request);
        }

        return new JsonResponse(
            [
                'message' => Say::plain('Say once more that it is you.'),
                'mend' => Say::plain('Enter your password; what you asked for goes on.'),
            ],
            Response::HTTP_PRECONDITION_REQUIRED,
        );
    }

    public static function said(Session $session, TeamMember $member): void
    {
        $session->put(self::SAID, ['by' => $member->id, 'at' => (int) CarbonImmutable::now()->getTimestamp()]);
    }
}

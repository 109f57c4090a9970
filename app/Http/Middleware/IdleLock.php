<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Accounts\SessionLock;
use App\Models\TeamMember;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A shared tablet that nobody touches asks for the password again. The page says how long ago it was touched; the
 * session keeps the latest, and decides. Pages that ask for news by themselves do not count as a touch.
 */
final class IdleLock
{
    /** Whole seconds since a hand was on the page. */
    public const TOUCHED = 'X-Touched-Ago';

    private const LAST = 'touched_at';

    public function handle(Request $request, Closure $next): Response
    {
        $member = $request->user();
        if ($member instanceof TeamMember && $request->hasSession() && self::isLocked($request, $member)) {
            return new JsonResponse(
                [
                    'message' => Say::plain('This device is locked.'),
                    'mend' => Say::plain('Enter your password; what you typed is kept.'),
                ],
                Response::HTTP_LOCKED,
            );
        }

        return $next($request);
    }

    public static function isLocked(Request $request, TeamMember $member): bool
    {
        $session = $request->session();
        if (resolve(SessionLock::class)->isOn($session)) {
            return true;
        }
        $now = CarbonImmutable::now()->getTimestamp();
        $last = $session->get(self::LAST);
        $ago = $request->headers->get(self::TOUCHED);
        if (is_string($ago) && ctype_digit($ago) && strlen($ago) < 9) {
            $last = is_int($last) ? max($last, $now - (int) $ago) : $now - (int) $ago;
            $session->put(self::LAST, $last);
        }
        if (! is_int($last) || $now - $last <= $member->salon->rules()->idleMinutes * 60) {
            return false;
        }
        self::lock($session);

        return true;
    }

    public static function lock(Session $session): void
    {
        resolve(SessionLock::class)->turn($session, true);
    }

    public static function open(Session $session): void
    {
        resolve(SessionLock::class)->turn($session, false);
        $session->put(self::LAST, (int) CarbonImmutable::now()->getTimestamp());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page asks every few seconds. While somebody signs in or takes the device over, such a question is under way with
 * the session that was; its answer would put that session's cookies back over the new ones. So what is only read brings
 * no cookies, but for once an hour, to one who is signed in: a wall that only asks stays signed in.
 */
final readonly class QuietReads
{
    private const HOUR = 3600;

    private const BROUGHT = 'cookies_brought';

    public function __construct(private Repository $config)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $name = $this->config->get('session.cookie');
        $response = $next($request);
        if (
            ! is_string($name)
            || ! $request->is('api/*')
            || ! $request->isMethodSafe()
            || ! $request->cookies->has($name)
            || $this->isDue($request)
        ) {
            return $response;
        }
        foreach ($response->headers->getCookies() as $cookie) {
            if (in_array($cookie->getName(), [$name, 'XSRF-TOKEN'], true)) {
                $response->headers->removeCookie($cookie->getName(), $cookie->getPath(), $cookie->getDomain());
            }
        }

        return $response;
    }

    private function isDue(Request $request): bool
    {
        if (! $request->hasSession() || $request->user() === null) {
            return false;
        }
        $session = $request->session();
        $now = CarbonImmutable::now()->getTimestamp();
        $brought = $session->get(self::BROUGHT);
        if (is_int($brought) && $now - $brought < self::HOUR) {
            return false;
        }
        $session->put(self::BROUGHT, $now);
        $session->save();

        return is_int($brought);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever comes by TLS is given cookies that go nowhere else; on the machine itself, without it, they work as well. */
final class SecureCookies
{
    public function handle(Request $request, Closure $next): Response
    {
        config(['session.secure' => $request->isSecure()]);

        return $next($request);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Enums\Language;
use App\Models\TeamMember;
use App\Words\Speak;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is said to somebody is said in their language, and as their house reads it: its masses in its unit. */
final readonly class SpeakTheirWay
{
    public function __construct(private Speak $speak)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $member = $request->user();
        $this->speak->to($member instanceof TeamMember ? $member : null, Language::of($request));

        return $next($request);
    }
}

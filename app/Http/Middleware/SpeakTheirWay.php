<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\TeamMember;
use App\Words\Catalogue;
use Closure;
use Core\Units\MassesShown;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is said to somebody of a house is said as the house reads it: its masses in its unit. */
final readonly class SpeakTheirWay
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $member = $request->user();
        $this->catalogue->readMassesIn($member instanceof TeamMember ? $member->salon->rules()->masses : MassesShown::Grams);

        return $next($request);
    }
}

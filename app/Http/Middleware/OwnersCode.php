<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Accounts\CheckSecond;
use App\Enums\Role;
use App\Models\TeamMember;
use App\Words\Say;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Where the house asks its owners for a code beside the password, one who has none changes neither its rules nor its
 * people, and nothing leaves or is erased by them.
 */
final class OwnersCode
{
    public function handle(Request $request, Closure $next): Response
    {
        $member = $request->user();
        if (
            $member instanceof TeamMember
            && $member->role === Role::Owner
            && $member->salon->rules()->ownerCode
            && CheckSecond::of($member) === null
        ) {
            return new JsonResponse([
                'message' => Say::plain('This house asks its owners for a code beside the password.'),
                'mend' => Say::plain('Set yours up under House, My own; then do this again.'),
            ], Response::HTTP_FORBIDDEN);
        }

        return $next($request);
    }
}

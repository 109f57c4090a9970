<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Http\Controllers\Controller;
use App\Http\Requests\Session\SignInRequest;
use App\Http\Resources\Session\SessionResource;
use App\Models\TeamMember;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    /** Who is signed in; null for nobody. */
    public function show(Request $request): JsonResponse
    {
        $member = $request->user();

        // A bare null: the framework would make an empty object of it.
        return $member instanceof TeamMember ? new JsonResponse((new SessionResource($member))->toArray()) : JsonResponse::fromJsonString('null');
    }

    public function store(SignInRequest $request): JsonResponse
    {
        if (! Auth::attempt($request->credentials())) {
            return new JsonResponse(['message' => 'Name or password is not right.', 'mend' => 'Check both and try again; the owner can set a new password.'], 422);
        }
        $request->session()->regenerate();

        return new JsonResponse((new SessionResource($this->member($request)))->toArray());
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(null, 204);
    }
}

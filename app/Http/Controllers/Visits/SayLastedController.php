<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\SayLasted;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\SayLastedRequest;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class SayLastedController extends Controller
{
    public function __invoke(SayLastedRequest $request, Visit $visit, SayLasted $say): JsonResponse
    {
        $this->authorize('view', $visit);
        $said = $say(
            member: $this->member($request),
            visit: $visit,
            lasting: $request->lasting(),
            greyShown: $request->greyShown(),
            weeks: $request->weeks(),
            now: $this->madeAt(),
        );

        return new JsonResponse([
            'lasting' => $said->lasting,
            'greyShown' => $said->grey_shown,
            'weeks' => $said->lasted_weeks,
        ]);
    }
}

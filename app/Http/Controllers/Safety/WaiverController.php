<?php

declare(strict_types=1);

namespace App\Http\Controllers\Safety;

use App\Accounts\CheckPassword;
use App\Actions\Safety\WaiveSkinTest;
use App\Http\Controllers\Controller;
use App\Http\Requests\Safety\WaiverRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class WaiverController extends Controller
{
    public function store(
        WaiverRequest $request,
        Visit $visit,
        WaiveSkinTest $waive,
        CheckPassword $check,
    ): JsonResponse {
        $this->authorize('formulate', $visit);
        $check->again($this->member($request), $request->string('password')->value());
        $visit = $waive($this->member($request), $visit, $request->id(), $request->reason(), CarbonImmutable::now());

        return new JsonResponse((new VisitResource($visit->refresh()))->toArray(), 201);
    }
}

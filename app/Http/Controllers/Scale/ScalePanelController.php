<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scale;

use App\Http\Controllers\Controller;
use App\Http\Requests\Scale\ScalePanelRequest;
use App\Scales\ScaleConnection;
use Illuminate\Http\JsonResponse;

/** The simulated scale's pour panel. Where a real scale is attached it does not exist. */
final class ScalePanelController extends Controller
{
    public function show(ScalePanelRequest $request): JsonResponse
    {
        abort_unless((bool) config('tinta.scale.simulated'), 404);

        return new JsonResponse(
            ['state' => json_decode(ScaleConnection::configured($request->scale())->ask('state'), true)],
        );
    }

    public function store(ScalePanelRequest $request): JsonResponse
    {
        abort_unless((bool) config('tinta.scale.simulated'), 404);

        return new JsonResponse(['reply' => ScaleConnection::configured($request->scale())->ask($request->command())]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\ReceiveClient;
use App\Http\Controllers\Controller;
use App\Http\Resources\Visits\VisitResource;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class ReceiveClientController extends Controller
{
    public function __invoke(Visit $visit, ReceiveClient $receive): JsonResponse
    {
        $this->authorize('attend', $visit);

        return new JsonResponse((new VisitResource($receive($visit, $this->madeAt())))->toArray());
    }
}

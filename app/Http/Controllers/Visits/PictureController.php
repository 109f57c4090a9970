<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\PictureRequest;
use App\Http\Resources\Visits\PictureResource;
use App\Models\Visit;
use Core\Codec\ReadCanvas;
use Illuminate\Http\JsonResponse;

/** What canvas, bowls and map come to, as they are being typed; nothing is kept. */
final class PictureController extends Controller
{
    public function __invoke(PictureRequest $request, Visit $visit): JsonResponse
    {
        $this->authorize('view', $visit);
        $visit->loadMissing(['client', 'colourist.salon', 'canvas', 'rounds.bowls.stamps.teamMember']);
        $canvas = $request->canvas();

        return new JsonResponse((new PictureResource(
            $visit,
            $canvas === null ? null : ReadCanvas::from($canvas, '/canvas'),
            $request->drafts(),
            $request->without(),
        ))->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\KeepTemplate;
use App\Actions\Visits\TakeTemplate;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\TemplateRequest;
use App\Http\Resources\Visits\VisitResource;
use App\Models\ServiceTemplate;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Services of the house: kept from a visit, planned in another with one press. */
final class TemplateController extends Controller
{
    public function store(TemplateRequest $request, Visit $visit, KeepTemplate $keep): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $template = $keep($visit, $request->name());

        return new JsonResponse(['id' => $template->id, 'name' => $template->name], 201);
    }

    public function take(TemplateRequest $request, Visit $visit, int $template, TakeTemplate $take): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $found = ServiceTemplate::query()->where('salon_id', $visit->salon_id)->findOrFail($template);

        return new JsonResponse((new VisitResource($take($visit, $found, $request->id())))->toArray(), 201);
    }

    public function destroy(Request $request, int $template): JsonResponse
    {
        $member = $this->member($request);
        abort_unless($member->role->formulates(), 403);
        ServiceTemplate::query()->where('salon_id', $member->salon_id)->findOrFail($template)->delete();

        return new JsonResponse([]);
    }
}

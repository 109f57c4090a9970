<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\KeepTemplate;
use App\Actions\Visits\PlanRounds;
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
    /** The services of the house, each with what it is made of. */
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(array_values(ServiceTemplate::query()->where('salon_id', $this->member($request)->salon_id)->orderBy('name')->get()
            ->map(fn (ServiceTemplate $template): array => [
                'id' => $template->id,
                'name' => $template->name,
                'bowls' => array_merge(...array_map(static fn (array $round): array => array_map(
                    static fn (array $bowl): string => trim(((string) ($bowl['sheet']['letter'] ?? '')).' '.((string) ($bowl['sheet']['job'] ?? ''))),
                    $round['bowls'],
                ), $template->rounds)),
            ])->all()));
    }

    public function store(TemplateRequest $request, Visit $visit, KeepTemplate $keep): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $template = $keep($visit, $request->name());

        return new JsonResponse(['id' => $template->id, 'name' => $template->name], 201);
    }

    public function take(TemplateRequest $request, Visit $visit, ServiceTemplate $template, PlanRounds $plan): JsonResponse
    {
        $this->authorize('formulate', $visit);

        return new JsonResponse((new VisitResource($plan($visit, $template->rounds, $request->id())))->toArray(), 201);
    }

    public function destroy(Request $request, ServiceTemplate $template): JsonResponse
    {
        abort_unless($this->member($request)->role->formulates(), 403);
        $template->delete();

        return new JsonResponse([]);
    }
}

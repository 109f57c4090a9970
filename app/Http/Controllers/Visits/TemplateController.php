<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Actions\Visits\KeepTemplate;
use App\Actions\Visits\PlanRounds;
use App\Http\Controllers\Controller;
use App\Http\Requests\Visits\TemplateRequest;
use App\Http\Resources\ServiceResource;
use App\Http\Resources\Visits\VisitResource;
use App\Models\ServiceTemplate;
use App\Models\Visit;
use App\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Services of the house: kept from a visit, planned in another with one press. */
final class TemplateController extends Controller
{
    /** The services of the house, each with what it is made of. */
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(ServiceResource::ofSalon($this->member($request)->salon_id));
    }

    /** Another name; one that another service has already is refused. */
    public function rename(Request $request, ServiceTemplate $template): JsonResponse
    {
        abort_unless($this->member($request)->role->formulates(), 403);
        $request->validate(
            [
                'name' => [
                    'required',
                    'string',
                    'max:80',
                    Rule::unique('service_templates', 'name')
                        ->where('salon_id', $template->salon_id)
                        ->ignore($template->id),
                ],
            ],
            [
                'name.unique' => Say::plain(
                    'Another service has this name. Take that one off the list first, or choose another name.',
                ),
            ],
        );
        $template->update(['name' => $request->string('name')->trim()->value()]);

        return new JsonResponse((new ServiceResource($template))->toArray());
    }

    public function store(TemplateRequest $request, Visit $visit, KeepTemplate $keep): JsonResponse
    {
        $this->authorize('formulate', $visit);
        $template = $keep($visit, $request->name());

        return new JsonResponse(['id' => $template->id, 'name' => $template->name], 201);
    }

    public function take(
        TemplateRequest $request,
        Visit $visit,
        ServiceTemplate $template,
        PlanRounds $plan,
    ): JsonResponse {
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

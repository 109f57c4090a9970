<?php

declare(strict_types=1);

namespace App\Http\Controllers\Safety;

use App\Accounts\CheckPassword;
use App\Actions\Safety\NoteContraindication;
use App\Http\Controllers\Controller;
use App\Http\Requests\Safety\ClearanceRequest;
use App\Http\Requests\Safety\ContraindicationRequest;
use App\Http\Resources\Safety\SafetyResource;
use App\Models\Client;
use App\Models\ContraindicationNote;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class ContraindicationController extends Controller
{
    public function store(ContraindicationRequest $request, Client $client, NoteContraindication $note): JsonResponse
    {
        $this->authorize('view', $client);
        $note->note(
            member: $this->member($request),
            client: $client,
            id: $request->id(),
            kind: $request->kind(),
            words: $request->note(),
            now: $this->madeAt(),
        );

        return new JsonResponse((new SafetyResource($client->refresh()))->toArray(), 201);
    }

    /** A licensed person records what lifts it, with the password again; everybody may note. */
    public function update(
        ClearanceRequest $request,
        ContraindicationNote $contraindication,
        NoteContraindication $note,
        CheckPassword $check,
    ): JsonResponse {
        $this->authorize('plan', $contraindication->client);
        $check->again($this->member($request), $request->string('password')->value());
        $note->lift($this->member($request), $contraindication, $request->clearance(), CarbonImmutable::now());

        return new JsonResponse((new SafetyResource($contraindication->client->refresh()))->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\NoteConsent;
use App\Http\Controllers\Controller;
use App\Http\Requests\Clients\ConsentRequest;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** What a client agreed to, noted by whoever heard it. */
final class ConsentController extends Controller
{
    public function store(ConsentRequest $request, Client $client, NoteConsent $note): JsonResponse
    {
        $this->authorize('view', $client);
        // What goes with an agreement that is taken back is for those who may change the file.
        if (! $request->boolean('given')) {
            $this->authorize('plan', $client);
        }
        $member = $this->member($request);
        $now = CarbonImmutable::now();
        $note(
            by: $member,
            client: $client,
            id: $request->string('id')->lower()->value(),
            kind: $request->kind(),
            given: $request->boolean('given'),
            words: $request->string('words')->trim()->value(),
            said: $request->saidAt($this->madeAt(), $member->salon->timezone),
            now: $now,
        );

        return new JsonResponse((new ClientResource($client->refresh()))->toArray(), 201);
    }
}

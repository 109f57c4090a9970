<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\MatchClients;
use App\Http\Controllers\Controller;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;
use App\Models\ClientMatch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Heads that are to look alike. */
final class MatchController extends Controller
{
    public function store(Request $request, Client $client, MatchClients $match): JsonResponse
    {
        $this->authorize('plan', $client);
        $request->validate(['other' => ['required', 'integer', 'min:1'], 'how' => ['required', 'string', 'max:120']]);
        $other = Client::query()->where('salon_id', $client->salon_id)->findOrFail($request->integer('other'));
        $match($this->member($request), $client, $other, $request->string('how')->trim()->value());

        return new JsonResponse((new ClientResource($client->refresh()))->toArray(), 201);
    }

    public function destroy(Request $request, Client $client, ClientMatch $match): JsonResponse
    {
        $this->authorize('plan', $client);
        ClientMatch::of($client->id)->whereKey($match->id)->firstOrFail()->delete();

        return new JsonResponse((new ClientResource($client->refresh()))->toArray());
    }
}

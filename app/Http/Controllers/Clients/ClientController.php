<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\FindClients;
use App\Actions\Clients\SaveClient;
use App\Http\Controllers\Controller;
use App\Http\Requests\Clients\NewClientRequest;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ClientController extends Controller
{
    public function index(Request $request, FindClients $find): JsonResponse
    {
        $text = $request->query('search', '');

        return new JsonResponse($find($this->member($request)->salon, is_string($text) ? $text : ''));
    }

    public function store(NewClientRequest $request, SaveClient $save): JsonResponse
    {
        $this->authorize('create', Client::class);
        $client = $save->add(
            $this->member($request),
            $this->member($request)->salon,
            $request->madeAs(),
            $request->fields(),
            $request->reason(),
        );

        return new JsonResponse((new ClientResource($client))->toArray(), 201);
    }

    public function show(Client $client): JsonResponse
    {
        $this->authorize('view', $client);

        return new JsonResponse((new ClientResource($client))->toArray());
    }

    public function update(NewClientRequest $request, Client $client, SaveClient $save): JsonResponse
    {
        $this->authorize('plan', $client);

        return new JsonResponse((new ClientResource($save->change(
            $this->member($request),
            $client,
            $request->version(),
            $request->fields(),
            $request->reason(),
        )))->toArray());
    }
}

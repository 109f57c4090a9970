<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Actions\Clients\MergeClients;
use App\Http\Controllers\Controller;
use App\Http\Requests\Clients\MergeRequest;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;
use Illuminate\Http\JsonResponse;

/** Two files of one person: what of them differs, and one of both. */
final class MergeController extends Controller
{
    public function show(Client $client, Client $second): JsonResponse
    {
        $this->authorize('plan', $client);
        $particulars = static fn (Client $of): array => [
            'id' => $of->id, 'version' => $of->version, 'visits' => $of->visits()
                ->count(), 'photos' => $of->photos()
                ->count(),
            'fields' => [
                'name' => $of->name, 'phone' => $of->phone, 'email' => $of->email, 'about' => $of->about,
                'cautions' => $of->cautions,
                'bornOn' => $of->born_on?->toDateString()
                    ?? '', 'contactBy' => $of->contact_by, 'preferred' => $of->preferred->name
                    ?? '',
            ],
        ];

        return new JsonResponse(['keep' => $particulars($client), 'other' => $particulars($second)]);
    }

    public function store(MergeRequest $request, Client $client, MergeClients $merge): JsonResponse
    {
        $this->authorize('plan', $client);
        $other = Client::query()->where('salon_id', $client->salon_id)->findOrFail($request->integer('other'));
        $kept = $merge(
            by: $this->member($request),
            keep: $client,
            version: $request->integer('version'),
            other: $other,
            otherVersion: $request->integer('otherVersion'),
            taken: $request->taken(),
            reason: $request->string('reason')->trim()->value(),
        );

        return new JsonResponse((new ClientResource($kept))->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Safety;

use App\Actions\Safety\RecordSkinTest;
use App\Http\Controllers\Controller;
use App\Http\Requests\Safety\ReadSkinTestRequest;
use App\Http\Requests\Safety\SkinTestRequest;
use App\Http\Resources\Safety\SafetyResource;
use App\Models\Client;
use App\Models\SkinTest;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

final class SkinTestController extends Controller
{
    public function store(SkinTestRequest $request, Client $client, RecordSkinTest $record): JsonResponse
    {
        $this->authorize('view', $client);
        $record->place(
            member: $this->member($request),
            client: $client,
            id: $request->id(),
            lines: $request->lines($this->member($request)->salon),
            spot: $request->spot(),
            at: $request->placedAt(
                $this->madeAt(),
                $this->member($request)->salon,
            ), by: $request->placedBy($this->member($request)), now: CarbonImmutable::now(),
        );

        return new JsonResponse((new SafetyResource($client->refresh()))->toArray(), 201);
    }

    public function update(ReadSkinTestRequest $request, SkinTest $test, RecordSkinTest $record): JsonResponse
    {
        $this->authorize('view', $test->client);
        $record->read($this->member($request), $test, $request->result(), $request->note(), $this->madeAt());

        return new JsonResponse((new SafetyResource($test->client->refresh()))->toArray());
    }
}

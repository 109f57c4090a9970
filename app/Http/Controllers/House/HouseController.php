<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Actions\House\ChangeHouse;
use App\Http\Controllers\Controller;
use App\Http\Requests\House\ChangeHouseRequest;
use App\Http\Resources\House\HouseResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class HouseController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse((new HouseResource($this->member($request)->salon))->toArray());
    }

    public function update(ChangeHouseRequest $request, ChangeHouse $change): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('update', $salon);

        return new JsonResponse((new HouseResource($change(
            $salon,
            $request->version(),
            $request->houseRules(),
            $request->timezone(),
        )))->toArray());
    }
}

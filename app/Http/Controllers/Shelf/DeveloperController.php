<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\SaveDeveloper;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\ProductRequest;
use App\Http\Resources\Shelf\DeveloperResource;
use App\Models\Developer;
use Illuminate\Http\JsonResponse;

/** A developer of the house; lines say which of them go with them. */
final class DeveloperController extends Controller
{
    public function store(ProductRequest $request, SaveDeveloper $save): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);

        return new JsonResponse(
            (new DeveloperResource($save($salon, null, 0, $request->product(), $request->withdrawn())))->toArray(),
            201,
        );
    }

    public function update(ProductRequest $request, Developer $developer, SaveDeveloper $save): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        $saved = $save($salon, $developer, $request->version(), $request->product(), $request->withdrawn());

        return new JsonResponse((new DeveloperResource($saved))->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\KeepHouseBlend;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\HouseBlendRequest;
use App\Http\Resources\Shelf\HouseBlendsResource;
use App\Models\Client;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class HouseBlendController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse((new HouseBlendsResource($this->member($request)->salon))->toArray());
    }

    /** Not offered any more, or offered again; what used it keeps it. */
    public function retire(Request $request): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        $said = $request->validate(['name' => ['required', 'string', 'max:80'], 'retired' => ['required', 'boolean']]);
        $versions = $salon->houseBlends()->where('name', $said['name'])->get();
        abort_if($versions->isEmpty(), 404);
        foreach ($versions as $version) {
            $version->fill(['retired' => $request->boolean('retired')])->save();
        }

        return new JsonResponse((new HouseBlendsResource($salon))->toArray());
    }

    public function store(HouseBlendRequest $request, KeepHouseBlend $keep): JsonResponse
    {
        $this->authorize('create', Client::class);
        $kept = $keep($this->member($request)->salon, $request->name(), $request->bowl());

        return new JsonResponse(
            ['name' => $kept->name, 'version' => $kept->version, 'line' => "line-{$kept->colour_line_id}"],
            201,
        );
    }
}

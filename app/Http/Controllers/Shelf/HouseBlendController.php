<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\KeepHouseBlend;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\HouseBlendRequest;
use App\Models\Client;
use Illuminate\Http\JsonResponse;

final class HouseBlendController extends Controller
{
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

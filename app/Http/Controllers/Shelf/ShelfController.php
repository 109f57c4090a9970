<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Http\Resources\Shelf\ShelfResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShelfController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse((new ShelfResource($this->member($request)->salon))->toArray());
    }
}

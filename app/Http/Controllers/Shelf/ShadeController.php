<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\SaveShade;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\ProductRequest;
use App\Http\Resources\Shelf\LineResource;
use App\Models\ColourLine;
use App\Models\Shade;
use Illuminate\Http\JsonResponse;

/** One product of a line. The answer is its line, with everything in it read anew. */
final class ShadeController extends Controller
{
    public function store(ProductRequest $request, ColourLine $line, SaveShade $save): JsonResponse
    {
        $this->authorize('keepShelf', $this->member($request)->salon);
        $save($line, null, 0, $request->product(), $request->withdrawn());

        return new JsonResponse((new LineResource($line->refresh()))->toArray(), 201);
    }

    public function update(ProductRequest $request, Shade $shade, SaveShade $save): JsonResponse
    {
        $this->authorize('keepShelf', $this->member($request)->salon);
        $save($shade->colourLine, $shade, $request->version(), $request->product(), $request->withdrawn());

        return new JsonResponse((new LineResource($shade->colourLine->refresh()))->toArray());
    }
}

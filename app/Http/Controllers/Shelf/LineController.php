<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\SaveLine;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\LineRequest;
use App\Http\Requests\Shelf\TriedLineRequest;
use App\Http\Resources\Shelf\LineResource;
use App\Http\Resources\Shelf\TriedLineResource;
use App\Models\ColourLine;
use App\Shelf\LineDraft;
use Illuminate\Http\JsonResponse;

/** A colour line: its rules, minutes and legend. */
final class LineController extends Controller
{
    public function show(ColourLine $line): JsonResponse
    {
        return new JsonResponse((new LineResource($line))->toArray());
    }

    public function store(LineRequest $request, SaveLine $save): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        $saved = $save(
            salon: $salon,
            line: null,
            version: 0,
            json: $request->line(),
            about: $request->about(),
            withdrawn: $request->withdrawn(),
        );

        return new JsonResponse((new LineResource($saved))->toArray(), 201);
    }

    public function update(LineRequest $request, ColourLine $line, SaveLine $save): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        $saved = $save(
            salon: $salon,
            line: $line,
            version: $request->version(),
            json: $request->line(),
            about: $request->about(),
            withdrawn: $request->withdrawn(),
        );

        return new JsonResponse((new LineResource($saved))->toArray());
    }

    /** What a line as it is being typed would read; nothing is kept. */
    public function tried(TriedLineRequest $request): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $of = $request->of();
        $line = $of === null ? null : $salon->colourLines()->findOrFail($of);

        return new JsonResponse(
            (new TriedLineResource(LineDraft::read($salon, $request->line(), $line), $request->codes()))->toArray(),
        );
    }
}

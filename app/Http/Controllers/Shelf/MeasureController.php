<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\SaveMeasure;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\MeasureRequest;
use App\Http\Resources\Shelf\MeasureResource;
use App\Models\Measure;
use App\Models\Salon;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Scoops, caps, pumps and strips that were weighed once. */
final class MeasureController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(self::all($this->member($request)->salon));
    }

    public function store(MeasureRequest $request, SaveMeasure $save): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        $save($salon, $request->name(), $request->grams(), $request->product());

        return new JsonResponse(self::all($salon), 201);
    }

    public function destroy(Request $request, Measure $measure): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('keepShelf', $salon);
        $measure->delete();

        return new JsonResponse(self::all($salon));
    }

    /** @return list<array<string, mixed>> */
    private static function all(Salon $salon): array
    {
        return array_values(Measure::query()->where('salon_id', $salon->id)->orderBy('name')->orderBy('product')->get()
            ->map(fn (Measure $measure): array => (new MeasureResource($measure))->toArray())->all());
    }
}

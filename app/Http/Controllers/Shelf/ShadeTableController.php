<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Actions\Shelf\ImportShades;
use App\Actions\Shelf\ReadShadeTable;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shelf\TableRequest;
use App\Http\Resources\Shelf\LineResource;
use App\Http\Resources\Shelf\TriedTableResource;
use App\Models\ColourLine;
use App\Shelf\ShadeTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A line's products as a table, in and out. */
final class ShadeTableController extends Controller
{
    public function show(ColourLine $line): Response
    {
        return new Response(ShadeTable::write($line), 200, [
            'Content-Type' => 'text/csv; charset=utf-8; header=present',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($line->name) ?: 'line').'.csv"',
        ]);
    }

    /** What the table would bring in; nothing is kept. */
    public function tried(TableRequest $request, ColourLine $line, ReadShadeTable $read): JsonResponse
    {
        $this->authorize('keepShelf', $this->member($request)->salon);

        return new JsonResponse(
            (new TriedTableResource($read($line, $request->text(), $request->fields())))->toArray(),
        );
    }

    public function store(TableRequest $request, ColourLine $line, ImportShades $import): JsonResponse
    {
        $this->authorize('keepShelf', $this->member($request)->salon);
        $done = $import($line, $request->text(), $request->fields());

        return new JsonResponse([...$done, 'line' => (new LineResource($line->refresh()))->toArray()], 201);
    }
}

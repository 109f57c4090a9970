<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\AdjustBowlRequest;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\Record\Change;
use Core\Record\PreviewChanges;
use Core\Record\Row;
use Illuminate\Http\JsonResponse;

/** What a change would make of a bowl as it is typed, in grams, before it is changed. Nothing is kept. */
final class AdjustBowlController extends Controller
{
    public function __invoke(AdjustBowlRequest $request, SalonShelf $shelves): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $visit = is_string($request->query('visit')) ? $salon->visits()->find($request->query('visit')) : null;
        $shelf = $visit === null ? $shelves->of($salon) : $shelves->forVisit($visit);
        $before = ReadBowl::from($request->bowl(), $shelf, '/bowl');
        $changes = $request->changes($before, $shelf);
        $ways = PreviewChanges::on($before, $changes, $shelf, $salon->rules());

        return new JsonResponse([
            'ways' => array_map(static fn (string $of, PreviewChanges $way): array => [
                'of' => $of,
                'sheet' => WriteBowl::toArray($way->sheet),
                'rows' => array_map(static fn (Row $row): array => $row->toArray(), $way->rows),
            ], array_keys($ways), $ways),
            'conditions' => array_values(array_filter(array_map(
                static fn (Change $change): string => $change->condition,
                $changes,
            ))),
            'notUnderstood' => array_values(array_filter(array_map(
                static fn (Change $change): string => $change->rest,
                $changes,
            ))),
        ]);
    }
}

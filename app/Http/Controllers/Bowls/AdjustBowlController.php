<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\AdjustBowlRequest;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\Record\ApplyChange;
use Core\Record\BowlFacts;
use Core\Record\CompareBowls;
use Core\Record\Row;
use Illuminate\Http\JsonResponse;

/** A change carried out on a bowl as it is typed: the changed bowl, and what it changed. Nothing is kept. */
final class AdjustBowlController extends Controller
{
    public function __invoke(AdjustBowlRequest $request, SalonShelf $shelves): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $visit = is_string($request->query('visit')) ? $salon->visits()->find($request->query('visit')) : null;
        $shelf = $visit === null ? $shelves->of($salon) : $shelves->forVisit($visit);
        $before = ReadBowl::from($request->bowl(), $shelf, '/bowl');
        $after = ApplyChange::to($before, $request->change(), $shelf, $salon->rules());
        $rows = CompareBowls::rows(new BowlFacts($before), new BowlFacts($after), $shelf, $salon->rules());

        return new JsonResponse([
            'sheet' => WriteBowl::toArray($after),
            'rows' => array_values(array_map(fn (Row $row): array => $row->toArray(), array_filter($rows, fn (Row $row): bool => $row->differs()))),
        ]);
    }
}

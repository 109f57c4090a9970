<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\SalonShelf;
use App\Formulas\StockRows;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\SubstituteRequest;
use App\Words\Say;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Practice\HouseRules;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\StandIns;
use Core\Shelf\Shelf;
use Core\Substitution\OtherWay;
use Core\Substitution\OtherWays;
use Illuminate\Http\JsonResponse;

/**
 * What can stand in for a shade of a bowl, each as the whole changed bowl: blends of its line, its double-pigment
 * shade, other lines.
 */
final class SubstituteController extends Controller
{
    public function __invoke(SubstituteRequest $request, SalonShelf $shelves, StockRows $stock): JsonResponse
    {
        $salon = $this->member($request)->salon;
        // In a visit, what is left of its other bowls is on the shelf too.
        $visit = $request->filled('visit') ? $salon->visits()->find($request->string('visit')->value()) : null;
        $shelf = $visit === null ? $shelves->of($salon) : $shelves->forVisit($visit);
        $sheet = ReadBowl::from($request->bowl(), $shelf, '/bowl');
        $found = StandIns::for(
            sheet: $sheet,
            product: $request->product(),
            why: $request->why(),
            shelf: $shelf,
            rules: $salon->rules(),
            stock: $stock->grams($salon),
        );

        return new JsonResponse([...array_map(fn (array $each): array => [
            'words' => Say::words($each['blend']->of()),
            'differs' => implode(', ', Say::all($each['blend']->said())),
            'distance' => $each['blend']->distance->decimal(2),
            'sheet' => WriteBowl::toArray($each['sheet']),
        ], $found), ...$this->others($sheet, $request->product(), $shelf, $salon->rules())]);
    }

    /** @return list<array{words: string, differs: string, distance: string, sheet: ?array<string, mixed>}> */
    private function others(BowlSheet $sheet, string $product, Shelf $shelf, HouseRules $rules): array
    {
        $line = $shelf->line($sheet->line);
        $pigment = $shelf->product($product)?->pigment;

        return $line === null || $pigment === null
            ? []
            : array_map(function (OtherWay $way) use ($sheet, $product, $shelf, $rules): array {
                try {
                    $changed = $way->key === 'double-pigment' ? WriteBowl::toArray(ApplyChange::to(
                        $sheet,
                        new Change(ChangeKind::Swap, from: $product, to: $way->product->id),
                        $shelf,
                        $rules,
                    )) : null;
                } catch (CoreException) {
                    $changed = null;
                }

                return [
                    'words' => Say::either($way->of()),
                    'differs' => Say::words($way->differs()),
                    'distance' => '', 'sheet' => $changed,
                ];
            }, OtherWays::for($pigment, $product, $line, $shelf));
    }
}

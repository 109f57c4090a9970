<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\Stock\MoveStock;
use App\Csv\Table;
use App\Http\Controllers\Controller;
use App\Http\Requests\Stock\MoveRequest;
use App\Http\Resources\Stock\StockResource;
use App\Models\Developer;
use App\Models\Shade;
use App\Models\StockMove;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\CoreException;
use Core\Units\Grams;
use Core\Units\MassReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The shelf as a ledger: what is there, how it came to that, what to order. Everybody on the team counts. */
final class StockController extends Controller
{
    private const MOST_MOVES = 200;

    public function index(Request $request, StockResource $stock): JsonResponse
    {
        return new JsonResponse($stock->of($this->member($request)->salon));
    }

    public function store(MoveRequest $request, MoveStock $move, StockResource $stock): JsonResponse
    {
        $member = $this->member($request);
        $move($member, $request->moves(), $this->madeAt());

        return new JsonResponse($stock->of($member->salon), 201);
    }

    /** The ledger of one product, the latest first. */
    public function show(Request $request, string $product): JsonResponse
    {
        self::row($this->member($request)->salon_id, $product) ?? abort(404);

        return new JsonResponse(array_values(StockMove::query()->where(
            'salon_id',
            $this->member($request)->salon_id,
        )->where('product', $product)
            ->with('member')->orderByDesc('id')->limit(self::MOST_MOVES)->get()->map(fn (StockMove $move): array => [
                'id' => $move->id,
                'kind' => $move->kind->value,
                'out' => $move->grams_cg < 0,
                'grams' => Grams::ofCentigrams(abs($move->grams_cg))->text(),
                'note' => $move->note,
                'by' => $move->member->name,
                'at' => $move->moved_at->toIso8601String(),
            ])->all()));
    }

    /** From what amount on a product is low. */
    public function mark(Request $request, string $product, StockResource $stock): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $row = self::row($salon->id, $product) ?? abort(404);
        $this->authorize('keepShelf', $salon);
        $said = $request->validate(['mark' => ['present', 'nullable', 'string', 'max:40']]);
        try {
            $text = is_string($said['mark']) ? trim($said['mark']) : '';
            $row->forceFill(
                ['low_cg' => $text === '' ? null : MassReading::plain()->withPack($row->pack_cg)->read($text)],
            )->save();
        } catch (CoreException $refusal) {
            throw UnreadableDocument::because([new Problem('/mark', $refusal->fact())]);
        }

        return new JsonResponse($stock->of($salon));
    }

    /** What to order, as a table. */
    public function order(Request $request, StockResource $stock): Response
    {
        $rows = [['line', 'code', 'name', 'packs', 'grams', 'on the shelf', 'planned this week']];
        foreach ($stock->of($this->member($request)->salon)['rows'] as $row) {
            if ($row['order'] !== null) {
                $rows[] = [
                    $row['line'],
                    $row['code'],
                    $row['name'],
                    (string) ($row['order']['packs'] ?? ''),
                    $row['order']['grams'],
                    (string) $row['there'],
                    (string) $row['planned'],
                ];
            }
        }

        return new Response(Table::write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8; header=present',
            'Content-Disposition' => 'attachment; filename="order.csv"',
        ]);
    }

    private static function row(int $salon, string $product): Shade|Developer|null
    {
        return match (true) {
            preg_match('/^shade-(\d{1,18})$/', $product, $m) === 1 => Shade::query()
                ->whereRelation('colourLine', 'salon_id', $salon)
                ->find((int) $m[1]),
            preg_match('/^developer-(\d{1,18})$/', $product, $m) === 1 => Developer::query()
                ->where('salon_id', $salon)
                ->find((int) $m[1]),
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Stock;

use App\Formulas\PackRows;
use App\Formulas\SalonShelf;
use App\Formulas\StockRows;
use App\Models\Salon;
use App\Models\StockMove;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\CoreException;
use Core\Fact;
use Core\Stock\MovementKind;
use Core\Units\Grams;
use Illuminate\Database\DatabaseManager;

/** Writes what a hand says of the shelf: a delivery, a count, a correction, a pack opened or thrown away. */
final readonly class MoveStock
{
    public function __construct(
        private DatabaseManager $database,
        private StockRows $stock,
        private SalonShelf $shelves,
        private PackRows $packs,
    ) {
    }

    /**
     * @param  list<array{product: string, kind: MovementKind, amount: string, out: bool, note: string}>  $moves
     *
     * @throws UnreadableDocument where one of them cannot be: then none is written
     */
    public function __invoke(TeamMember $member, array $moves, CarbonImmutable $now): void
    {
        $this->database->transaction(function () use ($member, $moves, $now): void {
            $salon = Salon::query()->lockForUpdate()->findOrFail($member->salon_id);
            $this->stock->forget();
            $levels = $this->stock->levels($salon);
            $problems = $rows = [];
            foreach ($moves as $at => $move) {
                $level = $levels[$move['product']] ?? null;
                try {
                    $grams = $this->grams($salon, $move);
                } catch (CoreException $refusal) {
                    $problems[] = new Problem("/moves/{$at}/amount", $refusal->fact());

                    continue;
                }
                $problem = $this->problem($salon, $move, $grams);
                if ($problem !== null) {
                    $problems[] = new Problem("/moves/{$at}/{$problem[0]}", $problem[1]);

                    continue;
                }
                $level ??= \Core\Stock\StockLevel::unknown();
                $movement = $level->movement($move['kind'], $grams, $move['out']);
                $levels[$move['product']] = $level->after($move['kind'], $movement);
                [$pack, $cents] = $this->packs->of($move['product']);
                $rows[] = [
                    'salon_id' => $salon->id,
                    'product' => $move['product'],
                    'kind' => $move['kind'],
                    'grams_cg' => $movement,
                    'note' => $move['note'],
                    'team_member_id' => $member->id,
                    'pack_cg' => $pack,
                    'pack_cents' => $cents,
                    'moved_at' => $now,
                ];
            }
            if ($problems !== []) {
                throw UnreadableDocument::because($problems);
            }
            foreach ($rows as $row) {
                StockMove::query()->create($row);
            }
            $this->stock->forget();
        });
    }

    /** @param  array{product: string, kind: MovementKind, amount: string, out: bool, note: string}  $move */
    private function grams(Salon $salon, array $move): Grams
    {
        if ($move['kind'] === MovementKind::Opened) {
            return Grams::zero();
        }
        $shelf = $this->shelves->of($salon);

        return $shelf->readingFor($shelf->product($move['product']))->read($move['amount']);
    }

    /**
     * @param  array{product: string, kind: MovementKind, amount: string, out: bool, note: string}  $move
     * @return ?array{string, Fact}
     */
    private function problem(Salon $salon, array $move, Grams $grams): ?array
    {
        return match (true) {
            $this->shelves->of($salon)->product($move['product']) === null => [
                'product',
                Fact::of('documents.product-not-document'),
            ],
            ! $move['kind']->isByHand() => ['kind', Fact::of('stock.by-itself')],
            $move['kind']->wantsReason() && trim($move['note']) === '' => ['note', Fact::of('stock.no-reason')],
            $grams->isZero() && in_array(
                $move['kind'],
                [MovementKind::Delivered, MovementKind::Thrown, MovementKind::Corrected],
                true,
            ) => ['amount', Fact::of('stock.nothing-moves')],
            default => null,
        };
    }
}

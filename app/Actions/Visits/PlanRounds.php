<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Actions\Bowls\SaveBowl;
use App\Formulas\RenamedBowls;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\Visit;
use Core\Formula\Letters;
use Illuminate\Database\DatabaseManager;
use Ramsey\Uuid\Uuid;

/**
 * Plans bowls in their rounds, of a service of the house or of a way to a wish: all of them or none, under letters that
 * are free.
 */
final readonly class PlanRounds
{
    public function __construct(private DatabaseManager $database, private SaveBowl $save)
    {
    }

    /**
     * @param  list<array{name: string, bowls: list<array{id: string, sheet: array<string, mixed>}>}>  $wanted
     * @param  string  $take  made by the device: the same again plans nothing twice
     */
    public function __invoke(Visit $visit, array $wanted, string $take): Visit
    {
        return $this->database->transaction(function () use ($visit, $wanted, $take): Visit {
            $current = LockVisit::open($visit->id);
            $rounds = $current->rounds()->with('bowls')->get();
            $taken = $rounds->flatMap(fn (Round $round) => $round->bowls)
                ->map(fn (Bowl $bowl): string => trim($bowl->letter))
                ->all();
            $ids = $letters = [];
            $taken = array_values($taken);
            foreach ($wanted as $round) {
                foreach ($round['bowls'] as $bowl) {
                    // Always the same id of one taking.
                    $ids[$bowl['id']] = (string) Uuid::uuid5($take, $bowl['id']);
                    $was = (string) ($bowl['sheet']['letter'] ?? 'A');
                    $letters[$was] = in_array($was, $taken, true) ? Letters::free($taken) : $was;
                    $taken[] = $letters[$was];
                }
            }
            if (Bowl::query()->whereIn('id', $ids)->exists()) {
                return $current;
            }
            foreach ($wanted as $at => $round) {
                $here = $rounds->firstWhere('name', $round['name'])
                    // The first round of a visit that was just planned has no bowls yet, and takes the service's name.
                    ?? ($at === 0 && $rounds->first()?->bowls->isEmpty() === true ? $rounds->first() : null)
                    ?? Round::query()->create([
                        'id' => (string) Uuid::uuid5($take, "round {$at}"), 'visit_id' => $current->id,
                        'position' => (int) $current->rounds()->max('position') + 1, 'name' => $round['name'],
                    ])->refresh();
                foreach ($round['bowls'] as $bowl) {
                    $this->save->add($here, $ids[$bowl['id']], RenamedBowls::of($bowl['sheet'], $ids, $letters));
                }
            }

            return $current->unsetRelation('rounds');
        });
    }
}

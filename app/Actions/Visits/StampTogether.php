<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\VisitRefused;
use App\Formulas\ClockRows;
use App\Models\Bowl;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Timing\Side;
use Core\Timing\StampKind;
use Illuminate\Database\DatabaseManager;
use Ramsey\Uuid\Uuid;

/** Marks the same moment on several bowls of a visit; a bowl whose sides are timed apart has each side marked. */
final readonly class StampTogether
{
    public function __construct(private DatabaseManager $database, private StampBowl $stamp, private ClockRows $clocks)
    {
    }

    /**
     * @param  list<array{id: string, bowl: string, batch: ?string, side: ?Side}>  $marks  of one side alone where that
     *     is named
     */
    public function __invoke(
        TeamMember $member,
        Visit $visit,
        StampKind $kind,
        array $marks,
        CarbonImmutable $now,
    ): Visit {
        return $this->database->transaction(function () use ($member, $visit, $kind, $marks, $now): Visit {
            foreach ($marks as $mark) {
                $bowl = Bowl::query()->with('stamps', 'round')->find($mark['bowl']);
                if ($bowl === null || $bowl->round->visit_id !== $visit->id) {
                    throw VisitRefused::idTaken();
                }
                $sides = match (true) {
                    $mark['batch'] !== null => [],
                    $mark['side'] !== null => [$mark['side']],
                    default => $this->clocks->sides($bowl),
                };
                foreach ($sides === [] ? [null] : $sides as $at => $side) {
                    ($this->stamp)(
                        member: $member,
                        bowl: $bowl,
                        // One id came for the bowl; its sides need one each, the same ones when it is sent again.
                        id: $at === 0 || $side === null
                            ? $mark['id']
                            : Uuid::uuid5($mark['id'], $side->value)->toString(),
                        kind: $kind,
                        words: '',
                        now: $now,
                        batch: $mark['batch'],
                        side: $side,
                    );
                }
            }

            return $visit;
        });
    }
}

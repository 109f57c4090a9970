<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Actions\Visits\LockVisit;
use App\Exceptions\VisitRefused;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\TeamMember;
use Core\Codec\WriteBowl;
use Core\Formula\SplitBowl as Split;
use Core\Units\Fraction;
use Illuminate\Database\DatabaseManager;

/**
 * One bowl becomes two of the same formula: a share of its amount goes into a new one, or all of it again as a copy.
 */
final readonly class SplitBowl
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $rows,
        private SaveBowl $save,
    ) {
    }

    /** @param  ?Fraction  $share  that moves, above 0 and below 1; null to copy it whole */
    public function __invoke(
        TeamMember $member,
        Bowl $bowl,
        int $version,
        string $id,
        string $letter,
        ?Fraction $share,
    ): Bowl {
        return $this->database->transaction(function () use ($member, $bowl, $version, $id, $letter, $share): Bowl {
            $visit = LockVisit::any($bowl->round->visit_id);
            $rules = $visit->rules();
            $shelf = $this->shelves->forVisit($visit);
            $sheet = $this->rows->sheet($bowl, $shelf);
            if (Bowl::query()->whereKey($id)->exists()) {
                return $this->save->add($bowl->round, $id, ['letter' => $letter] + $bowl->sheet, $bowl->id);
            }
            $part = $sheet;
            if ($share !== null) {
                if ($bowl->batches()->exists()) {
                    throw VisitRefused::bowlBeingWeighed($sheet->letter);
                }
                ['stays' => $stays, 'moves' => $part] = Split::of($sheet, $share, $letter, $shelf, $rules->step);
                $this->save->change($member, $bowl, $version, WriteBowl::toArray($stays));
            }

            return $this->save->add(
                $bowl->round,
                $id,
                ['letter' => $letter] + WriteBowl::toArray($part),
                $bowl->from_bowl_id,
            );
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Actions\Visits\LockVisit;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\TeamMember;
use Core\Codec\WriteBowl;
use Core\Formula\MergeBowls as Merge;
use Illuminate\Database\DatabaseManager;

/**
 * Two bowls of a visit become one: the first holds what both held, the second is gone, and who named it names the
 * first.
 */
final readonly class MergeBowls
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $rows,
        private SaveBowl $save,
        private RemoveBowl $remove,
    ) {
    }

    public function __invoke(TeamMember $member, Bowl $bowl, int $version, Bowl $other, int $otherVersion): Bowl
    {
        return $this->database->transaction(function () use ($member, $bowl, $version, $other, $otherVersion): Bowl {
            $visit = LockVisit::open($bowl->round->visit_id);
            $current = Bowl::query()->lockForUpdate()->findOrFail($other->id);
            if ($current->version !== $otherVersion) {
                throw EditedElsewhere::bowl($current);
            }
            foreach ([$bowl, $current] as $each) {
                if ($each->wasBegun()) {
                    throw VisitRefused::bowlBeingWeighed(trim($each->letter));
                }
            }
            $shelf = $this->shelves->forVisit($visit);
            $merged = Merge::of(
                $this->rows->sheet($bowl, $shelf),
                $this->rows->sheet($current, $shelf),
                $shelf,
                $visit->rules()->step,
            );
            // The second goes first, so that the first may hold what it took of a left-over.
            ($this->remove)($current, $otherVersion);
            $changed = $this->save->change($member, $bowl, $version, WriteBowl::toArray($merged));
            $this->save->renameIn($visit->id, $bowl->id, trim($current->letter), $merged->letter);

            return $changed;
        });
    }
}

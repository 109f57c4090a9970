<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Actions\Visits\LockVisit;
use App\Actions\Visits\RecordAdjustment;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\TeamMember;
use Core\Codec\ReadBowl;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\Leftover;
use Illuminate\Database\DatabaseManager;

/**
 * Adds a bowl to a round, or changes one. The formula of a bowl that has been weighed is never changed;
 * where it goes, its clock and its words still may.
 */
final readonly class SaveBowl
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $rows,
        private RecordAdjustment $record,
    ) {
    }

    /**
     * A bowl as somebody types it: sent a second time with something else in it, neither is lost.
     *
     * @param  array<string, mixed>  $json
     */
    public function typed(Round $round, string $id, array $json): Bowl
    {
        $typed = $this->rows->json($this->rows->fill(new Bowl, $this->read($round, $json, $id)));
        $bowl = $this->add($round, $id, $json);
        if ($this->rows->json($bowl) != $typed) {
            throw EditedElsewhere::bowl($bowl);
        }

        return $bowl;
    }

    /**
     * @param  array<string, mixed>  $json
     * @param  ?string  $from  id of the bowl it comes from
     */
    public function add(Round $round, string $id, array $json, ?string $from = null): Bowl
    {
        $sheet = $this->read($round, $json);

        return $this->database->transaction(function () use ($round, $id, $sheet, $from): Bowl {
            LockVisit::any($round->visit_id);
            $existing = Bowl::query()->find($id);
            if ($existing !== null) {
                // The same device sent it again: its first arrival stands.
                return $existing->round_id === $round->id ? $existing : throw VisitRefused::idTaken();
            }
            LockVisit::open($round->visit_id);
            $this->assertLetterFree($round, $sheet, null);
            $bowl = $this->rows->fill(
                new Bowl([
                    'id' => $id,
                    'round_id' => $round->id,
                    'from_bowl_id' => $from,
                    'position' => (int) $round->bowls()->max('position') + 1,
                ]),
                $sheet,
            );
            $bowl->save();
            $this->rows->replaceComponents($bowl, $sheet);
            $this->shelves->forget($round->visit_id);

            return $bowl->refresh();
        });
    }

    /**
     * @param  array<string, mixed>  $json
     * @param  string  $reason  why it was adjusted; empty for a plain edit
     */
    public function change(TeamMember $member, Bowl $bowl, int $version, array $json, string $reason = ''): Bowl
    {
        $sheet = $this->read($bowl->round, $json, $bowl->id);

        return $this->database->transaction(function () use ($member, $bowl, $version, $sheet, $reason): Bowl {
            LockVisit::open($bowl->round->visit_id);
            $current = Bowl::query()->lockForUpdate()->findOrFail($bowl->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::bowl($current);
            }
            $before = $this->rows->json($current);
            if (
                $current->batches()->exists()
                && self::formula($before) !== self::formula($this->rows->json($this->rows->fill(new Bowl, $sheet)))
            ) {
                throw VisitRefused::bowlBeingWeighed(trim($current->letter));
            }
            $this->assertLetterFree($bowl->round, $sheet, $current->id);
            if ($reason !== '') {
                ($this->record)($member, $current, $sheet, $reason);
            }
            $was = trim($current->letter);
            $this->rows->fill($current, $sheet)->fill(['version' => $version + 1])->save();
            if ($was !== $sheet->letter) {
                $this->renameIn($bowl->round->visit_id, $current->id, $was, $sheet->letter);
            }
            $this->rows->replaceComponents($current, $sheet);
            $this->shelves->forget($bowl->round->visit_id);

            return $current->refresh();
        });
    }

    /** The visit's other bowls name this one in patterns, and in what they follow or are rinsed with. */
    public function renameIn(string $visit, string $renamed, string $was, string $is): void
    {
        $others = Bowl::query()->where('id', '!=', $renamed)->whereIn(
            'round_id',
            Round::query()->where('visit_id', $visit)->select('id'),
        )->lockForUpdate()->get();
        foreach ($others as $other) {
            $sheet = $other->sheet;
            foreach (['after', 'rinse'] as $member) {
                if (($sheet[$member] ?? '') === $was) {
                    $sheet[$member] = $is;
                }
            }
            foreach ($sheet['place'] ?? [] as $at => $stroke) {
                if (isset($stroke['with'])) {
                    $sheet['place'][$at]['with'] = array_map(
                        fn (string $letter): string => $letter === $was ? $is : $letter,
                        $stroke['with'],
                    );
                }
            }
            if ($sheet !== $other->sheet) {
                $other->fill(['sheet' => $sheet, 'version' => $other->version + 1])->save();
            }
        }
    }

    /**
     * What was weighed: everything that decides the grams.
     *
     * @param  array<string, mixed>  $json
     * @return array<string, mixed>
     */
    private static function formula(array $json): array
    {
        return array_intersect_key(
            $json,
            array_flip(['letter', 'line', 'ratio', 'amount', 'parts', 'additives', 'extras', 'uses']),
        );
    }

    /**
     * Reads the bowl and works it once, so that nothing is saved that contradicts itself.
     *
     * @param  array<string, mixed>  $json
     */
    private function read(Round $round, array $json, string $own = ''): BowlSheet
    {
        $visit = $round->visit;
        $shelf = $this->shelves->forVisit($visit);
        $sheet = ReadBowl::from($json, $shelf);
        $rules = $visit->rules();
        $others = [];
        foreach ($visit->rounds->flatMap(fn (Round $each) => $each->bowls)->where('id', '!=', $own) as $other) {
            try {
                $others[] = $this->rows->known($this->rows->sheet($other, $shelf), $rules);
            } catch (CoreException) {
                // What cannot be read takes nothing that is known.
                continue;
            }
        }
        Leftover::assertShared($sheet, $sheet->known($rules->step), $others);

        return $sheet;
    }

    private function assertLetterFree(Round $round, BowlSheet $sheet, ?string $except): void
    {
        $taken = Bowl::query()
            ->whereIn('round_id', Round::query()->where('visit_id', $round->visit_id)->select('id'))
            ->where('letter', $sheet->letter)
            ->when($except !== null, fn ($query) => $query->where('id', '!=', $except))
            ->exists();
        if ($taken) {
            throw VisitRefused::letterTaken($sheet->letter);
        }
    }
}

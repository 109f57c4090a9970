<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Actions\Visits\LockVisit;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Codec\WriteBowl;
use Core\Formula\ScaleBowl;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\DeriveBowl;
use Core\Units\Grams;
use Illuminate\Database\DatabaseManager;

/** A test strand's result, and its formula carried into the real bowl with what it taught. */
final readonly class RecordTrial
{
    public function __construct(
        private DatabaseManager $database,
        private SalonShelf $shelves,
        private BowlRows $rows,
        private BatchRows $batches,
        private SaveBowl $save,
    ) {
    }

    /** @param  array<string, mixed>  $result  level, tone, minutes, elasticity, verdict, words */
    public function result(TeamMember $member, Bowl $bowl, int $version, array $result, CarbonImmutable $now): Bowl
    {
        return $this->database->transaction(function () use ($member, $bowl, $version, $result, $now): Bowl {
            LockVisit::open($bowl->round->visit_id);
            $current = Bowl::query()->lockForUpdate()->findOrFail($bowl->id);
            match (true) {
                (
                    $current->sheet['purpose'] ?? 'service'
                ) !== 'trial' => throw VisitRefused::notATrial(trim($current->letter)),
                $current->version !== $version => throw EditedElsewhere::bowl($current),
                default => $current->fill([
                    'trial' => [...$result, 'by' => $member->name, 'at' => $now->toIso8601String()],
                    'version' => $version + 1,
                ])->save(),
            };

            return $current;
        });
    }

    /**
     * The real bowl: the trial's formula at the wished amount of colour, with the corrections made.
     *
     * @param  list<Change>  $corrections
     */
    public function carry(
        TeamMember $member,
        Bowl $trial,
        Round $into,
        string $id,
        string $letter,
        Grams $colour,
        array $corrections,
        string $reason,
    ): Bowl {
        return $this->database->transaction(function () use (
            $member,
            $trial,
            $into,
            $id,
            $letter,
            $colour,
            $corrections,
            $reason
        ): Bowl {
            LockVisit::open($into->visit_id);
            if ($trial->trial === null) {
                throw VisitRefused::trialOpen(trim($trial->letter));
            }
            if ($into->visit->client_id !== $trial->round->visit->client_id) {
                throw VisitRefused::idTaken();
            }
            $rules = $into->visit->rules();
            $shelf = $this->shelves->forVisit($trial->round->visit);
            $sheet = $this->rows->sheet($trial, $shelf);
            $poured = $this->batches->pouredInto($trial);
            if ($sheet->bowl === null && $poured !== []) {
                // What the scale saw of a strand poured by eye is its formula.
                $sheet = DeriveBowl::from($sheet, $poured, $shelf);
            }
            $sheet = ScaleBowl::toColour($sheet, $colour, $shelf, $rules->step);
            $plain = [
                'letter' => $letter,
                'purpose' => 'service',
                'place' => [],
                'job' => trim(str_ireplace('test strand', '', $sheet->job), ' ,:') ?: 'From the test strand',
            ] + WriteBowl::toArray($sheet);
            $made = $this->save->add($into, $id, $plain, $trial->id);
            $corrected = $this->rows->sheet($made, $shelf);
            foreach ($corrections as $change) {
                $corrected = ApplyChange::to($corrected, $change, $shelf, $rules);
            }

            return $corrections === [] ? $made : $this->save->change(
                $member,
                $made,
                $made->version,
                WriteBowl::toArray($corrected),
                $reason === '' ? 'The test strand said so' : $reason,
            );
        });
    }
}

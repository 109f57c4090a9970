<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Actions\Clients\IndexClient;
use App\Actions\Safety\AskGate;
use App\Enums\Verdict;
use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\CanvasRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCanvas;
use Core\Safety\Step;
use Core\Weighing\BatchStatus;
use Illuminate\Database\DatabaseManager;

/**
 * Closes a visit with its outcome; what is to change next time becomes proposals. From then on the record stays as it
 * is.
 */
final readonly class CloseVisit
{
    public function __construct(
        private DatabaseManager $database,
        private CanvasRows $canvases,
        private RaiseProposals $raise,
        private WaitingChanges $waiting,
        private IndexClient $index,
        private AskGate $gate,
        private LearnFromVisit $learn,
    ) {
    }

    /**
     * @param  array{outcome: string, keep: string, change: string}  $words
     * @param  array{results: list<mixed>, lasting: ?bool, covering: ?bool, bright: ?bool, next_on: ?CarbonImmutable}  $review
     */
    public function __invoke(
        TeamMember $member,
        Visit $visit,
        int $version,
        Verdict $verdict,
        array $words,
        array $review,
        CarbonImmutable $now,
    ): Visit {
        return $this->database->transaction(function () use (
            $member,
            $visit,
            $version,
            $verdict,
            $words,
            $review,
            $now
        ): Visit {
            $current = LockVisit::any($visit->id);
            if ($current->status->isOver()) {
                throw VisitRefused::closed();
            }
            if ($current->version !== $version) {
                throw EditedElsewhere::visit($current);
            }
            $batches = Batch::query()->with('bowl.stamps', 'bowl.batches', 'bowl.colourLine')
                ->whereIn('bowl_id', Bowl::query()->ofVisits(Visit::query()->whereKey($current->id))->select('id'))
                // What was left before its first gram is as if it had not been begun.
                ->where('status', '!=', BatchStatus::Withdrawn)->get();
            $open = $batches->first(fn (Batch $batch): bool => $batch->status->isOpen());
            if ($open !== null) {
                throw VisitRefused::stillWeighing(trim($open->bowl->letter));
            }
            if (! $batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished)) {
                throw VisitRefused::nothingWeighed();
            }
            foreach ($batches->map(fn (Batch $batch): Bowl => $batch->bowl)->unique('id') as $bowl) {
                ($this->gate)(Step::Close, $bowl, $current, CarbonImmutable::now());
            }
            $zones = $this->canvases->canvas($current)->ids();
            $results = ReadCanvas::writeResults(ReadCanvas::results($review['results'], $zones, '/results'));
            $current->fill([
                ...$words, ...$review, 'results' => $results, 'verdict' => $verdict, 'status' => VisitStatus::Closed,
                'closed_at' => $now, 'closed_by' => $member->id, 'version' => $version + 1,
            ])->save();
            $this->waiting->settle($member, $current, $now);
            ($this->raise)($current, $words['change'], $now);
            ($this->index)($current->client);
            ($this->learn)($current);

            return $current;
        });
    }
}

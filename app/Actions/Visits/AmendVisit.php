<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Actions\Clients\IndexClient;
use App\Enums\VisitStatus;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Formulas\BowlRows;
use App\Formulas\CanvasRows;
use App\Formulas\SalonShelf;
use App\Models\Bowl;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Records\WriteContext;
use Carbon\CarbonImmutable;
use Core\Codec\ReadBowl;
use Core\Codec\ReadCanvas;
use Illuminate\Database\DatabaseManager;

/**
 * Corrects the words of a closed visit: what came of it, what to keep and to change, and each bowl's minutes and note.
 * Grams and formulas stay as they were weighed. Who, when, why and what stood there before are kept
 * (`Records\Recorded`).
 */
final readonly class AmendVisit
{
    public function __construct(
        private DatabaseManager $database,
        private CanvasRows $canvases,
        private BowlRows $rows,
        private SalonShelf $shelves,
        private RaiseProposals $raise,
        private IndexClient $index,
        private WriteContext $context,
        private LearnFromVisit $learn,
    ) {
    }

    /**
     * @param  array<string, mixed>  $changes  columns of the visit, those that are corrected
     * @param  array<string, array{minutes?: mixed, note?: string}>  $bowls  by the bowl's id
     */
    public function __invoke(
        TeamMember $member,
        Visit $visit,
        int $version,
        string $why,
        array $changes,
        array $bowls,
        CarbonImmutable $now,
    ): Visit {
        $this->context->because($why);

        return $this->database->transaction(function () use (
            $member,
            $visit,
            $version,
            $why,
            $changes,
            $bowls,
            $now
        ): Visit {
            $current = LockVisit::any($visit->id);
            match (true) {
                $current->status !== VisitStatus::Closed => throw VisitRefused::notClosedYet(),
                $current->version !== $version => throw EditedElsewhere::visit($current),
                default => null,
            };
            if (isset($changes['results'])) {
                $zones = $this->canvases->canvas($current)->ids();
                $changes['results'] = ReadCanvas::writeResults(
                    ReadCanvas::results(is_array($changes['results']) ? $changes['results'] : [], $zones, '/results'),
                );
            }
            $said = $current->change;
            $current->fill([...$changes, 'version' => $version + 1])->save();
            foreach ($bowls as $id => $words) {
                $this->amendBowl($current, $id, $words);
            }
            if ($current->change !== $said) {
                $this->raise->anew($member, $current, $current->change, $why, $now);
            }
            ($this->index)($current->client);
            ($this->learn)($current->fresh() ?? $current);

            return $current;
        });
    }

    /** @param  array{minutes?: mixed, note?: string}  $words */
    private function amendBowl(Visit $visit, string $id, array $words): void
    {
        $bowl = Bowl::query()->whereRelation('round', 'visit_id', $visit->id)->lockForUpdate()->findOrFail($id);
        $sheet = ReadBowl::from([...$this->rows->json($bowl), ...$words], $this->shelves->forVisit($visit));
        $this->rows->fill($bowl, $sheet)->fill(['version' => $bowl->version + 1])->save();
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\EditedElsewhere;
use App\Formulas\CanvasRows;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCanvas;
use Illuminate\Database\DatabaseManager;

/** What each zone came to after a round, before the next one: toning goes by it. */
final readonly class SaveReached
{
    public function __construct(private DatabaseManager $database, private CanvasRows $canvases)
    {
    }

    /** @param  list<mixed>  $results */
    public function __invoke(
        TeamMember $member,
        Round $round,
        int $version,
        array $results,
        CarbonImmutable $now,
    ): Visit {
        return $this->database->transaction(function () use ($member, $round, $version, $results, $now): Visit {
            $visit = LockVisit::open($round->visit_id);
            $current = Round::query()->lockForUpdate()->findOrFail($round->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::round($visit);
            }
            $read = ReadCanvas::results($results, $this->canvases->canvas($visit)->ids(), '/results');
            $current->fill([
                'reached' => ReadCanvas::writeResults($read), 'reached_by' => $member->id, 'reached_at' => $now,
                'version' => $version + 1,
            ])->save();

            return $visit;
        });
    }
}

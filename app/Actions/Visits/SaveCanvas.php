<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Canvas;
use App\Models\TeamMember;
use App\Models\Visit;
use Core\Codec\ReadCanvas;
use Illuminate\Database\DatabaseManager;

/** Writes the canvas of a visit; version 0 for one that has none yet. */
final readonly class SaveCanvas
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /** @param  array<string, mixed>  $json */
    public function __invoke(TeamMember $member, Visit $visit, int $version, array $json): Visit
    {
        $canvas = ReadCanvas::write(ReadCanvas::from($json));

        return $this->database->transaction(function () use ($member, $visit, $version, $canvas): Visit {
            $current = LockVisit::any($visit->id);
            if ($current->status->isOver()) {
                throw VisitRefused::closed();
            }
            $row = $current->canvas ?? new Canvas(['visit_id' => $current->id, 'said' => [], 'version' => 0]);
            if ($row->version !== $version) {
                throw EditedElsewhere::canvas($row);
            }
            $row->fill(['canvas' => $canvas, 'version' => $version + 1, 'edited_by' => $member->id])->save();

            return $current->unsetRelation('canvas');
        });
    }
}

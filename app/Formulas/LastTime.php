<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\Verdict;
use App\Enums\VisitStatus;
use App\Models\Bowl;
use App\Models\Visit;
use Core\Hair\ZoneResult;
use Core\Service\Outlook;

/** What the same bowls came to on a zone last time, where that was good: the record says it before the model does. */
final class LastTime
{
    /** What must be the same for a bowl to be the same. */
    private const SAME = ['line', 'ratio', 'parts', 'additives', 'extras', 'minutes'];

    public function __construct(private readonly CanvasRows $canvases)
    {
    }

    /**
     * @param  array<string, mixed>  $drafts  bowls that are being typed, by id: they are not the same any more
     * @return ?array{visit: Visit, result: ZoneResult}
     */
    public function of(Visit $visit, Outlook $outlook, array $drafts): ?array
    {
        $before = $visit->from_visit_id === null ? null : $visit->from;
        if ($before === null || $before->status !== VisitStatus::Closed || $before->verdict !== Verdict::Good) {
            return null;
        }
        $letters = $outlook->main()?->strand->letters() ?? [];
        $bowls = $visit->rounds->flatMap(fn ($round) => $round->bowls)
            ->filter(fn (Bowl $bowl): bool => in_array(trim($bowl->letter), $letters, true));
        if ($letters === [] || $bowls->count() !== count($letters)) {
            return null;
        }
        foreach ($bowls as $bowl) {
            $source = $bowl->from_bowl_id === null || isset($drafts[$bowl->id]) ? null : $bowl->from;
            if (
                $source === null
                || $source->round->visit_id !== $before->id
                || self::formula($source) !== self::formula($bowl)
            ) {
                return null;
            }
        }
        foreach ($this->canvases->results($before) as $result) {
            if ($result->isOfZone($outlook->zone->id) && $result->level !== null) {
                return ['visit' => $before, 'result' => $result];
            }
        }

        return null;
    }

    private static function formula(Bowl $bowl): string
    {
        return (string) json_encode(array_intersect_key($bowl->sheet, array_flip(self::SAME)));
    }
}

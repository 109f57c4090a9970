<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Formulas\PlannedTimes;
use App\Formulas\VisitTimes;
use App\Models\Visit;
use App\Words\Say;
use Core\Fact;
use Core\Timing\Act;
use Core\Timing\Against;
use Core\Timing\BowlTimes;
use Core\Timing\MendKind;
use Core\Timing\TimeBreak;
use Core\Timing\TimeMend;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The plan of a visit's times, in moments of the server's clock: every device draws and counts to the same ones.
 *
 * @property Visit $resource
 */
final class TimesResource extends JsonResource
{
    /** @param  ?PlannedTimes  $times  as they are tried; null for the visit's own */
    public function __construct(Visit $visit, private readonly ?PlannedTimes $times = null)
    {
        parent::__construct($visit);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $times = $this->times ?? resolve(VisitTimes::class)->of($this->resource);

        return [
            'now' => $times->moment($times->now),
            'hands' => $times->timed->people(),
            'ends' => $times->plan->bowls === [] || $this->resource->status->isOver() && ! $times->timed->hasBegun()
                ? null
                : $times->moment($times->plan->end),
            'endsLatest' => $times->plan->endLatest > $times->plan->end
                ? $times->moment($times->plan->endLatest)
                : null,
            'proven' => $times->plan->proven,
            // What nobody put on, or timed, has no times once the visit is over.
            'bowls' => array_values(array_map(
                static fn (BowlTimes $bowl): array => self::bowl($bowl, $times),
                array_filter(
                    $times->plan->bowls,
                    fn (BowlTimes $bowl): bool => ! $this->resource->status->isOver()
                        || $times->timed->bowl($bowl->letter)?->happened->began !== null,
                ),
            )),
            'breaks' => array_map(
                static fn (TimeBreak $break): array => [
                    'letter' => $break->letter,
                    'words' => Say::words($break->fact()),
                ],
                $times->plan->breaks,
            ),
            'mends' => array_map(static fn (TimeMend $mend): array => self::mend($mend, $times), $times->mends),
            'faults' => array_map(
                static fn (Fact $fact): array => ['words' => Say::words($fact), 'mend' => Say::mend($fact)],
                $times->faults,
            ),
            'acts' => array_map(fn (Act $act): array => self::act($act, $times), $times->acts),
        ];
    }

    /** @return array<string, mixed> */
    public static function act(Act $act, PlannedTimes $times): array
    {
        return [
            'kind' => $act->kind->value,
            'words' => Say::words($act->fact()),
            'letters' => $act->letters,
            'bowls' => array_map(
                static fn (string $letter): array => $times->ids[$letter] ?? [
                    'bowl' => '',
                    'batch' => null,
                    'side' => null,
                ],
                $act->letters,
            ),
            'at' => $times->moment($act->at),
            'late' => $act->late,
            'over' => $act->over,
        ];
    }

    /** @return array<string, mixed> */
    private static function bowl(BowlTimes $bowl, PlannedTimes $times): array
    {
        $moment = $times->moment(...);
        $happened = $times->timed->bowl($bowl->letter)?->happened;

        return [
            'letter' => $bowl->letter,
            'bowl' => $times->ids[$bowl->letter]['bowl'] ?? '',
            'batch' => $times->ids[$bowl->letter]['batch'] ?? null,
            'side' => $times->ids[$bowl->letter]['side'] ?? null,
            'round' => $bowl->round,
            'roundFrom' => $moment($bowl->roundFrom),
            'mix' => $moment($bowl->mix),
            'begin' => $moment($bowl->begin),
            'complete' => $moment($bowl->complete),
            'clock' => $moment($bowl->clock),
            'due' => $moment($bowl->due),
            'least' => $moment($bowl->least),
            'most' => $moment($bowl->most),
            'looks' => array_map($moment, $bowl->looks),
            'through' => $moment($bowl->through),
            'heat' => array_map(static fn (array $phase): array => array_map($moment, $phase), $bowl->heat),
            'emulsify' => $moment($bowl->emulsify),
            'again' => $moment($bowl->again),
            'rinse' => $moment($bowl->rinse),
            'firstStrand' => $bowl->firstStrand,
            'lastStrand' => $bowl->lastStrand,
            'counts' => $bowl->counts,
            'early' => $moment($bowl->early),
            'begun' => $happened?->began !== null,
            'completed' => $happened?->completed !== null,
            'rinsed' => $happened?->rinsed !== null,
            'by' => array_map(
                static fn (string $person): string => preg_match('/^#(\\d+)$/', $person, $m) === 1
                    ? Say::plain('hands :number', ['number' => $m[1]])
                    : $person,
                $times->plan->by[$bowl->letter] ?? [],
            ),
            'asBefore' => in_array($bowl->letter, $times->before, true),
            'meant' => self::meant($times->against[$bowl->letter] ?? null, $times),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function meant(?Against $against, PlannedTimes $times): ?array
    {
        return $against === null ? null : [
            'begin' => $times->moment($against->begin),
            'complete' => $times->moment($against->complete),
            'rinse' => $times->moment($against->rinse),
            'firstStrand' => $against->firstStrand,
            'lastStrand' => $against->lastStrand,
            'begunLate' => $against->begunLate,
            'appliedLonger' => $against->appliedLonger,
            'rinsedLate' => $against->rinsedLate,
        ];
    }

    /**
     * @return array<string, mixed> what it says, and what one press would change; null where it takes more than a press
     */
    private static function mend(TimeMend $mend, PlannedTimes $times): array
    {
        $set = match ($mend->kind) {
            MendKind::Rinse => ['rinse' => 'own'],
            MendKind::Begin => ['plus' => null, 'starts' => null, 'afterFrom' => 'first-touch'],
            default => null,
        };

        return [
            'words' => Say::words($mend->fact()),
            'bowl' => $set === null ? null : ($times->ids[$mend->letter]['bowl'] ?? null),
            'set' => $set,
            'hands' => $mend->kind === MendKind::Hands ? $times->timed->people() + 1 : null,
        ];
    }
}

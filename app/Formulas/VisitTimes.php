<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Visit;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Codec\ReadCare;
use Core\Practice\HouseRules;
use Core\Service\PlacedBowl;
use Core\Service\TimesOfVisit;
use Core\Timing\Against;
use Core\Timing\BowlClock;
use Core\Timing\BowlTimes;
use Core\Timing\FindMends;
use Core\Timing\Happened;
use Core\Timing\NextActs;
use Core\Timing\Side;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Core\Timing\TimedBowl;
use Core\Timing\TimedVisit;
use Core\Timing\TimePlan;
use Core\Weighing\BatchStatus;

/**
 * A visit's rows as the core's plan of times: what is planned, what has really happened, what is next. Once a request.
 */
final class VisitTimes
{
    /** @var array<string, PlannedTimes> by visit and its clock */
    private array $kept = [];

    public function __construct(
        private readonly VisitBowls $bowls,
        private readonly CanvasRows $canvases,
        private readonly ClockRows $clocks,
    ) {
    }

    /**
     * @param  array<string, array<string, mixed>>  $changed  sheets as they are tried, by bowl id
     * @param  ?int  $hands  people, as it is tried
     */
    public function of(Visit $visit, array $changed = [], ?int $hands = null): PlannedTimes
    {
        $now = CarbonImmutable::now();
        $key = "{$visit->id} {$visit->updated_at} {$now->getTimestamp()} ".json_encode(
            [$hands, $changed, $this->marks($visit)],
        );

        return $this->kept[$key] ??= $this->plan($visit, $now, $changed, $hands ?? $visit->hands);
    }

    /** @return list<int|string> what tells one state of its clocks from the next within a second */
    private function marks(Visit $visit): array
    {
        $bowls = $visit->rounds->flatMap(fn ($round) => $round->bowls);

        return [
            $visit->version,
            (int) ($visit->canvas->version ?? 0),
            ...$bowls->map(
                fn (Bowl $bowl): string => "{$bowl->version} {$bowl->stamps->count()} {$bowl->batches->map(fn (Batch $batch): string => $batch->status->value)->implode(' ')}",
            )->all(),
        ];
    }

    /** @param  array<string, array<string, mixed>>  $changed */
    private function plan(Visit $visit, CarbonImmutable $now, array $changed, int $hands): PlannedTimes
    {
        $drafts = $clocks = $mixed = $ids = [];
        foreach ($visit->rounds as $round) {
            foreach ($round->bowls as $bowl) {
                $letter = trim($bowl->letter);
                $ids[$letter] = ['bowl' => $bowl->id, 'batch' => null, 'side' => null];
                $clocks[$letter] = $this->clocks->clock($bowl, $visit, $now);
                $mixed[$letter] = $this->mixed($bowl);
                if (isset($changed[$bowl->id])) {
                    $drafts[$bowl->id] = ['sheet' => $changed[$bowl->id], 'round' => $round->id];
                }
            }
        }
        $later = $this->laterBatches($visit, $now);
        $origin = $this->origin($visit, $now, [...array_values($clocks), ...array_column($later, 'clock')]);
        $happened = [];
        foreach ($clocks as $letter => $clock) {
            $happened[$letter] = self::happened($clock, $mixed[$letter], $origin);
        }
        $onHair = array_filter(
            $happened,
            static fn (Happened $each): bool => $each->began !== null && $each->rinsed === null,
        ) !== [];
        // Before anybody is in the chair the plan is of the hour that is booked; once it is over nothing waits any
        // more.
        $seconds = (int) $now->getTimestamp() - $origin;
        $live = ! $visit->status->isOver() && (
            $visit->status === VisitStatus::InChair
            || $onHair
            || $visit->rounds->flatMap(fn ($round) => $round->bowls)->contains(
                fn (Bowl $bowl): bool => $bowl->stamps->isNotEmpty(),
            )
        );
        $rules = $visit->rules();
        $placed = $this->bowls->placed($visit, $drafts);
        $before = AppliedBefore::of($visit);
        $timed = $this->timed(
            visit: $visit,
            placed: $placed,
            rules: $rules,
            happened: $happened,
            hands: $hands,
            before: $before,
        )->of($placed, $live ? $seconds : null);
        $meant = $timed;
        foreach ($visit->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            $sides = $this->sides($bowl, $visit, $now, $mixed[trim($bowl->letter)], $origin);
            if ($sides !== [] && $timed->bowl(trim($bowl->letter)) !== null) {
                $timed = $timed->withSides(trim($bowl->letter), array_column($sides, 'happened', 'letter'));
                foreach ($sides as $side) {
                    $ids[$side['letter']] = ['bowl' => $bowl->id, 'batch' => null, 'side' => $side['side']->value];
                }
            }
        }
        foreach ($later as $letter => $each) {
            $ids[$letter] = ['bowl' => $each['bowl']->id, 'batch' => $each['batch']->id, 'side' => null];
            $onHair = $onHair || $each['clock']->state->isOn();
        }
        $timed = $this->withLater($timed, $later, $origin, $meant, $ids);
        $plan = TimePlan::of($timed);

        return new PlannedTimes(
            origin: $origin,
            now: $seconds,
            timed: $timed,
            plan: $plan,
            acts: $visit->status->isOver()
                ? []
                : NextActs::of($timed, $plan, $live ? $seconds : self::beforeAnything($plan), $this->until($placed)),
            mends: $visit->status->isOver() ? [] : FindMends::of($timed, $plan),
            faults: [...$plan->faults, ...TimesOfVisit::beyond($placed)],
            ids: $ids,
            onHair: $onHair,
            against: Against::of($meant),
            before: array_values(array_map(
                static fn (PlacedBowl $bowl): string => $bowl->sheet->letter,
                array_filter(
                    $placed,
                    static fn (PlacedBowl $bowl): bool => $bowl->sheet->details->applying === null && isset(
                        $before[$bowl->sheet->letter]
                    ),
                ),
            )),
        );
    }

    /**
     * @param  list<PlacedBowl>  $placed
     * @param  array<string, Happened>  $happened
     * @param  array<string, int>  $before
     */
    private function timed(
        Visit $visit,
        array $placed,
        HouseRules $rules,
        array $happened,
        int $hands,
        array $before,
    ): TimesOfVisit {
        return new TimesOfVisit(
            canvas: $this->canvases->canvas($visit),
            rules: $rules,
            happened: $happened,
            care: ReadCare::from($visit->care ?? []),
            hands: $hands,
            applied: $before,
        );
    }

    /** Of what is booked the first is mixed before its hour. */
    private static function beforeAnything(TimePlan $plan): int
    {
        return min([0, ...array_map(static fn (BowlTimes $times): int => $times->mix ?? $times->begin, $plan->bowls)]);
    }

    /** @param  list<BowlClock>  $clocks */
    private function origin(Visit $visit, CarbonImmutable $now, array $clocks): int
    {
        $began = array_filter(array_map(
            static fn (BowlClock $clock): ?int => self::at($clock, StampKind::Began),
            $clocks,
        ), is_int(...));
        if ($began !== []) {
            return min($began);
        }

        return (int) ($visit->status === VisitStatus::InChair ? $now : $visit->starts_at)->getTimestamp();
    }

    private function mixed(Bowl $bowl): ?int
    {
        $at = $bowl->batches->filter(
            fn (Batch $batch): bool => $batch->status === BatchStatus::Finished,
        )->max('finished_at');

        return $at instanceof CarbonImmutable ? (int) $at->getTimestamp() : null;
    }

    private static function happened(BowlClock $clock, ?int $mixed, int $origin): Happened
    {
        $from = static fn (?int $second): ?int => $second === null ? null : $second - $origin;
        $looks = array_filter($clock->standing, static fn (Stamp $stamp): bool => $stamp->kind === StampKind::Checked);
        $last = end($looks);

        return new Happened(
            mixed: $from($mixed),
            began: $from(self::at($clock, StampKind::Began)),
            completed: $from(self::at($clock, StampKind::Completed)),
            rinsed: $from(self::at($clock, StampKind::Rinsed)),
            more: array_sum(array_map(static fn (Stamp $stamp): int => $stamp->minutes, $clock->standing)),
            done: array_map(
                static fn (Stamp $stamp): Stamp => new Stamp($stamp->kind, $stamp->second - $origin, $stamp->minutes),
                $clock->standing,
            ),
            looked: $last === false ? null : $last->second - $origin,
            aside: self::at($clock, StampKind::SetAside) !== null,
        );
    }

    private static function at(BowlClock $clock, StampKind $kind): ?int
    {
        foreach ($clock->standing as $stamp) {
            if ($stamp->kind === $kind) {
                return $stamp->second;
            }
        }

        return null;
    }

    /**
     * @return list<array{letter: string, side: Side, happened: Happened}> where the sides of a head are timed apart,
     *     the one begun first first
     */
    private function sides(Bowl $bowl, Visit $visit, CarbonImmutable $now, ?int $mixed, int $origin): array
    {
        $sides = array_map(fn (Side $side): array => [
            'letter' => trim($bowl->letter).' '.Say::name($side->value),
            'side' => $side,
            'happened' => self::happened($this->clocks->clock($bowl, $visit, $now, side: $side), $mixed, $origin),
        ], $this->clocks->sides($bowl));
        // Where every mark was taken back, it is one bowl again.
        $begun = array_filter($sides, static fn (array $side): bool => $side['happened']->began !== null);
        usort(
            $sides,
            static fn (array $one, array $other): int => ($one['happened']->began ?? PHP_INT_MAX) <=> (
                $other['happened']->began ?? PHP_INT_MAX
            ),
        );

        return $begun === [] ? [] : $sides;
    }

    /**
     * Later batches that are mixed: each has a clock of its own, and is rinsed with its bowl.
     *
     * @return array<string, array{bowl: Bowl, batch: Batch, clock: BowlClock, of: string}> by its letter in the plan
     */
    private function laterBatches(Visit $visit, CarbonImmutable $now): array
    {
        $later = [];
        foreach ($visit->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
            $finished = $bowl->batches->filter(
                fn (Batch $batch): bool => $batch->status === BatchStatus::Finished,
            )->values();
            foreach ($finished->slice(1) as $at => $batch) {
                $letter = trim($bowl->letter);
                $later[$letter.($at + 1)] = [
                    'bowl' => $bowl,
                    'batch' => $batch,
                    'clock' => $this->clocks->clock($bowl, $visit, $now, batch: $batch->id),
                    'of' => $letter,
                ];
            }
        }

        return $later;
    }

    /**
     * @param  array<string, array{bowl: Bowl, batch: Batch, clock: BowlClock, of: string}>  $later
     * @param  TimedVisit  $whole  no bowl's sides apart
     * @param  array<string, array{bowl: string, batch: ?string, side: ?string}>  $ids
     */
    private function withLater(TimedVisit $timed, array $later, int $origin, TimedVisit $whole, array $ids): TimedVisit
    {
        $more = [];
        foreach ($later as $letter => $each) {
            $bowl = $whole->bowl($each['of']);
            // Where the sides are timed apart, it comes off with the last of them.
            $sides = array_keys(
                array_filter(
                    $ids,
                    static fn (array $id): bool => $id['side'] !== null && $id['bowl'] === $each['bowl']->id,
                ),
            );
            $begun = self::at($each['clock'], StampKind::Began) !== null;
            // Where only more was mixed, and nobody timed it apart, it is the bowl's own.
            if ($bowl !== null && $begun && $bowl->happened->began !== null) {
                $mixed = $each['batch']->finished_at;
                $more[] = new TimedBowl(
                    letter: $letter,
                    round: $bowl->round,
                    applying: max(1, intdiv($bowl->applying, 3)),
                    window: $bowl->window,
                    fromFirstTouch: $bowl->fromFirstTouch,
                    firstStrandCounts: $bowl->firstStrandCounts,
                    rinse: $sides === [] ? $each['of'] : $sides[count($sides) - 1],
                    fresh: $bowl->fresh,
                    lookFrom: $bowl->lookFrom,
                    lookEvery: $bowl->lookEvery,
                    happened: self::happened(
                        $each['clock'],
                        $mixed === null ? null : (int) $mixed->getTimestamp(),
                        $origin,
                    ),
                );
            }
        }

        return $more === [] ? $timed : $timed->withMore($more);
    }

    /**
     * @param  list<PlacedBowl>  $placed
     * @return array<string, string>
     */
    private function until(array $placed): array
    {
        $until = [];
        foreach ($placed as $bowl) {
            $until[$bowl->sheet->letter] = $bowl->sheet->details->until;
        }

        return $until;
    }
}

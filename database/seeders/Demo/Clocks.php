<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Stamp;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Hair\Canvas;
use Core\Service\PlacedBowl;
use Core\Service\TimesOfVisit;
use Core\Timing\StampKind;
use Core\Timing\TimePlan;
use Ramsey\Uuid\Uuid;

/** When the bowls of past visits went on and off: as a salon's day goes, nearly as planned. */
final class Clocks
{
    /** Minutes that the chair was free too late, visit by visit. */
    private const LATE = [2, 6, 0, 9, 3];

    /** Hundredths of the planned minutes that this client's hair takes to apply. */
    private const SLOWER = [100, 115, 90, 130, 105];

    private int $made = 0;

    /** @param  list<PlacedBowl>  $bowls */
    public function of(Visit $visit, Canvas $canvas, array $bowls, int $client, int $number): void
    {
        $plan = TimePlan::of((new TimesOfVisit($canvas, $visit->rules()))->of($bowls));
        $ids = $visit->rounds->flatMap(fn ($round) => $round->bowls)->mapWithKeys(
            fn ($bowl): array => [trim($bowl->letter) => $bowl->id],
        );
        $late = self::LATE[($client + $number) % 5];
        $rows = [];
        foreach ($bowls as $bowl) {
            $times = $plan->bowl($bowl->sheet->letter);
            if ($times === null || ! isset($ids[$bowl->sheet->letter])) {
                continue;
            }
            $begun = intdiv($times->begin, 60) + $late;
            $applied = max(1, intdiv(intdiv($times->complete - $times->begin, 60) * self::SLOWER[$client % 5], 100));
            // What comes after waits for it.
            $late += $applied - intdiv($times->complete - $times->begin, 60);
            foreach (
                [
                    [StampKind::Began, $begun],
                    [StampKind::Completed, $begun + $applied],
                    [StampKind::Rinsed, $begun + $applied + $times->lastStrand],
                ] as $sequence => [$kind, $minute]
            ) {
                $rows[] = [
                    'id' => (string) Uuid::uuid5(Uuid::NAMESPACE_OID, "tinta-demo-clock-{$visit->id}-".++$this->made),
                    'bowl_id' => $ids[$bowl->sheet->letter],
                    'sequence' => $sequence + 1,
                    'kind' => $kind->value,
                    'stamped_at' => CarbonImmutable::instance($visit->starts_at)->addMinutes($minute),
                    'team_member_id' => $visit->colourist_id,
                ];
            }
        }
        Stamp::query()->insert($rows);
    }
}

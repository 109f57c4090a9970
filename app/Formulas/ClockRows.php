<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Stamp as StampRow;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadDetails;
use Core\Practice\ClockStart;
use Core\Shelf\LineKind;
use Core\Timing\BowlClock;
use Core\Timing\Side;
use Core\Timing\SideClocks;
use Core\Timing\Stamp;
use Core\Timing\StampKind;
use Illuminate\Support\Collection;

/** A bowl's marks as the core's clock. */
final readonly class ClockRows
{
    public function __construct(private LineMinutes $minutes)
    {
    }

    /**
     * @param  ?string  $batch  of a batch that has a clock of its own; null for the bowl's
     * @param  ?Side  $side  of a head whose sides are timed apart; null for all of it
     */
    public function clock(
        Bowl $bowl,
        Visit $visit,
        CarbonImmutable $now,
        ?Stamp $more = null,
        ?string $batch = null,
        ?Side $side = null,
    ): BowlClock {
        $stamps = self::marks($bowl, $batch, $side);
        [$minutes, $most] = ReadDetails::minutes(new JsonNode($bowl->sheet['minutes'] ?? null, '', new ProblemList));
        $window = $this->minutes->of($bowl, $visit);
        $start = ClockStart::tryFrom((string) ($bowl->sheet['clock'] ?? '')) ?? $visit->rules()->clockStart;

        return BowlClock::of(
            stamps: $more === null ? $stamps : [...$stamps, $more],
            minutes: $minutes ?? $window['target'],
            most: $most ?? $window['max'],
            start: $start,
            now: (int) $now->getTimestamp(),
            firstStrandCounts: LineKind::tryFrom($bowl->colourLine->kind) === LineKind::Lightener,
        );
    }

    /** Minutes that it took from first touch to last; null where nobody marked both. */
    public static function applied(Bowl $bowl): ?int
    {
        // Neither its window nor its school changes that.
        return BowlClock::of(self::marks($bowl), 0, 0, ClockStart::Complete, PHP_INT_MAX)->applied;
    }

    /** @return list<StampRow> of the bowl itself, and of its sides or one of them; what was taken back is gone */
    public function standing(Bowl $bowl, ?Side $side = null): array
    {
        $standing = [];
        foreach ($bowl->stamps->whereNull('batch_id') as $stamp) {
            if ($side === null || $stamp->side === $side->value) {
                $standing[$stamp->side] ??= [];
                $stamp->kind === StampKind::Undone
                    ? array_pop($standing[$stamp->side])
                    : $standing[$stamp->side][] = $stamp;
            }
        }
        $all = array_merge([], ...array_values($standing));
        usort($all, static fn (StampRow $one, StampRow $other): int => $one->sequence <=> $other->sequence);

        return $all;
    }

    /** @return list<Stamp> */
    private static function marks(Bowl $bowl, ?string $batch = null, ?Side $side = null): array
    {
        $rows = $bowl->stamps->where('batch_id', $batch);
        $sides = $rows->where('side', '!=', '')->groupBy('side')->map(self::stamps(...))->all();

        return match (true) {
            $side !== null => $sides[$side->value] ?? [],
            $sides !== [] => SideClocks::together($sides),
            default => self::stamps($rows),
        };
    }

    /** @return list<Side> the sides that are timed apart, as they were begun; none where the bowl is timed as one */
    public function sides(Bowl $bowl): array
    {
        $sides = [];
        foreach ($bowl->stamps->whereNull('batch_id')->where('side', '!=', '') as $stamp) {
            $side = Side::from($stamp->side);
            $sides[$side->value] = $side;
            $sides[$side->other()->value] ??= $side->other();
        }

        return array_values($sides);
    }

    /**
     * @param  Collection<int, StampRow>  $rows
     * @return list<Stamp>
     */
    private static function stamps(Collection $rows): array
    {
        return array_values($rows->map(fn (StampRow $stamp): Stamp => new Stamp(
            $stamp->kind,
            (int) $stamp->stamped_at->getTimestamp(),
            $stamp->minutes,
        ))->all());
    }
}

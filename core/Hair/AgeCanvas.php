<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Fact;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/**
 * Last time's canvas as it stands today: hair has grown about 1.25 cm a month (common practice, no source), zones look
 * as they were left, and remember what was done to them. Everything that was carried on is said, to be looked at again.
 */
final readonly class AgeCanvas
{
    /** @param  list<Fact>  $said  what was carried on and what has aged, in words */
    private function __construct(public Canvas $canvas, public array $said)
    {
    }

    /**
     * @param  int  $days  since that visit
     * @param  list<ZoneResult>  $results  as seen at its close
     * @param  array<string, list<LineKind>>  $done  what was laid on each cell, by cell key
     */
    public static function by(Canvas $past, int $days, array $results, array $done, HouseRules $rules): self
    {
        $grown = $rules->regrowthPerMonth->times(Fraction::of(max(0, $days)))->dividedBy(Number::MonthDays->value());
        $said = [Fact::of('why.age-canvas.carried-on-from-days-ago', days: $days, grown: $grown->decimal(1))];
        $zones = [];
        foreach ($past->zones as $zone) {
            $kinds = self::kindsOn($zone, $done);
            $atScalp = array_intersect(
                [Span::Root->value, Span::Regrowth->value],
                array_map(static fn (Span $span): string => $span->value, $zone->placement->spans),
            ) !== [];
            $zones[] = $atScalp ? self::grown($zone, $grown, $kinds, $said) : self::asLeft(
                $zone,
                $results,
                $kinds,
                $said,
            );
        }

        return new self(new Canvas($zones, $past->worn, $past->target), $said);
    }

    /**
     * Coloured to the scalp, the old regrowth is gone; left alone, it is longer now.
     *
     * @param  list<LineKind>  $kinds
     * @param  list<Fact>  $said
     *
     * @param-out list<Fact> $said
     */
    private static function grown(CanvasZone $zone, Fraction $grown, array $kinds, array &$said): CanvasZone
    {
        $old = $kinds === [] ? ($zone->regrowth ?? Fraction::zero()) : Fraction::zero();
        $now = Fraction::parse($old->plus($grown)->decimal(1));
        $said[] = $old->isZero()
            ? Fact::of('why.age-canvas.regrowth', zone: $zone->name, now: $now->decimal(1))
            : Fact::of(
                'why.age-canvas.regrowth-longer',
                zone: $zone->name,
                old: $old->decimal(1),
                now: $now->decimal(1),
            );

        if ($zone->natural === null && $kinds === []) {
            return $zone->as(
                level: $zone->level,
                tone: $zone->tone,
                history: $zone->history,
                regrowth: $now,
                elasticity: $zone->elasticity,
                banded: $zone->banded,
            );
        }
        if ($zone->natural === null) {
            // What has grown since is nobody's colour, whatever its level is.
            $said[] = Fact::of('why.age-canvas.regrowth-not-read', zone: $zone->name);
        }

        return $zone->as(
            level: $zone->natural,
            tone: new Tones([]),
            history: HairHistory::Natural,
            regrowth: $now,
            elasticity: $zone->elasticity,
            banded: $zone->banded,
        );
    }

    /**
     * @param  list<ZoneResult>  $results
     * @param  list<LineKind>  $kinds
     * @param  list<Fact>  $said
     *
     * @param-out list<Fact> $said
     */
    private static function asLeft(CanvasZone $zone, array $results, array $kinds, array &$said): CanvasZone
    {
        [$level, $tone, $elasticity] = [$zone->level, $zone->tone, $zone->elasticity];
        foreach ($results as $result) {
            if ($result->isOfZone($zone->id) && $result->level !== null) {
                [$level, $tone, $elasticity] = [$result->level, $result->tone, $result->elasticity ?? $elasticity];
                $said[] = Fact::of(
                    'why.age-canvas.look-how-has-faded',
                    zone: $zone->name,
                    level: $level->decimal(1),
                    tone: $tone->words(),
                );
            }
        }
        $history = match (true) {
            in_array(LineKind::Lightener, $kinds, true) => HairHistory::Lightened,
            // A tint over lightened hair leaves it lightened underneath: porous, and empty of its own pigment.
            $zone->history === HairHistory::Lightened => HairHistory::Lightened,
            $kinds !== [] && $zone->history !== HairHistory::Unknown => HairHistory::Coloured,
            default => $zone->history,
        };
        if ($history !== $zone->history) {
            $said[] = Fact::of(
                'why.age-canvas.before-now',
                zone: $zone->name,
                history: $zone->history->value,
                history2: $history->value,
            );
        }

        return $zone->as(
            level: $level,
            tone: $tone,
            history: $history,
            regrowth: $zone->regrowth,
            elasticity: $elasticity,
            banded: $zone->banded && $kinds === [],
        );
    }

    /**
     * @param  array<string, list<LineKind>>  $done
     * @return list<LineKind>
     */
    private static function kindsOn(CanvasZone $zone, array $done): array
    {
        $kinds = [];
        foreach ($zone->cells() as $cell) {
            foreach ($done[$cell->key()] ?? [] as $kind) {
                $kinds[$kind->value] = $kind;
            }
        }

        return array_values($kinds);
    }
}

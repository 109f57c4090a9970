<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;
use Core\Hair\Span;
use Core\Hair\Technique;
use Core\Hair\Zone;
use Core\Pigment\Real;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/**
 * How far a zone is lifted, and why. A model of ours over the trade's tables: the line's lift at the strength, in
 * proportion to the minutes up to its target, less in open air and on damp hair, half a level more at a warm root. Tint
 * does not lift tint. What the closed visits of the house and of this client say moves it, the client's own more; the
 * conditions of now are counted once, as those of then were.
 */
final readonly class Lift
{
    /**
     * @param  Fraction  $levels  zero or more
     * @param  list<Fact>  $why
     */
    private function __construct(
        public Fraction $levels,
        public ?Shrunk $learnt,
        public array $why,
    ) {
    }

    public static function of(Zone $zone, Process $process, Learnt $learnt = new Learnt): self
    {
        if ($process->kind->depositsOnly()) {
            return new self(Fraction::zero(), null, [Fact::of('why.lift.line-only-deposits')]);
        }
        if ($process->kind === LineKind::Permanent && $zone->history->holdsTint()) {
            return new self(Fraction::zero(), null, [Fact::of('why.lift.tint-does-not-lift-tint')]);
        }
        $table = $process->lift->levelsAt($process->strength);
        $strength = $process->strength?->showVolume() ?? Fact::of('why.lift.no-developer');
        $why = [Fact::of(
            'why.lift.lifts-levels-lines-minutes',
            strength: $strength,
            table: $table->decimal(1),
            target: $process->window['target'],
        )];
        $target = max(1, $process->window['target']);
        // A tint has done its work at its target; lightener goes on to the end of its window.
        $limit = $process->kind === LineKind::Lightener ? max($target, $process->window['max']) : $target;
        $minutes = max(0, min($process->minutes, $limit));
        $levels = $table->times(Fraction::of($minutes, $target));
        if ($minutes !== $target) {
            $why[] = Fact::of('why.lift.minutes', minutes: $minutes, target: $target, levels: $levels->decimal(1));
        }
        $levels = self::conditions($zone, $process, $levels, $why);
        $room = Fraction::of($process->kind === LineKind::Lightener ? 10 : 12)->minus($zone->level);
        if ($levels->compare($room) > 0) {
            $levels = $room->isNegative() ? Fraction::zero() : $room;
            $why[] = Fact::of('why.lift.cannot-go-beyond-top-ladder');
        }
        // What was seen is beside what was said, its room at the top of the ladder included.
        $seen = $learnt->lift($zone, $process);
        if ($seen->isLearnt() && ! $levels->isZero()) {
            $levels = Real::hundredths(Real::of($levels->times($seen->mean)));
            $why[] = Fact::of(
                'why.lift.closed-visits-say',
                own: $seen->own,
                house: $seen->house,
                factor: $seen->mean->decimal(2),
                levels: $levels->decimal(1),
            );
        }

        return new self($levels, $seen, $why);
    }

    /**
     * @param  list<Fact>  $why
     *
     * @param-out list<Fact> $why
     */
    private static function conditions(Zone $zone, Process $process, Fraction $levels, array &$why): Fraction
    {
        if ($process->technique === Technique::OpenAir) {
            $levels = $levels->times($process->technique->liftFactor());
            $why[] = Fact::of('why.lift.open-air-misses-foils-heat', levels: $levels->decimal(1));
        }
        if ($zone->damp) {
            $levels = $levels->times(Number::DampLift->value());
            $why[] = Fact::of('why.lift.damp-hair-dilutes', levels: $levels->decimal(1));
        }
        if ($zone->span === Span::Root && ! $levels->isZero()) {
            // Of less than a level its part.
            $extra = $levels->compare(Fraction::one()) < 0
                ? $levels->times(Number::WarmRoot->value())
                : Number::WarmRoot->value();
            $levels = $levels->plus($extra);
            $why[] = Fact::of(
                'why.lift.warm-scalp-adds-about-at',
                extra: $extra->decimal(1),
                levels: $levels->decimal(1),
            );
        }

        return $levels;
    }
}

<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Tones;
use Core\Hair\Zone;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\Real;
use Core\Pigment\SeenTone;
use Core\Pigment\Shade;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * What to expect of hair: the level it is lifted to and the pigment bare there, then what the bowl leaves on it, as the
 * pigments in it look together. A model of ours, to be shown as a sketch.
 */
final readonly class Prediction
{
    /**
     * @param  Fraction  $lift  levels, zero or more
     * @param  Fraction  $lifted  level reached before colour is laid on it
     * @param  Fraction  $level  level expected in the end
     * @param  ToneMix  $tone  what an eye would call it
     * @param  Fraction  $spread  levels that one visit in three is off by, or more
     * @param  ?Shrunk  $basis  what it is learnt from
     * @param  list<ExpectedTone>  $against  how it stands against the wish; empty without one
     * @param  list<Fact>  $why
     * @param  list<Caution>  $cautions
     * @param  string  $alike  what hair it was laid on, as `Zone::alike` says
     */
    private function __construct(
        public HairColour $bared,
        public HairColour $colour,
        public Fraction $lift,
        public Fraction $lifted,
        public Undertone $bare,
        public Fraction $level,
        public ToneMix $tone,
        public array $against,
        public bool $calibrated,
        public Fraction $spread,
        private ?Shrunk $basis,
        public array $why,
        public array $cautions,
        public string $alike = '',
    ) {
    }

    /**
     * @param  Learnt  $learnt  what closed visits teach about this head
     * @param  ?HairColour  $from  what lies in the hair already; null where it is as it was read
     * @param  ?Fraction  $unsure  levels that one visit in three is off by before this bowl; null where it was read or
     *     seen
     */
    public static function of(
        Zone $zone,
        Process $process,
        Learnt $learnt = new Learnt,
        ?HairColour $from = null,
        ?Fraction $unsure = null,
    ): self {
        $before = $from ?? Standing::of($zone);
        $lift = Lift::of($zone, $process, $learnt);
        $lifted = $zone->level->plus($lift->levels);
        $bare = Undertone::at($lifted);
        $why = $lift->why;
        $bared = $lift->levels->isZero() ? $before : $before->lightenedTo(Real::of($lifted));
        if (! $lift->levels->isZero() || $zone->history === HairHistory::Lightened) {
            $why[] = Fact::of('why.prediction.at-level-lies-bare', lifted: $lifted->decimal(1), bare: $bare->name);
        }
        $colour = $bared;
        $held = $lift->learnt;
        $spread = $unsure === null ? Fraction::zero() : self::squared($unsure);
        if ($lift->learnt !== null) {
            $spread = $spread->plus(self::squared($lift->levels->times($lift->learnt->spread)));
        }
        if ($process->mix !== null && ! $process->mix->intensity->isZero()) {
            $held = $learnt->hold($zone, $process);
            $hold = self::hold($zone, $process, $why);
            $shade = Shade::of($process->mix->level, $process->mix->tone, self::atMostOne($process->mix->intensity));
            $colour = $bared->dyed($shade, Real::of($hold));
            // Colour fills up what lift has made room for: what it is sure of, lift no longer spoils.
            $free = Fraction::one()->minus(self::atMostOne($hold->times($process->mix->intensity)));
            $spread = $spread->times($free)->times($free)->plus(self::squared($held->spread));
            if ($held->isLearnt()) {
                $colour = $colour->deeper(Real::of($held->mean));
                $why[] = $held->mean->isNegative()
                    ? Fact::of(
                        'why.prediction.held-less',
                        own: $held->own,
                        house: $held->house,
                        levels: $held->mean->negated()->decimal(1),
                    )
                    : Fact::of(
                        'why.prediction.held-more',
                        own: $held->own,
                        house: $held->house,
                        levels: $held->mean->decimal(1),
                    );
            }
            $warmer = $learnt->warmer($zone, $process);
            if ($warmer->isLearnt()) {
                $redder = $learnt->redder($zone, $process);
                $colour = $colour->warmer(Real::of($warmer->mean), Real::of($redder->mean));
                $why[] = $warmer->mean->isNegative()
                    ? Fact::of(
                        'why.prediction.cooler',
                        own: $warmer->own,
                        house: $warmer->house,
                        units: $warmer->mean->negated()->decimal(0),
                    )
                    : Fact::of(
                        'why.prediction.warmer',
                        own: $warmer->own,
                        house: $warmer->house,
                        units: $warmer->mean->decimal(0),
                    );
            }
            $why[] = self::laid($process, $hold, $lifted, $colour);
        }
        $seen = $colour->withoutGrey()->seen();
        $tone = SeenTone::in($seen);
        $why[] = Fact::of(
            'why.prediction.seen',
            tone: $tone->words(),
            lightness: Real::hundredths($seen->lightness)->decimal(0),
            a: Real::hundredths($seen->a)->decimal(0),
            b: Real::hundredths($seen->b)->decimal(0),
        );
        $level = $colour === $before ? $zone->level : Real::hundredths(Ladder::level($seen));
        $within = Real::root($spread);
        if ($colour->grey > 0 && $colour !== $before) {
            $why[] = self::onGrey($zone, $colour, $level);
        }

        return new self(
            bared: $bared,
            colour: $colour,
            lift: $lift->levels,
            lifted: $lifted,
            bare: $bare,
            level: $level,
            tone: $tone,
            against: ExpectedTone::against(
                $seen,
                Ladder::of($zone->wishLevel ?? $level, $zone->wishTone ?? ToneMix::none()),
                $zone->wishLevel !== null,
                $zone->wishTone !== null,
                $within,
            ),
            calibrated: ($lift->learnt?->isLearnt() ?? false) || ($held?->isLearnt() ?? false),
            spread: $within,
            basis: Shrunk::better($lift->learnt, $held),
            why: $why,
            cautions: Cautions::of($zone, $process, $lift->levels),
            alike: $zone->alike(),
        );
    }

    /** How much of its dose a bowl would leave on such hair, zero and up. */
    public static function holdOf(Zone $zone, Process $process): Fraction
    {
        $why = [];

        return self::hold($zone, $process, $why);
    }

    /** @return string in a few words: level 7.2, gold-natural */
    public function words(): string
    {
        return "level {$this->level->decimal(1)}, ".Tones::seenIn($this->tone)->words();
    }

    /** How sure that is, in words: give or take half a level; from 5 visits of this client and 212 of the house. */
    public function sureness(): Fact
    {
        $quarters = $this->spread->times(Fraction::of(4))->rounded(1, Rounding::HalfUp);
        $give = match (true) {
            $quarters < 1 => Fact::of('why.spread.little'),
            $quarters === 1 => Fact::of('why.spread.quarter'),
            $quarters === 2 => Fact::of('why.spread.half'),
            $quarters === 3 => Fact::of('why.spread.three-quarters'),
            default => Fact::of('why.spread.more', levels: Fraction::of($quarters, 4)->decimal(1)),
        };
        $own = $this->basis->own ?? 0;
        $house = $this->basis->house ?? 0;

        return match (true) {
            $own > 0 => Fact::of('why.spread.from-own', give: $give, own: $own, house: $house),
            $house > 0 => Fact::of('why.spread.from-house', give: $give, house: $house),
            default => Fact::of('why.spread.from-table', give: $give),
        };
    }

    private static function squared(Fraction $value): Fraction
    {
        return Real::hundredths(Real::of($value) ** 2);
    }

    /** As #rrggbb. */
    public function swatch(): string
    {
        return $this->colour->seen()->hex();
    }

    /**
     * How much of what the bowl is dosed for stays, zero and up: less for a demi, more on porous hair, by the minutes.
     *
     * @param  list<Fact>  $why
     *
     * @param-out list<Fact> $why
     */
    private static function hold(Zone $zone, Process $process, array &$why): Fraction
    {
        $line = match ($process->kind) {
            LineKind::Permanent => Fraction::one(),
            LineKind::Demi => Number::HoldDemi->value(),
            LineKind::Direct => Number::HoldDirect->value(),
            LineKind::Lightener => Number::HoldLightener->value(),
            LineKind::Care => Fraction::zero(),
        };
        $grab = match ($zone->porosity) {
            Porosity::Low => Number::GrabLow->value(),
            Porosity::Normal => Fraction::one(),
            Porosity::High => Number::GrabHigh->value(),
        };
        $time = self::atMostOne(Fraction::of(max(0, $process->minutes), max(1, $process->window['target'])));
        $wet = $zone->damp ? Number::WetHold->value() : Fraction::one();
        $percent = static fn (Fraction $part): string => $part->times(Fraction::of(100))->decimal(0);
        $hold = $line->times($grab)->times($time)->times($wet);
        $why[] = Fact::of(
            'why.prediction.hold',
            line: $percent($line),
            time: $percent($time),
            grab: $percent($grab),
            wet: $percent($wet),
            hold: $percent($hold),
        );

        return $hold;
    }

    private static function laid(Process $process, Fraction $hold, Fraction $lifted, HairColour $colour): Fact
    {
        $mix = $process->mix?->level;
        $level = Real::hundredths($colour->level())->decimal(1);
        $percent = $hold->times(Fraction::of(100))->decimal(0);

        return match (true) {
            $mix === null => Fact::of('why.prediction.laid-on-without-level', deposit: $percent, level: $level),
            $mix->minus($lifted)->compare(Fraction::one()) > 0 => Fact::of(
                'why.prediction.bowl-lighter-than-hair-at',
                mix: $mix->decimal(1),
                lifted: $lifted->decimal(1),
            ),
            default => Fact::of(
                'why.prediction.laid-on-holds-level',
                mix: $mix->decimal(1),
                lifted: $lifted->decimal(1),
                deposit: $percent,
                level: $level,
            ),
        };
    }

    /** White hair takes a tone without warmth beneath it, and less of the depth. */
    private static function onGrey(Zone $zone, HairColour $colour, Fraction $level): Fact
    {
        $white = Real::hundredths($colour->onlyGrey()->level());

        return $white->minus($level)->compare(Number::GreyShows->value()) > 0
            ? Fact::of(
                'why.prediction.grey-shows',
                grey: $zone->grey,
                white: $white->decimal(1),
                level: $level->decimal(1),
            )
            : Fact::of(
                'why.prediction.grey-taken',
                grey: $zone->grey,
                white: $white->decimal(1),
                level: $level->decimal(1),
            );
    }

    private static function atMostOne(Fraction $value): Fraction
    {
        return $value->compare(Fraction::one()) > 0 ? Fraction::one() : $value;
    }
}

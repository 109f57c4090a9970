<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
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

/**
 * What to expect of hair: the level it is lifted to and the pigment bare there, then what the bowl leaves on it, as the
 * pigments in it look together. A model of ours, to be shown as a sketch.
 */
final readonly class Prediction
{
    /**
     * @param  Fraction  $lifted  level reached before colour is laid on it
     * @param  Fraction  $level  level expected in the end
     * @param  ToneMix  $tone  what an eye would call it
     * @param  list<ExpectedTone>  $against  how it stands against the wish; empty without one
     * @param  list<Fact>  $why
     * @param  list<Caution>  $cautions
     */
    private function __construct(
        public HairColour $bared,
        public HairColour $colour,
        public Fraction $lifted,
        public Undertone $bare,
        public Fraction $level,
        public ToneMix $tone,
        public array $against,
        public bool $calibrated,
        public array $why,
        public array $cautions,
    ) {
    }

    /**
     * @param  list<Observed>  $history
     * @param  ?HairColour  $from  what lies in the hair already; null where it is as it was read
     */
    public static function of(Zone $zone, Process $process, array $history = [], ?HairColour $from = null): self
    {
        $before = $from ?? Standing::of($zone);
        $lift = Lift::of($zone, $process, $history);
        $lifted = $zone->level->plus($lift->levels);
        $bare = Undertone::at($lifted);
        $why = $lift->why;
        $bared = $lift->levels->isZero() ? $before : $before->lightenedTo(Real::of($lifted));
        if (! $lift->levels->isZero() || $zone->history === HairHistory::Lightened) {
            $why[] = Fact::of('why.prediction.at-level-lies-bare', lifted: $lifted->decimal(1), bare: $bare->name);
        }
        $colour = $bared;
        if ($process->mix !== null && ! $process->mix->intensity->isZero()) {
            $hold = self::hold($zone, $process, $why);
            $shade = Shade::of($process->mix->level, $process->mix->tone, self::atMostOne($process->mix->intensity));
            $colour = $bared->dyed($shade, Real::of($hold));
            $why[] = self::laid($process, $hold, $lifted, $colour);
        }
        $seen = $colour->withoutGrey()->seen();
        $level = $colour === $before ? $zone->level : Real::hundredths(Ladder::level($seen));
        if ($colour->grey > 0 && $colour !== $before) {
            $why[] = self::onGrey($zone, $colour, $level);
        }

        return new self(
            bared: $bared,
            colour: $colour,
            lifted: $lifted,
            bare: $bare,
            level: $level,
            tone: SeenTone::in($seen),
            against: ExpectedTone::against(
                $seen,
                Ladder::of($zone->wishLevel ?? $level, $zone->wishTone ?? ToneMix::none()),
                $zone->wishLevel !== null,
                $zone->wishTone !== null,
            ),
            calibrated: $lift->calibrated,
            why: $why,
            cautions: Cautions::of($zone, $process, $lift->levels),
        );
    }

    /** @return string in a few words: level 7.2, 60 % gold, 40 % natural */
    public function words(): string
    {
        return "level {$this->level->decimal(1)}, {$this->tone->words()}";
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
        $why[] = Fact::of(
            'why.prediction.hold',
            line: $percent($line),
            time: $percent($time),
            grab: $percent($grab),
            wet: $percent($wet),
            hold: $percent($line->times($grab)->times($time)->times($wet)),
        );

        return $line->times($grab)->times($time)->times($wet);
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
            ? Fact::of('why.prediction.grey-shows', grey: $zone->grey, white: $white->decimal(1), level: $level->decimal(1))
            : Fact::of('why.prediction.grey-taken', grey: $zone->grey, white: $white->decimal(1), level: $level->decimal(1));
    }

    private static function atMostOne(Fraction $value): Fraction
    {
        return $value->compare(Fraction::one()) > 0 ? Fraction::one() : $value;
    }
}

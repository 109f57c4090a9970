<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Zone;
use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * What to expect of a zone: the level it is lifted to and the pigment bare there, then what the bowl leaves on it.
 * A model of ours, to be shown as a sketch. Cool tones soften the warm ones they face, never erase them:
 * seven tenths of the smaller are taken from both.
 */
final readonly class Prediction
{
    /** Which cool family softens which warm ones. */
    private const FACES = [
        'violet' => ['gold'], 'pearl' => ['gold'], 'ash' => ['copper', 'gold'], 'matte' => [
            'red',
            'mahogany',
            'copper',
        ], 'beige' => ['copper'],
    ];

    /**
     * @param  Fraction  $lifted  level reached before colour is laid on it
     * @param  Fraction  $level  level expected in the end
     * @param  list<ExpectedTone>  $against  how it stands against the wish; empty without one
     * @param  list<Fact>  $why
     * @param  list<Caution>  $cautions
     */
    private function __construct(
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

    /** @param  list<Observed>  $history */
    public static function of(Zone $zone, Process $process, array $history = []): self
    {
        $lift = Lift::of($zone, $process, $history);
        $lifted = $zone->level->plus($lift->levels);
        $bare = Undertone::at($lifted);
        $why = $lift->why;
        // Untouched natural hair keeps its pigment covered; every level lifted bares more, lightened hair shows it
        // already.
        $exposure = $zone->history === HairHistory::Lightened
            ? Fraction::one()
            : self::atMostOne($lift->levels->dividedBy(Fraction::of(2)));
        if (! $exposure->isZero()) {
            $why[] = Fact::of('why.prediction.at-level-lies-bare', lifted: $lifted->decimal(1), bare: $bare->name);
        }
        $level = $lifted;
        $mixTone = ToneMix::none();
        $deposit = Fraction::zero();
        if ($process->mix !== null && ! $process->mix->intensity->isZero()) {
            $deposit = self::deposit($zone, $process);
            $mixTone = $process->mix->tone;
            $level = self::levelLaid($lifted, $process->mix->level, $deposit, $why);
        }
        [$tone, $flat] = self::meet($bare->tone, $exposure->times($bare->strength), $mixTone, $deposit);

        return new self(
            $lifted,
            $bare,
            $level,
            $tone,
            ExpectedTone::against($zone->wishLevel, $zone->wishTone, $level, $tone, $flat),
            $lift->calibrated,
            $why,
            Cautions::of($zone, $process, $lift->levels),
        );
    }

    /** @return string in a few words: level 7.2, 60 % gold, 40 % natural */
    public function words(): string
    {
        return "level {$this->level->decimal(1)}, {$this->tone->words()}";
    }

    /**
     * How much of the bowl's pigment stays, 0 to 1: its pigment share, less for a demi, more on porous hair, by the
     * minutes.
     */
    private static function deposit(Zone $zone, Process $process): Fraction
    {
        $share = $process->mix->intensity ?? Fraction::zero();
        $hold = match ($process->kind) {
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

        return self::atMostOne($share->times($hold)->times($grab)->times($time)->times($wet));
    }

    /**
     * @param  list<Fact>  $why
     *
     * @param-out list<Fact> $why
     */
    private static function levelLaid(Fraction $lifted, ?Fraction $mix, Fraction $deposit, array &$why): Fraction
    {
        if ($mix === null) {
            return $lifted;
        }
        if ($mix->compare($lifted) >= 0) {
            if ($mix->minus($lifted)->compare(Fraction::one()) > 0) {
                $why[] = Fact::of(
                    'why.prediction.bowl-lighter-than-hair-at',
                    mix: $mix->decimal(1),
                    lifted: $lifted->decimal(1),
                );
            }

            return $lifted;
        }
        $level = $lifted->minus($lifted->minus($mix)->times($deposit));
        $why[] = Fact::of(
            'why.prediction.laid-on-holds-level',
            mix: $mix->decimal(1),
            lifted: $lifted->decimal(1),
            deposit: $deposit->times(Fraction::of(100))->decimal(0),
            level: $level->decimal(1),
        );

        return $level;
    }

    /**
     * The bare pigment meets the bowl's tone.
     *
     * @return array{ToneMix, bool} the result, and whether nearly everything cancelled
     */
    private static function meet(ToneMix $bare, Fraction $bareWeight, ToneMix $mix, Fraction $mixWeight): array
    {
        $amounts = [];
        foreach ([[$bare, $bareWeight], [$mix, $mixWeight]] as [$tones, $weight]) {
            foreach ($tones->shares() as $family => $share) {
                $amounts[$family] = ($amounts[$family] ?? Fraction::zero())->plus($share->times($weight));
            }
        }
        $before = self::chromatic($amounts);
        $cancelled = Fraction::zero();
        foreach (self::FACES as $cool => $warms) {
            foreach ($warms as $warm) {
                $have = $amounts[$cool] ?? Fraction::zero();
                $face = $amounts[$warm] ?? Fraction::zero();
                $less = ($have->compare($face) < 0 ? $have : $face)->times(Number::NeutraliseMost->value());
                if (! $less->isZero()) {
                    $amounts[$cool] = $have->minus($less);
                    $amounts[$warm] = $face->minus($less);
                    $cancelled = $cancelled->plus($less)->plus($less);
                }
            }
        }
        $amounts['natural'] = ($amounts['natural'] ?? Fraction::zero())->plus($cancelled->dividedBy(Fraction::of(2)));
        $weighted = [];
        foreach ($amounts as $family => $amount) {
            $weighted[] = [ToneMix::only(ToneFamily::from($family)), $amount];
        }
        $tone = ToneMix::mean($weighted);
        // Nearly all of it gone, and there was a lot: no warmth, no coolness, no life.
        $flat = $before
            ->compare(Number::FlatFrom->value()) > 0 && self::chromatic($amounts)
            ->compare($before->times(Number::FlatBelow->value())) < 0;

        return [$tone->isNone() ? ToneMix::only(ToneFamily::Natural) : $tone, $flat];
    }

    /** @param  array<string, Fraction>  $amounts */
    private static function chromatic(array $amounts): Fraction
    {
        $sum = Fraction::zero();
        foreach ($amounts as $family => $amount) {
            $sum = $family === ToneFamily::Natural->value ? $sum : $sum->plus($amount);
        }

        return $sum;
    }

    private static function atMostOne(Fraction $value): Fraction
    {
        return $value->compare(Fraction::one()) > 0 ? Fraction::one() : $value;
    }
}

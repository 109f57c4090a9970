<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Shelf\Pigment;
use Core\Tone\ToneMix;
use Core\Units\Bounds;
use Core\Units\Fraction;

/**
 * What the colour part of a bowl behaves as: its level, tone and pigment share, and why.
 *
 * Level: the mean of the levels by weight over what carries a level (common practice, no source), or
 * weighted by dye as a house rule. Pigment share: pigment grams ÷ colour grams; clear thins it and leaves
 * the level alone. Unknown amounts give bounds, never a guess.
 */
final readonly class MixJudgement
{
    /**
     * @param  ?Bounds  $level  null when nothing carries a level
     * @param  ToneMix  $tone  of the known amounts, or of the middle where they are not known
     * @param  Bounds  $pigmentShare  0 (only clear) to 2 (only doubled shades)
     * @param  Fraction  $naturalShare  share of the colour part that is natural, 0 to 1
     * @param  list<string>  $why  two or three plain lines with the numbers
     */
    private function __construct(
        public ?Bounds $level,
        public ToneMix $tone,
        public bool $toneIsExact,
        public Bounds $pigmentShare,
        public Fraction $naturalShare,
        public array $why,
    ) {
    }

    /** @param  list<Weighed>  $parts */
    public static function of(array $parts, HouseRules $rules): self
    {
        $exact = array_reduce($parts, static fn (bool $all, Weighed $part): bool => $all && $part->isKnown(), true);
        $level = self::level($parts, $rules->levelSchool);
        $middle = static fn (Weighed $part): Fraction => $part->least->plus($part->most)->dividedBy(Fraction::of(2));
        $tone = ToneMix::mean(array_map(static fn (Weighed $part): array => [$part->pigment->tone, $middle($part)->times($part->pigment->intensity)], $parts));
        $share = self::mean($parts, static fn (Weighed $part): Fraction => $part->pigment->intensity, static fn (): Fraction => Fraction::one());
        $natural = self::mean($parts, static fn (Weighed $part): Fraction => $part->pigment->tone->share(\Core\Tone\ToneFamily::Natural), static fn (): Fraction => Fraction::one());

        return new self(
            $level,
            $tone,
            $exact,
            $share ?? Bounds::exactly(Fraction::zero()),
            $natural?->middle() ?? Fraction::zero(),
            self::why($parts, $level, $tone, $share, $exact, $rules->levelSchool),
        );
    }

    /** @param  list<Weighed>  $parts */
    private static function level(array $parts, LevelSchool $school): ?Bounds
    {
        $carrying = array_values(array_filter($parts, static fn (Weighed $part): bool => $part->pigment->level !== null));
        $levelOf = static fn (Weighed $part): Fraction => $part->pigment->level ?? Fraction::zero();

        return self::mean($carrying, $levelOf, $school === LevelSchool::Linear ? static fn (): Fraction => Fraction::one() : self::dye(...));
    }

    /**
     * How much dye a gram carries falls evenly with the level (our own model), kept exact:
     * 12 − level, so that a 4 weighs twice what an 8 does.
     */
    private static function dye(Weighed $part): Fraction
    {
        $room = Fraction::of(12)->minus($part->pigment->level ?? Fraction::zero());

        return ($room->compare(Fraction::one()) < 0 ? Fraction::one() : $room)->times($part->pigment->intensity);
    }

    /**
     * The weighted mean of a value, exact where the amounts are known; otherwise its least and most over
     * every amount that is possible. An extreme lies where everything beyond some value takes its most and
     * the rest its least, so trying every such border finds it.
     *
     * @param  list<Weighed>  $parts
     * @param  callable(Weighed): Fraction  $value
     * @param  callable(Weighed): Fraction  $factor  of the weight
     */
    private static function mean(array $parts, callable $value, callable $factor): ?Bounds
    {
        usort($parts, static fn (Weighed $a, Weighed $b): int => $value($a)->compare($value($b)));
        $least = $most = null;
        for ($border = 0; $border <= count($parts); $border++) {
            foreach ([true, false] as $lowTakesMost) {
                $sum = $mass = Fraction::zero();
                foreach ($parts as $index => $part) {
                    $amount = ($index < $border) === $lowTakesMost ? $part->most : $part->least;
                    $weight = $amount->times($factor($part));
                    $sum = $sum->plus($weight->times($value($part)));
                    $mass = $mass->plus($weight);
                }
                if ($mass->isZero()) {
                    continue;
                }
                $mean = $sum->dividedBy($mass);
                $least = $least === null || $mean->compare($least) < 0 ? $mean : $least;
                $most = $most === null || $mean->compare($most) > 0 ? $mean : $most;
            }
        }

        return $least === null || $most === null ? null : new Bounds($least, $most);
    }

    /**
     * @param  list<Weighed>  $parts
     * @return list<string>
     */
    private static function why(array $parts, ?Bounds $level, ToneMix $tone, ?Bounds $share, bool $exact, LevelSchool $school): array
    {
        $carrying = array_filter($parts, static fn (Weighed $part): bool => $part->pigment->level !== null);
        $named = implode(' and ', array_map(static function (Weighed $part): string {
            $grams = $part->isKnown() ? $part->least->dividedBy(Fraction::of(100))->decimal(1) : "{$part->least->dividedBy(Fraction::of(100))->decimal(1)} to {$part->most->dividedBy(Fraction::of(100))->decimal(1)}";

            return "{$grams} g of {$part->label}";
        }, $carrying));
        $why = [$level === null
            ? 'Nothing in it carries a level.'
            : "Level {$level->show(1)}: the mean of {$named}, ".($school === LevelSchool::Linear ? 'by weight.' : 'weighted by dye: the darker counts more.')];
        $why[] = $tone->isNone() ? 'It brings no tone.' : "Tone: {$tone->words()}, by weight".($exact ? '.' : '; amounts not known are taken at their middle.');
        if ($share !== null && ! ($share->isExact() && $share->least->equals(Fraction::one()))) {
            $why[] = "Pigment share {$share->show(2)} of an ordinary shade’s".($share->most->compare(Fraction::one()) < 0 ? ': clear thins it and leaves the level alone.' : '.');
        }

        return $why;
    }

    /** The same, as the pigment of one product: what the bowl behaves as. */
    public function asPigment(): Pigment
    {
        return new Pigment($this->level?->middle(), $this->tone, $this->pigmentShare->middle());
    }
}

<?php

declare(strict_types=1);

namespace Core\Judgement;

use Closure;
use Core\Fact;
use Core\Formula\BoundLine;
use Core\Formula\BowlBounds;
use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
use Core\Practice\Number;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Bounds;
use Core\Units\Fraction;

/**
 * What the colour part of a bowl behaves as: its level, tone and pigment share.
 *
 * Level: the mean of the levels by weight over what carries a level (common practice, no source), or weighted by dye as
 * a house rule. Pigment share: pigment grams ÷ colour grams; clear thins it and leaves the level alone. Where amounts
 * are not known, each of these lies between bounds, and never in a guessed middle.
 */
final readonly class MixJudgement
{
    /**
     * @param  ?Bounds  $level  null when nothing carries a level
     * @param  ?ToneMix  $tone  null where the amounts leave it open
     * @param  array<string, Bounds>  $families  of the tone: share of each, 0 to 1
     * @param  Bounds  $pigmentShare  0 (only clear) to 2 (only doubled shades)
     * @param  Bounds  $naturalShare  share of the colour part that is natural, 0 to 1
     * @param  list<Fact>  $why  two or three lines with the numbers
     */
    private function __construct(
        public ?Bounds $level,
        public ?ToneMix $tone,
        public array $families,
        public Bounds $pigmentShare,
        public Bounds $naturalShare,
        public array $why,
    ) {
    }

    /** @param  list<Weighed>  $parts */
    public static function of(array $parts, HouseRules $rules): self
    {
        // The same weights are asked for several times in turn: once for each family of tones.
        $weighed = $mass = null;
        $mean = static function (array $values, array $weights) use ($parts, &$weighed, &$mass): ?Bounds {
            /**
             * @var array<int, Fraction> $values
             * @var array<int, Fraction> $weights
             */
            if ($mass === null || $weighed !== $weights) {
                [$weighed, $mass] = [$weights, self::sum($weights, $parts)];
            }

            return $mass->isZero() ? null : Bounds::exactly(self::sum($values, $parts)->dividedBy($mass));
        };
        $named = array_map(
            static fn (Weighed $part): string => "{$part->centigrams->dividedBy(Fraction::of(100))->decimal(1)} g of {$part->label}",
            $parts,
        );

        return self::judged(
            array_map(static fn (Weighed $part): Pigment => $part->pigment, $parts),
            $named,
            $mean,
            $rules->levelSchool,
        );
    }

    /**
     * @param  array<int, Fraction>  $each  a gram, by place; nothing where it is left out
     * @param  list<Weighed>  $parts
     */
    private static function sum(array $each, array $parts): Fraction
    {
        $sum = Fraction::zero();
        foreach ($each as $at => $value) {
            $sum = $value->isZero() ? $sum : $sum->plus($value->times($parts[$at]->centigrams));
        }

        return $sum;
    }

    /**
     * Of a bowl that is not all known.
     *
     * @param  array<int, Pigment>  $pigments  of everything that colours, by its line of the bounds
     */
    public static function between(BowlBounds $bounds, array $pigments, HouseRules $rules): self
    {
        $named = array_map(
            static fn (BoundLine $line): string => $line->label,
            array_intersect_key($bounds->lines, $pigments),
        );
        $mean = static function (array $values, array $weights) use ($bounds): ?Bounds {
            /**
             * @var array<int, Fraction> $values
             * @var array<int, Fraction> $weights
             */
            return $bounds->mean($values, $weights, $values);
        };

        return self::judged($pigments, $named, $mean, $rules->levelSchool);
    }

    /**
     * @param  array<int, Pigment>  $pigments
     * @param  array<int, string>  $named
     * @param  Closure(array<int, Fraction>, array<int, Fraction>): ?Bounds  $mean  of what each brings a gram over what
     *     each weighs a gram
     */
    private static function judged(array $pigments, array $named, Closure $mean, LevelSchool $school): self
    {
        $carrying = array_filter($pigments, static fn (Pigment $pigment): bool => $pigment->level !== null);
        $weights = array_map(static fn (Pigment $pigment): Fraction => self::weight($pigment, $school), $carrying);
        $level = $carrying === [] ? null : $mean(
            self::times(
                $weights,
                array_map(static fn (Pigment $pigment): Fraction => $pigment->level ?? Fraction::zero(), $carrying),
            ),
            $weights,
        );
        // Of what was left of a bowl only the colour in it counts.
        $whole = array_map(static fn (Pigment $pigment): Fraction => $pigment->bulk, $pigments);
        $intensity = array_map(
            static fn (Pigment $pigment): Fraction => $pigment->intensity->times($pigment->bulk),
            $pigments,
        );
        $natural = array_map(
            static fn (Pigment $pigment): Fraction => $pigment->tone->share(ToneFamily::Natural)->times($pigment->bulk),
            $pigments,
        );
        $families = self::families($pigments, $intensity, $mean);
        $tone = self::tone($families);
        $share = $mean($intensity, $whole);

        return new self(
            level: $level,
            tone: $tone,
            families: $families,
            pigmentShare: $share ?? Bounds::exactly(Fraction::zero()),
            naturalShare: $mean($natural, $whole) ?? Bounds::exactly(Fraction::zero()),
            why: self::why(
                carrying: array_intersect_key($named, $carrying),
                level: $level,
                tone: $tone,
                families: $families,
                share: $share,
                school: $school,
            ),
        );
    }

    /**
     * What carries no tone takes no part in it.
     *
     * @param  array<int, Pigment>  $pigments
     * @param  array<int, Fraction>  $intensity
     * @param  Closure(array<int, Fraction>, array<int, Fraction>): ?Bounds  $mean
     * @return array<string, Bounds>
     */
    private static function families(array $pigments, array $intensity, Closure $mean): array
    {
        $toned = array_intersect_key(
            $intensity,
            array_filter($pigments, static fn (Pigment $pigment): bool => ! $pigment->tone->isNone()),
        );
        $found = [];
        $brought = [];
        foreach ($toned as $at => $each) {
            foreach ($pigments[$at]->tone->shares() as $family => $share) {
                $brought[$family][$at] = $each->times($share);
            }
        }
        $none = array_fill_keys(array_keys($toned), Fraction::zero());
        foreach (ToneFamily::cases() as $family) {
            if (! isset($brought[$family->value])) {
                continue;
            }
            $bounds = $mean($brought[$family->value] + $none, $toned);
            if ($bounds !== null && ! ($bounds->most?->isZero() ?? false)) {
                $found[$family->value] = $bounds;
            }
        }

        return $found;
    }

    /** @param  array<string, Bounds>  $families */
    private static function tone(array $families): ?ToneMix
    {
        $weighted = [];
        foreach ($families as $family => $bounds) {
            $value = $bounds->value();
            if ($value === null) {
                return null;
            }
            $weighted[] = [ToneMix::only(ToneFamily::from($family)), $value];
        }

        return ToneMix::mean($weighted);
    }

    /**
     * How much dye a gram carries falls evenly with the level (our own model), kept exact: 12 − level, so that a 4
     * weighs twice what an 8 does.
     */
    private static function weight(Pigment $pigment, LevelSchool $school): Fraction
    {
        if ($school === LevelSchool::Linear) {
            return $pigment->bulk;
        }
        $room = Number::DyeTop->value()->minus($pigment->level ?? Fraction::zero());

        return ($room->compare(Fraction::one()) < 0 ? Fraction::one() : $room)
            ->times($pigment->intensity)
            ->times($pigment->bulk);
    }

    /**
     * @param  array<int, Fraction>  $one
     * @param  array<int, Fraction>  $other
     * @return array<int, Fraction>
     */
    private static function times(array $one, array $other): array
    {
        $found = [];
        foreach ($one as $at => $each) {
            $found[$at] = $each->times($other[$at]);
        }

        return $found;
    }

    /** The tone in words, with bounds where it is not known: 75 % gold, 10 to 40 % copper. */
    public function toneWords(): string
    {
        return self::inWords($this->tone, $this->families);
    }

    /** @param  array<string, Bounds>  $families */
    private static function inWords(?ToneMix $tone, array $families): string
    {
        if ($tone !== null) {
            return $tone->words();
        }
        $words = [];
        foreach ($families as $family => $bounds) {
            $words[] = "{$bounds->times(Fraction::of(100))->show(0)} % {$family}";
        }

        return implode(', ', $words);
    }

    /**
     * @param  array<int, string>  $carrying
     * @param  array<string, Bounds>  $families
     * @return list<Fact>
     */
    private static function why(
        array $carrying,
        ?Bounds $level,
        ?ToneMix $tone,
        array $families,
        ?Bounds $share,
        LevelSchool $school,
    ): array {
        $why = [match (true) {
            $level === null => Fact::of('why.mix-judgement.nothing-carries-level'),
            $school === LevelSchool::Linear => Fact::of(
                'why.mix-judgement.mean-by-weight',
                level: $level->show(1),
                carrying: array_values($carrying),
            ),
            default => Fact::of(
                'why.mix-judgement.mean-by-dye',
                level: $level->show(1),
                carrying: array_values($carrying),
            ),
        }];
        $why[] = match (true) {
            $families === [] => Fact::of('why.mix-judgement.brings-no-tone'),
            $tone === null => Fact::of('why.mix-judgement.tone-as-far-as-said', tone: self::inWords($tone, $families)),
            default => Fact::of('why.mix-judgement.tone-by-weight', tone: self::inWords($tone, $families)),
        };
        if ($share !== null && ! ($share->isExact() && $share->least->equals(Fraction::one()))) {
            $thinned = $share->most !== null && $share->most->compare(Fraction::one()) < 0;
            $why[] = Fact::of(
                $thinned ? 'why.mix-judgement.pigment-thinned' : 'why.mix-judgement.pigment-share',
                share: $share->show(2),
            );
        }

        return $why;
    }

    /** The same, as the pigment of one product: what the bowl behaves as; null where the amounts leave it open. */
    public function asPigment(): ?Pigment
    {
        $intensity = $this->pigmentShare->value();
        if ($this->tone === null || $intensity === null || ($this->level !== null && $this->level->value() === null)) {
            return null;
        }

        return new Pigment($this->level?->value(), $this->tone, $intensity);
    }
}

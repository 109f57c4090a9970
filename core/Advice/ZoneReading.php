<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Hair\Breakage;
use Core\Hair\CanvasZone;
use Core\Hair\Confidence;
use Core\Hair\Direction;
use Core\Hair\Elasticity;
use Core\Hair\HairHistory;
use Core\Judgement\Caution;
use Core\Judgement\Undertone;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Units\Fraction;

/** What stands beside a zone once it is read: which way the wish goes, how far, what will lie bare, what needs care. */
final readonly class ZoneReading
{
    /**
     * @param  Fact  $headline  in a few words: lift 2 levels
     * @param  list<Fact>  $lines
     * @param  list<Caution>  $cautions
     */
    private function __construct(
        public Direction $direction,
        public Fact $headline,
        public array $lines,
        public array $cautions,
    ) {
    }

    /** @param  bool  $lightener  one is planned on it already */
    public static function of(CanvasZone $zone, HouseRules $rules, bool $lightener = false): self
    {
        $cautions = self::condition($zone);
        $lines = [];
        if ($zone->grey !== null && $zone->grey > 0 && $zone->hasWish()) {
            $lines = [...$lines, ...GreyAdvice::for($zone->grey, $zone->resistant, $rules)->why];
        }
        if ($zone->banded) {
            $lines[] = Fact::of('why.zone-reading.band-another-level-its-own');
        }
        if ($zone->offLimits) {
            return new self(
                Direction::Leave,
                Fact::of('why.zone-reading.leave-out'),
                [Fact::of('why.zone-reading.nothing-goes-on-hair')],
                $cautions,
            );
        }
        if ($zone->level === null) {
            return new self(Direction::Unread, Fact::of('why.zone-reading.read-its-level'), $lines, $cautions);
        }
        if ($zone->wishLevel === null) {
            return $zone->wishTone->families === []
                ? new self(Direction::Leave, Fact::of('why.zone-reading.nothing-wished'), $lines, $cautions)
                : new self(
                    Direction::Tone,
                    Fact::of('why.zone-reading.tone', wishTone: $zone->wishTone->words()),
                    [
                        ...$lines,
                        Fact::of('why.zone-reading.choose-toner-for-level-as', level: $zone->level->decimal(1)),
                        ...self::porous($zone),
                    ],
                    $cautions,
                );
        }
        $gap = $zone->wishLevel->minus($zone->level);
        $size = $gap->isNegative() ? $gap->negated() : $gap;

        return match (true) {
            $size->compare(Number::SameLevel->value()) <= 0 => new self(
                Direction::Tone,
                Fact::of('why.zone-reading.deposit-at-its-level'),
                [...$lines, ...self::porous($zone)],
                $cautions,
            ),
            ! $gap->isNegative() => self::lift($zone, $gap, $lines, $cautions, $lightener),
            default => self::deepen(
                zone: $zone,
                levels: $size,
                target: $zone->wishLevel,
                lines: $lines,
                cautions: $cautions,
                rules: $rules,
            ),
        };
    }

    /**
     * @param  list<Fact>  $lines
     * @param  list<Caution>  $cautions
     */
    private static function lift(
        CanvasZone $zone,
        Fraction $levels,
        array $lines,
        array $cautions,
        bool $lightener,
    ): self {
        $target = $zone->wishLevel ?? Fraction::zero();
        $bare = Undertone::at($target);
        $lines[] = Fact::of('why.zone-reading.at-level-lies-bare', target: $target->decimal(1), bare: $bare->name);
        $lines[] = $zone->wishTone->families !== [] && ! $zone->wishTone->mix()->warmth()->isNegative()
            ? Fact::of('why.zone-reading.wish-warm-pigment-helps-lift')
            : Fact::of('why.zone-reading.softened-by-soften-do-not', neutraliser: $bare->neutraliser->words());
        if ($zone->history->holdsTint() && ! $lightener) {
            $cautions[] = new Caution(
                'tint-on-tint',
                Fact::of('cautions.tint-on-tint', value: str_replace('-', ' ', $zone->history->value)),
            );
        }
        if ($zone->history === HairHistory::Lightened) {
            $cautions[] = new Caution('lift-again', Fact::of('cautions.lift-again'));
        }

        return new self(
            Direction::Lift,
            Fact::of('why.zone-reading.lift', levels: self::levels($levels)),
            $lines,
            $cautions,
        );
    }

    /**
     * @param  list<Fact>  $lines
     * @param  list<Caution>  $cautions
     */
    private static function deepen(
        CanvasZone $zone,
        Fraction $levels,
        Fraction $target,
        array $lines,
        array $cautions,
        HouseRules $rules,
    ): self {
        $fill = FillAdvice::for(
            start: $zone->level ?? $target,
            history: $zone->history,
            target: $target,
            wish: $zone->wishTone->mix(),
            shelf: [],
            rules: $rules,
        );
        if ($fill->needed) {
            return new self(
                Direction::Fill,
                Fact::of('why.zone-reading.fill-then-deeper', levels: self::levels($levels)),
                [...$lines, $fill->why[0], ...array_slice($fill->why, 1, 2)],
                $cautions,
            );
        }

        return new self(
            Direction::Deepen,
            Fact::of('why.zone-reading.deeper', levels: self::levels($levels)),
            [...$lines, ...$fill->why, ...self::porous($zone)],
            $cautions,
        );
    }

    private static function levels(Fraction $levels): Fact
    {
        return $levels->equals(Fraction::one()) ? Fact::of('why.zone-reading.a-level') : Fact::of(
            'why.zone-reading.levels',
            levels: $levels->decimal(1),
        );
    }

    /** @return list<Fact> */
    private static function porous(CanvasZone $zone): array
    {
        return $zone->porosity === \Core\Hair\Porosity::High
            ? [Fact::of('why.zone-reading.porous-hair-grabs-shorter-or')]
            : [];
    }

    /** @return list<Caution> */
    private static function condition(CanvasZone $zone): array
    {
        $found = [];
        if ($zone->elasticity === Elasticity::Gum) {
            $found[] = new Caution('gum', Fact::of('cautions.gum'));
        } elseif ($zone->elasticity === Elasticity::Weak || $zone->breakage === Breakage::Much) {
            $found[] = new Caution('weak', Fact::of('cautions.weak'));
        }
        if ($zone->history === HairHistory::Unknown) {
            $found[] = new Caution('unknown-dye', Fact::of('cautions.unknown-dye'));
        }
        if ($zone->confidence === Confidence::Guessed && $zone->historyWords !== '') {
            $found[] = new Caution('guessed', Fact::of('cautions.guessed', historyWords: $zone->historyWords));
        }

        return $found;
    }
}

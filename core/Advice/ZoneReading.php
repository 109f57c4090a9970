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
     * @param  string  $headline  in a few words: lift 2 levels
     * @param  list<string>  $lines
     * @param  list<Caution>  $cautions
     */
    private function __construct(public Direction $direction, public string $headline, public array $lines, public array $cautions)
    {
    }

    public static function of(CanvasZone $zone, HouseRules $rules): self
    {
        $cautions = self::condition($zone);
        $lines = [];
        if ($zone->grey !== null && $zone->grey > 0 && $zone->hasWish()) {
            $lines = [...$lines, ...GreyAdvice::for($zone->grey, $zone->resistant, $rules)->why];
        }
        if ($zone->banded) {
            $lines[] = 'A band of another level: its own bowl, or a blending pass.';
        }
        if ($zone->offLimits) {
            return new self(Direction::Leave, 'Leave out', ['Nothing goes on this hair.'], $cautions);
        }
        if ($zone->level === null) {
            return new self(Direction::Unread, 'Read its level', $lines, $cautions);
        }
        if ($zone->wishLevel === null) {
            return $zone->wishTone->families === []
                ? new self(Direction::Leave, 'Nothing wished', $lines, $cautions)
                : new self(Direction::Tone, "Tone to {$zone->wishTone->words()}", [...$lines, "Choose the toner for level {$zone->level->decimal(1)}, as it is at its darkest.", ...self::porous($zone)], $cautions);
        }
        $gap = $zone->wishLevel->minus($zone->level);
        $size = $gap->isNegative() ? $gap->negated() : $gap;

        return match (true) {
            $size->compare(Number::SameLevel->value()) <= 0 => new self(Direction::Tone, 'Deposit at its level', [...$lines, ...self::porous($zone)], $cautions),
            ! $gap->isNegative() => self::lift($zone, $gap, $lines, $cautions),
            default => self::deepen($zone, $size, $zone->wishLevel, $lines, $cautions, $rules),
        };
    }

    /**
     * @param  list<string>  $lines
     * @param  list<Caution>  $cautions
     */
    private static function lift(CanvasZone $zone, Fraction $levels, array $lines, array $cautions): self
    {
        $target = $zone->wishLevel ?? Fraction::zero();
        $bare = Undertone::at($target);
        $lines[] = "At level {$target->decimal(1)} lies bare: {$bare->name}.";
        $lines[] = $zone->wishTone->families !== [] && ! $zone->wishTone->mix()->warmth()->isNegative()
            ? 'The wish is warm: this pigment helps; lift just enough to show it.'
            : "Softened by {$bare->neutraliser->words()}; soften, do not erase.";
        if ($zone->history->holdsTint()) {
            $cautions[] = new Caution('tint-on-tint', Fact::of('cautions.tint-on-tint', value: str_replace('-', ' ', $zone->history->value)));
        }
        if ($zone->history === HairHistory::Lightened) {
            $cautions[] = new Caution('lift-again', Fact::of('cautions.lift-again'));
        }

        return new self(Direction::Lift, 'Lift '.self::levels($levels), $lines, $cautions);
    }

    /**
     * @param  list<string>  $lines
     * @param  list<Caution>  $cautions
     */
    private static function deepen(CanvasZone $zone, Fraction $levels, Fraction $target, array $lines, array $cautions, HouseRules $rules): self
    {
        $fill = FillAdvice::for($zone->level ?? $target, $zone->history, $target, $zone->wishTone->mix(), [], $rules);
        if ($fill->needed) {
            return new self(Direction::Fill, 'Fill, then '.self::levels($levels).' deeper', [...$lines, $fill->why[0], ...array_slice($fill->why, 1, 2)], $cautions);
        }

        return new self(Direction::Deepen, self::levels($levels).' deeper', [...$lines, ...$fill->why, ...self::porous($zone)], $cautions);
    }

    private static function levels(Fraction $levels): string
    {
        return $levels->equals(Fraction::one()) ? '1 level' : "{$levels->decimal(1)} levels";
    }

    /** @return list<string> */
    private static function porous(CanvasZone $zone): array
    {
        return $zone->porosity === \Core\Hair\Porosity::High ? ['Porous hair grabs: shorter, or with more clear.'] : [];
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

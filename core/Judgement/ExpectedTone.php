<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Colour\Lab;
use Core\Pigment\Gap;
use Core\Practice\Number;
use Core\Units\Fraction;

/** How a result stands against the wish. */
enum ExpectedTone: string
{
    case OnTarget = 'on target';
    case TooWarm = 'too warm';
    case TooCool = 'too cool';
    case TooRed = 'too red';
    case TooGolden = 'too golden';
    case Green = 'green';
    case Flat = 'flat or muddy';
    case TooDeep = 'too deep';
    case TooLight = 'too light';

    /**
     * @param  Lab  $result  what is seen, or expected
     * @param  Lab  $wish  what the wish looks like
     * @param  bool  $levelWished  and not only a tone
     * @param  bool  $toneWished  and not only a level
     * @param  ?Fraction  $spread  levels within which nobody can say that it misses; null where it was seen
     * @return list<self> empty where nothing is wished
     */
    public static function against(
        Lab $result,
        Lab $wish,
        bool $levelWished,
        bool $toneWished,
        ?Fraction $spread = null,
    ): array {
        if (! $levelWished && ! $toneWished) {
            return [];
        }
        $gap = Gap::between($result, $wish);
        $found = array_values(array_filter([
            $levelWished ? self::level($gap, $spread ?? Fraction::zero()) : null,
            self::tone($gap, $result, $wish, $toneWished),
        ]));

        return $found === [] ? [self::OnTarget] : $found;
    }

    private static function level(Gap $gap, Fraction $spread): ?self
    {
        // A good half of a level is what an eye sees against swatches.
        $miss = Number::LevelMiss->value();
        $miss = $spread->compare($miss) > 0 ? $spread : $miss;

        return match (true) {
            $gap->levels->compare($miss->negated()) < 0 => self::TooDeep,
            $gap->levels->compare($miss) > 0 => self::TooLight,
            default => null,
        };
    }

    private static function tone(Gap $gap, Lab $result, Lab $wish, bool $toneWished): ?self
    {
        if (Gap::looksGreen($result) && ! Gap::looksGreen($wish)) {
            return self::Green;
        }
        if (! $toneWished) {
            return null;
        }

        $dull = self::below($gap->vividness, Number::FlatBelow);
        $across = self::size($gap->redness)->compare(self::size($gap->warmth)) > 0;

        return match (true) {
            $across && self::above($gap->redness, Number::RednessMiss) => self::TooRed,
            $across && self::below($gap->redness, Number::RednessMiss) => $dull ? self::TooCool : self::TooGolden,
            self::above($gap->warmth, Number::WarmthMiss) => self::TooWarm,
            // Less of the wish's warmth, and cooler than hair that was never coloured: cool. Still warm: it has only
            // lost life.
            self::below($gap->warmth, Number::WarmthMiss) => Gap::isCool($result) || ! $dull
                ? self::TooCool
                : self::Flat,
            $dull => self::Flat,
            default => null,
        };
    }

    private static function size(Fraction $gap): Fraction
    {
        return $gap->isNegative() ? $gap->negated() : $gap;
    }

    private static function above(Fraction $gap, Number $miss): bool
    {
        return $gap->compare($miss->value()) > 0;
    }

    private static function below(Fraction $gap, Number $miss): bool
    {
        return $gap->compare($miss->value()->negated()) < 0;
    }
}

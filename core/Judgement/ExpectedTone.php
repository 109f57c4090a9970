<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Practice\Number;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** How a result stands against the wish. */
enum ExpectedTone: string
{
    case OnTarget = 'on target';
    case TooWarm = 'too warm';
    case TooCool = 'too cool';
    case Flat = 'flat or muddy';
    case TooDeep = 'too deep';
    case TooLight = 'too light';

    /**
     * @param  bool  $flat  nearly everything cancelled
     * @return list<self> empty where nothing is wished
     */
    public static function against(
        ?Fraction $wishLevel,
        ?ToneMix $wishTone,
        Fraction $level,
        ToneMix $tone,
        bool $flat = false,
    ): array {
        if ($wishLevel === null && $wishTone === null) {
            return [];
        }
        $found = [];
        if ($wishLevel !== null) {
            $gap = $level->minus($wishLevel);
            // Half a level is what an eye sees against swatches.
            if ($gap->compare(Number::LevelMiss->value()->negated()) < 0) {
                $found[] = self::TooDeep;
            } elseif ($gap->compare(Number::LevelMiss->value()) > 0) {
                $found[] = self::TooLight;
            }
        }
        if ($wishTone !== null) {
            $gap = $tone->warmth()->minus($wishTone->warmth());
            if ($gap->compare(Number::WarmthMiss->value()) > 0) {
                $found[] = self::TooWarm;
            } elseif ($gap->compare(Number::WarmthMiss->value()->negated()) < 0) {
                $found[] = self::TooCool;
            } elseif ($flat && $wishTone->share(ToneFamily::Natural)->compare(Number::NaturalWish->value()) < 0) {
                $found[] = self::Flat;
            }
        }

        return $found === [] ? [self::OnTarget] : $found;
    }
}

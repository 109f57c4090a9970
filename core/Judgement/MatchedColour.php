<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Colour\PhotographedSpot;
use Core\Fact;
use Core\Pigment\Gap;
use Core\Pigment\Real;
use Core\Practice\Number;
use Core\Units\Fraction;

/** A result against a target, both as photographs show them: how far apart, as far as two photographs can tell. */
final readonly class MatchedColour
{
    /**
     * So many units of lightness are a level: by it levels and warmth are weighed against each other (our own model).
     */
    private const UNITS_A_LEVEL = 6;

    /**
     * @param  Fraction  $seen  in CIEDE2000
     * @param  Fraction  $give  what the two photographs together may be off
     */
    private function __construct(public Fraction $seen, public Fraction $give, public Fact $fact)
    {
    }

    public static function of(PhotographedSpot $result, PhotographedSpot $target): self
    {
        $gap = Gap::between($result->colour, $target->colour);
        $give = Real::hundredths(hypot($result->uncertainty(), $target->uncertainty()));
        $same = $give->compare(Number::SameColour->value()) > 0 ? $give : Number::SameColour->value();
        $near = $same->plus(Number::NearColour->value());
        [$seen, $sure] = [$gap->seen->decimal(1), $give->decimal(1)];

        return new self($gap->seen, $give, match (true) {
            $gap->seen->compare($same) <= 0 => Fact::of('photos.match.same', seen: $seen, give: $sure),
            $gap->seen->compare($near) <= 0 => Fact::of(
                'photos.match.near',
                seen: $seen,
                give: $sure,
                how: self::how($gap),
            ),
            default => Fact::of('photos.match.off', seen: $seen, give: $sure, how: self::how($gap)),
        });
    }

    /**
     * In which way most: lighter or deeper by an eye’s level, warmer or cooler than hair of that lightness, redder or
     * greener.
     */
    private static function how(Gap $gap): Fact
    {
        $lightness = $gap->levels->times(Fraction::of(self::UNITS_A_LEVEL));
        [$light, $warm, $red] = array_map(
            static fn (Fraction $each): Fraction => $each->isNegative() ? $each->negated() : $each,
            [$lightness, $gap->warmth, $gap->redness],
        );

        return match (true) {
            $light->compare($warm) >= 0 && $light->compare($red) >= 0 => $lightness->isNegative()
                ? Fact::of('photos.how.deeper')
                : Fact::of('photos.how.lighter'),
            $warm->compare($red) >= 0 => $gap->warmth->isNegative()
                ? Fact::of('photos.how.cooler')
                : Fact::of('photos.how.warmer'),
            default => $gap->redness->isNegative() ? Fact::of('photos.how.greener') : Fact::of('photos.how.redder'),
        };
    }
}

<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Formula\BoundLine;
use Core\Formula\BowlBounds;
use Core\Formula\KnownBowl;
use Core\Formula\WorkedBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Pigment;

/** What a bowl's colour behaves as, known to the gram or not. */
final class JudgeBowl
{
    /** @return ?MixJudgement null unless everything in the colour part has a known pigment: half a mix is no mix */
    public static function of(KnownBowl $bowl, HouseRules $rules): ?MixJudgement
    {
        return match (true) {
            $bowl->worked !== null => self::worked($bowl->worked, $rules),
            $bowl->bounds !== null => self::bounded($bowl->bounds, $rules),
            default => null,
        };
    }

    public static function worked(WorkedBowl $bowl, HouseRules $rules): ?MixJudgement
    {
        $weighed = [];
        foreach ($bowl->colouring() as $ingredient) {
            if ($ingredient->pigment === null) {
                return null;
            }
            $weighed[] = new Weighed($ingredient->label, $ingredient->pigment, $ingredient->grams->exactly());
        }

        return MixJudgement::of($weighed, $rules);
    }

    private static function bounded(BowlBounds $bounds, HouseRules $rules): ?MixJudgement
    {
        $colouring = array_filter($bounds->lines, static fn (BoundLine $line): bool => $line->isColour);
        $pigments = [];
        foreach ($colouring as $at => $line) {
            if ($line->pigment === null) {
                return null;
            }
            $pigments[$at] = $line->pigment;
        }

        return $pigments === [] ? null : MixJudgement::between($bounds, $pigments, $rules);
    }
}

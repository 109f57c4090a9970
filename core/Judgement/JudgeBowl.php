<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Formula\WorkedBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Pigment;

/** What a worked bowl's colour part behaves as. */
final class JudgeBowl
{
    /**
     * @param  array<string, ?Pigment>  $pigments  by ingredient key; null or missing where nobody has said
     * @param  list<Weighed>  $more  of colour that went in beside the parts
     * @return ?MixJudgement null unless everything in the colour part has a known pigment: half a mix is no mix
     */
    public static function of(WorkedBowl $bowl, array $pigments, HouseRules $rules, array $more = []): ?MixJudgement
    {
        $weighed = $more;
        foreach ($bowl->parts[0]->ingredients as $ingredient) {
            $pigment = $pigments[$ingredient->key] ?? null;
            if ($pigment === null) {
                return null;
            }
            $weighed[] = Weighed::known($ingredient->label, $pigment, $ingredient->grams->exactly());
        }

        return MixJudgement::of($weighed, $rules);
    }
}

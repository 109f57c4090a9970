<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Practice\Number;
use Core\Units\Grams;

/** A pour that is asked about before it is believed: far beyond its target, or more than the pack holds. */
final readonly class UnlikelyPour
{
    /**
     * @param  ?Grams  $pack  what one tube or bottle of it holds
     *
     * @throws PourRefused where it is unlikely
     */
    public static function refuse(Batch $batch, string $key, Grams $poured, ?Grams $pack): void
    {
        $line = $batch->plan->line($key);
        if ($pack !== null && ! $pack->isZero() && $poured->isMoreThan($pack)) {
            throw PourRefused::moreThanPack($line->label, $poured, $pack);
        }
        $target = $batch->target($key);
        if ($batch->isByEye($key) || $target->isZero()) {
            return;
        }
        $in = $batch->poured[$key]->plus($poured);
        $most = $target->exactly()->times(Number::UnlikelyTimes->value());
        $least = $target->plus(Grams::ofCentigrams(Number::UnlikelyLeast->centigrams()));
        if ($in->exactly()->compare($most) > 0 && ! $least->isMoreThan($in)) {
            throw PourRefused::farOver($line->label, $in, $target);
        }
    }
}

<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Hair\Technique;
use Core\Judgement\Process;
use Core\Practice\HouseRules;
use Core\Practice\OpenAir;
use Core\Shelf\LineKind;

/**
 * Lightener's strength by where it lies (common practice, no source): in open air it misses a foil's heat, so the
 * trade goes up one strength, or stays low and gives it time (a house rule); near the scalp it works faster, so down.
 */
final class StrengthAdvice
{
    /** The usual strengths on a shelf, in volumes. */
    private const LADDER = [6, 10, 20, 30, 40];

    /** Null where nothing speaks for another strength */
    public static function for(Process $process, HouseRules $rules): ?Fact
    {
        if ($process->kind !== LineKind::Lightener || $process->strength === null) {
            return null;
        }
        $volume = $process->strength->volume;
        if ($process->onScalp) {
            $lower = null;
            foreach (self::LADDER as $each) {
                $lower = $volume->compare(\Core\Units\Fraction::of($each)) > 0 ? $each : $lower;
            }

            return $lower === null ? null : Fact::of('why.strength-advice.near-scalp-works-faster-vol', lower: $lower);
        }
        if ($process->technique !== Technique::OpenAir) {
            return null;
        }
        if ($rules->openAir === OpenAir::SlowAndLow) {
            return Fact::of('why.strength-advice.open-air-slow-and-low', strength: $process->strength->showVolume());
        }
        foreach (self::LADDER as $each) {
            if ($volume->compare(\Core\Units\Fraction::of($each)) < 0) {
                return Fact::of('why.strength-advice.open-air-one-strength-up', each: $each);
            }
        }

        return Fact::of('why.strength-advice.open-air-asks-for-more');
    }
}

<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Practice\SecondBatch;
use Core\Shelf\LineKind;
use Core\Units\Fraction;
use Core\Units\Strength;

/**
 * A second batch of lightener that starts long after the first: usually one strength up, to reach the same lift by the
 * same rinse; never at the scalp, on porous hair, or beyond what the line has (common practice, no source).
 */
final readonly class CatchUp
{
    /**
     * @param  ?Strength  $strength  null where the bowl’s own stays
     * @param  list<Fact>  $why
     */
    private function __construct(public int $behind, public ?Strength $strength, public array $why)
    {
    }

    /**
     * @param  list<Strength>  $strengths  the line’s own, weakest first
     * @param  int  $behind  minutes since the first batch went on
     * @param  int  $minutes  that the bowl is planned to work
     * @return ?self null where there is nothing to catch up with
     */
    public static function of(
        LineKind $kind,
        ?Strength $own,
        array $strengths,
        int $behind,
        int $minutes,
        bool $onScalp,
        bool $porous,
        HouseRules $rules,
    ): ?self {
        if (
            $kind !== LineKind::Lightener
            || $own === null
            || Number::CatchUpFrom->value()->compare(Fraction::of($behind)) > 0
        ) {
            return null;
        }
        $up = array_values(
            array_filter($strengths, static fn (Strength $each): bool => $each->compare($own) > 0),
        )[0] ?? null;
        $stays = $own->showVolume();
        [$strength, $why] = match (true) {
            $onScalp => [null, Fact::of('why.catch-up.touches-scalp', strength: $stays)],
            $porous => [null, Fact::of('why.catch-up.porous-hair', strength: $stays)],
            $rules->secondBatch === SecondBatch::Equal => [
                null,
                Fact::of('why.catch-up.house-keeps', strength: $stays),
            ],
            $up === null => [null, Fact::of('why.catch-up.strongest', strength: $stays)],
            default => [$up, Fact::of('why.catch-up.strength-up', strength: $up->showVolume())],
        };

        return new self(
            $behind,
            $strength,
            [Fact::of('why.catch-up.behind', behind: $behind, minutes: $minutes), $why],
        );
    }
}

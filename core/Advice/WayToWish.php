<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Pigment\Gap;
use Core\Practice\Number;
use Core\Units\Fraction;

/** A way from hair as it is to a wish: one bowl, or several in turn. */
final readonly class WayToWish
{
    /**
     * @param  non-empty-list<WishStep>  $steps
     * @param  Gap  $gap  of what comes out to what is wished
     */
    public function __construct(public array $steps, public Gap $gap)
    {
    }

    /** How far it stays from the wish, as an eye would say it. */
    public function says(): Fact
    {
        return match (true) {
            $this->gap->seen->compare(Number::SameColour->value()) <= 0 => Fact::of(
                'why.way.same',
                seen: $this->gap->seen->decimal(1),
            ),
            $this->gap->seen->compare(Number::NearColour->value()) <= 0 => Fact::of(
                'why.way.near',
                seen: $this->gap->seen->decimal(1),
            ),
            default => Fact::of('why.way.off', seen: $this->gap->seen->decimal(1)),
        };
    }

    public function last(): WishStep
    {
        return $this->steps[count($this->steps) - 1];
    }

    /** What it costs: how far it stays from the wish, and a little for every bowl more. */
    public function cost(Fraction $each): Fraction
    {
        return $this->gap->seen->plus($each->times(Fraction::of(count($this->steps))));
    }
}

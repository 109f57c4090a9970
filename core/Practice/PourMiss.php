<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Units\Fraction;
use Core\Units\Grams;

/** How far a pour may miss its target: grams below 10 g, grams to 60 g, a share of the target above. */
final readonly class PourMiss
{
    private function __construct(public Grams $below10, public Grams $to60, public Fraction $above60)
    {
    }

    /** ±0.5 g, ±1 g, ±2 % (a model of ours). */
    public static function standard(): self
    {
        return new self(Grams::ofCentigrams(50), Grams::ofCentigrams(100), Fraction::of(1, 50));
    }

    /**
     * @param  Fraction  $above60  share of the target, 0 to 1
     *
     * @throws InvalidRule unless at most 5 g, 10 g and a tenth
     */
    public static function of(Grams $below10, Grams $to60, Fraction $above60): self
    {
        return match (true) {
            $below10->centigrams > 500 => throw InvalidRule::outOfRange(
                'a pour below 10 g may miss by',
                $below10->text(),
                '0',
                '5',
                'g',
            ),
            $to60->centigrams > 1000 => throw InvalidRule::outOfRange(
                'a pour to 60 g may miss by',
                $to60->text(),
                '0',
                '10',
                'g',
            ),
            $above60->isNegative(), $above60->compare(Fraction::of(1, 10)) > 0 => throw InvalidRule::outOfRange(
                'a pour above 60 g may miss by',
                $above60->times(Fraction::of(100))->decimal(1).' %',
                '0',
                '10',
                '%',
            ),
            default => new self($below10, $to60, $above60),
        };
    }

    public function withBelow10(Grams $grams): self
    {
        return self::of($grams, $this->to60, $this->above60);
    }

    public function withTo60(Grams $grams): self
    {
        return self::of($this->below10, $grams, $this->above60);
    }

    /** @param  Fraction  $share  0 to 1 */
    public function withAbove60(Fraction $share): self
    {
        return self::of($this->below10, $this->to60, $share);
    }
}

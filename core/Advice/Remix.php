<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;

/**
 * Whether a bowl will last, and how much more to mix: what the foils so far took, the rest will take. The next batch is
 * planned before the bowl is empty, at two thirds (common practice, no source).
 */
final readonly class Remix
{
    /** @param  ?Fraction  $times  of the bowl, to a tenth, rounded up; null where what is left will do */
    private function __construct(
        public Grams $needed,
        public Grams $short,
        public ?Fraction $times,
        public bool $now,
        public Fact $words,
    ) {
    }

    /**
     * @param  int  $done  foils laid so far
     * @param  int  $planned  foils in all
     * @param  Grams  $mixed  in the bowl at first
     * @param  Grams  $left  in the bowl now
     *
     * @throws AdviceRefused where the counts cannot be
     */
    public static function of(int $done, int $planned, Grams $mixed, Grams $left, HouseRules $rules): self
    {
        if ($done < 1 || $planned < $done) {
            throw AdviceRefused::foilsCannotBe($done, $planned);
        }
        if ($left->isMoreThan($mixed) || $mixed->isZero()) {
            throw AdviceRefused::moreLeftThanMixed($left, $mixed);
        }
        $took = $mixed->minus($left);
        $each = Fraction::of($took->centigrams, $done);
        $needed = Grams::rounded($each->times(Fraction::of($planned - $done)), $rules->step, Rounding::HalfUp);
        $short = $needed->lessAtMost($left);
        $now = Fraction::of($took->centigrams, $mixed->centigrams)->compare(Number::RemixAt->value()) >= 0;
        $rest = $planned - $done;
        if ($short->isZero()) {
            return new self(
                $needed,
                $short,
                null,
                false,
                Fact::of(
                    'why.remix.foils-took-more-take-about',
                    done: $done,
                    took: $took->text(),
                    rest: $rest,
                    needed: $needed->text(),
                    left: $left->text(),
                ),
            );
        }
        $tenths = intdiv($short->centigrams * 10 + $mixed->centigrams - 1, $mixed->centigrams);

        return new self(
            $needed, $short, Fraction::of(max(1, $tenths), 10), $now,
            Fact::of(
                $now ? 'why.remix.mix-now' : 'why.remix.mix-again',
                done: $done, took: $took->text(), rest: $rest, needed: $needed->text(), short: $short->text(),
            ),
        );
    }
}

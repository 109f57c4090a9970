<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Practice\GreyParts;
use Core\Practice\HouseRules;
use Core\Shelf\Product;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Strength;

/**
 * What grey asks of the colour part (common practice, no source): under 25 % no natural, 25 to 50 a quarter
 * to a third, 50 to 75 a half, above three quarters up to all; 20 vol, 10 only with little grey; full time,
 * 5 to 10 minutes more when resistant. The breakpoints are a house rule.
 */
final readonly class GreyAdvice
{
    /**
     * @param  Fraction  $least  natural in the colour part, 0 to 1
     * @param  Fraction  $most  natural in the colour part, 0 to 1
     * @param  array{int, int}  $extraMinutes
     * @param  list<Fact>  $why
     */
    private function __construct(
        public Fraction $least,
        public Fraction $most,
        public Strength $strength,
        public array $extraMinutes,
        public array $why,
        public string $rule = 'grey-shares',
    ) {
    }

    /**
     * @param  int  $percent  grey in this zone, 0 to 100
     *
     * @throws AdviceRefused outside 0 to 100
     */
    public static function for(int $percent, bool $resistant, HouseRules $rules): self
    {
        if ($percent < 0 || $percent > 100) {
            throw AdviceRefused::percentOutside($percent);
        }
        [$least, $most, $words] = match (true) {
            $percent < $rules->grey->none => [
                Fraction::zero(),
                Fraction::zero(),
                Fact::of('why.grey-advice.no-natural-needed'),
            ],
            $percent < $rules->grey->third => [
                GreyParts::share($rules->greyParts->least),
                GreyParts::share($rules->greyParts->most),
                Fact::of(
                    'why.grey-advice.between-natural',
                    least: $rules->greyParts->least,
                    most: $rules->greyParts->most,
                ),
            ],
            $percent <= $rules->grey->half => [
                GreyParts::share($rules->greyParts->half),
                GreyParts::share($rules->greyParts->half),
                Fact::of('why.grey-advice.so-much-natural', half: $rules->greyParts->half),
            ],
            default => [
                GreyParts::share($rules->greyParts->much),
                Fraction::one(),
                Fact::of('why.grey-advice.natural-up-to-all', much: $rules->greyParts->much),
            ],
        };
        $little = $percent < $rules->grey->none;
        $why = [Fact::of(
            'why.grey-advice.grey-house-breakpoints',
            percent: $percent,
            words: $words,
            grey: $rules->grey->words(),
        )];
        $why[] = $little ? Fact::of(
            'why.grey-advice.so-little-grey-takes-vol',
            depositVolume: $rules->depositVolume,
        ) : Fact::of('why.grey-advice.grey-takes-20-vol-and');
        if ($resistant) {
            $why[] = Fact::of('why.grey-advice.resistant-5-10-minutes-more');
        }

        return new self(
            $least,
            $most,
            Strength::vol($little ? $rules->depositVolume : 20),
            $resistant ? [5, 10] : [0, 0],
            $why,
        );
    }

    /**
     * The natural shade of a shelf that covers this grey, as a piece of a formula: a double natural where the grey
     * is resistant and there is one. Null where none is needed or the shelf has none at that level.
     *
     * @param  list<Product>  $shelf
     */
    public function natural(array $shelf, Fraction $level): ?Suggestion
    {
        if ($this->least->isZero()) {
            return null;
        }
        $resistant = $this->extraMinutes[1] > 0;
        $best = null;
        foreach ($shelf as $product) {
            $pigment = $product->pigment;
            if (
                $pigment?->level === null
                || $product->withdrawn
                || ! $pigment->level->equals($level)
                || ! $pigment->tone->share(ToneFamily::Natural)->equals(Fraction::one())
            ) {
                continue;
            }
            if (
                $best === null
                || ($pigment->doubleNatural === $resistant && $best->pigment?->doubleNatural !== $resistant)
            ) {
                $best = $product;
            }
        }

        return $best === null ? null : new Suggestion(
            [[
                'product' => $best->id,
                'label' => $best->label(),
                'share' => $this->least->times(Fraction::of(100))->decimal(1).' %',
            ]],
            $this->strength->showVolume(), null, $this->why, $this->rule,
        );
    }

    /** What is missing of natural in a mix that has this much; zero where it has enough. */
    public function missing(Fraction $naturalShare): Fraction
    {
        return $naturalShare->compare($this->least) >= 0 ? Fraction::zero() : $this->least->minus($naturalShare);
    }
}

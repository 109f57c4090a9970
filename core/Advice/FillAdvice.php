<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Hair\HairHistory;
use Core\Judgement\Undertone;
use Core\Practice\Filling;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Product;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * Whether lightened hair that goes darker needs its warm pigment back first, which, and from what on the shelf
 * (common practice, no source): the underlying pigment of the target level, at or one level lighter than the
 * target, no lift, about 20 minutes; three parts gold to one of copper for a brown, the reverse for a vivid red.
 */
final readonly class FillAdvice
{
    /** @param  list<Fact>  $why */
    private function __construct(
        public bool $needed,
        public ?Undertone $pigment,
        public ?Suggestion $filler,
        public array $why,
    ) {
    }

    /**
     * @param  Fraction  $start  present level
     * @param  Fraction  $target  wished level
     * @param  list<Product>  $shelf  shades of a line that does not lift
     */
    public static function for(
        Fraction $start,
        HairHistory $history,
        Fraction $target,
        ToneMix $wish,
        array $shelf,
        HouseRules $rules,
    ): self {
        $down = $start->minus($target);
        if ($history !== HairHistory::Lightened) {
            return new self(false, null, null, [Fact::of('why.fill-advice.hair-was-not-lightened-its')]);
        }
        if ($down->compare(Fraction::of($rules->fillFromLevels)) < 0) {
            return new self(
                false,
                null,
                null,
                [Fact::of(
                    'why.fill-advice.from-levels-down-house-fills',
                    start: $start->decimal(1),
                    target: $target->decimal(1),
                    down: $down->decimal(1),
                    fillFromLevels: $rules->fillFromLevels,
                )],
            );
        }
        $pigment = Undertone::at($target);
        $why = [
            Fact::of(
                'why.fill-advice.from-levels-down-warm-pigment',
                start: $start->decimal(1),
                target: $target->decimal(1),
                down: $down->decimal(1),
                target2: $target->decimal(0),
                pigment: $pigment->name,
            ),
        ];
        if ($rules->filling === Filling::Skip) {
            return new self(true, $pigment, null, [...$why, Fact::of('why.fill-advice.house-skips-filler-and-goes')]);
        }
        $vivid = $wish
            ->share(ToneFamily::Red)
            ->plus($wish->share(ToneFamily::Copper))
            ->compare(Number::VividWish->value()) >= 0;
        $parts = $rules->fillerParts;
        [$gold, $copper] = $vivid ? [$parts->copper, $parts->gold] : [$parts->gold, $parts->copper];
        $why[] = $vivid
            ? Fact::of('why.fill-advice.for-vivid-red-or-copper', copper: $copper, gold: $gold)
            : Fact::of('why.fill-advice.for-brown-three-parts-gold', gold: $gold, copper: $copper);
        $why[] = Fact::of('why.fill-advice.only-on-hair-that-needs', minutes: $rules->fillerMinutes);
        $shades = [];
        foreach ([[ToneFamily::Gold, $gold], [ToneFamily::Copper, $copper]] as [$family, $many]) {
            $shade = self::nearest($shelf, $target, $family);
            if ($shade !== null && isset($shades[$shade->id])) {
                $shades[$shade->id]['share'] = (string) ($gold + $copper);
            } elseif ($shade !== null) {
                $shades[$shade->id] = ['product' => $shade->id, 'label' => $shade->label(), 'share' => (string) $many];
            } else {
                $why[] = Fact::of(
                    'why.fill-advice.shelf-has-no-at-or',
                    family: $family->value,
                    target: $target->decimal(0),
                );
            }
        }
        $filler = $shades === []
            ? null
            : new Suggestion(array_values($shades), null, $rules->fillerMinutes, $why, 'filling');

        return new self(true, $pigment, $filler, $why);
    }

    /**
     * The shade at the target or one level lighter that has most of the family; the deeper of two equals.
     *
     * @param  list<Product>  $shelf
     */
    private static function nearest(array $shelf, Fraction $target, ToneFamily $family): ?Product
    {
        $best = null;
        foreach ($shelf as $product) {
            $level = $product->pigment?->level;
            if (
                $level === null
                || $product->withdrawn
                || $level->compare($target) < 0
                || $level->minus($target)->compare(Fraction::one()) > 0
            ) {
                continue;
            }
            $share = $product->pigment->tone->share($family);
            if ($share->isZero()) {
                continue;
            }
            $rank = [$share, $level->negated()];
            if (
                $best === null
                || $rank[0]->compare($best[1][0]) > 0
                || ($rank[0]->equals($best[1][0]) && $rank[1]->compare($best[1][1]) > 0)
            ) {
                $best = [$product, $rank];
            }
        }

        return $best[0] ?? null;
    }
}

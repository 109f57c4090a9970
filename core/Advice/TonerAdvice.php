<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Hair\Porosity;
use Core\Judgement\Undertone;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Product;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * Toners for the level reached at the darkest part, not the level hoped for (common practice, no source):
 * lighter than the hair does little, darker stains; deeper on damp hair; porous ends shorter or with more clear;
 * yellow cannot be glazed into white.
 */
final readonly class TonerAdvice
{
    private const MOST = 3;

    /**
     * @param  Fraction  $level  the level a toner should have
     * @param  list<array{product: Product, distance: Fraction, why: Fact}>  $toners  best first
     * @param  list<Fact>  $why
     * @param  bool  $liftFurther  the wish cannot be reached by toning
     */
    private function __construct(
        public Fraction $level,
        public array $toners,
        public array $why,
        public bool $liftFurther,
    ) {
    }

    /**
     * @param  Fraction  $reached  level at the darkest part
     * @param  ?Fraction  $wishLevel
     * @param  ToneMix  $wish  what it should look like
     * @param  list<Product>  $shelf
     */
    public static function for(
        Fraction $reached,
        ?Fraction $wishLevel,
        ToneMix $wish,
        bool $damp,
        Porosity $porosity,
        array $shelf,
        HouseRules $rules,
    ): self {
        $bare = Undertone::at($reached);
        $level = $damp ? $reached->minus($rules->dampDeeper) : $reached;
        $why = [Fact::of(
            'why.toner-advice.darkest-part-reached-so-that',
            reached: $reached->decimal(1),
            bare: $bare->name,
        )];
        if ($damp) {
            $why[] = Fact::of('why.toner-advice.on-damp-hair-level-deeper', dampDeeper: $rules->dampDeeper->decimal(1));
        }
        if ($porosity === Porosity::High) {
            $why[] = Fact::of('why.toner-advice.porous-ends-grab-shorter-or');
        }
        $further = $wishLevel !== null && $wishLevel->minus($reached)->compare(Fraction::one()) >= 0;
        if ($further) {
            $why[] = Fact::of(
                'why.toner-advice.level-not-reached-by-toning',
                wishLevel: $wishLevel->decimal(1),
                reached: $reached->decimal(1),
                bare: $bare->name,
            );
        }
        // A warm wish keeps the pigment as an ally; any other is met half by what softens it.
        $warm = $wish->warmth()->compare(Number::WarmWish->value()) > 0;
        $wanted = $warm ? $wish : ToneMix::mean([
            [$wish, Fraction::one()],
            [$bare->neutraliser, $bare->strength->times($rules->keepWarmth->against())],
        ]);
        $why[] = $warm ? Fact::of('why.toner-advice.wish-warm-bare-pigment-helps') : Fact::of(
            'why.toner-advice.softens-does-not-erase',
            neutraliser: $bare->neutraliser->words(),
            bare: $bare->name,
        );
        $ranked = [];
        foreach ($shelf as $product) {
            $pigment = $product->pigment;
            if ($pigment?->level === null || $product->withdrawn) {
                continue;
            }
            $gap = $pigment->level->minus($level);
            $off = $gap->isNegative() ? $gap->negated()->times(Number::DeepToner->value()) : $gap;
            $lean = $wanted->warmth()->minus($pigment->tone->warmth());
            // Two tones with nothing in common still differ: the one that leans the right way is nearer.
            $distance = $off
                ->plus($wanted->distance(self::pearlAsViolet($pigment->tone)))
                ->plus(($lean->isNegative() ? $lean->negated() : $lean)->times(Number::TonerLean->value()));
            $ranked[] = [
                'product' => $product,
                'distance' => $distance,
                'why' => self::words($product, $gap, $pigment->tone),
            ];
        }
        usort(
            $ranked,
            static fn (array $a, array $b): int => $a['distance']->compare($b['distance']) ?: strcmp(
                $a['product']->id,
                $b['product']->id,
            ),
        );

        return new self($level, array_slice($ranked, 0, self::MOST), $why, $further);
    }

    /** Pearl is a light violet-blue and softens as they do. */
    private static function pearlAsViolet(ToneMix $tone): ToneMix
    {
        $weighted = [];
        foreach ($tone->shares() as $family => $share) {
            if ($family === ToneFamily::Pearl->value) {
                $weighted[] = [ToneMix::only(ToneFamily::Violet), $share->times(Number::PearlViolet->value())];
                $weighted[] = [ToneMix::only(ToneFamily::Ash), $share->times(Number::PearlAsh->value())];
            } else {
                $weighted[] = [ToneMix::only(ToneFamily::from($family)), $share];
            }
        }

        return ToneMix::mean($weighted);
    }

    private static function words(Product $product, Fraction $gap, ToneMix $tone): Fact
    {
        $level = match (true) {
            $gap->isZero() => Fact::of('why.toner-advice.at-level-reached'),
            $gap->isNegative() => Fact::of('why.toner-advice.deeper-stains', gap: $gap->negated()->decimal(1)),
            default => Fact::of('why.toner-advice.lighter-does-less', gap: $gap->decimal(1)),
        };

        return Fact::of('why.toner-advice.toner', product: $product->label(), tone: $tone->words(), level: $level);
    }
}

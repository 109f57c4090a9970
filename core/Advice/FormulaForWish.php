<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Hair\CanvasZone;
use Core\Hair\HairHistory;
use Core\Hair\Span;
use Core\Hair\Zone;
use Core\Judgement\Learnt;
use Core\Judgement\MixJudgement;
use Core\Judgement\Prediction;
use Core\Judgement\Process;
use Core\Judgement\Weighed;
use Core\Pigment\Gap;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\NearestMix;
use Core\Pigment\Real;
use Core\Pigment\Shade;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Strength;

/**
 * From hair as it is and a wish to the nearest formulas on the shelf: one bowl where one does it, else lift, fill and
 * tone in turn, each with what it is expected to leave. The search is our own; what it keeps to is common practice, no
 * source: 20 vol and natural for grey, no tint to lift tint, the weakest lightener that gets there, the filler before
 * the colour.
 */
final readonly class FormulaForWish
{
    private const MOST = 4;

    /** Of a line, looked at closely. */
    private const STRENGTHS = 2;

    private function __construct(
        private CanvasZone $zone,
        private Zone $now,
        private Shelf $shelf,
        private HouseRules $rules,
        private Learnt $learnt,
    ) {
    }

    /** @return list<WayToWish> nearest first; empty where no level was read or nothing is wished */
    public static function of(CanvasZone $zone, Shelf $shelf, HouseRules $rules, Learnt $learnt = new Learnt): array
    {
        $now = $zone->judged();
        if ($now === null || ! $zone->hasWish() || $zone->offLimits) {
            return [];
        }

        return (new self($zone, $now, $shelf, $rules, $learnt))->ways();
    }

    /** @return list<WayToWish> */
    private function ways(): array
    {
        $found = [];
        $fill = $this->filler();
        foreach ($this->shelf->lines() as $line) {
            $found = [...$found, ...match (true) {
                $line->kind === LineKind::Lightener => $this->lightened($line),
                $line->kind === LineKind::Care => [],
                default => $this->coloured($line, $fill),
            }];
        }
        $each = Number::BowlWorth->value();
        usort($found,
            static fn (WayToWish $one, WayToWish $other): int => $one->cost($each)->compare($other->cost($each))
            ?: strcmp($one->last()->line->id, $other->last()->line->id));

        return array_slice($found, 0, self::MOST);
    }

    /** @return list<WayToWish> one for each strength that makes a difference */
    private function coloured(Line $line, ?WishStep $fill): array
    {
        $from = $fill?->expected->colour;
        $zone = $fill === null
            ? $this->now
            : $this->now->standing($fill->expected->level, HairHistory::Lightened, false);
        // One shade says which strength is worth looking at closely: lift makes the difference, not the third shade.
        $tried = array_values(array_filter(array_map(
            fn (Product $developer): ?WishStep => $this->nearest(
                kind: WishStepKind::Colour,
                line: $line,
                developer: $developer,
                zone: $zone,
                from: $from,
                minutes: $line->window['target'],
                most: 1,
            ),
            $this->strengths($line),
        )));
        usort(
            $tried,
            fn (WishStep $one, WishStep $other): int => $this->way([$one])->gap->seen->compare(
                $this->way([$other])->gap->seen,
            ),
        );
        $found = [];
        foreach (array_slice($tried, 0, self::STRENGTHS) as $one) {
            $step = $one->developer === null
                ? null
                : $this->nearest(
                    kind: WishStepKind::Colour,
                    line: $line,
                    developer: $one->developer,
                    zone: $zone,
                    from: $from,
                    minutes: $line->window['target'],
                );
            if ($step !== null) {
                $found[] = $this->way($fill === null ? [$step] : [$fill, $step]);
            }
        }

        return $found;
    }

    /** @return list<WayToWish> by itself, and toned: the weakest that gets there */
    private function lightened(Line $line): array
    {
        $wish = $this->zone->wishLevel;
        $powder = array_values(array_filter(
            $this->shelf->productsOf($line),
            static fn (Product $product): bool => $product->kind === ProductKind::Lightener && ! $product->withdrawn,
        ))[0] ?? null;
        if (
            $powder === null
            || $wish === null
            || $wish->minus($this->now->level)->compare(Number::SameLevel->value()) <= 0
        ) {
            return [];
        }
        $lift = null;
        foreach ($this->shelf->developersOf($line) as $developer) {
            if (
                $this->atScalp()
                && ($developer->strength->volume ?? Fraction::zero())->compare(Number::LiftsFrom->value()) > 0
            ) {
                continue;
            }
            $expected = Prediction::of(
                $this->now,
                $this->process($line, null, $developer->strength, $line->window['target']),
                $this->learnt,
            );
            $lift = new WishStep(
                kind: WishStepKind::Lift,
                line: $line,
                colour: [['product' => $powder, 'share' => 'all']],
                developer: $developer,
                minutes: $line->window['target'],
                expected: $expected,
            );
            if ($expected->level->compare($wish) >= 0) {
                break;
            }
        }

        return $lift === null ? [] : [$this->way([$lift]), ...$this->toned($lift)];
    }

    /** @return list<WayToWish> */
    private function toned(WishStep $lift): array
    {
        $found = [];
        $zone = $this->now->standing($lift->expected->level, HairHistory::Lightened, true);
        foreach ($this->shelf->lines() as $line) {
            $weakest = $line->kind === LineKind::Demi ? ($this->strengths($line)[0] ?? null) : null;
            $step = $weakest === null
                ? null
                : $this->nearest(
                    kind: WishStepKind::Tone,
                    line: $line,
                    developer: $weakest,
                    zone: $zone,
                    from: $lift->expected->colour,
                    minutes: $line->window['target'],
                );
            if ($step !== null) {
                $found[] = $this->way([$lift, $step]);
            }
        }

        return $found;
    }

    private function filler(): ?WishStep
    {
        $wish = $this->zone->wishLevel;
        foreach ($this->shelf->lines() as $line) {
            if ($wish === null || $line->kind !== LineKind::Demi) {
                continue;
            }
            $advice = FillAdvice::for(
                start: $this->now->level,
                history: $this->now->history,
                target: $wish,
                wish: $this->now->wishTone ?? ToneMix::none(),
                shelf: $this->shelf->productsOf($line),
                rules: $this->rules,
            );
            $developer = $this->strengths($line)[0] ?? null;
            if (! $advice->needed || $advice->filler === null || $developer === null) {
                continue;
            }
            $colour = $mixed = [];
            foreach ($advice->filler->ingredients as $each) {
                $product = $this->shelf->product($each['product']);
                if ($product?->pigment !== null) {
                    $colour[] = ['product' => $product, 'share' => $each['share']];
                    $mixed[] = [$product, (int) $each['share']];
                }
            }
            $minutes = $advice->filler->minutes ?? $line->window['target'];
            $process = $this->process(
                $line,
                $this->mix($mixed)?->thinned(Number::FillerHold->value()),
                $developer->strength,
                $minutes,
            );

            return new WishStep(
                kind: WishStepKind::Fill,
                line: $line,
                colour: $colour,
                developer: $developer,
                minutes: $minutes,
                expected: Prediction::of($this->now, $process, $this->learnt),
            );
        }

        return null;
    }

    private function nearest(
        WishStepKind $kind,
        Line $line,
        Product $developer,
        Zone $zone,
        ?HairColour $from,
        int $minutes,
        int $most = 3,
    ): ?WishStep {
        $plain = $this->process($line, null, $developer->strength, $minutes);
        $bared = Prediction::of($zone, $plain, $this->learnt, $from)->bared;
        $products = $shades = [];
        foreach ($this->shelf->productsOf($line) as $product) {
            if ($product->pigment !== null && ! $product->withdrawn) {
                $products[$product->id] = $product;
                $shades[$product->id] = Shade::of(
                    $product->pigment->level,
                    $product->pigment->tone,
                    $product->pigment->intensity,
                );
            }
        }
        $grey = $this->zone->grey === null
            ? null
            : GreyAdvice::for($this->zone->grey, $this->zone->resistant, $this->rules);
        // Grey asks for its natural shade beside the other: one by itself would only ever be natural.
        $mix = NearestMix::of(
            on: $this->asLearnt($bared, $zone, $plain),
            hold: Real::of(Prediction::holdOf($zone, $plain)),
            wish: Ladder::of($this->zone->wishLevel ?? $this->now->level, $this->now->wishTone ?? ToneMix::none()),
            shades: $shades,
            natural: $grey === null || $kind !== WishStepKind::Colour ? 0.0 : Real::of($grey->least),
            most: $most,
        );
        if ($mix === null) {
            return null;
        }
        $colour = $pigments = [];
        foreach ($mix->parts as $id => $weight) {
            $colour[] = ['product' => $products[$id], 'share' => count($mix->parts) === 1 ? 'all' : (string) $weight];
            $pigments[] = [$products[$id], $weight];
        }
        $process = $this->process($line, $this->mix($pigments), $developer->strength, $minutes);

        return new WishStep(
            kind: $kind,
            line: $line,
            colour: $colour,
            developer: $developer,
            minutes: $minutes,
            expected: Prediction::of($zone, $process, $this->learnt, $from),
        );
    }

    /**
     * The strengths that are worth a try: for grey what it asks for, on tinted hair only deposit, else each that lifts
     * otherwise.
     *
     * @return list<Product> weakest first
     */
    private function strengths(Line $line): array
    {
        $developers = $this->shelf->developersOf($line);
        $volume = static fn (Product $product): Fraction => $product->strength->volume ?? Fraction::zero();
        if ($line->kind->depositsOnly() || $this->now->history !== HairHistory::Natural) {
            return array_slice($developers, 0, 1);
        }
        $grey = $this->zone->grey === null || $this->zone->grey < $this->rules->grey->none
            ? null
            : GreyAdvice::for($this->zone->grey, $this->zone->resistant, $this->rules)->strength->volume;

        return array_values(array_filter($developers, fn (Product $product): bool => match (true) {
            $this->atScalp() && $volume($product)->compare(Number::ScalpMost->value()) > 0 => false,
            $grey !== null => $volume($product)->equals($grey),
            default => true,
        }));
    }

    /** What closed visits teach of such a bowl is reckoned with before it is mixed. */
    private function asLearnt(HairColour $hair, Zone $zone, Process $process): HairColour
    {
        return $hair
            ->deeper(Real::of($this->learnt->hold($zone, $process)->mean))
            ->warmer(
                Real::of($this->learnt->warmer($zone, $process)->mean),
                Real::of($this->learnt->redder($zone, $process)->mean),
            );
    }

    private function atScalp(): bool
    {
        return $this->zone->placement->spans === [] || in_array(Span::Root, $this->zone->placement->spans, true);
    }

    private function process(Line $line, ?Pigment $mix, ?Strength $strength, int $minutes): Process
    {
        return new Process(
            kind: $line->kind,
            mix: $mix,
            strength: $strength,
            minutes: $minutes,
            window: $line->window,
            lift: $line->lift,
            line: $line->id,
        );
    }

    /** @param  non-empty-list<WishStep>  $steps */
    private function way(array $steps): WayToWish
    {
        return new WayToWish($steps, Gap::between(
            $steps[count($steps) - 1]->expected->colour->withoutGrey()->seen(),
            Ladder::of($this->zone->wishLevel ?? $this->now->level, $this->now->wishTone ?? ToneMix::none()),
        ));
    }

    /**
     * By the house's own school of mixing.
     *
     * @param  list<array{Product, int}>  $parts
     */
    private function mix(array $parts): ?Pigment
    {
        return MixJudgement::of(array_map(static fn (array $part): Weighed => new Weighed(
            $part[0]->label(),
            $part[0]->pigment ?? Pigment::clear(),
            Fraction::of($part[1]),
        ), $parts), $this->rules)->asPigment();
    }
}

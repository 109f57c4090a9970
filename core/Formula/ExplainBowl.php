<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Fact;

/** Answers "why?" for the numbers of a worked bowl, in two or three plain lines each. */
final class ExplainBowl
{
    /** @return array<string, list<Fact>> by what is asked about: amount, developer, shares, strength */
    public static function why(Bowl $bowl, WorkedBowl $worked): array
    {
        $why = ['amount' => self::amount($bowl, $worked)];
        $colour = $worked->parts[0];
        foreach (array_slice($worked->parts, 1) as $index => $part) {
            $times = $bowl->ratio->timesColour($index + 1)->decimal(3);
            $why[$part->name] = [$worked->ratioHolds
                ? Fact::of(
                    'why.explain-bowl.colour-x-at-scales-step',
                    total: $colour->total->show($worked->step),
                    times: $times,
                    total2: $part->total->show($worked->step),
                    step: $worked->step->show(),
                )
                : Fact::of(
                    'why.explain-bowl.grams-as-they-make-with',
                    total: $part->total->show($worked->step),
                    worked: $worked->showRatio(),
                )];
        }
        $why['shares'] = array_map(static fn (WorkedPart $part): Fact => Fact::of(
            'why.explain-bowl.make-exactly',
            part: ucfirst($part->name),
            products: array_map(
                static fn (WorkedIngredient $each): string => "{$each->label} {$each->grams->show($worked->step)}",
                $part->ingredients,
            ), total: $part->total->show($worked->step)), $worked->parts);
        $strength = $worked->developerStrength();
        $onHead = $worked->strengthOnHead();
        $developer = $worked->developer();
        if ($strength !== null && $onHead !== null && $developer !== null) {
            $poured = array_map(static fn (WorkedIngredient $each): Fact => Fact::of(
                'why.explain-bowl.grams-of',
                grams: $each->grams->show($worked->step),
                product: $each->strength?->showVolume() ?? $each->label,
            ), $developer->ingredients);
            $why['strength'] = [
                Fact::of('why.explain-bowl.mixed-mean-by-weight', poured: $poured, strength: $strength->show()),
                Fact::of(
                    'why.explain-bowl.on-head-developer-so',
                    total: $developer->total->show($worked->step),
                    worked: $worked->total()->show($worked->step),
                    onHead: $onHead->show(),
                ),
            ];
        }

        return $why;
    }

    /** @return list<Fact> */
    private static function amount(Bowl $bowl, WorkedBowl $worked): array
    {
        $colour = $worked->parts[0]->total->show($worked->step);
        $given = $bowl->amount->grams->text();
        $lines = [match ($bowl->amount->kind) {
            AmountKind::Total => Fact::of(
                'why.explain-bowl.all-was-asked-for-at',
                given: $given,
                ratio: $bowl->ratio->show(),
                colour: $colour,
            ),
            AmountKind::Colour => Fact::of('why.explain-bowl.colour-was-given', given: $given),
            AmountKind::Developer => Fact::of(
                'why.explain-bowl.developer-was-given-at-colour',
                given: $given,
                ratio: $bowl->ratio->show(),
                colour: $colour,
            ),
            AmountKind::Ingredient => Fact::of(
                'why.explain-bowl.one-product-was-given-by',
                given: $given,
                colour: $colour,
            ),
            AmountKind::Shares => Fact::of('why.explain-bowl.products-own-grams-make-colour', colour: $colour),
        }];
        if ($worked->differsFromAsked()) {
            $lines[] = Fact::of(
                'why.explain-bowl.scales-step-makes',
                step: $worked->step->show(),
                mixture: $worked->mixture->show($worked->step),
            );
        }

        return $lines;
    }
}

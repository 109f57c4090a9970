<?php

declare(strict_types=1);

namespace Core\Formula;

/** Answers "why?" for the numbers of a worked bowl, in two or three plain lines each. */
final class ExplainBowl
{
    /** @return array<string, list<string>> by what is asked about: amount, developer, shares, strength */
    public static function why(Bowl $bowl, WorkedBowl $worked): array
    {
        $why = ['amount' => self::amount($bowl, $worked)];
        $colour = $worked->parts[0];
        foreach (array_slice($worked->parts, 1) as $index => $part) {
            $times = $bowl->ratio->timesColour($index + 1)->decimal(3);
            $why[$part->name] = [$worked->ratioHolds
                ? "{$colour->total->show($worked->step)} of colour × {$times} is {$part->total->show($worked->step)}, at the scale’s step of {$worked->step->show()}."
                : "The grams as they are make {$part->total->show($worked->step)}: {$worked->showRatio()} with the colour."];
        }
        $why['shares'] = array_map(static fn (WorkedPart $part): string => ucfirst($part->name).': '.implode(', ', array_map(
            static fn (WorkedIngredient $each): string => "{$each->label} {$each->grams->show($worked->step)}",
            $part->ingredients,
        ))." make {$part->total->show($worked->step)} exactly.", $worked->parts);
        $strength = $worked->developerStrength();
        $onHead = $worked->strengthOnHead();
        $developer = $worked->developer();
        if ($strength !== null && $onHead !== null && $developer !== null) {
            $poured = implode(' and ', array_map(static fn (WorkedIngredient $each): string => "{$each->grams->show($worked->step)} of ".($each->strength?->showVolume() ?? $each->label), $developer->ingredients));
            $why['strength'] = [
                "Mixed: {$poured}, the mean by weight, is {$strength->show()}.",
                "On the head: {$developer->total->show($worked->step)} of {$worked->total()->show($worked->step)} is developer, so {$onHead->show()}.",
            ];
        }

        return $why;
    }

    /** @return list<string> */
    private static function amount(Bowl $bowl, WorkedBowl $worked): array
    {
        $colour = $worked->parts[0]->total->show($worked->step);
        $given = $bowl->amount->grams->text();
        $lines = [match ($bowl->amount->kind) {
            AmountKind::Total => "{$given} in all was asked for; at {$bowl->ratio->show()} the colour is {$colour}.",
            AmountKind::Colour => "{$given} of colour was given.",
            AmountKind::Developer => "{$given} of developer was given; at {$bowl->ratio->show()} the colour is {$colour}.",
            AmountKind::Ingredient => "{$given} of one product was given; by its share the colour is {$colour}.",
            AmountKind::Shares => "The products’ own grams make {$colour} of colour.",
        }];
        if ($worked->differsFromAsked()) {
            $lines[] = "The scale’s step of {$worked->step->show()} makes it {$worked->mixture->show($worked->step)}.";
        }

        return $lines;
    }
}

<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Codec\BowlSheet;
use Core\Codec\ReadBowl;
use Core\Formula\Additive;
use Core\Formula\AmountKind;
use Core\Formula\DoseKind;
use Core\Formula\Entry;
use Core\Formula\OpenAmount;
use Core\Formula\WorkedIngredient;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;
use Core\Units\MassReading;
use Core\Units\Rounding;
use Core\Units\Share;
use Core\Units\ShareKind;

/** A bowl made larger or smaller: whatever says an amount of it is multiplied, and it still adds up. */
final readonly class ScaleBowl
{
    private function __construct(private BowlRewrite $bowl)
    {
    }

    /**
     * @param  Fraction  $factor  above zero
     *
     * @throws \Core\CoreException where nothing that can be weighed would be left
     */
    public static function by(BowlSheet $sheet, Fraction $factor, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        return ReadBowl::from((new self(new BowlRewrite($sheet, $shelf, $rules)))->times($factor), $shelf);
    }

    /** @return array<string, mixed> the bowl’s JSON, so many times as large */
    private function times(Fraction $factor): array
    {
        $json = [
            'parts' => $this->partsTimes($factor),
            'additives' => array_map(fn (Additive $additive): array => [
                'product' => $additive->key,
                'dose' => $additive->dose->kind === DoseKind::PerBowl ? $this->gramsTimes(Grams::ofCentigrams($additive->dose->value->rounded(1, Rounding::HalfUp)), $factor) : $additive->dose->text(),
            ], $this->bowl->sheet->additives()),
            ...$this->extrasTimes($factor),
        ] + $this->bowl->json;
        $amount = $this->bowl->sheet->bowl?->amount;
        if ($this->bowl->sheet->details->uses !== []) {
            $json['uses'] = array_map(fn (array $use): array => ['job' => $use['job'], 'grams' => $this->gramsTimes($this->bowl->shelf->readingFor(null)->read($use['grams']), $factor)], $this->bowl->sheet->details->uses);
        } elseif ($amount !== null && $amount->kind !== AmountKind::Shares && $this->colourIsInGrams()) {
            // Rounded one by one, grams would not add up to the whole any more.
            $worked = $this->bowl->colour();
            $whole = Grams::rounded($worked->total->exactly()->times($factor), $this->bowl->rules->step, Rounding::HalfUp);
            $grams = LargestRemainder::round(array_map(static fn (WorkedIngredient $each): Fraction => $each->grams->exactly()->times($whole->exactly())->dividedBy($worked->total->exactly()), $worked->ingredients), $whole, $this->bowl->rules->step);
            $json['parts'] = [['ingredients' => array_map(static fn (Entry $entry, Grams $each): array => ['share' => $each->text()] + $entry->toArray(), $this->bowl->sheet->entries[0], $grams)], ...array_slice($this->partsTimes($factor), 1)];
            $json['amount'] = ['of' => 'colour', 'grams' => $whole->text(), 'ingredient' => null];
        } elseif ($amount !== null && $amount->kind !== AmountKind::Shares) {
            $json['amount'] = ['of' => $amount->kind->value, 'grams' => $this->gramsTimes($amount->grams, $factor), 'ingredient' => $amount->ingredient];
        }

        return $json;
    }

    private function colourIsInGrams(): bool
    {
        $fixed = false;
        foreach ($this->bowl->sheet->entries[0] ?? [] as $entry) {
            if ($entry->blend !== '') {
                return false;
            }
            $fixed = $fixed || Share::parse($entry->share, $this->bowl->shelf->readingFor($this->bowl->shelf->product($entry->product)))->kind === ShareKind::Fixed;
        }

        return $fixed;
    }

    /**
     * What is given in grams grows with the bowl; shares do so by themselves.
     *
     * @return list<array{ingredients: list<array<string, string|int>>}>
     */
    private function partsTimes(Fraction $factor): array
    {
        $parts = [];
        foreach ($this->bowl->sheet->entries as $part) {
            $ingredients = [];
            foreach ($part as $entry) {
                $product = $this->bowl->shelf->product($entry->product);
                $share = OpenAmount::isOpen($entry->share) ? null : Share::parse($entry->share, $this->bowl->shelf->readingFor($product));
                $ingredients[] = $share?->kind === ShareKind::Fixed ? ['share' => $this->gramsTimes($share->grams(), $factor)] + $entry->toArray() : $entry->toArray();
            }
            $parts[] = ['ingredients' => $ingredients];
        }

        return $parts;
    }

    /** @return array{extras?: list<array<string, string>>} */
    private function extrasTimes(Fraction $factor): array
    {
        $extras = $this->bowl->sheet->extras->toArray()['extras'] ?? [];

        return $extras === [] ? [] : ['extras' => array_map(fn (array $extra): array => ['grams' => $this->gramsTimes(MassReading::plain()->read($extra['grams']), $factor)] + $extra, $extras)];
    }

    private function gramsTimes(Grams $grams, Fraction $factor): string
    {
        return Grams::rounded($grams->exactly()->times($factor), $this->bowl->rules->step, Rounding::HalfUp)->text();
    }
}

<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Codec\BowlSheet;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Substitution\Blend;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;

/** The best blends that can stand in for one shade of a bowl, with the bowl as it would then be. */
final class StandIns
{
    /**
     * @param  string  $product  id of the shade that is out
     * @return list<array{blend: Blend, sheet: BowlSheet}> nearest first
     *
     * @throws \Core\CoreException when nothing can stand in
     */
    public static function for(BowlSheet $sheet, string $product, string $why, Shelf $shelf, HouseRules $rules): array
    {
        $line = $shelf->line($sheet->line);
        $worked = $sheet->work($rules->step)->parts[0];
        $wanted = null;
        foreach ($worked->ingredients as $each) {
            $wanted = $each->key === $product ? $each : $wanted;
        }
        $pigment = $shelf->product($product)?->pigment;
        if ($wanted === null || $line === null || $pigment === null) {
            throw ChangeRefused::notInBowl();
        }
        $taken = array_map(static fn ($each): string => $each->key, $worked->ingredients);
        $candidates = [];
        foreach ($shelf->productsOf($line) as $each) {
            if ($each->pigment !== null && ! in_array($each->id, $taken, true)) {
                $candidates[] = new Candidate($each->id, $each->label(), $each->pigment);
            }
        }
        // A shade that covers grey is replaced by what covers it too.
        $natural = $pigment->tone->share(ToneFamily::Natural)->equals(Fraction::one()) ? Fraction::one() : Fraction::zero();
        $found = [];
        foreach (FindBlends::for($pigment, $wanted->grams, $candidates, $natural, $rules) as $blend) {
            $found[] = ['blend' => $blend, 'sheet' => self::with($sheet, $blend, $product, $why, $shelf, $rules)];
        }

        return $found;
    }

    /** The bowl with the blend in the shade's place, everything else by its grams. */
    public static function with(BowlSheet $sheet, Blend $blend, string $product, string $why, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        $worked = $sheet->work($rules->step)->parts[0];
        $colour = [];
        foreach ($worked->ingredients as $each) {
            if ($each->key !== $product) {
                $colour[] = ['product' => $each->key, 'share' => $each->grams->text()];

                continue;
            }
            foreach ($blend->parts as $part) {
                $colour[] = ['product' => $part['candidate']->key, 'share' => $part['grams']->text(), 'wanted' => $shelf->product($product)?->label() ?? '', 'why' => $why];
            }
        }
        $parts = array_map(static fn (array $part): array => ['ingredients' => array_map(static fn ($entry): array => $entry->toArray(), $part)], $sheet->entries);
        $parts[0] = ['ingredients' => $colour];

        return ReadBowl::from(['parts' => $parts, 'uses' => null, 'amount' => ['of' => 'colour', 'grams' => $worked->total->text(), 'ingredient' => null]] + WriteBowl::toArray($sheet), $shelf);
    }
}

<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlAmount;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\FilledEntry;
use Core\Formula\RewriteBowl;
use Core\Practice\HouseRules;
use Core\Shelf\HouseBlend;
use Core\Shelf\Shelf;
use Core\Substitution\Blend;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Share;
use Core\Units\ShareKind;

/** The best blends that can stand in for one shade of a bowl, with the bowl as it would then be. */
final class StandIns
{
    /**
     * @param  string  $product  id of the shade that is out
     * @param  array<string, Grams>  $stock  by product id, of what was counted: no stand-in takes more than there is
     * @return list<array{blend: Blend, sheet: BowlSheet}> nearest first
     *
     * @throws CoreException when nothing can stand in
     */
    public static function for(
        BowlSheet $sheet,
        string $product,
        string $why,
        Shelf $shelf,
        HouseRules $rules,
        array $stock = [],
    ): array {
        $bowl = new RewriteBowl($sheet, $shelf, $rules->step);
        $line = $bowl->line();
        $pigment = $shelf->product($product)?->pigment;
        $grams = self::grams($bowl)[$product] ?? null;
        if ($grams === null || $pigment === null) {
            throw ChangeRefused::notInBowl();
        }
        $taken = array_keys(self::grams($bowl));
        $candidates = [];
        foreach ($shelf->productsOf($line) as $each) {
            if ($each->pigment !== null && ! in_array($each->id, $taken, true)) {
                $candidates[] = new Candidate($each->id, $each->label(), $each->pigment, $stock[$each->id] ?? null);
            }
        }
        // A shade that covers grey is replaced by what covers it too.
        $natural = $pigment->tone->share(ToneFamily::Natural)->equals(Fraction::one())
            ? Fraction::one()
            : Fraction::zero();
        $found = [];
        foreach (FindBlends::for($pigment, $grams, $candidates, $natural, $rules) as $blend) {
            $found[] = ['blend' => $blend, 'sheet' => self::with($bowl, $blend, $product, $why)];
        }

        return $found;
    }

    /** The bowl with the blend in the shade's place; everything else stands as it is, with what it stands in for. */
    private static function with(RewriteBowl $bowl, Blend $blend, string $product, string $why): BowlSheet
    {
        $entries = [];
        foreach ($bowl->sheet->filled[0] ?? [] as $filled) {
            $holds = array_filter(
                $filled->products,
                static fn (array $each): bool => $each['product']->id === $product,
            ) !== [];
            array_push($entries, ...($holds ? self::replaced($filled, $blend, $product, $why) : [$filled->entry]));
        }
        $draft = $bowl->sheet->draft->with(entries: [
            self::partsForRest($entries),
            ...array_slice($bowl->sheet->entries, 1),
        ]);
        $amount = $draft->amount;
        // A bowl that was given by the shade that is out is given by its colour from now on.
        if ($amount?->ingredient === $product) {
            $draft = $draft->with(amount: BowlAmount::colour($bowl->grams(0) ?? throw ChangeRefused::amountNotKnown()));
        }

        return $bowl->draft($draft);
    }

    /** @return list<Entry> what stands where the shade, or the house blend that holds it, stood */
    private static function replaced(FilledEntry $filled, Blend $blend, string $product, string $why): array
    {
        $portion = $filled->portion();
        if (! $portion instanceof Share) {
            throw ChangeRefused::amountNotKnown();
        }
        $portion = $portion->kind === ShareKind::Rest ? Share::parts($portion->value) : $portion;
        $wanted = $filled->entry->blend === '' ? $filled->entry->wanted : HouseBlend::idOf(
            $filled->entry->blend,
            $filled->entry->version ?? 1,
        );
        $total = Grams::sum(array_map(static fn (array $part): Grams => $part['grams'], $blend->parts));
        $entries = [];
        foreach ($filled->products as ['product' => $each, 'share' => $share]) {
            if ($each->id !== $product) {
                $entries[] = new Entry(
                    product: $each->id,
                    portion: $portion->times($share),
                    wanted: $wanted,
                    why: $why,
                );

                continue;
            }
            foreach ($blend->parts as ['candidate' => $candidate, 'grams' => $grams]) {
                $of = $share->times(Fraction::of($grams->centigrams, $total->centigrams));
                $entries[] = new Entry(
                    product: $candidate->key,
                    portion: $portion->times($of),
                    wanted: $wanted === '' ? $each->label() : $wanted,
                    why: $why,
                );
            }
        }

        return $entries;
    }

    /**
     * Parts and “rest” cannot stand side by side; where one became parts, so do the others.
     *
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    private static function partsForRest(array $entries): array
    {
        $is = static fn (Entry $entry, ShareKind $kind): bool => $entry->portion instanceof Share
            && $entry->portion->kind === $kind;
        if (array_filter($entries, static fn (Entry $entry): bool => $is($entry, ShareKind::Parts)) === []) {
            return $entries;
        }

        return array_map(
            static fn (Entry $entry): Entry => $is(
                $entry,
                ShareKind::Rest,
            ) ? $entry->withPortion(Share::parts(Fraction::one())) : $entry,
            $entries,
        );
    }

    /** @return array<string, Grams> of the colour part, by product id */
    private static function grams(RewriteBowl $bowl): array
    {
        $grams = [];
        foreach ($bowl->known->parts[0]->lines as $line) {
            if (! $line->isExtra()) {
                $grams[$line->key] = $line->mass->grams() ?? throw ChangeRefused::amountNotKnown();
            }
        }

        return $grams;
    }
}

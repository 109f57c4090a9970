<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\CoreException;
use Core\Shelf\Line;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;
use Core\Units\Rounding;
use Core\Units\ScaleStep;
use Core\Units\Share;
use Core\Units\ShareKind;

/**
 * A bowl under change: what it is now, and how it is with something of it written anew. What is not changed stays as it
 * was said.
 */
final readonly class RewriteBowl
{
    public KnownBowl $known;

    /** @throws CoreException when the bowl as it is cannot be worked */
    public function __construct(public BowlSheet $sheet, public Shelf $shelf, public ScaleStep $step)
    {
        $this->known = $sheet->known($step);
    }

    /** @throws UnfitProduct */
    public function line(): Line
    {
        return $this->shelf->line($this->sheet->line) ?? throw UnfitProduct::noLine();
    }

    public function draft(BowlDraft $draft): BowlSheet
    {
        $sheet = ComposeBowl::of($draft, $this->shelf);
        $sheet->known($this->step);

        return $sheet;
    }

    /**
     * The shares of one part, house blends spread out.
     *
     * @return non-empty-array<string, Fraction> by product id, together 1
     *
     * @throws UnworkableBowl where they are not known
     */
    public function shares(int $part): array
    {
        $found = [];
        foreach ($this->known->parts[$part]->lines ?? [] as $line) {
            if (! $line->isExtra()) {
                $share = $line->share?->value() ?? throw UnworkableBowl::sharesNotKnown();
                $found[$line->key] = ($found[$line->key] ?? Fraction::zero())->plus($share);
            }
        }
        $whole = array_reduce(
            $found,
            static fn (Fraction $sum, Fraction $each): Fraction => $sum->plus($each),
            Fraction::zero(),
        );

        return $found === [] || $whole->isZero() ? throw UnworkableBowl::sharesNotKnown() : array_map(
            static fn (Fraction $each): Fraction => $each->dividedBy($whole),
            $found,
        );
    }

    /** The grams of one part, without extras; null where they are not known. */
    public function grams(int $part): ?Grams
    {
        $sum = Grams::zero();
        foreach ($this->known->parts[$part]->lines ?? [] as $line) {
            $grams = $line->isExtra() ? Grams::zero() : $line->mass->grams();
            if ($grams === null) {
                return null;
            }
            $sum = $sum->plus($grams);
        }

        return $sum;
    }

    /**
     * The bowl with other products in one part. It keeps the amount it had.
     *
     * @param  list<Entry>  $entries
     */
    public function withPart(int $part, array $entries): BowlSheet
    {
        $parts = $this->sheet->entries;
        $written = [];
        foreach ($parts as $at => $before) {
            $written[] = $at === $part ? $entries : $before;
        }
        $draft = $this->sheet->draft->with(entries: $written);

        return $this->draft($this->keepingAmount($draft, $part));
    }

    /**
     * The bowl with these shares in one part. Where the part said its own grams it goes on saying them.
     *
     * @param  array<string, Fraction>  $shares  by product id, together 1
     * @param  array<string, Entry>  $like  what is said of a product that was not in it: what was wanted, and why
     */
    public function withShares(int $part, array $shares, array $like = []): BowlSheet
    {
        $shares = array_filter($shares, static fn (Fraction $share): bool => ! $share->isZero());
        $whole = $this->saysGrams($part) ? $this->grams($part) : null;
        $portions = $whole === null ? self::proportions($shares) : $this->inGrams($shares, $whole);
        $entries = [];
        foreach ($portions as $product => $portion) {
            $entries[] = ($like[$product] ?? $this->entry($part, (string) $product))->withPortion($portion);
        }

        return $this->withPart($part, $entries);
    }

    /** What is said of a product in this part; a bare entry where it is not in it by itself. */
    public function entry(int $part, string $product): Entry
    {
        foreach ($this->sheet->entries[$part] ?? [] as $entry) {
            if ($entry->product === $product) {
                return $entry;
            }
        }

        return new Entry(product: $product, portion: Share::rest());
    }

    /** Whether every product of the part is given in grams. */
    public function saysGrams(int $part): bool
    {
        foreach ($this->sheet->entries[$part] ?? [] as $entry) {
            if (! $entry->portion instanceof Share || $entry->portion->kind !== ShareKind::Fixed) {
                return false;
            }
        }

        return true;
    }

    /** Whether any product of the part is given in grams, so that it is no proportion. */
    public function saysAnyGrams(int $part): bool
    {
        foreach ($this->sheet->entries[$part] ?? [] as $entry) {
            if (! $entry->portion instanceof Share || $entry->portion->kind === ShareKind::Fixed) {
                return true;
            }
        }

        return false;
    }

    /**
     * Grams at the step, together exactly the whole.
     *
     * @template T of array-key
     *
     * @param  array<T, Fraction>  $shares  together 1
     * @return array<T, Share>
     */
    public function inGrams(array $shares, Grams $whole): array
    {
        $total = Grams::rounded($whole->exactly(), $this->step, Rounding::HalfUp);
        $exact = array_map(
            static fn (Fraction $share): Fraction => $share->times($total->exactly()),
            array_values($shares),
        );

        return array_map(
            static fn (Grams $grams): Share => Share::fixed($grams),
            array_combine(array_keys($shares), LargestRemainder::round($exact, $total, $this->step)),
        );
    }

    /**
     * As people write shares: percentages where they are short ones, else parts to the hundredth.
     *
     * @param  array<string, Fraction>  $shares
     * @return array<string, Share>
     */
    private static function proportions(array $shares): array
    {
        $percents = array_map(static fn (Fraction $share): Fraction => $share->times(Fraction::of(100)), $shares);
        $short = array_filter(
            $percents,
            static fn (Fraction $each): bool => ! Fraction::parse($each->decimal(1))->equals($each),
        ) === [];

        return array_map(
            static fn (Fraction $each): Share => $short
                ? Share::percent($each)
                : Share::parts(Fraction::parse($each->decimal(2))),
            $percents,
        );
    }

    /**
     * Where the colour's own grams, or a product that has gone, said how much it was, its colour says it from now on.
     */
    private function keepingAmount(BowlDraft $draft, int $part): BowlDraft
    {
        $amount = $draft->amount;
        $gone = $amount?->kind === AmountKind::Ingredient && ! in_array($amount->ingredient, $draft->products(), true);
        $silent = $part === 0 && (
            $amount === null
            || $amount->kind === AmountKind::Shares
            || $amount->kind === AmountKind::Ingredient
        );
        $colour = $this->grams(0);
        if ($draft->uses !== [] || (! $gone && ! $silent) || $colour === null) {
            return $draft;
        }
        $inGrams = array_filter(
            $draft->entries[0] ?? [],
            static fn (Entry $entry): bool => ! $entry->portion instanceof Share
                || $entry->portion->kind !== ShareKind::Fixed,
        ) === [];

        return $draft->with(amount: $inGrams && $part === 0 ? BowlAmount::shares() : BowlAmount::colour($colour));
    }

    /**
     * Every product of a part by itself, where each has its own portion; null where a house blend stands in it.
     *
     * @return ?list<Entry>
     */
    public function plainEntries(int $part): ?array
    {
        foreach ($this->sheet->entries[$part] ?? [] as $entry) {
            if ($entry->blend !== '') {
                return null;
            }
        }

        return $this->sheet->entries[$part] ?? [];
    }
}

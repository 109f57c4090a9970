<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlAmount;
use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\Entry;
use Core\Formula\RewriteBowl;
use Core\Shelf\ProductKind;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\LargestRemainder;
use Core\Units\Rounding;
use Core\Units\Share;
use Core\Units\ShareKind;

/** A bowl with other products, or with more or less of one. */
final class ChangeProducts
{
    /**
     * One product in another's place, at its amount. What was meant is kept.
     *
     * @throws CoreException
     */
    public static function swap(RewriteBowl $bowl, string $from, string $to, string $why): BowlSheet
    {
        foreach ($bowl->sheet->entries as $part => $entries) {
            foreach ($entries as $at => $entry) {
                if ($entry->product !== $from) {
                    continue;
                }
                $wanted = $entry->wanted !== '' ? $entry->wanted : $bowl->shelf->product($from)?->label() ?? $from;
                $there = array_filter($entries, static fn (Entry $each): bool => $each->product === $to) !== [];
                if (! $there) {
                    $entries[$at] = $entry->replacedBy($to, $wanted, $why);

                    return $bowl->withPart($part, $entries);
                }
                $shares = $bowl->shares($part);
                $shares[$to] = ($shares[$to] ?? Fraction::zero())->plus($shares[$from] ?? Fraction::zero());
                unset($shares[$from]);

                return $bowl->withShares($part, $shares);
            }
        }
        throw ChangeRefused::notInBowl();
    }

    /**
     * More or less of one product; the others keep their grams, the developer follows the ratio.
     *
     * @param  string  $value  -5 g, +10 %, 12 g
     *
     * @throws CoreException
     */
    public static function amount(RewriteBowl $bowl, string $product, string $value): BowlSheet
    {
        $by = AmountChange::parse($value);
        foreach (array_keys($bowl->sheet->entries) as $part) {
            $grams = self::grams($bowl, $part, $product);
            if ($grams === null) {
                continue;
            }
            $wanted = $by->of($grams[$product]);
            if ($wanted->isNegative() || $wanted->isZero()) {
                throw ChangeRefused::nothingLeft();
            }
            $grams[$product] = Grams::rounded($wanted, $bowl->step, Rounding::HalfUp);

            return self::inGrams($bowl, $part, $grams);
        }
        throw ChangeRefused::notInBowl();
    }

    /** @throws CoreException */
    public static function takeOut(RewriteBowl $bowl, string $product): BowlSheet
    {
        foreach (array_keys($bowl->sheet->entries) as $part) {
            $entries = $bowl->sheet->entries[$part];
            if (array_filter($entries, static fn (Entry $entry): bool => $entry->product === $product) === []) {
                continue;
            }
            if (count($entries) === 1) {
                throw ChangeRefused::nothingLeft();
            }
            $grams = self::grams($bowl, $part, $product);
            if ($grams === null) {
                return $bowl->withPart(
                    $part,
                    array_values(array_filter(
                        $entries,
                        static fn (Entry $entry): bool => $entry->product !== $product,
                    )),
                );
            }
            unset($grams[$product]);

            return self::inGrams($bowl, $part, $grams);
        }
        throw ChangeRefused::notInBowl();
    }

    /**
     * @param  string  $value  12 g, or 20 % of the part
     *
     * @throws CoreException
     */
    public static function putIn(RewriteBowl $bowl, string $product, string $value): BowlSheet
    {
        $new = $bowl->shelf->product($product) ?? throw ChangeRefused::notInBowl();
        $part = $bowl->line()->partOf($new->role()) ?? throw ChangeRefused::notInBowl();
        $by = AmountChange::parse(self::unsigned($value));
        $share = $by->factor();
        if ($share !== null) {
            return self::withShareOf($bowl, $part, $product, $share);
        }
        $grams = self::grams($bowl, $part, '') ?? throw ChangeRefused::amountNotKnown();
        $grams[$product] = Grams::rounded(
            $by->of(Grams::zero())->plus(($grams[$product] ?? Grams::zero())->exactly()),
            $bowl->step,
            Rounding::HalfUp,
        );

        return self::inGrams($bowl, $part, $grams);
    }

    /**
     * Thinned with the line's clear, which takes this share of the colour; the amount stays.
     *
     * @param  string  $value  50 %, × 1/2
     *
     * @throws CoreException
     */
    public static function dilute(RewriteBowl $bowl, string $value): BowlSheet
    {
        $share = AmountChange::parse(self::unsigned($value))->factor() ?? throw ChangeRefused::unreadable($value);
        foreach ($bowl->shelf->productsOf($bowl->line()) as $product) {
            if ($product->kind === ProductKind::Clear) {
                return self::withShareOf($bowl, 0, $product->id, $share);
            }
        }
        throw ChangeRefused::noSuchShade('clear');
    }

    /** What is put in is so much, not so much more or less of something. */
    private static function unsigned(string $value): string
    {
        $plain = ltrim($value, ' +');

        return str_starts_with($plain, '-') ? throw ChangeRefused::unreadable($value) : $plain;
    }

    /**
     * The part with this share of it given to a product, the rest as it was among itself.
     *
     * @throws CoreException
     */
    public static function withShareOf(RewriteBowl $bowl, int $part, string $product, Fraction $share): BowlSheet
    {
        if ($share->isNegative() || $share->isZero() || $share->compare(Fraction::one()) >= 0) {
            throw ChangeRefused::nothingLeft();
        }
        $shares = $bowl->shares($part);
        $others = Fraction::one()->minus($shares[$product] ?? Fraction::zero());
        if ($others->isZero()) {
            throw ChangeRefused::nothingElseInIt();
        }
        $rest = Fraction::one()->minus($share)->dividedBy($others);
        $changed = array_map(static fn (Fraction $each): Fraction => $each->times($rest), $shares);
        $changed[$product] = $share;

        return $bowl->withShares($part, $changed);
    }

    /**
     * @return ?non-empty-array<string, Grams> of a part that holds this product, by product; null where it does not, or
     *     they are not known
     */
    private static function grams(RewriteBowl $bowl, int $part, string $product): ?array
    {
        $grams = [];
        foreach ($bowl->known->parts[$part]->lines ?? [] as $line) {
            if ($line->isExtra()) {
                continue;
            }
            $known = $line->mass->grams();
            if ($known === null) {
                return null;
            }
            $grams[$line->key] = $known;
        }

        return $grams === [] || ($product !== '' && ! isset($grams[$product])) ? null : $grams;
    }

    /**
     * The part in these grams. Where the colour has become more or less, what says its own grams follows it.
     *
     * @param  array<string, Grams>  $grams  by product
     */
    private static function inGrams(RewriteBowl $bowl, int $part, array $grams): BowlSheet
    {
        $entries = $bowl->sheet->entries;
        $entries[$part] = [];
        foreach ($grams as $product => $each) {
            $entries[$part][] = $bowl->entry($part, (string) $product)->withPortion(Share::fixed($each));
        }
        $now = $bowl->grams($part);
        $sum = Grams::sum($grams);
        $amount = $bowl->sheet->draft->amount;
        $uses = $bowl->sheet->draft->uses;
        if ($part === 0 && $now !== null && ! $now->isZero() && ! $sum->isZero()) {
            $factor = Fraction::of($sum->centigrams, $now->centigrams);
            foreach (array_keys($entries) as $other) {
                $entries[$other] = $other === 0 ? $entries[0] : self::following(
                    $bowl,
                    $other,
                    $entries[$other],
                    $factor,
                );
            }
            $changed = $bowl->sheet->draft->with(entries: $entries, amount: BowlAmount::shares(), uses: []);

            return $uses === [] ? $bowl->draft($changed) : self::forUses($bowl, $bowl->draft($changed));
        }

        return $bowl->draft($bowl->sheet->draft->with(entries: $entries, amount: $amount, uses: $uses));
    }

    /** Several jobs share what has become more or less, each as much of it as before. */
    private static function forUses(RewriteBowl $bowl, BowlSheet $changed): BowlSheet
    {
        $total = $changed->known($bowl->step)->total->grams();
        $uses = $bowl->sheet->uses;
        $before = array_sum(array_map(static fn (BowlUse $use): int => $use->grams->centigrams, $uses));
        if ($total === null || $before === 0) {
            return $changed;
        }
        $exact = array_map(
            static fn (BowlUse $use): Fraction => Fraction::of($use->grams->centigrams * $total->centigrams, $before),
            $uses,
        );
        $each = array_map(
            static fn (BowlUse $use, Grams $grams): BowlUse => new BowlUse($use->job, $grams),
            $uses,
            LargestRemainder::round($exact, $total, $bowl->step),
        );

        return $bowl->draft($changed->draft->with(uses: $each));
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    private static function following(RewriteBowl $bowl, int $part, array $entries, Fraction $factor): array
    {
        if (! $bowl->saysGrams($part)) {
            return $entries;
        }
        $whole = $bowl->grams($part);
        $shares = array_map(
            static fn (Entry $entry): Fraction => $entry->portion instanceof Share
                && $entry->portion->kind === ShareKind::Fixed
                ? $entry->portion->value
                : Fraction::zero(),
            $entries,
        );
        $sum = array_reduce(
            $shares,
            static fn (Fraction $all, Fraction $each): Fraction => $all->plus($each),
            Fraction::zero(),
        );
        if ($whole === null || $sum->isZero()) {
            return $entries;
        }
        $keyed = array_map(static fn (Fraction $share): Fraction => $share->dividedBy($sum), $shares);
        $grams = $bowl->inGrams(
            $keyed,
            Grams::rounded($whole->exactly()->times($factor), $bowl->step, Rounding::HalfUp),
        );

        return array_map(static fn (Entry $entry, Share $each): Entry => $entry->withPortion($each), $entries, $grams);
    }
}

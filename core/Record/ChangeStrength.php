<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Formula\RewriteBowl;
use Core\Units\Fraction;
use Core\Units\Share;
use Core\Units\Strength;
use Core\Units\StrengthBlend;

/** A bowl with another strength: the line's own developer, or the two that make it. */
final class ChangeStrength
{
    /**
     * @param  string  $value  30 vol; a step up or down what the line has: +1, -1; a blend: 30+40 vol
     *
     * @throws CoreException
     */
    public static function to(RewriteBowl $bowl, string $value): BowlSheet
    {
        $part = $bowl->sheet->developerPart;
        if (! isset($bowl->sheet->entries[$part])) {
            throw ChangeRefused::noDeveloper();
        }
        if (preg_match('/^(\d+(?:\.\d+)?)\s*\+\s*(\d+(?:\.\d+)?)\s*(vol|%)$/u', $value, $m) === 1) {
            $half = Fraction::of(1, 2);

            return self::with(
                $bowl,
                $part,
                [[Strength::parse("{$m[1]} {$m[3]}"), $half], [Strength::parse("{$m[2]} {$m[3]}"), $half]],
            );
        }
        $wanted = preg_match(
            '/^([+-])1$/',
            $value,
            $m,
        ) === 1 ? self::next($bowl, $m[1] === '+') : Strength::parse($value);
        $blend = StrengthBlend::toReach($wanted, self::strengths($bowl));

        return self::with(
            $bowl,
            $part,
            array_map(static fn (array $each): array => [$each['strength'], $each['share']], $blend->shares),
        );
    }

    /** @param  non-empty-list<array{Strength, Fraction}>  $blend */
    private static function with(RewriteBowl $bowl, int $part, array $blend): BowlSheet
    {
        $shares = [];
        foreach ($blend as [$strength, $share]) {
            $shares[self::developer($bowl, $strength)] = $share;
        }
        $entries = $bowl->sheet->entries[$part];
        if (count($shares) === 1 && count($entries) === 1) {
            // One for one: its amount stays as it was said, known or not.
            return $bowl->withPart(
                $part,
                [new Entry(product: array_key_first($shares), portion: $entries[0]->portion, said: $entries[0]->said)],
            );
        }
        if ($bowl->saysGrams($part) && $bowl->grams($part) !== null) {
            return $bowl->withShares($part, $shares);
        }
        $written = [];
        foreach ($shares as $product => $share) {
            $written[] = new Entry(
                product: $product,
                portion: count($shares) === 1 ? Share::fraction(Fraction::one()) : Share::fraction($share),
            );
        }

        return $bowl->withPart($part, $written);
    }

    /** @return list<Strength> */
    private static function strengths(RewriteBowl $bowl): array
    {
        $found = [];
        foreach ($bowl->shelf->developersOf($bowl->line()) as $product) {
            $found = $product->strength === null ? $found : [...$found, $product->strength];
        }

        return $found;
    }

    private static function developer(RewriteBowl $bowl, Strength $strength): string
    {
        foreach ($bowl->shelf->developersOf($bowl->line()) as $product) {
            if ($product->strength?->equals($strength) === true) {
                return $product->id;
            }
        }
        throw ChangeRefused::noSuchStrength($bowl->line()->name, $strength);
    }

    /** The nearest strength of the line beyond what is in the bowl now. */
    private static function next(RewriteBowl $bowl, bool $up): Strength
    {
        $volume = $bowl->known->developer?->value() ?? throw ChangeRefused::strengthNotKnown();
        $now = Strength::ofVolume($volume);
        $next = null;
        foreach (self::strengths($bowl) as $strength) {
            $isBeyond = $strength->compare($now) * ($up ? 1 : -1) > 0;
            if ($isBeyond && ($next === null || $strength->compare($next) * ($up ? 1 : -1) < 0)) {
                $next = $strength;
            }
        }

        return $next ?? throw ChangeRefused::noStrengthBeyond($bowl->line()->name, $now, $up);
    }
}

<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Formula\BowlSheet;
use Core\Shelf\Product;
use Core\Shelf\Shelf;

/**
 * Turns what a colourist says at the end of a visit into a structured change where it can be:
 * “strength 30 instead of 20+40”, “5 g less”, “ten minutes longer at the root”, “B: 7G instead of 7N”, “half a level deeper”.
 * What it does not understand stays words.
 */
final class ReadChange
{
    private const NUMBERS = ['half a' => '0.5', 'half' => '0.5', 'a' => '1', 'an' => '1', 'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'ten' => '10', 'fifteen' => '15', 'twenty' => '20'];

    /**
     * One change a sentence or line.
     *
     * @param  list<BowlSheet>  $bowls  of the visit it was said of
     * @return list<Change>
     */
    public static function from(string $text, array $bowls, Shelf $shelf): array
    {
        $changes = [];
        foreach (preg_split('/(?:[;\n]+|(?<!\d)\.(?=\s|$)|\.(?=\s+[A-Z]))/u', $text) ?: [] as $sentence) {
            $plain = trim($sentence);
            if ($plain !== '') {
                $changes[] = self::one($plain, $bowls, $shelf);
            }
        }

        return $changes;
    }

    /** @param  list<BowlSheet>  $bowls */
    private static function one(string $words, array $bowls, Shelf $shelf): Change
    {
        $letter = self::bowlMeant($words, $bowls);
        $plain = mb_strtolower((string) preg_replace('/^(?:bowl\s+)?[A-Z]\s*[:,]\s*/u', '', $words));
        foreach (self::NUMBERS as $word => $digits) {
            $plain = (string) preg_replace("/\\b{$word}\\b(?=\\s+(?:grams?|g\\b|min|minutes?|levels?))/u", $digits, $plain);
        }
        [$kind, $value] = self::understood($plain);
        if ($kind === null) {
            return self::swap($words, $letter, $bowls, $shelf) ?? new Change(ChangeKind::Words, $letter, '', '', '', $words);
        }

        return new Change($kind, $letter, $value, '', '', $words);
    }

    /** @return array{?ChangeKind, string} */
    private static function understood(string $plain): array
    {
        $sign = static fn (string $word): string => in_array($word, ['less', 'shorter', 'fewer'], true) ? '-' : '+';

        return match (true) {
            preg_match('/(\d+(?:\.\d+)?)\s*(?:g|grams?)\b.*?\b(less|more)/u', $plain, $m) === 1 => [ChangeKind::Amount, "{$sign($m[2])}{$m[1]} g"],
            preg_match('/(\d+(?:\.\d+)?)\s*%\s*(less|more)/u', $plain, $m) === 1 => [ChangeKind::Amount, "{$sign($m[2])}{$m[1]} %"],
            preg_match('/(\d+)\s*min(?:ute)?s?\s*(longer|more|less|shorter|fewer)/u', $plain, $m) === 1 => [ChangeKind::Minutes, "{$sign($m[2])}{$m[1]} min"],
            preg_match('/(\d+(?:\.\d+)?)\s*(vol|%)\s*(?:instead|rather|next|$)/u', $plain, $m) === 1 => [ChangeKind::Strength, "{$m[1]} {$m[2]}"],
            preg_match('/\b(?:a|an|one|1)\s+strength\s+(up|higher|stronger|down|lower|weaker)\b/u', $plain, $m) === 1 => [ChangeKind::Strength, in_array($m[1], ['up', 'higher', 'stronger'], true) ? '+1' : '-1'],
            preg_match('/strength\s*(?:of\s*)?(\d+)\s*(vol|%)?/u', $plain, $m) === 1 => [ChangeKind::Strength, $m[1].' '.($m[2] ?? 'vol')],
            preg_match('/(?:ratio\s*|at\s+)(\d+(?:\.\d+)?:\d+(?:\.\d+)?(?::\d+(?:\.\d+)?)?)/u', $plain, $m) === 1 => [ChangeKind::Ratio, $m[1]],
            preg_match('/(\d+(?:\.\d+)?)\s*levels?\s*(deeper|darker|lighter)/u', $plain, $m) === 1 => [ChangeKind::Level, ($m[2] === 'lighter' ? '+' : '-').$m[1]],
            preg_match('/^(?:for\s+|only\s+)?(\d+)\s*min(?:ute)?s?(?:\s+only)?$/u', $plain, $m) === 1 => [ChangeKind::Minutes, "{$m[1]} min"],
            preg_match('/\b(warmer|cooler)\b/u', $plain, $m) === 1 => [ChangeKind::from($m[1]), ''],
            preg_match('/\b(leave|take|drop)\b.*\bbowl\b.*\bout\b|\bwithout bowl\b/u', $plain) === 1 => [ChangeKind::RemoveBowl, ''],
            default => [null, ''],
        };
    }

    /** @param  list<BowlSheet>  $bowls */
    private static function swap(string $words, string $letter, array $bowls, Shelf $shelf): ?Change
    {
        if (preg_match('/(\S+)\s+(?:instead of|for|rather than)\s+(\S+)/u', $words, $m) !== 1) {
            return null;
        }
        foreach ($bowls as $bowl) {
            $line = $shelf->line($bowl->line);
            if ($line === null || ($letter !== '' && $bowl->letter !== $letter)) {
                continue;
            }
            $byCode = static function (string $code) use ($shelf, $line): ?Product {
                $wanted = mb_strtolower(trim($code, '.,;'));
                foreach ($shelf->productsOf($line) as $product) {
                    if (mb_strtolower($product->code) === $wanted) {
                        return $product;
                    }
                }

                return null;
            };
            [$to, $from] = [$byCode($m[1]), $byCode($m[2])];
            $used = array_merge(...array_map(static fn (array $part): array => array_map(static fn ($entry): string => $entry->product, $part), $bowl->entries === [] ? [[]] : $bowl->entries));
            if ($to !== null && $from !== null && in_array($from->id, $used, true)) {
                return new Change(ChangeKind::Swap, $bowl->letter, '', $from->id, $to->id, $words);
            }
        }

        return null;
    }

    /**
     * The bowl a sentence names by its letter or by its job; the only one where there is only one.
     *
     * @param  list<BowlSheet>  $bowls
     */
    private static function bowlMeant(string $words, array $bowls): string
    {
        foreach ($bowls as $bowl) {
            if (preg_match("/^(?:bowl\\s+)?{$bowl->letter}\\s*[:,]|\\bbowl\\s+{$bowl->letter}\\b/u", $words) === 1) {
                return $bowl->letter;
            }
        }
        foreach ($bowls as $bowl) {
            $job = mb_strtolower(explode(',', $bowl->job)[0]);
            if (mb_strlen($job) > 2 && str_contains(mb_strtolower($words), $job)) {
                return $bowl->letter;
            }
        }

        return count($bowls) === 1 ? $bowls[0]->letter : '';
    }
}

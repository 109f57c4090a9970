<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Formula\AmountKind;
use Core\Formula\BowlSheet;
use Core\Formula\Entry;
use Core\Shelf\Product;
use Core\Shelf\Shelf;

/**
 * Turns what a colourist says at the end of a visit into a structured change where it can be: “strength 30 instead of
 * 20+40”, “10G 5 g less”, “ten minutes longer at the root”, “B: 7G instead of 7N”, “half a level deeper if toned damp”.
 * What it does not understand stays words, and of a sentence that it understands in part it says which part was not. A
 * sentence that says what is not to be done is never turned into doing it.
 */
final class ReadChange
{
    private const NUMBERS = [
        'half a' => '0.5',
        'half' => '0.5',
        'a' => '1',
        'an' => '1',
        'one' => '1',
        'two' => '2',
        'three' => '3',
        'four' => '4',
        'five' => '5',
        'ten' => '10',
        'fifteen' => '15',
        'twenty' => '20',
    ];

    /** A sign that is not seen (the word joiner, U+2060). */
    private const JOINED = "\u{2060}";

    private const LESS = ['less', 'shorter', 'fewer'];

    /** “Another bowl like A for the ends, 30 g”: one more of a formula that is there. */
    private const ANOTHER_BOWL = '/\b(?:add|mix|make)?\s*(?:another|a second|a third|one more|an extra|an?)\s+bowl\s+(?:like|of|as)\s+(?<like>[a-z]{1,2})\b(?:\s*,?\s*for\s+(?:the\s+)?(?<job>[^,\d]+?))?(?:\s*,?\s*(?<grams>\d+(?:\.\d+)?)\s*g(?:rams?)?)?(?=[\s,.]*$)/u';

    /** Words that say nothing of their own beside a change. */
    private const FILLING = '/\b(?:take|use|mix|make|go|give|pour|leave|process|with|the|a|an|at|of|on|to|in|for|it|this|that|bowl|root|roots|ends|mids|lengths|colour|color|all|over|next|time|only|just|again|please|then|and|so|touch|bit|developer|strength|vol|rather|instead|than|dose)\b/u';

    /**
     * One change a sentence or line.
     *
     * @param  list<BowlSheet>  $bowls  of the visit it was said of
     * @return list<Change>
     */
    public static function from(string $text, array $bowls, Shelf $shelf): array
    {
        $changes = [];
        // “5 min. longer”: the point behind a unit ends no sentence.
        $text = (string) preg_replace('/\b(g|min|vol|oz|ml)\.(?=\s+\p{Ll})/u', '$1', $text);
        foreach (preg_split('/(?:[;\n]+|(?<!\d)\.(?=\s|$)|\.(?=\s+[A-Z]))/u', $text) ?: [] as $sentence) {
            $plain = trim($sentence);
            if ($plain !== '') {
                array_push($changes, ...self::sentence($plain, $bowls, $shelf));
            }
        }

        return $changes;
    }

    /**
     * One change; several where a sentence strings them together and each is understood by itself.
     *
     * @param  list<BowlSheet>  $bowls
     * @return non-empty-list<Change>
     */
    private static function sentence(string $words, array $bowls, Shelf $shelf): array
    {
        $letter = self::bowlMeant($words, $bowls);
        $whole = self::one($words, $letter, $bowls, $shelf);
        if ($whole->kind === ChangeKind::AddBowl || ($whole->kind !== ChangeKind::Words && $whole->rest === '')) {
            return [$whole];
        }
        [$plain, $condition] = self::condition($words);
        $pieces = preg_split('/(?<!\d)\s*,\s+|\s*,\s+(?=\D)|\s+and\s+/u', $plain) ?: [];
        $each = [];
        // Each keeps the words of the condition that holds for all.
        $tail = $condition === '' ? '' : ' '.trim(substr($words, strlen($plain)), ' ,');
        foreach ($pieces as $piece) {
            $named = self::bowlMeant($piece, $bowls);
            $change = self::one($piece.$tail, $named === '' ? $letter : $named, $bowls, $shelf);
            if ($change->kind === ChangeKind::Words || $change->rest !== '' || count($pieces) < 2) {
                return [$whole];
            }
            $each[] = $change;
        }

        return $each === [] ? [$whole] : $each;
    }

    /** @return array{string, string} the sentence without its condition, and that */
    private static function condition(string $plain): array
    {
        if (preg_match('/^(.*?)[,\s]+(?:if|when|unless|in case)\s+(.+)$/iu', $plain, $m) !== 1) {
            return [$plain, ''];
        }

        return [$m[1], preg_match('/\bunless\b/iu', $plain) === 1 ? "not {$m[2]}" : $m[2]];
    }

    /** Decimals with a point, however they were written: 1,5; 1½. */
    private static function decimals(string $plain): string
    {
        $quarters = ['¼' => '.25', '½' => '.5', '¾' => '.75'];
        $pointed = (string) preg_replace('/(?<=\d),(?=\d)/u', '.', $plain);

        return (string) preg_replace_callback(
            '/(?<![\d.])(\d*)\s?([¼½¾])/u',
            static fn (array $m): string => ($m[1] === '' ? '0' : $m[1]).$quarters[$m[2]],
            $pointed,
        );
    }

    /** @param  list<BowlSheet>  $bowls */
    private static function one(string $words, string $letter, array $bowls, Shelf $shelf): Change
    {
        $only = new Change(kind: ChangeKind::Words, bowl: $letter, value: '', from: '', to: '', words: $words);
        if (preg_match('/\b(?:do not|don[’\']t|not|never|avoid|without(?! bowl))\b/iu', $words) === 1) {
            return $only;
        }
        [$plain, $condition] = self::condition(
            (string) preg_replace('/^(?:(?i:bowl)\s+)?[A-Z]{1,2}\s*[:,]\s*/u', '', self::decimals($words)),
        );
        if ($letter !== '') {
            $plain = (string) preg_replace("/^{$letter}\\s+(?=\\d)|\\s+(?:for|in) (?:bowl )?{$letter}$/u", '', $plain);
        }
        foreach (self::NUMBERS as $word => $digits) {
            $plain = (string) preg_replace(
                "/\\b{$word}\\b(?=\\s+(?:grams?|g\\b|min|minutes?|levels?))/iu",
                $digits,
                $plain,
            );
        }
        // A gold is no gram: “6G more”.
        $lower = mb_strtolower((string) preg_replace('/\b(\d{1,2})G\b/u', '$1'.self::JOINED.'G', $plain));
        $meant = array_values(array_filter(
            $bowls,
            static fn (BowlSheet $bowl): bool => $letter === '' || $bowl->letter === $letter,
        ));
        $found = self::ofProducts($plain, $meant, $shelf) ?? self::ofBowl($lower, $meant, $letter);
        if ($found === null) {
            return $only;
        }
        [$change, $matched] = $found;
        $rest = trim((string) preg_replace(
            ['/\s+/u', '/^[\s,.]+|[\s,.]+$/u'],
            [' ', ''],
            str_replace(str_replace(self::JOINED, '', mb_strtolower($matched)), ' ', str_replace(self::JOINED, '', $lower)),
        ));

        return new Change(
            kind: $change->kind,
            bowl: $change->bowl === '' ? $letter : $change->bowl,
            value: $change->value,
            from: $change->from,
            to: $change->to,
            words: $words,
            condition: $condition,
            rest: self::notUnderstood($rest, $bowls),
        );
    }

    /**
     * @param  list<BowlSheet>  $bowls
     */
    private static function notUnderstood(string $rest, array $bowls): string
    {
        $left = $rest;
        foreach ($bowls as $bowl) {
            $job = mb_strtolower(explode(',', $bowl->job)[0]);
            $left = $job === '' ? $left : (string) preg_replace('/'.preg_quote($job, '/').'s?/u', ' ', $left);
            $left = (string) preg_replace('/\b'.mb_strtolower($bowl->letter).'\b/u', ' ', $left);
        }

        return trim((string) preg_replace([self::FILLING, '/[\s,.:+]+/u'], [' ', ' '], $left)) === '' ? '' : $rest;
    }

    /**
     * What names products of a bowl: one instead of another, more or less of one.
     *
     * @param  list<BowlSheet>  $bowls
     * @return ?array{Change, string} and the words it was understood from
     */
    private static function ofProducts(string $plain, array $bowls, Shelf $shelf): ?array
    {
        foreach ($bowls as $bowl) {
            $line = $shelf->line($bowl->line);
            if ($line === null) {
                continue;
            }
            $used = static fn (?Product $product): bool => $product !== null && in_array(
                $product->id,
                self::products($bowl),
                true,
            );
            if (preg_match('/(\S+)\s+(?:instead of|for|rather than)\s+(\S+)/iu', $plain, $m) === 1) {
                [$to, $from] = [$shelf->byCode($line, trim($m[1], '.,;')), $shelf->byCode($line, trim($m[2], '.,;'))];
                if ($to !== null && $from !== null && $used($from)) {
                    return [new Change(ChangeKind::Swap, $bowl->letter, '', $from->id, $to->id), rtrim($m[0], '.,;')];
                }
            }
            $amount = '(\d+(?:\.\d+)?)\s*(g|grams?|%)\s*(less|more|fewer)';
            if (
                preg_match("/(\\S+)\\s*[,:]?\\s+{$amount}/iu", $plain, $m) === 1
                && $used($shelf->byCode($line, trim($m[1], ',:')))
            ) {
                return [
                    self::productAmount($bowl, $shelf->byCode($line, trim($m[1], ',:')), $m[2], $m[3], $m[4]),
                    $m[0],
                ];
            }
            if (
                preg_match("/{$amount}\\s+(?:of\\s+)?(\\S+)/iu", $plain, $m) === 1
                && $used($shelf->byCode($line, trim($m[4], '.,;')))
            ) {
                return [
                    self::productAmount($bowl, $shelf->byCode($line, trim($m[4], '.,;')), $m[1], $m[2], $m[3]),
                    rtrim($m[0], '.,;'),
                ];
            }
            if (
                preg_match('/(\d+(?:\.\d+)?)\s*(g|grams?|%)\s+(?:of\s+)?(?:the\s+)?(\S+)\s+(less|more|fewer)/iu', $plain, $m) === 1
                && $used($shelf->byCode($line, $m[3]))
            ) {
                return [self::productAmount($bowl, $shelf->byCode($line, $m[3]), $m[1], $m[2], $m[4]), $m[0]];
            }
            if (preg_match('/\b(?:add|put in|plus)\s+(\d+(?:\.\d+)?)\s*(g|grams?|%)\s+(?:of\s+)?(\S+)/iu', $plain, $m) === 1) {
                $new = $shelf->byCode($line, trim($m[3], '.,;'));
                if ($new !== null) {
                    return [
                        new Change(ChangeKind::PutIn, $bowl->letter, $m[1].($m[2] === '%' ? ' %' : ' g'), '', $new->id),
                        rtrim($m[0], '.,;'),
                    ];
                }
            }
            if (
                preg_match(
                    '/\b(?:take|leave)\s+(?:the\s+)?(\S+?)\s+out\b|\b(?:leave|take) out\s+(?:the\s+)?(\S+)/iu',
                    $plain,
                    $m,
                ) === 1
            ) {
                $product = $shelf->byCode($line, trim($m[2] ?? $m[1], '.,;'));
                if ($used($product)) {
                    return [new Change(ChangeKind::TakeOut, $bowl->letter, '', $product->id ?? ''), $m[0]];
                }
            }
        }

        return null;
    }

    private static function productAmount(
        BowlSheet $bowl,
        ?Product $product,
        string $number,
        string $unit,
        string $word,
    ): Change {
        return new Change(
            ChangeKind::Product,
            $bowl->letter,
            self::signed($word).$number.($unit === '%' ? ' %' : ' g'),
            $product->id ?? '',
        );
    }

    private static function signed(string $word): string
    {
        return in_array(mb_strtolower($word), self::LESS, true) ? '-' : '+';
    }

    /** @return list<string> */
    private static function products(BowlSheet $bowl): array
    {
        return array_map(static fn (Entry $entry): string => $entry->product, array_merge(...$bowl->entries));
    }

    /**
     * What is said of the bowl as a whole.
     *
     * @param  string  $plain  in lower case
     * @param  list<BowlSheet>  $bowls
     * @return ?array{Change, string} and the words it was understood from
     */
    private static function ofBowl(string $plain, array $bowls, string $letter): ?array
    {
        $number = '(\d+(?:\.\d+)?)';
        $made = static fn (ChangeKind $kind, string $value, string $matched): array => [
            new Change($kind, $letter, $value),
            $matched,
        ];

        return match (true) {
            preg_match(
                "/(?<!instead of )(?<!rather than )\\b{$number}\\s*\\+\\s*{$number}\\s*(vol|%)?(?:\\s*(?:instead of|rather than)\\s*[\\d+.\\s]+(?:vol|%)?)?/u",
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Strength, "{$m[1]}+{$m[2]} ".self::unit($m[3] ?? ''), $m[0]),
            preg_match(self::ANOTHER_BOWL, $plain, $m) === 1 => [
                new Change(
                    ChangeKind::AddBowl,
                    mb_strtoupper($m['like']),
                    self::inAll($m['grams'] ?? ''),
                    '',
                    trim($m['job'] ?? ''),
                ),
                $m[0],
            ],
            preg_match(
                "/\\b{$number}\\s*(?:g|grams?)\\b\\s*(?<of>of\\s*(?:the\\s*)?(?:colour|color|mixture|whole|total))?\\s*(?<way>less|more|fewer)(?:\\s*(?<then>of\\s*(?:the\\s*)?(?:colour|color|mixture|whole|total)|colour|color|mixture|in all|mixed))?/u",
                $plain,
                $m,
            ) === 1 => $made(self::gramsOf($m['of'].($m['then'] ?? '')), self::signed($m['way'])."{$m[1]} g", $m[0]),
            preg_match("/\\b{$number}\\s*%\\s*(less|more|fewer)(?!\\s+(?:grey|gray|cover))/u", $plain, $m) === 1 => $made(
                ChangeKind::Amount,
                self::signed($m[2])."{$m[1]} %",
                $m[0],
            ),
            preg_match(
                '/\b(?:half (?:the |a )?(?:dose|amount|bowl)|half as much)\b/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Amount, '× 1/2', $m[0]),
            preg_match(
                '/\b(?:double (?:the )?(?:dose|amount|bowl)|twice as much)\b/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Amount, '× 2', $m[0]),
            preg_match(
                '/\b(\d+)\s*min(?:ute)?s?\s*(longer|more|less|shorter|fewer)/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Minutes, self::signed($m[2])."{$m[1]} min", $m[0]),
            preg_match(
                '/\b(\d+)\s*min(?:ute)?s?\s*(?:instead of|rather than)\s*\d+(?:\s*min(?:ute)?s?)?/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Minutes, "{$m[1]} min", $m[0]),
            preg_match(
                "/\\b{$number}\\s*(vol(?:umes?)?\\b|%)\\s*(?:developer|peroxide)?\\s*(?:(?:instead(?: of)?|rather(?: than)?)\\s*(?:[\\d+.\\s]+(?:vol|%)?)?|next time|$)/u",
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Strength, "{$m[1]} ".self::unit($m[2]), $m[0]),
            preg_match(
                '/\b(?:a|an|one|1)\s+strength\s+(up|higher|stronger|down|lower|weaker)\b/u',
                $plain,
                $m,
            ) === 1 => $made(
                ChangeKind::Strength,
                in_array($m[1], ['up', 'higher', 'stronger'], true) ? '+1' : '-1',
                $m[0],
            ),
            preg_match(
                '/\\bstrength\\s*(?:of\\s*)?(\\d+)\\s*(vol|%)?(?:\\s*(?:instead of|rather than)\\s*[\\d+.\\s]+(?:vol|%)?)?/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Strength, "{$m[1]} ".self::unit($m[2] ?? ''), $m[0]),
            preg_match(
                '/(?:\bratio\s*(?:of\s*)?|\bat\s+|^)(\d+(?:\.\d+)?:\d+(?:\.\d+)?(?::\d+(?:\.\d+)?)?)(?:\s*(?:instead of|rather than)\s*[\d.:]+)?/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Ratio, $m[1], $m[0]),
            preg_match(
                "/\\b{$number}\\s*levels?\\s*(deeper|darker|lighter)/u",
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Level, ($m[2] === 'lighter' ? '+' : '-').$m[1], $m[0]),
            preg_match(
                '/\b(?:for\s+)?(\d{1,3})\s*%\s*grey\b/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Grey, "{$m[1]} %", $m[0]),
            preg_match(
                '/(?:^|\b(?:for|only|at)\s+)(\d+)\s*min(?:ute)?s?(?:\s+only)?$/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Minutes, "{$m[1]} min", $m[0]),
            preg_match(
                "/^(?:only\\s+)?{$number}\\s*(?:g|grams?)(?:\\s+only|\\s+(?:instead of|rather than)\\s+[\\d.]+\\s*(?:g|grams?)?)?$/u",
                $plain,
                $m,
            ) === 1 && count($bowls) === 1 => $made(self::givenBy($bowls[0]), "{$m[1]} g", $m[0]),
            preg_match(
                "/^(?:(?<of>colou?r|mixture|in all|total)\\s+)?{$number}\\s*(?:g|grams?)(?:\\s+(?:of\\s+)?(?<then>colou?r|mixture|in all|total))?$/u",
                $plain,
                $m,
            ) === 1 && $m['of'].($m['then'] ?? '') !== '' => $made(
                self::gramsOf($m['of'].($m['then'] ?? '')),
                "{$m[2]} g",
                $m[0],
            ),
            preg_match(
                '/\b(?:take|taken|comb|combed)\s+(?:it\s+|the colour\s+)?through\s+(?:the\s+(?:lengths|mids|ends)\s+)?(?:for\s+)?(?:the\s+)?last\s+(\d+)\s*min(?:ute)?s?/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Through, "{$m[1]} min", $m[0]),
            preg_match(
                '/\b(?:mids?|lengths?)(?:\s+and\s+ends)?\s+first(?:\s*,?\s*(?:the\s+)?roots?\s+(?:later|last|after))?/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::Place, 'mids first', $m[0]),
            preg_match('/\b(warmer|cooler)\b/u', $plain, $m) === 1 => $made(ChangeKind::from($m[1]), '', $m[0]),
            preg_match(
                '/\b(?:leave|take|drop)\b.*\bbowl\b.*\bout\b|\bwithout bowl\b/u',
                $plain,
                $m,
            ) === 1 => $made(ChangeKind::RemoveBowl, '', $m[0]),
            default => null,
        };
    }

    /** @param  string  $said  of the colour, of the mixture, in all; empty where it is not said */
    private static function gramsOf(string $said): ChangeKind
    {
        return match (true) {
            $said === '' => ChangeKind::Grams,
            preg_match('/colou?r/u', $said) === 1 => ChangeKind::Amount,
            default => ChangeKind::Total,
        };
    }

    private static function inAll(string $grams): string
    {
        return $grams === '' ? '' : "{$grams} g";
    }

    private static function unit(string $said): string
    {
        return $said === '%' ? '%' : 'vol';
    }

    /** Grams without a word are of what the bowl is given by: its mixture, or its colour. */
    private static function givenBy(BowlSheet $bowl): ChangeKind
    {
        return $bowl->uses !== [] || $bowl->draft->amount?->kind === AmountKind::Total
            ? ChangeKind::Total
            : ChangeKind::Amount;
    }

    /**
     * The bowl a sentence names by its letter or by its job; the only one where there is only one.
     *
     * @param  list<BowlSheet>  $bowls
     */
    private static function bowlMeant(string $words, array $bowls): string
    {
        foreach ($bowls as $bowl) {
            if (
                preg_match(
                    "/^(?:(?i:bowl)\\s+)?{$bowl->letter}\\s*[:,]|\\b(?i:bowl)\\s+{$bowl->letter}\\b|^{$bowl->letter}\\s+(?:(?:at|for|with)\\b|\\d)|\\b(?:for|of|in) {$bowl->letter}$/u",
                    $words,
                ) === 1
            ) {
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

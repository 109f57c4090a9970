<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\Dose;
use Core\Formula\Portion;
use Core\Practice\Number;
use Core\Units\Fraction;
use Core\Units\Knowing;
use Core\Units\MassReading;
use Core\Units\Share;

/** How much of a product a card says: “30”, “a quarter”, “2 parts”, “about 20 g”, “a dash of”. */
final class CardAmount
{
    public const NUMBER = '\d+(?:[.,]\d+)?[½⅓⅔¼¾]?|[½⅓⅔¼¾]';

    /** Words between amounts and products that say nothing of either. */
    public const SMALL = '/^(?:equal(?:ly)?|parts?|each|of|and|the|on)$/iu';

    /**
     * The longest amount at the end of some words: of “root, a dash of”, the dash.
     *
     * @param  list<string>  $words
     * @return array{?string, list<string>} and the words that are no part of it
     */
    public static function atTheEndOf(array $words): array
    {
        for ($from = 0; $from < count($words); $from++) {
            $amount = self::of(array_slice($words, $from));
            if ($amount !== null) {
                return [$amount, array_slice($words, 0, $from)];
            }
        }

        return [null, $words];
    }

    /**
     * @param  list<string>  $words
     * @return array{?string, list<string>} the longest amount they begin with, and the words that are no part of it
     */
    public static function atTheBeginningOf(array $words): array
    {
        for ($to = count($words); $to > 0; $to--) {
            $amount = self::of(array_slice($words, 0, $to));
            if ($amount !== null) {
                return [$amount, array_slice($words, $to)];
            }
        }

        return [null, $words];
    }

    /**
     * “2 6N + 1 6G”, “1½ 6N + ½ 6G”: small numbers, none of them as a scale shows it, of which one is at least 1.
     *
     * @param  list<?string>  $amounts
     */
    public static function areParts(array $amounts): bool
    {
        $most = Number::CardParts->value();
        $bare = [];
        foreach ($amounts as $each) {
            if ($each === null || preg_match('/^(?:'.self::NUMBER.')$/u', $each) !== 1) {
                continue;
            }
            if (preg_match('/[.,]/', $each) === 1 || Fraction::parse($each)->compare($most) > 0) {
                return false;
            }
            $bare[] = $each;
        }

        return count($bare) > 1 && preg_grep('/^\d/', $bare) !== [];
    }

    /** As a bowl writes it: so many parts, grams, or what was said. */
    public static function share(string $said, bool $numbersAreParts): string
    {
        if (preg_match('/^(?:'.self::NUMBER.')$/u', $said) !== 1) {
            return $said;
        }
        // ¼ is a quarter of the colour, among parts a quarter of one; 15 is grams.
        $isFraction = preg_match('/^\D$/u', $said) === 1;

        return match (true) {
            $numbersAreParts => $isFraction ? "{$said} parts" : $said,
            default => $isFraction ? $said : "{$said} g",
        };
    }

    /**
     * An amount as a bowl writes it; null where it is none.
     *
     * @param  list<string>  $words
     */
    private static function of(array $words): ?string
    {
        $said = [];
        foreach ($words as $word) {
            $isPart = preg_match('/^parts?$/iu', $word) === 1 && $said !== [];
            if ($isPart || preg_match(self::SMALL, $word) !== 1) {
                $said[] = $word;
            }
        }
        $plain = trim(mb_strtolower(implode(' ', $said)));
        if (preg_match('/^(?:about|ca\.?|circa)\s*((?:'.self::NUMBER.')(?:\s*(?:g|oz|ml))?)$/u', $plain, $m) === 1) {
            // Nearly so much is not so much: it is weighed before it is known.
            return '“about '.(preg_match('/[a-z]$/u', $m[1]) === 1 ? $m[1] : "{$m[1]} g").'”';
        }
        try {
            $read = Portion::parse($plain, MassReading::plain());
            if ($read instanceof Share || $read->knowing !== Knowing::Worded || str_starts_with($plain, '“')) {
                return implode(' ', $said);
            }
        } catch (CoreException) {
            if (preg_match('/\bg\s*(?:\/|per)\s*g/u', $plain) === 1 && self::isDose($plain)) {
                return implode(' ', $said);
            }
            // A plain ounce, a scoop of the house's: the bowl asks, or knows it.
            $measure = preg_match('/^(?:'.self::NUMBER.'|\d+\/\d+)\s*(\p{L}+)$/u', $plain, $m) === 1 ? $m[1] : '';
            if ($measure !== '' && ! PlaceWords::isOne($measure)) {
                return implode(' ', $said);
            }
        }

        return preg_match('/^(?:an?|some|the)\s+\p{L}+$|^some$/u', $plain) === 1 ? $plain : null;
    }

    /** “0.1 g per gram”: of an addition. */
    private static function isDose(string $plain): bool
    {
        try {
            Dose::parse($plain);

            return true;
        } catch (CoreException) {
            return false;
        }
    }
}

<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Amount;
use Core\Units\InvalidAmount;
use Core\Units\InvalidShare;
use Core\Units\MassReading;
use Core\Units\Share;
use Core\Units\ShareKind;

/**
 * Reads how much of one product goes into its part, as a person says it: a share, grams, a range, a word, or not known.
 */
final class Portion
{
    private const OPEN = '/^(?:\?|not known|unknown|not said)$|^["“].*["”]$|^(?:more than|over|at least|less than|under|at most|up to|[<>])\s*[\d.,½¼¾]/u';

    /**
     * A number without a unit is parts; a range or a doubt without a unit is kept as words.
     *
     * @throws InvalidShare
     * @throws InvalidAmount
     */
    public static function parse(string $text, MassReading $reading): Share|Amount
    {
        $plain = mb_strtolower(trim($text));
        if (preg_match(self::OPEN, $plain) === 1) {
            return Amount::parse($text, $reading);
        }
        if (preg_match('/[\d½¼¾].*?(?:\bto\b|–|\bor\b|\d\s*-\s*\d).*[\d½¼¾]/u', $plain) === 1) {
            $amount = preg_match('/\d\s*[a-z]/u', $plain) === 1 && preg_match(
                '/%|percent|parts?/u',
                $plain,
            ) !== 1 ? Amount::parse($text, $reading) : Amount::worded(trim($text));

            return $amount->isKnown() ? Share::fixed($amount->least) : $amount;
        }
        if ($plain === '' || preg_match('/[\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅛⅜⅝⅞]/u', $plain) === 1 || Share::isWord($plain)) {
            return Share::parse($text, $reading);
        }

        return Amount::worded(trim($text));
    }

    /** What was typed, where it says more than the grams it comes to. */
    public static function said(string $text, Share|Amount $read): string
    {
        $inGrams = preg_match('/^[\d.,\s]*(?:g|gr|grams?)?$/iu', trim($text)) === 1;

        return $read instanceof Share && $read->kind === ShareKind::Fixed && ! $inGrams ? trim($text) : '';
    }
}

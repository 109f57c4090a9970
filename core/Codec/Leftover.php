<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\WorkedBowl;
use Core\Judgement\MixJudgement;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Units\Fraction;

/**
 * What is left of a bowl, as something on the shelf: it may go into another bowl like any shade, with its own
 * pigment and its own peroxide. Visits name it by the bowl's id, documents by its letter: `bowl:A`.
 */
final class Leftover
{
    public const PREFIX = 'bowl:';

    /** @param  string  $bowl  what comes behind the prefix */
    public static function of(string $bowl, BowlSheet $sheet, WorkedBowl $worked, ?MixJudgement $judged): Product
    {
        return new Product(
            self::PREFIX.$bowl, $sheet->line, "left of {$sheet->letter}", "What is left of bowl {$sheet->letter}", ProductKind::Mixture,
            $worked->strengthOnHead(), null, Fraction::one(), false, $judged?->asPigment(),
        );
    }
}

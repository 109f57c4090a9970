<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Formulas\ShadeSwatch;
use App\Words\Say;
use Core\CoreException;
use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\ReadCode;

/** What is read of a product by its line's legend: its level and tone, how, or why not. */
final class ReadProductResource
{
    /** @return array{level: ?string, tone: string, steps: list<string>, swatch: string, unread: ?string} */
    public static function of(Product $product, Line $line): array
    {
        $steps = [];
        $unread = null;
        if ($product->kind === ProductKind::Shade) {
            try {
                $steps = ReadCode::by($line->legend, $product->code)->steps;
            } catch (CoreException $refusal) {
                $unread = $product->pigment === null ? Say::refusal($refusal).' '.Say::mend($refusal->fact()) : null;
            }
        }

        return [
            'level' => $product->pigment?->level?->decimal(1),
            'tone' => $product->pigment === null || $product->pigment->tone->isNone()
                ? ''
                : Say::name($product->pigment->tone->words()),
            'steps' => array_map(Say::name(...), $steps),
            'swatch' => ShadeSwatch::drawn($product->pigment) ?? ShadeSwatch::plain($product->kind),
            'unread' => $unread,
        ];
    }
}

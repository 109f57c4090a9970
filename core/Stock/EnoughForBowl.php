<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Fact;
use Core\Formula\KnownBowl;
use Core\Shelf\Shelf;

/** Whether the shelf holds a bowl, and how many of it. What nobody has counted limits nothing. */
final readonly class EnoughForBowl
{
    /**
     * @param  ?int  $times  how many of this bowl; null where nothing in it was counted
     * @param  ?string  $first  what runs out first
     * @param  list<Fact>  $short  what there is too little of for one
     */
    private function __construct(public ?int $times, public ?string $first, public array $short)
    {
    }

    /** @param  array<string, StockLevel>  $stock  by product id */
    public static function of(KnownBowl $bowl, Shelf $shelf, array $stock): self
    {
        $wanted = [];
        foreach ($bowl->lines() as $line) {
            $grams = $line->mass->grams();
            if ($grams !== null) {
                $wanted[$line->product()] = isset($wanted[$line->product()])
                    ? $wanted[$line->product()]->plus($grams)
                    : $grams;
            }
        }
        $times = $first = null;
        $short = [];
        foreach ($wanted as $product => $grams) {
            $level = $stock[$product] ?? StockLevel::unknown();
            $enough = $level->enoughFor($grams);
            if ($enough === null) {
                continue;
            }
            $label = $shelf->product($product)?->label() ?? $product;
            if ($times === null || $enough < $times) {
                [$times, $first] = [$enough, $label];
            }
            if ($enough < 1) {
                $short[] = Fact::of(
                    'stock.short',
                    product: $label,
                    wanted: $grams->text(),
                    there: $level->grams()?->text() ?? '',
                );
            }
        }

        return new self($times, $first, $short);
    }
}

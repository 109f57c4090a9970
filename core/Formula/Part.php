<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\Ingredient;
use Core\Units\InvalidShare;
use Core\Units\Share;
use Core\Units\ShareList;

/** One part of the ratio and what it is made of. */
final readonly class Part
{
    public ShareList $shares;

    /**
     * @param  list<Ingredient>  $ingredients
     *
     * @throws UnworkableBowl when nothing is in it
     * @throws InvalidShare when its shares cannot make a whole
     */
    public function __construct(public string $name, public array $ingredients)
    {
        if ($ingredients === []) {
            throw UnworkableBowl::emptyPart($name);
        }
        $this->shares = ShareList::of(array_map(static fn (Ingredient $ingredient): Share => $ingredient->share, $ingredients));
    }

    /** Where the ingredient stands in the list; null when it is not in this part. */
    public function indexOf(string $key): ?int
    {
        foreach ($this->ingredients as $index => $ingredient) {
            if ($ingredient->key === $key) {
                return $index;
            }
        }

        return null;
    }
}

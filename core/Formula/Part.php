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
        $this->shares = ShareList::of(array_map(
            static fn (Ingredient $ingredient): Share => $ingredient->share,
            $ingredients,
        ));
    }

    /** @return list<int> where the product stands in the list: more than once where a blend holds it too */
    public function indexesOf(string $key): array
    {
        return array_keys(array_filter($this->ingredients, static fn (Ingredient $each): bool => $each->key === $key));
    }
}

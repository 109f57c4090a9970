<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\Ingredient;
use Core\Shelf\Product;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Share;

/** What a bowl names, found on the shelf: one product, or a house blend's products in their shares of it. */
final readonly class FilledEntry
{
    /**
     * @param  non-empty-list<array{product: Product, share: Fraction}>  $products  shares together 1
     * @param  list<Product>  $alternatives  what it may have been instead
     */
    public function __construct(public Entry $entry, public array $products, public array $alternatives = [])
    {
    }

    public function portion(): Share|Amount
    {
        return $this->entry->portion;
    }

    public function label(): string
    {
        $names = $this->entry->blend !== '' ? [$this->entry->blend] : array_map(
            static fn (Product $each): string => $each->label(),
            $this->candidates(),
        );

        return implode(' or ', array_values(array_unique($names)));
    }

    /** @return non-empty-list<Product> everything it may be */
    public function candidates(): array
    {
        return [$this->products[0]['product'], ...$this->alternatives];
    }

    /** Whether it is said which product it is. */
    public function isOneProduct(): bool
    {
        return $this->alternatives === [];
    }

    /**
     * As a part of a known bowl names it: one product, or the blend's, each with its share.
     *
     * @return list<Ingredient>
     */
    public function ingredients(Share $share): array
    {
        $found = [];
        foreach ($this->products as ['product' => $product, 'share' => $of]) {
            $found[] = new Ingredient(
                key: $product->id,
                label: $this->isOneProduct() ? $product->label() : $this->label(),
                share: $of->equals(Fraction::one()) ? $share : $share->times($of),
                strength: $product->strength,
                pigment: $this->isOneProduct() ? $product->pigment : null,
            );
        }

        return $found;
    }
}

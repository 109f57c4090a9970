<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\PartRole;
use Core\Shelf\Product;
use Core\Units\Amount;

/** Something added to a finished bowl, inside its ratio or on top of it. It is part of every sum. */
final readonly class Extra
{
    public const PREFIX = 'extra:';

    public function __construct(
        public Product $product,
        public Amount $amount,
        public ExtraCounts $counts,
        public string $said = '',
    ) {
    }

    public static function isKey(string $key): bool
    {
        return str_starts_with($key, self::PREFIX);
    }

    /** The product's id, of an extra's key and of any other. */
    public static function productOf(string $key): string
    {
        return self::isKey($key) ? substr($key, strlen(self::PREFIX)) : $key;
    }

    /** Unique within the bowl: the same product may stand in a part of it too. */
    public function key(): string
    {
        return self::PREFIX.$this->product->id;
    }

    /** The part of the ratio it counts in; null where it counts in none. */
    public function role(): ?PartRole
    {
        return $this->counts === ExtraCounts::Inside ? $this->product->role() : null;
    }

    public function withAmount(Amount $amount): self
    {
        return new self($this->product, $amount, $this->counts);
    }
}

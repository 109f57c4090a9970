<?php

declare(strict_types=1);

namespace Core\Formula;

/** One product or house blend as a bowl names it; with the shade that was meant and why another was used. */
final readonly class Entry
{
    /**
     * @param  string  $product  id; empty for a house blend
     * @param  string  $blend  name; empty for a product
     * @param  string  $share  as written: 2, 30 %, 12 g, ?, “a dash”
     */
    public function __construct(
        public string $product,
        public string $share,
        public string $blend = '',
        public ?int $version = null,
        public string $wanted = '',
        public string $why = '',
    ) {
    }

    /** @return array<string, string|int> only what is said */
    public function toArray(): array
    {
        return array_filter([
            'product' => $this->product, 'blend' => $this->blend, 'version' => $this->version, 'share' => $this->share, 'wanted' => $this->wanted, 'why' => $this->why,
        ], static fn (string|int|null $value): bool => $value !== '' && $value !== null);
    }
}

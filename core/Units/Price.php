<?php

declare(strict_types=1);

namespace Core\Units;

/** What something costs, in hundredths of the house's currency, which it is never asked for. */
final readonly class Price
{
    private function __construct(public int $cents)
    {
    }

    public static function ofCents(int $cents): self
    {
        return new self(max(0, $cents));
    }

    /**
     * Reads 8, 8.5, 8.50, 8,50. Thousands are written without a mark: 1,250 is one and a quarter to some, and refused.
     *
     * @throws InvalidPrice
     */
    public static function parse(string $text): self
    {
        $plain = trim($text);
        if (preg_match('/^(\d{1,7})(?:[.,](\d{1,2}))?$/', $plain, $m) !== 1) {
            throw InvalidPrice::unreadable($text);
        }

        return new self((int) $m[1] * 100 + (int) str_pad($m[2] ?? '0', 2, '0'));
    }

    public function show(): string
    {
        return intdiv($this->cents, 100).'.'.str_pad((string) ($this->cents % 100), 2, '0', STR_PAD_LEFT);
    }
}

<?php

declare(strict_types=1);

namespace Core\Units;

use Core\Fact;
use Core\Refusal;

final class InvalidPrice extends Refusal
{
    public static function unreadable(string $text): self
    {
        return new self(Fact::of('refusals.product.price', text: $text));
    }
}

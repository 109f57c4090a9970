<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Shelf\Line;
use Core\Shelf\Product;

/** Another way out when a shade is missing, beside a blend of its own line. */
final readonly class OtherWay
{
    /** @param  string  $key  double-pigment or another-line */
    public function __construct(public string $key, public Product $product, public Line $line)
    {
    }
}

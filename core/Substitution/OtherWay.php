<?php

declare(strict_types=1);

namespace Core\Substitution;

use Core\Fact;
use Core\Shelf\Line;
use Core\Shelf\Product;

/** Another way out when a shade is missing, beside a blend of its own line. */
final readonly class OtherWay
{
    /** @param  string  $key  double-pigment or another-line */
    public function __construct(public string $key, public Product $product, public Line $line)
    {
    }

    /** The shade, with its line where that is another one. */
    public function of(): Fact|string
    {
        return $this->key === 'another-line'
            ? Fact::of('why.blend.of-line', shade: $this->product->label(), line: $this->line->name)
            : $this->product->label();
    }

    public function differs(): Fact
    {
        return $this->key === 'another-line' ? Fact::of('why.blend.another-line') : Fact::of('why.blend.double-pigment');
    }
}

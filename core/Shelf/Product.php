<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** Something on the shelf that can go into a bowl. */
final readonly class Product
{
    /**
     * @param  string  $id  unique within a salon or a document
     * @param  string  $line  id of its colour line; empty for a developer, which serves several
     * @param  string  $code  what is printed on it: a shade's notation, a developer's strength
     * @param  ?Grams  $pack  what one tube or bottle holds
     * @param  Fraction  $density  grams per millilitre
     * @param  ?Pigment  $pigment  what it brings of level and tone; null where nobody has said
     */
    public function __construct(
        public string $id,
        public string $line,
        public string $code,
        public string $name,
        public ProductKind $kind,
        public ?Strength $strength,
        public ?Grams $pack,
        public Fraction $density,
        public bool $withdrawn = false,
        public ?Pigment $pigment = null,
    ) {
    }

    /** The part of the ratio it counts toward by its kind, colour first; null for what goes on top. */
    public function part(): ?int
    {
        return match ($this->kind) {
            ProductKind::Additive => null,
            ProductKind::Developer => 1,
            ProductKind::Base => 2,
            default => 0,
        };
    }

    public function label(): string
    {
        return $this->code === '' ? $this->name : $this->code;
    }
}

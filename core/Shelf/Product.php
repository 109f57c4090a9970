<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Strength;

/** Something on the shelf that can go into a bowl. */
final readonly class Product
{
    public const UNNAMED = 'unnamed:';

    /**
     * @param  string  $id  unique within a salon or a document
     * @param  string  $line  id of its colour line; empty for a developer, which serves several
     * @param  string  $code  what is printed on it: a shade's notation, a developer's strength
     * @param  ?Grams  $pack  what one tube or bottle holds
     * @param  Fraction  $density  grams per millilitre
     * @param  ?Pigment  $pigment  what it brings of level and tone; null where nobody has said
     * @param  ?Bounds  $volume  its strength in volumes, where that is known only so far
     * @param  ?Grams  $holds  how much there is of it, where that is a bowl's rest
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
        public ?Bounds $volume = null,
        public ?Grams $holds = null,
    ) {
    }

    /** The same, with so much of it there. */
    public function holding(?Grams $grams): self
    {
        return new self(
            id: $this->id,
            line: $this->line,
            code: $this->code,
            name: $this->name,
            kind: $this->kind,
            strength: $this->strength,
            pack: $this->pack,
            density: $this->density,
            withdrawn: $this->withdrawn,
            pigment: $this->pigment,
            volume: $this->volume,
            holds: $grams,
        );
    }

    /** Something that went into a bowl and that nobody can name. A developer may have been of any strength there is. */
    public static function unnamed(string $words, ProductKind $kind): self
    {
        return new self(
            id: self::UNNAMED.mb_strtolower(trim($words)), line: '', code: '', name: $words, kind: $kind,
            strength: null, pack: null, density: Fraction::one(),
            volume: $kind === ProductKind::Developer ? Strength::unknown() : null,
        );
    }

    /** The part of the ratio it counts toward by its kind; null for what goes on top. */
    public function role(): ?PartRole
    {
        return match ($this->kind) {
            ProductKind::Additive => null,
            ProductKind::Developer => PartRole::Developer,
            ProductKind::Base => PartRole::Base,
            default => PartRole::Colour,
        };
    }

    public function label(): string
    {
        return $this->code === '' ? $this->name : $this->code;
    }
}

<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Judgement\Prediction;
use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Units\Strength;

/** One bowl of a way to a wish, and what it is expected to leave. */
final readonly class WishStep
{
    /**
     * @param  list<array{product: Product, share: string}>  $colour
     * @param  ?Product  $developer  null without one
     */
    public function __construct(
        public WishStepKind $kind,
        public Line $line,
        public array $colour,
        public ?Product $developer,
        public int $minutes,
        public Prediction $expected,
    ) {
    }

    /** What it is called on the rail. */
    public function says(): Fact
    {
        return match ($this->kind) {
            WishStepKind::Lift => Fact::of('why.way.lift'),
            WishStepKind::Fill => Fact::of('why.way.fill'),
            WishStepKind::Tone => Fact::of('why.way.tone'),
            WishStepKind::Colour => Fact::of('why.way.colour'),
        };
    }

    public function strength(): ?Strength
    {
        return $this->developer?->strength;
    }

    /** As it is written on a card: 2 8B : 1 Clear. */
    public function shades(): string
    {
        return implode(' : ', array_map(
            static fn (array $each): string => $each['share'] === 'all'
                ? $each['product']->label()
                : "{$each['share']} {$each['product']->label()}",
            $this->colour,
        ));
    }
}

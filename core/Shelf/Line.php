<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\MixRatio;

/** A colour line: its default ratio, its developers, its processing window, what its codes mean and how far it lifts. */
final readonly class Line
{
    /**
     * @param  list<string>  $developers  product ids that go with it
     * @param  array{min: int, target: int, max: int}  $window  processing minutes
     */
    public function __construct(
        public string $id,
        public string $name,
        public MixRatio $ratio,
        public array $developers,
        public array $window,
        public LineKind $kind,
        public Legend $legend,
        public LiftTable $lift,
    ) {
    }
}

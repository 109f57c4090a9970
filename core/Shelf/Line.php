<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\MixRatio;

/**
 * A colour line: its default ratio, its developers, its processing window, what its codes mean and how far it lifts.
 */
final readonly class Line
{
    /**
     * @param  list<string>  $developers  product ids that go with it
     * @param  array{min: int, target: int, max: int}  $window  processing minutes
     * @param  list<PartRole>  $order  what each part of its ratio is, as the maker prints it: 1 : 2.5 : 3.5 may be
     *     colour, gel, developer
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
        public array $order = PartRole::USUAL,
    ) {
    }

    /** Where a role first stands in the ratio; null where the line has no such part. */
    public function partOf(?PartRole $role): ?int
    {
        $at = array_search($role, $this->order, true);

        return is_int($at) ? $at : null;
    }

    public function developerPart(): int
    {
        return $this->partOf(PartRole::Developer) ?? 1;
    }
}

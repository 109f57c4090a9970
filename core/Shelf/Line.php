<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Fraction;
use Core\Units\MixRatio;
use Core\Units\Strength;

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
     * @param  array<int, array{min: int, target: int, max: int}>  $windows  by volume, rising, where the maker prints
     *     minutes for each strength
     * @param  ?array{min: int, target: int, max: int}  $forGrey  where grey is to be covered, if that takes others
     * @param  ?bool  $heat  whether heat is allowed; null where nobody has said
     * @param  list<LineKind>  $apart  kinds of line that must not meet it on one strand in a visit, by its maker's word
     * @param  ?Fraction  $density  grams per millilitre of its products that say no other; null where nobody has said
     * @param  ?bool  $stops  whether it stops by itself or goes on until rinsed; null where nobody has said
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
        public array $windows = [],
        public ?array $forGrey = null,
        public ?bool $heat = null,
        public ?bool $stops = null,
        public array $apart = [],
        public ?Fraction $density = null,
    ) {
    }

    /**
     * Its minutes at a strength: those of the weakest strength listed that is not below it, so that a blend of two is
     * never left short (our own model); above all of them, those of the strongest.
     *
     * @return array{min: int, target: int, max: int}
     */
    public function windowAt(?Strength $strength): array
    {
        if ($strength === null || $this->windows === []) {
            return $this->window;
        }
        foreach ($this->windows as $volume => $window) {
            if (Fraction::of($volume)->compare($strength->volume) >= 0) {
                return $window;
            }
        }

        return $this->windows[array_key_last($this->windows)];
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

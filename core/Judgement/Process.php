<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Hair\Technique;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Units\Strength;

/** What is done to a zone: which bowl, how strong, how long, how it lies. */
final readonly class Process
{
    /**
     * @param  ?Pigment  $mix  what the bowl's colour part behaves as; null for a plain lightener
     * @param  ?Strength  $strength  of the developer before mixing; null without developer
     * @param  array{min: int, target: int, max: int}  $window  the line's, in minutes
     * @param  string  $line  id of the colour line; empty where it is none of the salon's
     * @param  bool  $onePass  taken from the scalp to the ends at once
     */
    public function __construct(
        public LineKind $kind,
        public ?Pigment $mix,
        public ?Strength $strength,
        public int $minutes,
        public array $window,
        public LiftTable $lift,
        public Technique $technique = Technique::Covered,
        public bool $onScalp = false,
        public bool $onePass = false,
        public string $line = '',
    ) {
    }
}

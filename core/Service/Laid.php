<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Formula\Purpose;
use Core\Hair\Method;
use Core\Hair\PatternKind;
use Core\Hair\Stroke;
use Core\Units\Fraction;

/** A stroke with its bowl, and with the bowls that share its pattern. */
final readonly class Laid
{
    /**
     * @param  list<PlacedBowl>  $partners  in the pattern's order
     * @param  int  $order  among the strokes of a round
     * @param  int  $place  of its bowl among the bowls
     */
    public function __construct(
        public PlacedBowl $bowl,
        public Stroke $stroke,
        public array $partners,
        public int $order,
        public int $place,
    ) {
    }

    /** Takes some strands and leaves others, or deals them out to its bowls. */
    public function divides(): bool
    {
        return $this->bowl->sheet->details->purpose === Purpose::Service && ! $this->isBetween() && (
            $this->stroke->method?->isPartial() === true
            || ($this->stroke->pattern !== null && ($this->partners !== [] || $this->stroke->pattern->kind !== PatternKind::Foils))
        );
    }

    public function isBetween(): bool
    {
        return $this->stroke->method === Method::BetweenFoils;
    }

    /** Takes strands that nobody has counted. */
    public function isGuessed(): bool
    {
        return $this->divides() && ($this->stroke->foils ?? $this->stroke->pattern?->foils()) === null
            && ($this->stroke->method?->isPartial() === true || $this->stroke->pattern?->kind === PatternKind::Between);
    }

    /**
     * What each bowl of the pattern takes of the stroke's hair. What lies between is no part of it: it takes what is left.
     *
     * @return list<array{Fraction, array{bowl: PlacedBowl, stroke: Stroke}, StrandKind}>
     */
    public function dealt(): array
    {
        $kind = $this->stroke->method?->isPartial() === true ? StrandKind::Taken : StrandKind::Dealt;
        if ($this->partners === [] || $this->stroke->pattern === null) {
            return [[Fraction::one(), $this->as(), $kind]];
        }
        $bowls = [$this->bowl, ...$this->partners];
        if ($this->stroke->pattern->kind === PatternKind::Between) {
            return [[Fraction::one(), $this->as(), StrandKind::Taken]];
        }
        $found = [];
        foreach ($this->stroke->pattern->shares(count($bowls)) as $place => $share) {
            $bowl = $bowls[$place] ?? $this->bowl;
            $found[] = [$share, [
                'bowl' => $bowl,
                'stroke' => $place === 0 ? $this->stroke : ($this->stroke->seenBy($bowl->sheet->letter, $this->bowl->sheet->letter) ?? $this->stroke),
            ], $kind];
        }

        return $found;
    }

    /** @return array{bowl: PlacedBowl, stroke: Stroke} */
    public function as(): array
    {
        return ['bowl' => $this->bowl, 'stroke' => $this->stroke];
    }
}

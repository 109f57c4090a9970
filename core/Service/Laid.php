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
     */
    public function __construct(
        public PlacedBowl $bowl,
        public Stroke $stroke,
        public array $partners,
        public int $order,
    ) {
    }

    /** Takes some strands and leaves others, or deals them out to its bowls. */
    public function divides(): bool
    {
        return $this->bowl->sheet->details->purpose === Purpose::Service && ! $this->isBetween() && (
            $this->stroke->method?->isPartial() === true
            || (
                $this->stroke->pattern !== null
                && ($this->partners !== [] || $this->stroke->pattern->kind !== PatternKind::Foils)
            )
        );
    }

    public function isBetween(): bool
    {
        return $this->stroke->method === Method::BetweenFoils;
    }

    public function isShield(): bool
    {
        return $this->bowl->sheet->details->purpose === Purpose::Protect;
    }

    /**
     * Lies on the hair before it is divided: a shield, unless its order was said; else only where its order was said,
     * and theirs.
     *
     * @param  list<self>  $dividing  of its round
     */
    public function goesBefore(array $dividing): bool
    {
        if ($this->stroke->order === null || $this->stroke->lastMinutes !== null || $dividing === []) {
            return $this->stroke->order === null && $this->isShield();
        }
        foreach ($dividing as $laid) {
            if ($laid->stroke->order === null || $laid->stroke->order <= $this->stroke->order) {
                return false;
            }
        }

        return true;
    }

    /** Takes strands that nobody has counted. */
    public function isGuessed(): bool
    {
        return $this->divides() && ($this->stroke->foils ?? $this->stroke->pattern?->foils()) === null
            && ($this->stroke->method?->isPartial() === true || $this->stroke->pattern?->kind === PatternKind::Between);
    }

    /**
     * What each bowl of the pattern takes of the stroke's hair. What lies between is no part of it: it takes what is
     * left.
     *
     * @return list<array{Fraction, array{bowl: PlacedBowl, stroke: Stroke}, StrandKind}>
     */
    public function dealt(): array
    {
        $kind = $this->stroke->method?->isPartial() === true ? StrandKind::Taken : StrandKind::Dealt;
        if ($this->stroke->with === [] || $this->stroke->pattern === null) {
            return [[Fraction::one(), $this->as(), $kind]];
        }
        if ($this->stroke->pattern->kind === PatternKind::Between) {
            return [[Fraction::one(), $this->as(), StrandKind::Taken]];
        }
        $letters = [$this->bowl->sheet->letter, ...$this->stroke->with];
        $found = [];
        foreach ($this->stroke->pattern->shares(count($letters)) as $place => $share) {
            $bowl = $place === 0 ? $this->bowl : $this->partner($letters[$place] ?? '');
            // What a bowl would take that is not there is left.
            if ($bowl !== null) {
                $found[] = [$share, [
                    'bowl' => $bowl,
                    'stroke' => $place === 0
                        ? $this->stroke
                        : ($this->stroke->seenBy($bowl->sheet->letter, $this->bowl->sheet->letter) ?? $this->stroke),
                ], $kind];
            }
        }

        return $found;
    }

    private function partner(string $letter): ?PlacedBowl
    {
        foreach ($this->partners as $bowl) {
            if ($bowl->sheet->letter === $letter) {
                return $bowl;
            }
        }

        return null;
    }

    /** @return array{bowl: PlacedBowl, stroke: Stroke} */
    public function as(): array
    {
        return ['bowl' => $this->bowl, 'stroke' => $this->stroke];
    }
}

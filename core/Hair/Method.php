<?php

declare(strict_types=1);

namespace Core\Hair;

/** The technique with which a bowl is laid on the hair. */
enum Method: string
{
    case RootTouchUp = 'root-touch-up';
    case WholeHead = 'global';
    case RootShadow = 'root-shadow';
    case Melt = 'melt';
    case FineFoils = 'fine-foils';
    case ChunkyFoils = 'chunky-foils';
    case SliceFoils = 'slice-foils';
    case BackcombedFoils = 'backcombed-foils';
    case HandPainted = 'hand-painted';
    case PaintedUnderFilm = 'painted-film';
    case Lowlights = 'lowlights';
    case BetweenFoils = 'between-foils';
    case Blocks = 'blocks';
    case Gloss = 'gloss';
    case Filler = 'filler';
    case Protect = 'protect';
    case Strand = 'strand';

    public function label(): string
    {
        return match ($this) {
            self::RootTouchUp => 'root touch-up',
            self::WholeHead => 'global',
            self::RootShadow => 'root shadow',
            self::FineFoils => 'fine foils',
            self::ChunkyFoils => 'chunky foils',
            self::SliceFoils => 'slice foils',
            self::BackcombedFoils => 'back-combed foils',
            self::HandPainted => 'hand-painted, open air',
            self::PaintedUnderFilm => 'hand-painted under film',
            self::BetweenFoils => 'between foils',
            self::Strand => 'test strand',
            default => $this->value,
        };
    }

    /** Takes some of the strands of its region and leaves the others. */
    public function isPartial(): bool
    {
        return in_array(
            $this,
            [
                self::FineFoils,
                self::ChunkyFoils,
                self::SliceFoils,
                self::BackcombedFoils,
                self::HandPainted,
                self::PaintedUnderFilm,
                self::Lowlights,
                self::Strand,
            ],
            true,
        );
    }

    public function usesFoils(): bool
    {
        return in_array(
            $this,
            [self::FineFoils, self::ChunkyFoils, self::SliceFoils, self::BackcombedFoils, self::Lowlights],
            true,
        );
    }

    /** Painted freehand: off the scalp, unless the root is what is painted. */
    public function isPainted(): bool
    {
        return in_array($this, [self::HandPainted, self::PaintedUnderFilm], true);
    }

    /** Lies in a foil or packet, held off the skin. */
    public function keepsOffScalp(): bool
    {
        return $this->usesFoils() || $this === self::Strand;
    }
}

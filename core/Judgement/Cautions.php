<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Zone;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/** The usual cautions that fire from hair and process together. The maker's instructions and local rules come first. */
final class Cautions
{
    /**
     * @param  Fraction  $lifts  levels
     * @return list<Caution>
     */
    public static function of(Zone $zone, Process $process, Fraction $lifts): array
    {
        $volume = $process->strength->volume ?? Fraction::zero();
        $found = [];
        if ($process->onScalp && $volume->compare(Fraction::of(30)) > 0) {
            $found[] = new Caution('strong-on-scalp', "{$volume->decimal(0)} vol would touch the scalp.", 'Keep it off the scalp, or use 20 vol or less there.');
        }
        if ($process->kind === LineKind::Lightener && $zone->history === HairHistory::Lightened) {
            $found[] = new Caution('overlap', 'Lightener would overlap hair that is already lightened.', 'Leave that hair out, or check its elasticity and go no further than it allows.');
        }
        if ($process->kind !== LineKind::Lightener && $zone->history === HairHistory::Lightened && $volume->compare(Fraction::of(10)) > 0) {
            $found[] = new Caution('strong-on-light', "{$volume->decimal(0)} vol on hair already lightened.", 'Take 10 vol or less: it needs depositing, not lifting.');
        }
        if ($zone->history === HairHistory::Unknown && $process->kind->isOxidative()) {
            $found[] = new Caution('unknown-dye', 'Unknown home or plant dye can react with peroxide: heat and breakage.', 'Test one strand first.');
        }
        if ($process->minutes > $process->window['max']) {
            $found[] = new Caution('over-time', "{$process->minutes} minutes is beyond the line’s {$process->window['max']}.", 'Rinse by then; do not exceed the maker’s time.');
        }
        if ($process->onePass && $lifts->compare(Fraction::of(1, 2)) >= 0) {
            $found[] = new Caution('hot-roots', 'A bowl that lifts, from scalp to ends in one pass: the first centimetre lifts up to a level more and warmer.', 'Give the root its own bowl, half a level to a level deeper or a strength lower; or mids first, roots later.');
        }
        if ($zone->porosity === Porosity::High && ! $lifts->isNegative() && $process->mix?->intensity->isZero() === false) {
            $found[] = new Caution('porous', 'Porous hair grabs colour.', 'Shorter, or with more clear.');
        }

        if ($zone->banded) {
            $found[] = new Caution('bands', 'A band of another level will come out as a band.', 'Give the band its own bowl, or a blending pass.');
        }

        return $found;
    }
}

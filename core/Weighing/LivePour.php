<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Grams;

/**
 * The line being poured, seen live: turns what the scale shows into what is in, what is left, and where that stands.
 */
final readonly class LivePour
{
    /** Below this, in centigrams, a change is noise and not a pour. */
    public const NOISE = 20;

    /** A reading this far below the bowl's content, in centigrams, is no noise: the bowl is not there. */
    public const LIFTED = 300;

    /**
     * @param  int  $from  centigrams the scale should show before this pour
     * @param  Grams  $already  of this line, poured and recorded
     */
    public function __construct(private int $from, private Grams $already, private Band $band)
    {
    }

    public function at(int $reading): LiveReading
    {
        $net = $reading - $this->from;
        $inLine = Grams::ofCentigrams(max(0, $this->already->centigrams + $net));
        $place = match (true) {
            $net <= -self::LIFTED => LivePlace::BowlMissing,
            $this->band->place($inLine) === PourPlace::Over => LivePlace::Over,
            $net < self::NOISE => LivePlace::Waiting,
            $this->band->place($inLine) === PourPlace::Inside => LivePlace::Inside,
            default => LivePlace::Under,
        };

        return new LiveReading(
            Grams::ofCentigrams(max(0, $net)),
            $inLine,
            $this->band->target->lessAtMost($inLine),
            $inLine->lessAtMost($this->band->target),
            $place,
        );
    }
}

<?php

declare(strict_types=1);

namespace Core\Weighing;

use Core\Units\Grams;

/** One live moment of a pour. */
final readonly class LiveReading
{
    /**
     * @param  Grams  $net  in the bowl since the last recorded pour
     * @param  Grams  $inLine  of this line in all, recorded and live
     * @param  Grams  $left  to the target
     * @param  Grams  $over  beyond the target
     */
    public function __construct(
        public Grams $net,
        public Grams $inLine,
        public Grams $left,
        public Grams $over,
        public LivePlace $place,
    ) {
    }
}

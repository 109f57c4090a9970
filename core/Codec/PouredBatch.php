<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Units\Grams;

/** One batch of a bowl as a document tells it: what the scale recorded, and what came back. */
final readonly class PouredBatch
{
    /**
     * @param  array<string, Grams>  $poured  by product id
     * @param  ?Grams  $left  weighed back; null where nobody did
     * @param  bool  $discarded  thrown away: it is on record and nothing follows from it
     */
    public function __construct(public array $poured, public ?Grams $left, public bool $discarded)
    {
    }

    public function total(): Grams
    {
        return Grams::sum($this->poured);
    }

    /** What was really used; what was not weighed back counts as used. */
    public function used(): Grams
    {
        return $this->left === null ? $this->total() : $this->total()->lessAtMost($this->left);
    }

    /**
     * What went into the bowl over all its batches that were not thrown away.
     *
     * @param  list<self>  $batches
     * @return array<string, Grams> by product id
     */
    public static function together(array $batches): array
    {
        $sums = [];
        foreach ($batches as $batch) {
            foreach ($batch->discarded ? [] : $batch->poured as $product => $grams) {
                $sums[$product] = isset($sums[$product]) ? $sums[$product]->plus($grams) : $grams;
            }
        }

        return $sums;
    }
}

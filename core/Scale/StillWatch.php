<?php

declare(strict_types=1);

namespace Core\Scale;

/**
 * Tells when a scale that does not say so itself has come to rest: the same weight for a moment. Centigrams,
 * milliseconds.
 */
final class StillWatch
{
    private const QUIET = 400;

    /** One step of most salon scales. */
    private const SAME = 10;

    private ?int $weight = null;

    private int $since = 0;

    public function see(int $reading, int $now): bool
    {
        if ($this->weight === null || abs($reading - $this->weight) > self::SAME) {
            $this->weight = $reading;
            $this->since = $now;
        }

        return $now - $this->since >= self::QUIET;
    }
}

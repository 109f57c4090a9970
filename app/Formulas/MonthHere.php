<?php

declare(strict_types=1);

namespace App\Formulas;

use Carbon\CarbonImmutable;

/** The month of a moment as the salon's wall clock has it; what is asked for hundreds of thousands of them at once. */
final class MonthHere
{
    /** Clocks are set, and days begin, at a quarter of an hour everywhere. */
    private const QUARTER = 15;

    /** @var array<string, array{string, string}> by the quarter of an hour in UTC */
    private array $known = [];

    public function __construct(public readonly string $zone)
    {
    }

    /**
     * @param  string  $moment  in UTC, as the database says it: 2026-11-27 09:15:00
     * @return array{string, string} as 2026-11, and as it is called
     */
    public function of(string $moment): array
    {
        $quarter = substr($moment, 0, 14).intdiv((int) substr($moment, 14, 2), self::QUARTER);
        if (! isset($this->known[$quarter])) {
            $here = CarbonImmutable::parse($moment, 'UTC')->setTimezone($this->zone);
            $this->known[$quarter] = [$here->format('Y-m'), $here->translatedFormat('M Y')];
        }

        return $this->known[$quarter];
    }
}

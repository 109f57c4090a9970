<?php

declare(strict_types=1);

namespace App\Kept;

use Closure;
use Illuminate\Database\DatabaseManager;

/**
 * Hears what is asked of the record while something is worked, and what it said. What was worked then holds for as long
 * as the same questions have the same answers, whatever else was written beside them: that a pour went into another bowl
 * is found out with the few statements that read pours, and no page of other bowls is worked anew.
 *
 * @phpstan-type Read array{sql: string, bindings: list<mixed>, said: string}
 */
final class Reads
{
    /** Asking for more rows than these again is dearer than what was made of them. */
    private const MOST_ROWS = 2_000;

    /** @var ?list<Read> null while nobody listens, or where something was read that cannot be asked again */
    private ?array $heard = null;

    public function __construct(private readonly DatabaseManager $database)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return array{T, ?list<Read>} what was worked, and what was read for it; null where it cannot be asked again
     */
    public function during(Closure $work): array
    {
        $this->heard = [];
        try {
            return [$work(), $this->heard];
        } finally {
            $this->heard = null;
        }
    }

    /**
     * @param  array<mixed>  $bindings
     * @param  array<mixed>  $rows
     */
    public function heard(string $sql, array $bindings, array $rows): void
    {
        if ($this->heard === null) {
            return;
        }
        if (count($rows) > self::MOST_ROWS) {
            $this->heard = null;

            return;
        }
        $this->heard[] = ['sql' => $sql, 'bindings' => array_values($bindings), 'said' => self::sum($rows)];
    }

    /** Something was read row by row, and is not known. */
    public function unheard(): void
    {
        $this->heard = null;
    }

    /**
     * Whether those that name one of these tables are answered as they were.
     *
     * @param  list<Read>  $reads
     * @param  list<string>  $tables
     */
    public function stillSaid(array $reads, array $tables): bool
    {
        if ($tables === []) {
            return true;
        }
        $named = '/\b(?:'.implode('|', array_map(preg_quote(...), $tables)).')\b/';
        foreach ($reads as $read) {
            if (
                preg_match($named, $read['sql']) === 1
                && self::sum($this->database->connection()->select($read['sql'], $read['bindings'])) !== $read['said']
            ) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<mixed>  $rows */
    private static function sum(array $rows): string
    {
        return hash('xxh128', serialize($rows));
    }
}

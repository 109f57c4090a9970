<?php

declare(strict_types=1);

namespace App\Kept;

use Closure;
use Illuminate\Database\DatabaseManager;

/**
 * Hears what is asked of the record while something is worked, and what it said. What was worked then holds for as
 * long as the same questions have the same answers, whatever else was written beside them: that a pour went into
 * another bowl is found out with the few statements that read pours, and no page of other bowls is worked anew.
 *
 * @phpstan-type Read array{sql: string, bindings: list<mixed>, said: string}
 */
final class Reads
{
    /** Asking for more rows than these again is dearer than what was made of them. */
    private const MOST_ROWS = 2_000;

    /** Rows of one answer that are held to be given again. */
    private const MOST_HELD = 200;

    /** @var ?list<Read> null where something was read that cannot be asked again */
    private ?array $heard = null;

    private bool $listens = false;

    /** @var array<string, array<mixed>> what was answered to what has been asked in the same work already */
    private array $held = [];

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
        [$this->heard, $this->listens] = [[], true];
        try {
            return [$work(), $this->heard];
        } finally {
            [$this->heard, $this->listens, $this->held] = [null, false, []];
        }
    }

    /**
     * What the same question was answered before, in the same work: what is worked from one state of the record asks
     * each question once.
     *
     * @param  array<mixed>  $bindings
     * @return ?array<mixed>
     */
    public function known(string $sql, array $bindings): ?array
    {
        $held = $this->listens ? $this->held[self::question($sql, $bindings)] ?? null : null;

        return $held === null ? null : self::copied($held);
    }

    /**
     * @param  array<mixed>  $bindings
     * @param  array<mixed>  $rows
     */
    public function heard(string $sql, array $bindings, array $rows): void
    {
        if (! $this->listens) {
            return;
        }
        if (count($rows) <= self::MOST_HELD && ! str_ends_with($sql, 'for update')) {
            $this->held[self::question($sql, $bindings)] = self::copied($rows);
        }
        if (count($rows) > self::MOST_ROWS) {
            $this->heard = null;
        } elseif ($this->heard !== null) {
            $this->heard[] = ['sql' => $sql, 'bindings' => array_values($bindings), 'said' => self::sum($rows)];
        }
    }

    /** Something was written: what was answered before may be answered otherwise. */
    public function written(): void
    {
        $this->held = [];
    }

    /** Something was read row by row, and is not known. */
    public function unheard(): void
    {
        $this->heard = null;
    }

    /**
     * The first of those that name one of these tables which is not answered as it was; null where all of them are.
     *
     * @param  list<Read>  $reads
     * @param  list<string>  $tables
     * @param  string  $last  what was said otherwise the last time, and most likely is again: asked before all others
     * @return ?string which, to be handed in again
     */
    public function saidOtherwise(array $reads, array $tables, string $last = ''): ?string
    {
        if ($tables === []) {
            return null;
        }
        $named = '/\b(?:'.implode('|', array_map(preg_quote(...), $tables)).')\b/';
        $asked = array_filter($reads, static fn (array $read): bool => preg_match($named, $read['sql']) === 1);
        $likely = array_filter($asked, static fn (array $read): bool => self::kind($read['sql']) === $last);
        foreach ($likely + $asked as $read) {
            $said = $this->database->connection()->select($read['sql'], $read['bindings']);
            if (self::sum($said) !== $read['said']) {
                return self::kind($read['sql']);
            }
        }

        return null;
    }

    /** The same question about other rows, or about more of them. */
    private static function kind(string $sql): string
    {
        return hash('xxh128', preg_replace('/\?(?:, \?)+/', '?', $sql) ?? $sql);
    }

    /** @param  array<mixed>  $bindings */
    private static function question(string $sql, array $bindings): string
    {
        return $sql."\0".serialize($bindings);
    }

    /**
     * Whoever is given rows may write in them.
     *
     * @param  array<mixed>  $rows
     * @return array<mixed>
     */
    private static function copied(array $rows): array
    {
        return array_map(static fn (mixed $row): mixed => is_object($row) ? clone $row : $row, $rows);
    }

    /** @param  array<mixed>  $rows */
    private static function sum(array $rows): string
    {
        return hash('xxh128', serialize($rows));
    }
}

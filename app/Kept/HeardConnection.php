<?php

declare(strict_types=1);

namespace App\Kept;

use Closure;
use Generator;
use Illuminate\Database\MariaDbConnection;
use PDO;

/** The record's connection, with somebody listening to what it is asked. */
final class HeardConnection extends MariaDbConnection
{
    /**
     * @param  PDO|(Closure(): PDO)  $pdo
     * @param  array<string, mixed>  $config
     */
    public function __construct(
        private readonly Reads $reads,
        PDO|Closure $pdo,
        string $database,
        string $prefix,
        array $config,
    ) {
        parent::__construct($pdo, $database, $prefix, $config);
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     * @param  bool  $useReadPdo
     * @return array<mixed>
     */
    public function select($query, $bindings = [], $useReadPdo = true): array
    {
        $bound = $this->prepareBindings($bindings);
        $known = $this->reads->known($query, $bound);
        if ($known !== null) {
            return $known;
        }
        $rows = parent::select($query, $bindings, $useReadPdo);
        $this->reads->heard($query, $bound, $rows);

        return $rows;
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        $this->reads->written();

        return parent::statement($query, $bindings);
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        $this->reads->written();

        return parent::affectingStatement($query, $bindings);
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     * @param  bool  $useReadPdo
     * @return array<mixed>
     */
    public function selectResultSets($query, $bindings = [], $useReadPdo = true): array
    {
        $this->reads->unheard();

        return parent::selectResultSets($query, $bindings, $useReadPdo);
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     * @param  bool  $useReadPdo
     * @return Generator<int, \stdClass>
     */
    public function cursor($query, $bindings = [], $useReadPdo = true): Generator
    {
        $this->reads->unheard();

        yield from parent::cursor($query, $bindings, $useReadPdo);
    }
}

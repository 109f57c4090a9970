<?php

declare(strict_types=1);

namespace App\Kept;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\QueryException;

/**
 * Counts how often each salon's record has changed. Every statement that writes is heard, whoever sends it, and counted
 * in the transaction that carries it: who sees the change sees the new turn, and what was worked before it is known to
 * be old.
 */
final class Turns
{
    /** Every salon's: written by a command, or by somebody who has not signed in. */
    public const EVERYBODY = 0;

    /** What no kept answer is made of: doors, locks and copies of what stands elsewhere. */
    private const APART = [
        'turns',
        'photo_files',
        'sessions',
        'cache',
        'cache_locks',
        'writes',
        'sign_in_tries',
        'scale_zeros',
        'activity_log',
        'migrations',
    ];

    private const SHELF = [
        'salons',
        'developers',
        'colour_lines',
        'colour_line_developer',
        'shades',
        'measures',
        'house_blends',
        'editions',
    ];

    private const WRITES = '/^\s*(?:(?:insert|replace)(?:\s+ignore)?\s+into|update|delete\s+from|call)\s+[`"]?(\w+)/i';

    private const SEVERAL = '/^\s*(?:call\b|(?:update|delete)\b(?:(?!\bset\b|\bwhere\b).)*(?:\bjoin\b|,))/is';

    /** Whoever writes the one may change the other: what goes with a row, what a row counts up. */
    public const ALSO = [
        'bowls' => ['components', 'proposals'],
        'visits' => ['observations', 'practice_tries', 'foretold'],
        'stock_moves' => ['stock_sums'],
    ];

    /** Of which tables is not known: a procedure, a statement over several. */
    private const ANY = '*';

    private const SINCE = 'since';

    /** The turn at which tables were last counted: another where a release wrote that does not count them. */
    private const LAST = 'last';

    private const NO_SUCH_TABLE = 1146;

    private const NO_SUCH_COLUMN = 1054;

    /** How often something was counted that answers are made of: a request that only asks counts nothing. */
    public int $counted = 0;

    private bool $record = false;

    private bool $shelf = false;

    /** @var array<string, true> written, and not yet counted */
    private array $tables = [];

    /** @var array<int, array{record: array<string, int>, shelf: int}> by salon */
    private array $seen = [];

    public function __construct(private readonly DatabaseManager $database, private readonly Repository $config)
    {
    }

    /** A statement was carried out: one that changes what answers are made of is counted. */
    public function heard(string $sql, ConnectionInterface $connection): void
    {
        if (preg_match(self::WRITES, $sql, $m) !== 1 || in_array($m[1], self::APART, true)) {
            return;
        }
        $this->record = true;
        $several = preg_match(self::SEVERAL, $sql) === 1;
        $this->shelf = $this->shelf || $several || in_array($m[1], self::SHELF, true);
        foreach ($several ? [self::ANY] : [$m[1], ...self::ALSO[$m[1]] ?? []] as $table) {
            $this->tables[$table] = true;
        }
        $this->seen = [];
        if ($connection->transactionLevel() === 0) {
            // It stands already. Counted beside it: whoever wrote is about to ask this connection for the id of the new
            // row.
            $this->count(self::EVERYBODY, $this->database->connection('aside'));
        }
    }

    /** Last thing before a commit: what was written in it becomes a turn of that salon. */
    public function count(int $salon, ?ConnectionInterface $by = null): void
    {
        if (! $this->record) {
            return;
        }
        $this->counted++;
        [$shelf, $tables] = [$this->shelf, array_keys($this->tables)];
        [$this->record, $this->shelf, $this->tables, $this->seen] = [false, false, [], []];
        $by ??= $this->database->connection();
        // A record that was put back or begun anew never counts what was counted before.
        $first = (int) (microtime(true) * 1000);
        $counted = [$salon, $this->config->integer('tinta.node'), $first, $first];
        $more = $shelf ? 1 : 0;
        $paths = array_map(static fn (string $table): string => "$.\"{$table}\"", [...$tables, self::LAST]);
        $marks = str_repeat(', ?, record', count($paths));
        try {
            $by->insert(
                "insert into turns (salon_id, node, record, shelf, tables) values (?, ?, ?, ?, ?)
                    on duplicate key update record = record + 1, shelf = shelf + ?, tables = json_set(tables{$marks})",
                [...$counted, json_encode([self::SINCE => $first, self::LAST => $first]), $more, ...$paths],
            );
        } catch (QueryException $failure) {
            match ($failure->errorInfo[1] ?? null) {
                // While the tables are being made there is nothing to count in, and nothing kept.
                self::NO_SUCH_TABLE => null,
                // They are from before the tables were counted, and about to be brought up to date.
                self::NO_SUCH_COLUMN => $by->insert(
                    'insert into turns (salon_id, node, record, shelf) values (?, ?, ?, ?)
                        on duplicate key update record = record + 1, shelf = shelf + ?',
                    [...$counted, $more],
                ),
                default => throw $failure,
            };
        }
    }

    /** A new request looks again. */
    public function lookAgain(): void
    {
        $this->seen = [];
    }

    /** How often the salon's record has changed; null while this request has written and not yet kept it. */
    public function ofRecord(int $salon): ?int
    {
        return $this->record ? null : array_sum($this->read($salon)['record']);
    }

    /** The same of its lines, products, measures, blends and rules. */
    public function ofShelf(int $salon): ?int
    {
        return $this->shelf ? null : $this->read($salon)['shelf'];
    }

    /** @return array<string, int> how often by each that counts, to be asked about with `changedSince` */
    public function each(int $salon): array
    {
        return $this->read($salon)['record'];
    }

    /**
     * Which tables have been written since; null where that is not known, and all of them may have been.
     *
     * @param  array<string, int>  $then  what `each` said
     * @return ?list<string>
     */
    public function changedSince(int $salon, array $then): ?array
    {
        $changed = [];
        $rows = $this->rows($salon, ', tables');
        foreach ($rows as $counter => $row) {
            $written = (array) json_decode((string) $row['tables'], true);
            $from = $then[$counter] ?? null;
            // Begun after it, or written by a release that does not count the tables.
            if (
                $from === null
                || ($written[self::SINCE] ?? PHP_INT_MAX) > $from
                || ($written[self::LAST] ?? null) !== (int) $row['record']
            ) {
                return null;
            }
            unset($written[self::SINCE], $written[self::LAST]);
            $changed += array_filter($written, static fn (mixed $turn): bool => $turn > $from);
        }

        return isset($changed[self::ANY]) || array_diff_key($then, $rows) !== [] ? null : array_keys($changed);
    }

    /** @return array{record: array<string, int>, shelf: int} */
    private function read(int $salon): array
    {
        if (! isset($this->seen[$salon])) {
            $rows = $this->rows($salon);
            $this->seen[$salon] = [
                'record' => array_map(static fn (array $row): int => (int) $row['record'], $rows),
                'shelf' => array_sum(array_map(static fn (array $row): int => (int) $row['shelf'], $rows)),
            ];
        }

        return $this->seen[$salon];
    }

    /** @return array<string, array<string, int|string>> by the salon and the node that count */
    private function rows(int $salon, string $more = ''): array
    {
        $rows = [];
        foreach (
            $this->database->connection()->select(
                "select salon_id, node, record, shelf{$more} from turns where salon_id in (?, ?)",
                [self::EVERYBODY, $salon],
            ) as $row
        ) {
            $row = (array) $row;
            $rows["{$row['salon_id']} {$row['node']}"] = $row;
        }

        return $rows;
    }
}

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

    private const NO_SUCH_TABLE = 1146;

    private bool $record = false;

    private bool $shelf = false;

    /** @var array<int, array{record: int, shelf: int}> by salon */
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
        $this->shelf = $this->shelf || in_array($m[1], self::SHELF, true) || stripos(ltrim($sql), 'call') === 0;
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
        [$shelf, $this->record, $this->shelf, $this->seen] = [$this->shelf, false, false, []];
        try {
            // A record that was put back or begun anew never counts what was counted before.
            ($by ?? $this->database->connection())->insert(
                'insert into turns (salon_id, node, record, shelf) values (?, ?, ?, ?) on duplicate key update record = record + 1, shelf = shelf + ?',
                [
                    $salon,
                    $this->config->integer('tinta.node'),
                    $first = (int) (microtime(true) * 1000),
                    $first,
                    $shelf ? 1 : 0,
                ],
            );
        } catch (QueryException $failure) {
            // While the tables are being made there is nothing to count in, and nothing kept.
            if (($failure->errorInfo[1] ?? null) !== self::NO_SUCH_TABLE) {
                throw $failure;
            }
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
        return $this->record ? null : $this->read($salon)['record'];
    }

    /** The same of its lines, products, measures, blends and rules. */
    public function ofShelf(int $salon): ?int
    {
        return $this->shelf ? null : $this->read($salon)['shelf'];
    }

    /** @return array{record: int, shelf: int} */
    private function read(int $salon): array
    {
        if (! isset($this->seen[$salon])) {
            $row = (array) $this->database->connection()->selectOne(
                'select coalesce(sum(record), 0) record, coalesce(sum(shelf), 0) shelf from turns where salon_id in (?, ?)',
                [self::EVERYBODY, $salon],
            );
            $this->seen[$salon] = ['record' => (int) ($row['record'] ?? 0), 'shelf' => (int) ($row['shelf'] ?? 0)];
        }

        return $this->seen[$salon];
    }
}

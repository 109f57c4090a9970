<?php

declare(strict_types=1);

namespace Scale;

use PDO;
use PDOException;

/**
 * What the other nodes of a cluster have written: their devices are told by their own bridges, ours hear of it here.
 * Asked of this node's database, which has it from the others; while that is away, nothing is said and it is asked
 * again.
 */
final class Elsewhere
{
    private const EVERY_SECONDS = 0.5;

    private const AWAY_SECONDS = 2.0;

    private float $due = 0.0;

    /** @var ?array<int, int> turns by salon; null before the first look */
    private ?array $turns = null;

    /**
     * @param  \Closure(): array<int, int>  $count  how often the other nodes have written in each salon; throws while
     *     that cannot be told
     */
    public function __construct(private readonly \Closure $count)
    {
    }

    /** Of this process's own environment; null on a machine that is one by itself. */
    public static function here(): ?self
    {
        $node = (int) getenv('TINTA_NODE');
        if ($node === 0) {
            return null;
        }
        // Whoever hangs must not hold up the scales.
        ini_set('mysqlnd.net_read_timeout', '1');
        $record = null;

        return new self(static function () use (&$record, $node): array {
            try {
                $record ??= self::connect();
                $rows = $record->prepare('SELECT salon_id, SUM(record) FROM turns WHERE node <> ? GROUP BY salon_id');
                $rows->execute([$node]);

                return array_map(intval(...), $rows->fetchAll(PDO::FETCH_KEY_PAIR));
            } catch (PDOException $away) {
                $record = null;
                throw $away;
            }
        });
    }

    /** @return list<string> the salons that another node has written in since the last look; 0 says all of them */
    public function news(float $now): array
    {
        if ($now < $this->due) {
            return [];
        }
        $this->due = $now + self::EVERY_SECONDS;
        try {
            $turns = ($this->count)();
        } catch (PDOException) {
            $this->due = $now + self::AWAY_SECONDS;

            return [];
        }
        $before = $this->turns;
        $this->turns = $turns;

        return $before === null ? [] : array_map(strval(...), array_keys(array_diff_assoc($turns, $before)));
    }

    private static function connect(): PDO
    {
        $of = static fn (string $name): string => (string) getenv($name);

        return new PDO(
            "mysql:unix_socket={$of('DB_SOCKET')};dbname={$of('DB_DATABASE')}",
            $of('DB_USERNAME'),
            $of('DB_PASSWORD'),
            [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
    }
}

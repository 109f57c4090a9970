<?php

declare(strict_types=1);

namespace App\Accounts;

use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;

/**
 * Slows guessing down and locks nobody out: after a few free tries each one has to wait, half a minute at most. A try
 * is counted before the password is looked at, on a connection of its own, so that tries at the same moment and refused
 * writes count too.
 */
final readonly class TryLimit
{
    private const WAITS = [1, 2, 4, 8, 16, 30];

    private const FORGET_MINUTES = 15;

    public function __construct(private DatabaseManager $database)
    {
    }

    /** @return ?int whole seconds to wait; null where it may be tried now, and is counted */
    public function take(string $what, int $free): ?int
    {
        $key = hash('sha256', $what);
        $now = CarbonImmutable::now();

        return $this->aside()->transaction(function (ConnectionInterface $rows) use ($key, $now, $free): ?int {
            $rows->table('sign_in_tries')->insertOrIgnore([
                'key' => $key,
                'tries' => 0,
                'next_at' => $now->format('Y-m-d H:i:s.v'),
                'forget_at' => $now->addMinutes(self::FORGET_MINUTES),
            ]);
            $row = $rows->table('sign_in_tries')->where('key', $key)->lockForUpdate()->first();
            $tries = $row === null || $now->greaterThan(CarbonImmutable::parse($row->forget_at))
                ? 0
                : (int) $row->tries;
            $next = $row === null ? $now : CarbonImmutable::parse($row->next_at);
            if ($tries >= $free && $now->lessThan($next)) {
                return (int) max(1, ceil($now->diffInMilliseconds($next) / 1000));
            }
            $wait = $tries + 1 < $free ? 0 : self::WAITS[min($tries + 1 - $free, count(self::WAITS) - 1)];
            $rows->table('sign_in_tries')->where('key', $key)->update([
                'tries' => $tries + 1,
                'next_at' => $now->addSeconds($wait)->format('Y-m-d H:i:s.v'),
                'forget_at' => $now->addMinutes(self::FORGET_MINUTES),
            ]);

            return null;
        }, 5);
    }

    /** The right password: what was counted is forgotten. */
    public function forget(string $what): void
    {
        $this->aside()->table('sign_in_tries')->where('key', hash('sha256', $what))->delete();
        $this->aside()->table('sign_in_tries')->where('forget_at', '<', CarbonImmutable::now())->delete();
    }

    /** One that was right was no guess: it is not counted, the others are. */
    public function giveBack(string $what): void
    {
        $this->aside()
            ->table('sign_in_tries')
            ->where('key', hash('sha256', $what))
            ->where('tries', '>', 0)
            ->decrement('tries');
    }

    private function aside(): ConnectionInterface
    {
        return $this->database->connection('aside');
    }
}

<?php

declare(strict_types=1);

namespace App\Accounts;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/**
 * Whether a device is locked. It stands beside the session, not in it: of several requests at once the last writes the
 * session's payload, and one that began before the lock would open it again.
 */
final readonly class SessionLock
{
    private const FLAG = 'locked';

    public function __construct(private DatabaseManager $database, private Repository $config)
    {
    }

    public function isOn(Session $session): bool
    {
        return $this->isStored() ? $this->row($session)
            ->whereNotNull('locked_at')
            ->exists() : $session->get(self::FLAG) === true;
    }

    public function turn(Session $session, bool $on): void
    {
        if ($this->isStored()) {
            $this->row($session)->update(['locked_at' => $on ? CarbonImmutable::now() : null]);
        } elseif ($on) {
            $session->put(self::FLAG, true);
        } else {
            $session->forget(self::FLAG);
        }
    }

    private function isStored(): bool
    {
        return $this->config->get('session.driver') === 'database';
    }

    private function row(Session $session): Builder
    {
        return $this->database->table('sessions')->where('id', $session->getId());
    }
}

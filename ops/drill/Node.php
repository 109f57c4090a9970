<?php

declare(strict_types=1);

namespace Ops\Drill;

use PDO;
use PDOException;

/** One of the drill's machines: its pages, its database, and what happens to them. */
final class Node
{
    public readonly string $folder;

    public readonly string $address;

    public function __construct(private readonly string $root, public readonly int $number)
    {
        $this->folder = "{$root}/var/cluster{$number}";
        $this->address = 'http://127.0.0.1:'.(8860 + 10 * $number);
    }

    public function command(string $words): int
    {
        exec('cd '.escapeshellarg($this->root)." && TINTA_INSTANCE=cluster{$this->number} timeout 600 ./tinta {$words} >".escapeshellarg("{$this->folder}.log").' 2>&1', $out, $status);

        return $status;
    }

    /** Ends a process at once, as a fault would. */
    public function kill(string ...$names): void
    {
        foreach ($names as $name) {
            $pid = (int) @file_get_contents("{$this->folder}/run/{$name}.pid");
            $pid > 1 && posix_kill($pid, SIGKILL);
        }
    }

    /** Cut off from the others, as by a cable; and back. */
    public function isolate(bool $cut): void
    {
        $this->record('root')->exec("SET GLOBAL wsrep_provider_options = 'gmcast.isolate=".($cut ? 1 : 0)."'");
    }

    /** Whether its database is one of so many, and has all that they have. */
    public function isWhole(int $of): bool
    {
        try {
            $said = $this->record('root')->query("SHOW STATUS WHERE Variable_name IN ('wsrep_cluster_size', 'wsrep_local_state_comment', 'wsrep_ready')")->fetchAll(PDO::FETCH_KEY_PAIR);
        } catch (PDOException) {
            return false;
        }

        return (int) $said['wsrep_cluster_size'] === $of && $said['wsrep_local_state_comment'] === 'Synced' && $said['wsrep_ready'] === 'ON';
    }

    /** Whether its pages answer. */
    public function answers(): bool
    {
        $handle = curl_init("{$this->address}/api/session");
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2, CURLOPT_HTTPHEADER => ['Accept: application/json']]);
        curl_exec($handle);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        curl_close($handle);

        return $status === 200;
    }

    /** @return list<array<string, string>> */
    public function rows(string $sql): array
    {
        return array_values($this->record('owner')->query($sql)->fetchAll(PDO::FETCH_ASSOC));
    }

    private function record(string $account): PDO
    {
        $secret = trim((string) file_get_contents("{$this->folder}/secrets/db_{$account}"));

        return new PDO("mysql:unix_socket={$this->folder}/run/sql.sock;dbname=tinta", $account === 'root' ? 'root' : "tinta_{$account}", $secret, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }
}

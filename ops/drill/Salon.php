<?php

declare(strict_types=1);

namespace Ops\Drill;

use RuntimeException;

/** The demo salon of the drill's instance: started, stopped, killed, and asked for its rows. */
final class Salon
{
    public const ADDRESS = 'http://127.0.0.1:8560';

    public readonly string $folder;

    public function __construct(private readonly string $root)
    {
        $this->folder = "{$root}/var/drill";
    }

    public function command(string $verb, ?string $log = null): int
    {
        $into = $log ?? '/dev/null';
        exec('cd '.escapeshellarg($this->root).' && timeout 300 ./tinta '.$verb.' >'.escapeshellarg($into).' 2>&1', $out, $status);

        return $status;
    }

    /** Starts in a group of its own and is cut off by Ctrl-C after so many seconds. */
    public function cutOffStart(float $after): void
    {
        $pid = pcntl_fork();
        if ($pid === 0) {
            posix_setsid();
            pcntl_signal(SIGINT, SIG_DFL);
            chdir($this->root);
            fclose(STDOUT);
            fclose(STDERR);
            pcntl_exec('/bin/bash', ['./tinta', 'start']);
            exit(1);
        }
        usleep((int) ($after * 1e6));
        posix_kill(-$pid, SIGINT);
        pcntl_waitpid($pid, $status);
    }

    public function twoStarts(): void
    {
        $first = proc_open(['bash', './tinta', 'start'], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, $this->root);
        $this->command('start');
        is_resource($first) && proc_close($first);
    }

    /** How many processes work in this instance's folder. */
    public function processes(): int
    {
        return count(array_filter(glob('/proc/[0-9]*/cwd') ?: [], fn (string $link): bool => str_starts_with((string) @readlink($link), $this->folder)));
    }

    public function erase(): void
    {
        $this->command('stop');
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** Ends a process of this instance at once, as a fault would. */
    public function kill(string $name): void
    {
        $pid = (int) @file_get_contents("{$this->folder}/run/{$name}.pid");
        if ($pid > 1) {
            posix_kill($pid, SIGKILL);
        }
    }

    /** @return list<array<string, string>> */
    public function rows(string $sql): array
    {
        $secret = trim((string) file_get_contents("{$this->folder}/secrets/db_owner"));
        $socket = is_file("{$this->folder}/run/sql.sock") || file_exists("{$this->folder}/run/sql.sock") ? "{$this->folder}/run/sql.sock" : throw new RuntimeException('The database is not there.');
        $database = new \PDO("mysql:unix_socket={$socket};dbname=tinta", 'tinta_owner', $secret, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $found = $database->query($sql);

        return $found === false ? [] : array_values($found->fetchAll(\PDO::FETCH_ASSOC));
    }

    public function device(): Device
    {
        $device = new Device(self::ADDRESS);
        if (! $device->signIn('ines@sailcloth.example', 'harbour-light')) {
            throw new RuntimeException('Nobody can sign in.');
        }

        return $device;
    }
}

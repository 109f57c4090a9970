<?php

declare(strict_types=1);

namespace Ops\Drill;

use RuntimeException;
use TypeError;

/** Benches that weigh all the while, each a process: every pour is sent under its id until it is answered, as the page does. */
final class Load
{
    private const PASSWORD = 'harbour-light';

    /** @var array<int, string> what each process writes down, by its id */
    private array $benches = [];

    public function __construct(private readonly string $front)
    {
    }

    /** @param  list<string>  $people */
    public function begin(array $people): void
    {
        foreach ($people as $person) {
            $file = (string) tempnam(sys_get_temp_dir(), 'tinta-load-');
            $process = pcntl_fork();
            if ($process === 0) {
                $this->weigh($person, $file);
            }
            $this->benches[$process] = $file;
        }
    }

    /** @return list<array{float, string, string, int, float, array<int, int>}> of every pour that was answered: when, batch, id, grams, how long it took, and what was answered before, by status */
    public function end(): array
    {
        $pours = [];
        foreach (array_keys($this->benches) as $process) {
            posix_kill($process, SIGTERM);
        }
        foreach ($this->benches as $process => $file) {
            pcntl_waitpid($process, $status);
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                $pours[] = unserialize($line, ['allowed_classes' => false]);
            }
            unlink($file);
        }

        return $pours;
    }

    /** Until it is told to end; the pour that is under way is brought home first. */
    private function weigh(string $person, string $file): never
    {
        $ends = false;
        pcntl_async_signals(true);
        pcntl_signal(SIGTERM, function () use (&$ends): void {
            $ends = true;
        });
        $device = new Device($this->front);
        if (! $device->signIn("{$person}@sailcloth.example", self::PASSWORD)) {
            throw new RuntimeException("{$person} cannot sign in.");
        }
        while (! $ends) {
            try {
                $bowl = plan($device, '1000 g')['bowl'];
                [$status, $batch] = $device->ask('POST', "/api/bowls/{$bowl}/batches", ['id' => $id = uuid()], $id);
            } catch (RuntimeException|TypeError) {
                $status = 0;
            }
            if ($status !== 201) {
                usleep(500_000);

                continue;
            }
            for ($after = (int) $batch['sequence'], $times = 0; ! $ends && $times < 480; $after++, $times++) {
                $event = ['id' => uuid(), 'after' => $after, 'kind' => 'poured', 'line' => $batch['lines'][0]['key'], 'grams' => '1 g', 'source' => 'hand'];
                [$began, $before] = [microtime(true), []];
                while (! in_array($status = $device->ask('POST', "/api/batches/{$batch['id']}/events", $event, $event['id'])[0], [200, 201], true)) {
                    $before[$status] = ($before[$status] ?? 0) + 1;
                    usleep(200_000);
                }
                $now = microtime(true);
                file_put_contents($file, serialize([$now, $batch['id'], $event['id'], 1, $now - $began, $before])."\n", FILE_APPEND);
                usleep(60_000);
            }
        }
        posix_kill((int) getmypid(), SIGKILL);
        exit;
    }
}

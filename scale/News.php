<?php

declare(strict_types=1);

namespace Scale;

/**
 * That something was written, to every device of its salon that listens: which visit, and no more. The device asks for
 * the rest itself. A stream is ended after two minutes, so that nobody hears on whose session is over; who comes back
 * says what it heard last, and is told whether it missed anything.
 */
final class News
{
    private const QUIET_SECONDS = 20.0;

    private const LONGEST_SECONDS = 110.0;

    /** @var array<int, array{socket: resource, salon: string, told: float, since: float}> */
    private array $listeners = [];

    /** @var array<string, int> how many news there were so far, by salon */
    private array $count = [];

    /** What was counted before this process began is not known. */
    private readonly string $run;

    public function __construct()
    {
        $this->run = bin2hex(random_bytes(4));
    }

    /**
     * @param  resource  $client
     * @param  string  $last  what it heard last; empty where it comes for the first time
     */
    public function listen($client, string $salon, string $last, float $now): void
    {
        $id = $this->id($salon);
        $missed = json_encode(['missed' => $last !== $id]);
        fwrite(
            $client,
            "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n\r\nretry: 500\nid: {$id}\ndata: {$missed}\n\n",
        );
        $this->listeners[(int) $client] = ['socket' => $client, 'salon' => $salon, 'told' => $now, 'since' => $now];
    }

    /** @param  string  $salon  0: every salon that listens */
    public function tell(string $salon, string $visit): void
    {
        if ($salon === '0') {
            foreach (array_unique(array_column($this->listeners, 'salon')) as $each) {
                $this->tell($each, $visit);
            }

            return;
        }
        if ($salon === '') {
            return;
        }
        $this->count[$salon] = ($this->count[$salon] ?? 0) + 1;
        $line = "id: {$this->id($salon)}\ndata: ".json_encode(['visit' => $visit])."\n\n";
        foreach ($this->listeners as $key => $listener) {
            if ($listener['salon'] === $salon) {
                $this->write($key, $line);
            }
        }
    }

    /** A line that says nothing, so that whoever is gone is noticed; and the end of what has run long enough. */
    public function keepOpen(float $now): void
    {
        foreach ($this->listeners as $key => $listener) {
            if ($now - $listener['since'] > self::LONGEST_SECONDS) {
                fclose($listener['socket']);
                unset($this->listeners[$key]);
            } elseif ($now - $listener['told'] > self::QUIET_SECONDS) {
                $this->listeners[$key]['told'] = $now;
                $this->write($key, ": \n\n");
            }
        }
    }

    /** @return list<resource> */
    public function sockets(): array
    {
        return array_column($this->listeners, 'socket');
    }

    public function forget(int $key): void
    {
        unset($this->listeners[$key]);
    }

    private function id(string $salon): string
    {
        return $this->run.'x'.($this->count[$salon] ?? 0);
    }

    private function write(int $key, string $line): void
    {
        $socket = $this->listeners[$key]['socket'];
        if (@fwrite($socket, $line) === false) {
            fclose($socket);
            unset($this->listeners[$key]);
        }
    }
}

<?php

declare(strict_types=1);

namespace Scale;

/** That something was written, to every device of its salon that listens: which visit, and no more. The device asks for the rest itself. */
final class News
{
    private const QUIET_SECONDS = 20.0;

    /** @var array<int, array{socket: resource, salon: string, told: float}> */
    private array $listeners = [];

    /** @param  resource  $client */
    public function listen($client, string $salon, float $now): void
    {
        fwrite($client, "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n\r\nretry: 1000\ndata: {}\n\n");
        $this->listeners[(int) $client] = ['socket' => $client, 'salon' => $salon, 'told' => $now];
    }

    public function tell(string $salon, string $visit): void
    {
        $line = 'data: '.json_encode(['visit' => $visit])."\n\n";
        foreach ($this->listeners as $key => $listener) {
            if ($salon !== '' && $listener['salon'] === $salon) {
                $this->write($key, $line);
            }
        }
    }

    /** A line that says nothing, so that whoever is gone is noticed, and whatever stands between does not close it. */
    public function keepOpen(float $now): void
    {
        foreach ($this->listeners as $key => $listener) {
            if ($now - $listener['told'] > self::QUIET_SECONDS) {
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

    private function write(int $key, string $line): void
    {
        $socket = $this->listeners[$key]['socket'];
        if (@fwrite($socket, $line) === false) {
            fclose($socket);
            unset($this->listeners[$key]);
        }
    }
}

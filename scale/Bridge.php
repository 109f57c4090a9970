<?php

declare(strict_types=1);

namespace Scale;

/**
 * Brings the scale's readings to every browser that listens, as server-sent events.
 *
 * One process reads the scale and serves all benches from one loop, so that no PHP worker is held
 * while somebody pours. It listens on loopback only; the web server in front lets signed-in devices through.
 */
final class Bridge
{
    /** @var array<int, resource> connections whose request is not read yet */
    private array $arriving = [];

    /** @var array<int, Listener> */
    private array $listeners = [];

    /** @param  resource  $server a listening socket */
    public function __construct(private $server, private readonly Reader $reader)
    {
    }

    public function run(): never
    {
        while (true) {
            $this->reader->connectIfDue(microtime(true));
            $this->wait();
            $now = microtime(true);
            foreach ($this->listeners as $key => $listener) {
                if (! $listener->tell($this->reader, $now)) {
                    fclose($listener->socket);
                    unset($this->listeners[$key]);
                }
            }
        }
    }

    private function wait(): void
    {
        $read = [$this->server, ...$this->arriving, ...array_map(static fn (Listener $listener) => $listener->socket, $this->listeners)];
        $scale = $this->reader->socket();
        if ($scale !== null) {
            $read[] = $scale;
        }
        $write = $except = null;
        if (@stream_select($read, $write, $except, 0, 200_000) < 1) {
            return;
        }
        foreach ($read as $socket) {
            match (true) {
                $socket === $this->server => $this->accept(),
                $socket === $scale => $this->reader->read(microtime(true)),
                default => $this->receive($socket),
            };
        }
    }

    private function accept(): void
    {
        $client = @stream_socket_accept($this->server, 0);
        if ($client !== false) {
            stream_set_blocking($client, false);
            $this->arriving[(int) $client] = $client;
        }
    }

    /** @param  resource  $client */
    private function receive($client): void
    {
        $bytes = fread($client, 8192);
        $key = (int) $client;
        if (isset($this->arriving[$key]) && is_string($bytes) && preg_match('#^GET /[^ ?]*(?:\?(\S*))? HTTP/1\.[01]\r\n#', $bytes, $m) === 1) {
            unset($this->arriving[$key]);
            parse_str($m[1] ?? '', $query);
            fwrite($client, "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n\r\nretry: 800\n\n");
            $this->listeners[$key] = Listener::from($client, $query);
        } elseif ($bytes === false || feof($client) || isset($this->arriving[$key])) {
            unset($this->arriving[$key], $this->listeners[$key]);
            fclose($client);
        }
    }
}

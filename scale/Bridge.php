<?php

declare(strict_types=1);

namespace Scale;

/**
 * Brings the scales' readings to every browser that listens, as server-sent events, and takes in the lines of scales
 * that hang at a tablet's own cable. By the same way every device hears that something of its salon was written.
 *
 * One process reads all scales and serves all benches from one loop, so that no PHP worker is held while somebody
 * pours. It listens on loopback only; the web server in front lets signed-in devices through, and says of which salon
 * they are.
 */
final class Bridge
{
    /** @var array<int, array{resource, string}> connections whose request is not whole yet */
    private array $arriving = [];

    /** @var array<int, Listener> */
    private array $listeners = [];

    private readonly News $news;

    /** @param  resource  $server a listening socket */
    public function __construct(
        private $server,
        private readonly Scales $scales,
        private readonly ?Elsewhere $elsewhere = null,
    ) {
        $this->news = new News;
    }

    public function run(): never
    {
        $tidied = 0.0;
        while (true) {
            $now = microtime(true);
            foreach ($this->scales->wires() as $wire) {
                $wire->connectIfDue($now);
            }
            $this->wait();
            $now = microtime(true);
            if ($now - $tidied > 5.0) {
                $this->scales->tidy($now);
                $this->news->keepOpen($now);
                $tidied = $now;
            }
            foreach ($this->elsewhere?->news($now) ?? [] as $salon) {
                $this->news->tell($salon, '');
            }
            foreach ($this->listeners as $key => $listener) {
                if (! $listener->tell($this->scales, $now)) {
                    fclose($listener->socket);
                    unset($this->listeners[$key]);
                }
            }
        }
    }

    private function wait(): void
    {
        $read = [
            $this->server,
            ...array_column($this->arriving, 0),
            ...array_map(static fn (Listener $listener) => $listener->socket, $this->listeners),
            ...$this->news->sockets(),
        ];
        $wires = [];
        foreach ($this->scales->wires() as $wire) {
            $socket = $wire->socket();
            if ($socket !== null) {
                $read[] = $socket;
                $wires[(int) $socket] = $wire;
            }
        }
        $write = $except = null;
        if (@stream_select($read, $write, $except, 0, 200_000) < 1) {
            return;
        }
        foreach ($read as $socket) {
            match (true) {
                $socket === $this->server => $this->accept(),
                isset($wires[(int) $socket]) => $wires[(int) $socket]->read(microtime(true)),
                default => $this->receive($socket),
            };
        }
    }

    private function accept(): void
    {
        $client = @stream_socket_accept($this->server, 0);
        if ($client !== false) {
            stream_set_blocking($client, false);
            $this->arriving[(int) $client] = [$client, ''];
        }
    }

    /** @param  resource  $client */
    private function receive($client): void
    {
        $bytes = fread($client, 16_384);
        $key = (int) $client;
        $request = isset($this->arriving[$key]) && is_string($bytes)
            ? Request::from($this->arriving[$key][1] .= $bytes)
            : false;
        if ($request === null && ! feof($client)) {
            return;
        }
        unset($this->arriving[$key]);
        if ($request instanceof Request) {
            $this->answer($client, $request);
        } else {
            unset($this->listeners[$key]);
            $this->news->forget($key);
            fclose($client);
        }
    }

    /** @param  resource  $client */
    private function answer($client, Request $request): void
    {
        $now = microtime(true);
        $json = json_decode($request->body, true);
        $text = static fn (string $key): string => is_string($request->query[$key] ?? null)
            ? $request->query[$key]
            : '';
        if ($request->method === 'GET' && $request->path === '/scale/list') {
            $this->say($client, 200, ['scales' => $this->scales->all($request->salon, $now)]);
        } elseif ($request->method === 'POST' && $request->path === '/scale/attach') {
            $ticket = $this->scales->attach($request->salon, is_array($json) ? $json : [], $now);
            $this->say(
                $client,
                $ticket === null ? 422 : 200,
                $ticket === null
                    ? ['message' => 'This is no scale.', 'mend' => 'Attach it anew.']
                    : ['ticket' => $ticket],
            );
        } elseif ($request->method === 'GET' && $request->path === '/news') {
            $this->news->listen($client, $request->salon, $request->last, $now);
        } elseif ($request->method === 'POST' && $request->path === '/news/tell') {
            $this->news->tell($text('salon'), $text('visit'));
            $this->say($client, 200, []);
        } elseif ($request->method === 'POST' && $request->path === '/scale/feed') {
            $taken = $this->scales->feed($text('ticket'), $request->body, $now);
            $this->say($client, $taken ? 200 : 410, []);
        } else {
            fwrite(
                $client,
                "HTTP/1.1 200 OK\r\nContent-Type: text/event-stream\r\nCache-Control: no-store\r\nConnection: close\r\n\r\nretry: 800\n\n",
            );
            $this->listeners[(int) $client] = Listener::from($client, $request->query, $request->salon, $text('scale'));
        }
    }

    /**
     * @param  resource  $client
     * @param  array<string, mixed>  $json
     */
    private function say($client, int $status, array $json): void
    {
        $words = [200 => 'OK', 410 => 'Gone', 422 => 'Unprocessable Content'][$status] ?? 'OK';
        $body = (string) json_encode((object) $json, JSON_UNESCAPED_UNICODE);
        @fwrite(
            $client,
            "HTTP/1.1 {$status} {$words}\r\nContent-Type: application/json\r\nCache-Control: no-store\r\nContent-Length: "
                .strlen($body)
                ."\r\nConnection: close\r\n\r\n{$body}",
        );
        fclose($client);
    }
}

<?php

declare(strict_types=1);

namespace Scale;

use Core\Scale\ScaleLine;

/** The simulated scale as a server: sends a reading ten times a second, obeys commands (docs/scale-protocol.md). */
final class Simulator
{
    private const TICK = 0.1;

    /** @var array<int, resource> */
    private array $clients = [];

    /** @var array<int, string> half-received commands */
    private array $pending = [];

    private int $sequence = 0;

    private int $garbage = 0;

    private float $silentUntil = 0.0;

    /** @param  resource  $server a listening socket */
    public function __construct(private $server, private readonly Pan $pan = new Pan)
    {
    }

    public function run(): never
    {
        $next = microtime(true);
        while (true) {
            $this->listen(max(0.0, $next - microtime(true)));
            if (microtime(true) >= $next) {
                $this->pan->pass(self::TICK);
                $this->send();
                $next = max($next + self::TICK, microtime(true) - 1.0);
            }
        }
    }

    private function listen(float $seconds): void
    {
        $read = [$this->server, ...$this->clients];
        $write = $except = null;
        if (@stream_select($read, $write, $except, 0, (int) ($seconds * 1_000_000)) < 1) {
            return;
        }
        foreach ($read as $socket) {
            $socket === $this->server ? $this->accept() : $this->receive($socket);
        }
    }

    private function accept(): void
    {
        $client = @stream_socket_accept($this->server, 0);
        if ($client !== false) {
            stream_set_blocking($client, false);
            $this->clients[(int) $client] = $client;
            $this->pending[(int) $client] = '';
        }
    }

    /** @param  resource  $client */
    private function receive($client): void
    {
        $bytes = fread($client, 4096);
        if ($bytes === false || ($bytes === '' && feof($client))) {
            $this->leave($client);

            return;
        }
        $lines = explode("\n", $this->pending[(int) $client].$bytes);
        $this->pending[(int) $client] = substr((string) array_pop($lines), 0, 200);
        foreach ($lines as $line) {
            $this->write($client, $this->obey(trim($line)));
        }
    }

    private function obey(string $command): string
    {
        [$verb, $number] = [...explode(' ', $command, 2), ''];
        if ($number !== '' && preg_match('/^\d{1,4}(\.\d{1,2})?$/', $number) !== 1) {
            return 'no a plain number was expected';
        }
        $value = (float) $number;
        switch ($verb) {
            case 'tare':
                return sprintf('ok %.2f g', $this->pan->tare() / 100);
            case 'state':
                return 'ok '.json_encode($this->pan->state() + ['connected' => microtime(true) >= $this->silentUntil]);
            case 'bowl': $this->pan->put($value);
                break;
            case 'lift': $this->pan->lift();
                break;
            case 'return': $this->pan->return();
                break;
            case 'pour': $this->pan->pour($value);
                break;
            case 'flow': $this->pan->flow($value);
                break;
            case 'hold': $this->pan->hold($value);
                break;
            case 'drift': $this->pan->driftBy($value);
                break;
            case 'garbage': $this->garbage = (int) $value;
                break;
            case 'drop': $this->silentUntil = microtime(true) + $value;
                break;
            case 'reset':
                $this->pan->reset();
                $this->silentUntil = 0.0;
                break;
            default:
                return 'no unknown command';
        }

        return 'ok '.$verb;
    }

    private function send(): void
    {
        $this->sequence++;
        if (microtime(true) < $this->silentUntil) {
            return;
        }
        $line = $this->pan->isOverloaded()
            ? ScaleLine::overload($this->sequence)->text()
            : ScaleLine::weight($this->sequence, $this->pan->reading(), $this->pan->isStill())->text();
        if ($this->garbage > 0) {
            $this->garbage--;
            $line = strrev($line)."\xFE?";
        }
        foreach ($this->clients as $client) {
            $this->write($client, $line);
        }
    }

    /** @param  resource  $client */
    private function write($client, string $line): void
    {
        if (@fwrite($client, $line."\r\n") === false) {
            $this->leave($client);
        }
    }

    /** @param  resource  $client */
    private function leave($client): void
    {
        unset($this->clients[(int) $client], $this->pending[(int) $client]);
        fclose($client);
    }
}

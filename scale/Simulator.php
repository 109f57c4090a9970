<?php

declare(strict_types=1);

namespace Scale;

use Core\Scale\ScaleLine;
use Core\Scale\WeightUnit;

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

    private float $stuckUntil = 0.0;

    private string $stuck = '';

    private WeightUnit $unit = WeightUnit::Gram;

    /** Seconds a line is on its way. */
    private float $delay = 0.0;

    /** @var list<array{float, string}> lines on their way, and when each is due */
    private array $underWay = [];

    /** @param  resource  $server a listening socket */
    public function __construct(private $server, private readonly Pan $pan = new Pan)
    {
    }

    /** Several scales in one process, each with its own pan and port. */
    public static function runAll(self ...$scales): never
    {
        $next = microtime(true);
        while (true) {
            self::listen(max(0.0, $next - microtime(true)), ...$scales);
            if (microtime(true) >= $next) {
                foreach ($scales as $scale) {
                    $scale->tick(microtime(true));
                }
                $next = max($next + self::TICK, microtime(true) - 1.0);
            }
        }
    }

    private static function listen(float $seconds, self ...$scales): void
    {
        $read = array_merge(
            ...array_map(static fn (self $scale): array => [$scale->server, ...array_values($scale->clients)], $scales),
        );
        $write = $except = null;
        if (@stream_select($read, $write, $except, 0, (int) ($seconds * 1_000_000)) < 1) {
            return;
        }
        foreach ($read as $socket) {
            foreach ($scales as $scale) {
                if ($socket === $scale->server) {
                    $scale->accept();
                } elseif (in_array($socket, $scale->clients, true)) {
                    $scale->receive($socket);
                }
            }
        }
    }

    private function tick(float $now): void
    {
        $this->pan->pass(self::TICK);
        $this->send($now);
        while ($this->underWay !== [] && $this->underWay[0][0] <= $now) {
            [, $line] = array_shift($this->underWay);
            foreach ($this->clients as $client) {
                $this->write($client, $line);
            }
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
        if ($verb === 'unit') {
            $unit = WeightUnit::tryFrom($number);
            $this->unit = $unit ?? $this->unit;

            return $unit === null ? 'no a unit was expected: g, kg, oz or lb' : 'ok unit';
        }
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
            case 'quick': $this->pan->quicken($value);
                break;
            case 'garbage': $this->garbage = (int) $value;
                break;
            case 'drop': $this->silentUntil = microtime(true) + $value;
                break;
            case 'slow': $this->delay = $value / 1000;
                break;
            case 'freeze': $this->stuckUntil = microtime(true) + $value;
                break;
            case 'reset':
                $this->pan->reset();
                $this->silentUntil = $this->stuckUntil = $this->delay = 0.0;
                $this->unit = WeightUnit::Gram;
                break;
            default:
                return 'no unknown command';
        }

        return 'ok '.$verb;
    }

    private function send(float $now): void
    {
        $this->sequence++;
        if ($now < $this->silentUntil) {
            return;
        }
        $line = $this->pan->isOverloaded()
            ? ScaleLine::overload($this->sequence)->text()
            : ScaleLine::weight($this->sequence, $this->pan->reading(), $this->pan->isStill())->text($this->unit);
        // Stuck, it says the same again and again.
        $this->stuck = $now < $this->stuckUntil && $this->stuck !== '' ? $this->stuck : $line;
        $line = $this->stuck;
        if ($this->garbage > 0) {
            $this->garbage--;
            $line = strrev($line)."\xFE?";
        }
        $this->underWay[] = [$now + $this->delay, $line];
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

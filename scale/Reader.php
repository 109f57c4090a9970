<?php

declare(strict_types=1);

namespace Scale;

use Core\Scale\GarbledLine;
use Core\Scale\PanWatch;
use Core\Scale\ScaleLine;

/**
 * Keeps one connection to the scale and knows what to think of it: the latest clean reading,
 * and whether the scale is silent, garbled or overloaded. Times are seconds.
 */
final class Reader
{
    private const RETRY = 0.5;

    /** A scale that sends ten lines a second and has said nothing for this long is not there. */
    private const SILENCE = 1.0;

    /** @var ?resource */
    private $socket = null;

    private string $pending = '';

    private float $heardAt = 0.0;

    private float $triedAt = 0.0;

    private bool $garbled = false;

    private ?ScaleLine $latest = null;

    /** Another each time the scale comes back: between, it may have been switched off and have lost its zero. */
    private string $since = '';

    private ?PanWatch $watch = null;

    public function __construct(private readonly string $host, private readonly int $port)
    {
    }

    /** @return ?resource to wait on */
    public function socket()
    {
        return $this->socket;
    }

    public function connectIfDue(float $now): void
    {
        if ($this->socket !== null || $now - $this->triedAt < self::RETRY) {
            return;
        }
        $this->triedAt = $now;
        $socket = @stream_socket_client("tcp://{$this->host}:{$this->port}", $code, $error, 0.3);
        if ($socket !== false) {
            stream_set_blocking($socket, false);
            $this->socket = $socket;
        }
    }

    public function read(float $now): void
    {
        if ($this->socket === null) {
            return;
        }
        $bytes = fread($this->socket, 8192);
        if ($bytes === false || ($bytes === '' && feof($this->socket))) {
            fclose($this->socket);
            $this->socket = null;
            $this->pending = '';
            $this->since = '';

            return;
        }
        $lines = explode("\n", $this->pending.$bytes);
        // An endless line is no line; keeping only its tail bounds what garbage can cost.
        $this->pending = substr((string) array_pop($lines), -500);
        foreach ($lines as $line) {
            if ($this->since === '' || $now - $this->heardAt > self::SILENCE) {
                $this->since = bin2hex(random_bytes(6));
                $this->watch = new PanWatch;
            }
            $this->heardAt = $now;
            try {
                $this->latest = ScaleLine::parse($line);
                $this->garbled = false;
                if ($this->latest->centigrams !== null) {
                    $this->watch?->see($this->latest->centigrams, $this->latest->still, (int) ($now * 1000));
                }
            } catch (GarbledLine) {
                $this->garbled = true;
            }
        }
    }

    public function state(float $now): string
    {
        return match (true) {
            $this->socket === null || $this->latest === null && ! $this->garbled || $now - $this->heardAt > self::SILENCE => 'disconnected',
            $this->garbled => 'garbled',
            $this->latest->isOverload() => 'overload',
            default => 'reading',
        };
    }

    /** Since when the same things stand on the scale, and it is heard without a break, as a word that is another after each. */
    public function since(): string
    {
        // While it sways nobody knows what stands on it.
        return "{$this->since}.{$this->watch?->changes()}".($this->watch?->isUnsettled() === true ? '~' : '');
    }

    public function latest(): ?ScaleLine
    {
        return $this->latest;
    }
}

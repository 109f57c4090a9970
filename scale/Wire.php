<?php

declare(strict_types=1);

namespace Scale;

/** The connection to a scale that is reached over the wire, kept up as long as the bridge runs. Times are seconds. */
final class Wire
{
    private const RETRY = 0.5;

    /** @var ?resource */
    private $socket = null;

    private string $pending = '';

    private float $triedAt = 0.0;

    public readonly Reader $reader;

    public function __construct(private readonly string $host, private readonly int $port)
    {
        $this->reader = Reader::own();
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
            $this->reader->lose();

            return;
        }
        $lines = explode("\n", $this->pending.$bytes);
        // An endless line is no line; keeping only its tail bounds what garbage can cost.
        $this->pending = substr((string) array_pop($lines), -500);
        foreach ($lines as $line) {
            $this->reader->hear($line, $now);
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** The network of one device, to be pulled out and plugged in again. */
final class Cable
{
    /** @var ?resource */
    private $process = null;

    private function __construct(public readonly int $port, private readonly int $target)
    {
    }

    public static function to(int $target): self
    {
        $probe = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($probe, false), ':'), 1);
        fclose($probe);
        $cable = new self($port, $target);
        $cable->plug();

        return $cable;
    }

    public function plug(): void
    {
        $process = proc_open(
            ['php', __DIR__.'/cable.php', (string) $this->port, (string) $this->target],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        if ($process === false || fgets($pipes[1]) !== "plugged in\n") {
            throw new RuntimeException('The cable does not fit.');
        }
        $this->process = $process;
    }

    public function pull(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process);
            proc_close($this->process);
            $this->process = null;
        }
    }

    public function __destruct()
    {
        $this->pull();
    }
}

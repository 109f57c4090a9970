<?php

declare(strict_types=1);

namespace App\Scales;

use App\Exceptions\ScaleUnreachable;

/** Sends one command to the scale and reads its reply (docs/scale-protocol.md). */
final readonly class ScaleConnection
{
    private const SECONDS = 2;

    public function __construct(private string $host, private int $port)
    {
    }

    /** @param  int  $number  which of the simulated scales, from 1 */
    public static function configured(int $number = 1): self
    {
        return new self((string) config('tinta.scale.host'), (int) config("tinta.scale.ports.{$number}"));
    }

    /**
     * @return string what follows "ok " in the reply
     *
     * @throws ScaleUnreachable when the scale is silent or refuses
     */
    public function ask(string $command): string
    {
        $socket = @stream_socket_client("tcp://{$this->host}:{$this->port}", $code, $error, self::SECONDS);
        if ($socket === false) {
            throw ScaleUnreachable::silent();
        }
        stream_set_timeout($socket, self::SECONDS);
        fwrite($socket, $command."\n");
        $until = microtime(true) + self::SECONDS;
        while (microtime(true) < $until && ($line = fgets($socket)) !== false) {
            // Readings arrive between command and reply; they are somebody else's business.
            if (str_starts_with($line, 'ok ')) {
                fclose($socket);

                return trim(substr($line, 3));
            }
            if (str_starts_with($line, 'no ')) {
                fclose($socket);
                throw ScaleUnreachable::refused(trim(substr($line, 3)));
            }
        }
        fclose($socket);
        throw ScaleUnreachable::silent();
    }
}

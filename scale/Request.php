<?php

declare(strict_types=1);

namespace Scale;

/** One request to the bridge, read as far as it has arrived. */
final readonly class Request
{
    private const LONGEST = 65_536;

    /** @param  array<mixed>  $query */
    private function __construct(
        public string $method,
        public string $path,
        public array $query,
        public string $salon,
        public string $body,
        public string $last = '',
    ) {
    }

    /** Null while it is not whole; false where it will never be one. */
    public static function from(string $bytes): self|false|null
    {
        $end = strpos($bytes, "\r\n\r\n");
        if ($end === false) {
            return strlen($bytes) > self::LONGEST ? false : null;
        }
        $head = substr($bytes, 0, $end);
        if (preg_match('#^(GET|POST) (/[^ ?]*)(?:\?(\S*))? HTTP/1\.[01]#', $head, $m) !== 1) {
            return false;
        }
        $length = preg_match('/^Content-Length: *(\d{1,6})\r?$/mi', $head, $found) === 1 ? (int) $found[1] : 0;
        if ($length > self::LONGEST) {
            return false;
        }
        $body = substr($bytes, $end + 4);
        if (strlen($body) < $length) {
            return null;
        }
        parse_str($m[3] ?? '', $query);

        return new self(
            $m[1],
            $m[2],
            $query,
            // Written by the web server, which takes it from the application's word; what a device sends is
            // overwritten.
            preg_match('/^X-Tinta-Salon: *(\d{1,18})\r?$/mi', $head, $salon) === 1 ? $salon[1] : '',
            substr($body, 0, $length),
            preg_match('/^Last-Event-ID: *(\w{1,40})\r?$/mi', $head, $last) === 1 ? $last[1] : '',
        );
    }
}

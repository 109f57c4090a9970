<?php

declare(strict_types=1);

namespace Ops\Drill;

/** A device with a session of its own, speaking to the running application over HTTP. */
final class Device
{
    /** @var list<float> */
    private static array $asked = [];

    private readonly string $cookies;

    public function __construct(private readonly string $address)
    {
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'tinta-drill-');
    }

    public function signIn(string $email, string $password): bool
    {
        $this->ask('GET', '/api/session');

        return $this->ask('POST', '/api/session', ['email' => $email, 'password' => $password])[0] === 200;
    }

    /**
     * @param  ?array<string, mixed>  $body
     * @param  ?string  $write  the device's own id of a write, under which it may be sent again
     * @return array{int, mixed} status, 0 for no answer; and what was said
     */
    public function ask(string $method, string $path, ?array $body = null, ?string $write = null): array
    {
        return $this->read($this->request($method, $path, $body, $write));
    }

    /** How long it took until a stream said anything of a salon after this was done, in seconds; null where it did not in ten. */
    public function hears(string $path, callable $done): ?float
    {
        $handle = $this->request('GET', $path, null);
        [$begun, $heard] = [null, null];
        curl_setopt_array($handle, [CURLOPT_TIMEOUT => 12, CURLOPT_WRITEFUNCTION => function ($of, string $bytes) use (&$begun, &$heard, $done): int {
            if ($begun === null && str_contains($bytes, 'missed')) {
                $begun = microtime(true);
                $done();
            } elseif ($begun !== null && str_contains($bytes, '"visit"')) {
                $heard = microtime(true) - $begun;

                return 0;
            }

            return strlen($bytes);
        }]);
        curl_exec($handle);
        curl_close($handle);

        return $heard;
    }

    /**
     * The same at once, as often as there are devices’ fingers.
     *
     * @param  list<array{string, string, array<string, mixed>}>  $requests
     * @return list<array{int, mixed}>
     */
    public function together(array $requests): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($requests as [$method, $path, $body]) {
            $handles[] = $handle = $this->request($method, $path, $body);
            curl_multi_add_handle($multi, $handle);
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
        } while ($running > 0);

        return array_map(fn ($handle): array => [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), json_decode((string) curl_multi_getcontent($handle), true)], $handles);
    }

    /** Nobody’s hands are faster than the application takes one person’s; a drill waits rather than be told so. */
    private function pace(): void
    {
        $now = microtime(true);
        self::$asked = array_values(array_filter(self::$asked, fn (float $at): bool => $now - $at < 65.0));
        if (count(self::$asked) > 1_000) {
            sleep(66);
            self::$asked = [];
        }
        self::$asked[] = $now;
    }

    /** @return array{int, mixed} */
    private function read(\CurlHandle $handle): array
    {
        $said = curl_exec($handle);
        $status = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        curl_close($handle);

        return [$status, is_string($said) ? json_decode($said, true) : null];
    }

    /** @param  ?array<string, mixed>  $body */
    private function request(string $method, string $path, ?array $body, ?string $write = null): \CurlHandle
    {
        $this->pace();
        $handle = curl_init($this->address.$path);
        $headers = ['Accept: application/json', 'Content-Type: application/json'];
        if (preg_match('/XSRF-TOKEN\s+(\S+)/', (string) file_get_contents($this->cookies), $token) === 1) {
            $headers[] = 'X-XSRF-TOKEN: '.urldecode($token[1]);
        }
        if ($write !== null) {
            $headers[] = "X-Write-Id: {$write}";
        }
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $this->cookies, CURLOPT_COOKIEJAR => $this->cookies,
            CURLOPT_HTTPHEADER => $headers, CURLOPT_TIMEOUT => 15, CURLOPT_POSTFIELDS => $body === null ? null : (string) json_encode($body),
        ]);

        return $handle;
    }
}

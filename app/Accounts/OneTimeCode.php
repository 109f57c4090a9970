<?php

declare(strict_types=1);

namespace App\Accounts;

use InvalidArgumentException;

/**
 * Six digits that change every half minute, made of a shared secret and the time (RFC 6238 over RFC 4226, with SHA-1
 * as every application for it takes).
 */
final readonly class OneTimeCode
{
    private const STEP = 30;

    private const DIGITS = 6;

    /** A clock that is one step off, or a person who typed slowly. */
    private const STEPS_OFF = 1;

    private const SECRET_BYTES = 20;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param  string  $secret  bytes */
    public function __construct(private string $secret)
    {
    }

    public static function fresh(): self
    {
        return new self(random_bytes(self::SECRET_BYTES));
    }

    /**
     * @param  string  $words  base32 (RFC 4648), as an application is told it
     *
     * @throws InvalidArgumentException where it is none
     */
    public static function ofBase32(string $words): self
    {
        $bits = '';
        foreach (str_split(strtoupper(str_replace([' ', '-', '='], '', $words))) as $sign) {
            $at = strpos(self::ALPHABET, $sign);
            if ($at === false) {
                throw new InvalidArgumentException('This is no base32.');
            }
            $bits .= str_pad(decbin($at), 5, '0', STR_PAD_LEFT);
        }

        return new self(implode('', array_map(
            static fn (string $byte): string => chr((int) bindec($byte)),
            array_filter(str_split($bits, 8), static fn (string $byte): bool => strlen($byte) === 8),
        )));
    }

    public function base32(): string
    {
        $bits = implode('', array_map(
            static fn (string $byte): string => str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT),
            str_split($this->secret),
        ));

        return implode('', array_map(
            static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))],
            str_split($bits, 5),
        ));
    }

    /** What a camera reads into the application. */
    public function address(string $account, string $salon): string
    {
        return 'otpauth://totp/'.rawurlencode("Tinta {$salon}:{$account}").'?'.http_build_query([
            'secret' => $this->base32(),
            'issuer' => "Tinta {$salon}",
        ], '', '&', PHP_QUERY_RFC3986);
    }

    /** @param  int  $at  seconds since 1970 */
    public function at(int $at): string
    {
        return $this->ofStep(intdiv($at, self::STEP));
    }

    /**
     * The step of time a typed code belongs to; null for a wrong one, and for one that is not newer than the last.
     *
     * @param  int  $at  seconds since 1970
     */
    public function step(string $typed, int $at, int $last): ?int
    {
        $code = str_replace(' ', '', $typed);
        $now = intdiv($at, self::STEP);
        for ($step = $now - self::STEPS_OFF; $step <= $now + self::STEPS_OFF; $step++) {
            if (hash_equals($this->ofStep($step), $code) && $step > $last) {
                return $step;
            }
        }

        return null;
    }

    private function ofStep(int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $four = unpack('N', $hash, ord($hash[strlen($hash) - 1]) & 0xF);
        $number = ($four === false ? 0 : $four[1]) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }
}

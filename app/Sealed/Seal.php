<?php

declare(strict_types=1);

namespace App\Sealed;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Encryption\Encrypter;
use RuntimeException;

/**
 * Notes about somebody's health, as they stand in the database: sealed with the salon's own key (AES-256-GCM), so that
 * a copy of its files, a dump or a disk says nothing without it. The first key seals; older ones still open what they
 * sealed.
 */
final readonly class Seal
{
    private const MARK = 'sealed:1:';

    private const CIPHER = 'aes-256-gcm';

    /** What stands in the place of a note whose key is not here. */
    public const LOST = 'This note is here and cannot be read: the key it was sealed with is missing.';

    private Encrypter $first;

    /** @param  list<string>  $keys  32 bytes each, base64; the newest first */
    public function __construct(private array $keys)
    {
        $this->first = new Encrypter(
            self::bytes(
                $keys[0] ?? throw new RuntimeException('No key for health notes: TINTA_NOTES_KEYS is not set.'),
            ),
            self::CIPHER,
        );
        $this->first->previousKeys(array_map(self::bytes(...), array_slice($keys, 1)));
    }

    /** Nothing stays nothing: whether there is a note is no secret, and an empty one needs no key. */
    public function close(string $words): string
    {
        return $words === '' ? '' : self::MARK.$this->first->encryptString($words);
    }

    /** What is not sealed is answered as it is: from before notes were sealed. */
    public function open(string $kept): string
    {
        if (! self::isSealed($kept)) {
            return $kept;
        }
        try {
            return $this->first->decryptString(substr($kept, strlen(self::MARK)));
        } catch (DecryptException) {
            return self::LOST;
        }
    }

    public static function isSealed(string $kept): bool
    {
        return str_starts_with($kept, self::MARK);
    }

    /** Whether the newest key sealed it: what an older one did is sealed anew when keys are changed. */
    public function isNewest(string $kept): bool
    {
        if (! self::isSealed($kept)) {
            return $kept === '';
        }
        try {
            (
                new Encrypter(self::bytes($this->keys[0]), self::CIPHER)
            )->decryptString(substr($kept, strlen(self::MARK)));

            return true;
        } catch (DecryptException) {
            return false;
        }
    }

    private static function bytes(string $key): string
    {
        return (string) base64_decode($key, true);
    }
}

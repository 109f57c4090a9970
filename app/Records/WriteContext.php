<?php

declare(strict_types=1);

namespace App\Records;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/**
 * What a device says about a write beside its contents: under which id, by whom and how long ago it was made.
 * The age is told, not the moment, so that a tablet whose clock is wrong still tells the right one.
 */
final class WriteContext
{
    public const ID = 'X-Write-Id';

    public const AUTHOR = 'X-Write-Author';

    /** Milliseconds since it was made. */
    public const AGE = 'X-Write-Age';

    private const OLDEST_DAYS = 30;

    /** It was carried out before, and is answered as known. */
    public bool $known = false;

    private string $reason = '';

    private function __construct(
        public readonly ?string $id,
        public readonly ?int $author,
        public readonly CarbonImmutable $madeAt,
    ) {
    }

    /** Of one request always the same. */
    public static function of(Request $request): self
    {
        $known = $request->attributes->get(self::class);
        if (! $known instanceof self) {
            $known = self::from($request);
            $request->attributes->set(self::class, $known);
        }

        return $known;
    }

    private static function from(Request $request): self
    {
        $id = $request->headers->get(self::ID);
        $author = $request->headers->get(self::AUTHOR);
        $age = $request->headers->get(self::AGE, '0');
        $age = ctype_digit((string) $age) && strlen((string) $age) < 12 ? (int) $age : 0;

        return new self(
            is_string($id) && Str::isUuid($id) ? strtolower($id) : null,
            is_string($author) && ctype_digit($author) && strlen($author) < 12 ? (int) $author : null,
            CarbonImmutable::now()->subMilliseconds(min($age, self::OLDEST_DAYS * 86_400_000)),
        );
    }

    /** Why it is done; it stands beside the change in the record. */
    public function because(string $reason): void
    {
        $this->reason = $reason;
    }

    public function reason(): string
    {
        return $this->reason;
    }
}

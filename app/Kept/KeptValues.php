<?php

declare(strict_types=1);

namespace App\Kept;

use Closure;
use Illuminate\Contracts\Cache\Store;

/**
 * What was worked once and holds until something it is made of changes. It lives in the memory that the processes of
 * one machine share, never on a disk: health notes stand in it unsealed. Whatever is lost is worked again.
 */
final readonly class KeptValues
{
    /** Nothing is kept longer than this, whether or not it could still be asked for. */
    public const LONGEST_SECONDS = 900;

    public function __construct(private Store $store)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function of(string $key, Closure $work): mixed
    {
        $kept = $this->store->get($key);
        if ($kept !== null) {
            return $kept;
        }
        $value = $work();
        $this->store->put($key, $value, self::LONGEST_SECONDS);

        return $value;
    }

    public function get(string $key): mixed
    {
        return $this->store->get($key);
    }

    public function put(string $key, mixed $value, int $seconds): void
    {
        $this->store->put($key, $value, min($seconds, self::LONGEST_SECONDS));
    }

    /** All of it, at once: somebody's words were taken out of the record. */
    public function forgetAll(): void
    {
        $this->store->flush();
    }
}

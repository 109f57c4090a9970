<?php

declare(strict_types=1);

namespace App\Records;

use DateTime;

/**
 * A page reads the same columns of the same row many times. Whether a column is cast is worked once for all rows of a
 * model, and what it is cast to once for a row, for as long as the row holds what it held.
 */
trait ReadOnce
{
    use BootsByName;

    /** @var array<string, array{mixed, mixed}> by column: what the row held, and what it was cast to */
    private array $cast = [];

    /** @var array<string, bool> by column: what the row holds is what is read */
    private static array $asHeld = [];

    /** @param  string  $key */
    public function getAttribute($key): mixed
    {
        if (! array_key_exists($key, $this->attributes)) {
            return $this->relations[$key] ?? parent::getAttribute($key);
        }
        $held = $this->attributes[$key];
        if (self::$asHeld[$key] ??= $this->isAsHeld($key)) {
            return $held;
        }
        if (isset($this->cast[$key]) && $this->cast[$key][0] === $held) {
            return $this->cast[$key][1];
        }
        $read = parent::getAttribute($key);
        // A moment that could be moved by whoever asked is made anew for each.
        if (! $read instanceof DateTime) {
            $this->cast[$key] = [$held, $read];
        }

        return $read;
    }

    private function isAsHeld(string $key): bool
    {
        return ! $this->hasCast($key)
            && ! in_array($key, $this->getDates(), true)
            && ! $this->hasAnyGetMutator($key);
    }
}

<?php

declare(strict_types=1);

namespace Core;

use JsonSerializable;

/**
 * Something the core has to say: what, by a key, and the values in it. The words are not the core's: a catalogue
 * outside (lang/) has them by this key, what is said and, where something is to be put right, what mends it. A second
 * language is a file.
 */
final readonly class Fact implements JsonSerializable
{
    private const MEND = '#mend';

    /** @param  array<string, int|string|self|list<string|self>>  $values  by the name that the catalogue uses */
    private function __construct(public string $key, public array $values)
    {
    }

    /**
     * @param  int|string|self|list<string|self>  ...$values  each by its name; numbers with their unit, as the trade
     *     writes them
     */
    public static function of(string $entry, int|string|self|array ...$values): self
    {
        $named = [];
        foreach ($values as $name => $value) {
            $named[(string) $name] = $value;
        }

        return new self($entry, $named);
    }

    /**
     * Each once.
     *
     * @param  list<self>  $facts
     * @return list<self>
     */
    public static function distinct(array $facts): array
    {
        $found = [];
        foreach ($facts as $fact) {
            $found[$fact->text()] ??= $fact;
        }

        return array_values($found);
    }

    /** What mends it, as something to be said by itself. */
    public function mend(): self
    {
        return new self($this->key.self::MEND, $this->values);
    }

    /** Whether it is the mend of something, and the key without that. */
    public function isMend(): bool
    {
        return str_ends_with($this->key, self::MEND);
    }

    /** The key in the catalogue. */
    public function entry(): string
    {
        return $this->isMend() ? substr($this->key, 0, -strlen(self::MEND)) : $this->key;
    }

    /** For logs, and for tests: the key with its values. */
    public function text(): string
    {
        $values = [];
        foreach ($this->values as $name => $value) {
            $values[] = "{$name}: ".(is_array($value) ? implode(
                ', ',
                array_map(self::plain(...), $value),
            ) : self::plain($value));
        }

        return $this->key.($values === [] ? '' : ' ('.implode('; ', $values).')');
    }

    /** Never words: whoever sends it on has them put into words first. */
    public function jsonSerialize(): string
    {
        return $this->text();
    }

    private static function plain(int|string|self $value): string
    {
        return $value instanceof self ? $value->text() : (string) $value;
    }
}

<?php

declare(strict_types=1);

namespace Core\Scale;

/** A piece of what a scale sends: a number, a word, or a sign. */
final readonly class Token
{
    private const NUMBER = '[+-]?\s*\d+(?:[.,]\d+)?';

    private function __construct(public string $text, public bool $isNumber)
    {
    }

    /** @return list<self> */
    public static function all(string $line): array
    {
        preg_match_all('/'.self::NUMBER.'|[\p{L}%]+|[^\s\p{L}\d]/u', $line, $found);

        return array_map(
            static fn (string $text): self => new self($text, preg_match('/\d/', $text) === 1),
            $found[0],
        );
    }

    /** The number, as it is computed with: 12.5, -3. */
    public function number(): string
    {
        return ltrim(str_replace([' ', "\t", ','], ['', '', '.'], $this->text), '+');
    }

    public function hasDecimals(): bool
    {
        return str_contains($this->number(), '.');
    }

    /** 1: a number, w: a word, and every sign itself. */
    public function kind(): string
    {
        return match (true) {
            $this->isNumber => '1',
            preg_match('/^[\p{L}%]+$/u', $this->text) === 1 => 'w',
            // One byte a piece, so that a place in the kinds is a place in the line.
            default => strlen($this->text) === 1 ? $this->text : '?',
        };
    }
}

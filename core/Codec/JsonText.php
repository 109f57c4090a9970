<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use JsonException;
use stdClass;

/** A document as text: read so that every field can be given back as it was, whole numbers of any length too. */
final readonly class JsonText
{
    /** Longer whole numbers than the machine holds are carried as text between two marks that no document has. */
    private const LONG = "\u{E000}long\u{E000}";

    /** Objects and lists within each other, and the values in the last of them. */
    private const DEEPEST = 64;

    /** @param  mixed  $values  objects as arrays */
    private function __construct(public mixed $values, private mixed $document)
    {
    }

    /** @throws UnreadableDocument with the line of the first fault */
    public static function read(string $text): self
    {
        $kept = preg_replace_callback(
            '/"(?:[^"\\\\]|\\\\.)*"|-?\d{19,}(?![\d.eE])/s',
            static fn (array $found): string => $found[0][0] === '"' ? $found[0] : '"'.self::LONG.$found[0].'"',
            $text,
        ) ?? $text;
        try {
            return new self(
                json_decode($kept, true, self::DEEPEST, JSON_THROW_ON_ERROR),
                json_decode($kept, false, self::DEEPEST, JSON_THROW_ON_ERROR),
            );
        } catch (JsonException) {
            $line = self::faultyLine($text);
            throw UnreadableDocument::because([new Problem(
                '',
                $line === null ? Fact::of('documents.not-json') : Fact::of('documents.not-json-in-line', line: $line),
            )]);
        }
    }

    /** The document with every result, all else as it was. */
    public function with(WorkFormula $worked): string
    {
        $document = $this->document instanceof stdClass ? $this->document : new stdClass;
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE
            | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

        return (string) preg_replace('/"'.self::LONG.'(-?\d+)"/u', '$1', json_encode($worked->into($document), $flags));
    }

    /** The first line that does not go on as JSON does; null where the fault is not in the text itself. */
    private static function faultyLine(string $text): ?int
    {
        $at = 0;
        $fits = self::value($text, $at, 0);
        self::blanks($text, $at);

        return $fits && $at >= strlen($text) ? null : substr_count(substr($text, 0, min($at, strlen($text))), "\n") + 1;
    }

    /** Moves behind a value; stops at the fault where there is one. */
    private static function value(string $text, int &$at, int $depth): bool
    {
        self::blanks($text, $at);
        $next = $text[$at] ?? '';
        if ($next === '{' || $next === '[') {
            return $depth < self::DEEPEST - 1 && self::members($text, $at, $next === '{', $depth);
        }

        return self::matched(
            '/\G(?:"(?:[^"\\\\\x00-\x1f]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*"|-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?|true|false|null)/',
            $text,
            $at,
        );
    }

    private static function members(string $text, int &$at, bool $named, int $depth): bool
    {
        $end = $named ? '}' : ']';
        $at++;
        self::blanks($text, $at);
        if (($text[$at] ?? '') === $end) {
            $at++;

            return true;
        }
        while (true) {
            self::blanks($text, $at);
            if ($named && (! self::matched('/\G"(?:[^"\\\\\x00-\x1f]|\\\\.)*"\s*:/', $text, $at))) {
                return false;
            }
            if (! self::value($text, $at, $depth + 1)) {
                return false;
            }
            self::blanks($text, $at);
            $next = $text[$at] ?? '';
            if ($next !== ',' && $next !== $end) {
                return false;
            }
            $at++;
            if ($next === $end) {
                return true;
            }
        }
    }

    private static function matched(string $pattern, string $text, int &$at): bool
    {
        if (preg_match($pattern, $text, $found, 0, $at) !== 1) {
            return false;
        }
        $at += strlen($found[0]);

        return true;
    }

    private static function blanks(string $text, int &$at): void
    {
        $at += strspn($text, " \t\r\n", $at);
    }
}

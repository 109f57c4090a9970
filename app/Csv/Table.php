<?php

declare(strict_types=1);

namespace App\Csv;

use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Fact;

/**
 * A table of text (RFC 4180), as it was pasted or read from a file. The sign between its columns is found by what makes
 * the rows alike: tab, semicolon or comma.
 */
final readonly class Table
{
    public const MOST_ROWS = 2000;

    /** @param  list<list<string>>  $rows */
    private function __construct(public array $rows, public string $separator)
    {
    }

    /** @throws UnreadableDocument where there is nothing in it, or far too much */
    public static function read(string $text): self
    {
        $plain = preg_replace('/^\x{FEFF}/u', '', $text) ?? $text;
        $separator = self::separator($plain);
        $file = fopen('php://temp', 'r+');
        assert($file !== false);
        fwrite($file, $plain);
        rewind($file);
        $rows = [];
        while (($cells = fgetcsv($file, null, $separator, '"', '')) !== false) {
            $row = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            if (implode('', $row) === '') {
                continue;
            }
            $rows[] = $row;
            if (count($rows) > self::MOST_ROWS + 1) {
                throw UnreadableDocument::because([
                    new Problem('/text', Fact::of('refusals.table.too-many-rows', most: self::MOST_ROWS)),
                ]);
            }
        }
        fclose($file);

        return $rows === []
            ? throw UnreadableDocument::because([new Problem('/text', Fact::of('refusals.table.no-rows'))])
            : new self($rows, $separator);
    }

    /**
     * @param  list<list<string>>  $rows
     */
    public static function write(array $rows): string
    {
        $file = fopen('php://temp', 'r+');
        assert($file !== false);
        foreach ($rows as $row) {
            fputcsv($file, $row, ',', '"', '', "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** The sign that the first rows have most of, and equally many of. */
    private static function separator(string $text): string
    {
        $lines = array_slice(
            array_filter(preg_split('/\R/', $text) ?: [], static fn (string $line): bool => trim($line) !== ''),
            0,
            20,
        );
        $best = ',';
        $score = 0;
        foreach (["\t", ';', ','] as $sign) {
            $counts = array_map(static fn (string $line): int => substr_count($line, $sign), $lines);
            $least = $counts === [] ? 0 : min($counts);
            if ($least > $score) {
                [$best, $score] = [$sign, $least];
            }
        }

        return $best;
    }
}

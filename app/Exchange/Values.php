<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Sealed\Seal;
use App\Sealed\SealedColumns;
use stdClass;

/** A row as it stands in a table and as it stands in an open file: what is JSON in its column is JSON in the file. */
final class Values
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
        | JSON_PRESERVE_ZERO_FRACTION;

    /**
     * @param  array<string, mixed>  $row
     * @param  list<string>  $json  its columns that hold JSON
     */
    public static function line(string $table, array $row, array $json): string
    {
        // An open file is open: what stands sealed in its column is in words here.
        $row = self::unsealed($table, $row);
        foreach ($json as $column) {
            if (is_string($row[$column] ?? null)) {
                $row[$column] = json_decode($row[$column], false, 512, JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING);
            }
        }

        return json_encode($row, self::FLAGS);
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function unsealed(string $table, array $row): array
    {
        return self::throughSeal($table, $row, resolve(Seal::class)->open(...));
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  callable(string): string  $each
     * @return array<string, mixed>
     */
    private static function throughSeal(string $table, array $row, callable $each): array
    {
        foreach (SealedColumns::OF[$table] ?? [] as $column) {
            if (is_string($row[$column] ?? null)) {
                $row[$column] = $each($row[$column]);
            }
        }
        $logged = $table === SalonTables::LOG ? SealedColumns::ofSubject((string) ($row['subject_type'] ?? '')) : [];
        if ($logged !== [] && is_string($row['properties'] ?? null)) {
            $was = json_decode($row['properties'], true);
            $is = is_array($was) ? SealedColumns::inLog($was, $logged, $each) : $was;
            if ($is !== $was) {
                $row['properties'] = json_encode($is, self::FLAGS);
            }
        }

        return $row;
    }

    /**
     * @param  list<string>  $json
     * @return array<string, mixed>
     *
     * @throws ArchiveRefused
     */
    public static function row(string $table, string $line, array $json, string $where): array
    {
        $read = json_decode($line, false, 512, JSON_BIGINT_AS_STRING);
        if (! $read instanceof stdClass) {
            throw ArchiveRefused::because(
                "{$where} is no JSON object.",
                'The file is not as it was written; take another copy of it.',
            );
        }
        $row = get_object_vars($read);
        foreach ($row as $column => $value) {
            if (in_array($column, $json, true)) {
                $row[$column] = $value === null
                    ? null
                    : json_encode($value, self::FLAGS);
            } elseif ($value !== null && ! is_scalar($value)) {
                throw ArchiveRefused::because(
                    "{$where} holds more than a value under “{$column}”.",
                    'It was written by a newer Tinta, or changed by hand: update first.',
                );
            }
        }

        return self::throughSeal($table, $row, resolve(Seal::class)->close(...));
    }
}

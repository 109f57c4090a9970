<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Salon;
use App\Photos\PhotoFiles;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\QueryException;

/** Takes a whole salon from open files into an empty instance: all of it, or nothing. */
final readonly class ImportSalon
{
    private const AT_ONCE = 200;

    public function __construct(private DatabaseManager $database, private PhotoFiles $files)
    {
    }

    /**
     * @return array<string, int> rows by table
     *
     * @throws ArchiveRefused
     */
    public function __invoke(string $folder): array
    {
        $told = $this->told($folder);
        $connection = $this->database->connection();
        if (Salon::query()->exists()) {
            throw ArchiveRefused::because(
                'There is a salon here already.',
                'Take the archive into an empty instance: ./tinta start --empty.',
            );
        }
        $connection->beginTransaction();
        try {
            // A visit may come from a later row of its own table: what stands on what is looked at afterwards.
            $connection->statement('SET foreign_key_checks = 0');
            $counts = [];
            foreach ([...array_keys(SalonTables::BELONG), SalonTables::LOG] as $table) {
                $counts[$table] = $this->table($connection, $folder, $table, $told['rows'][$table] ?? null);
            }
            $connection->statement('SET foreign_key_checks = 1');
            $this->whole($connection);
            $this->photos($connection, $folder);
            $connection->commit();
        } catch (QueryException $failure) {
            $connection->rollBack();
            throw ArchiveRefused::because(
                'A row does not fit: '.mb_substr((string) ($failure->errorInfo[2] ?? ''), 0, 200).'.',
                'Nothing was taken. The archive was changed since it was written; take another copy of it.',
            );
        } catch (ArchiveRefused $refused) {
            $connection->rollBack();
            throw $refused;
        } finally {
            $connection->statement('SET foreign_key_checks = 1');
        }

        return $counts;
    }

    /** @return array{rows: array<string, int>} */
    private function told(string $folder): array
    {
        $read = is_file("{$folder}/tinta.json")
            ? json_decode((string) file_get_contents("{$folder}/tinta.json"), true)
            : null;
        if (! is_array($read) || ($read['tinta'] ?? null) !== 'salon') {
            throw ArchiveRefused::because(
                "{$folder} is no salon of Tinta's.",
                'Name the folder that ./tinta export has written.',
            );
        }
        $known = $this->database->connection()->table('migrations')->pluck('migration')->all();
        if (
            ! is_int($read['format'] ?? null)
            || $read['format'] > ExportSalon::FORMAT
            || ! in_array($read['migration'] ?? null, $known, true)
        ) {
            throw ArchiveRefused::because(
                'This archive was written by a newer Tinta.',
                'Update this one first; nothing was taken.',
            );
        }

        return [
            'rows' => array_map(
                static fn (mixed $count): int => is_int($count) ? $count : 0,
                is_array($read['rows'] ?? null) ? $read['rows'] : [],
            ),
        ];
    }

    private function table(ConnectionInterface $database, string $folder, string $table, ?int $told): int
    {
        $file = "{$folder}/data/{$table}.jsonl";
        if ($told === null && ! is_file($file)) {
            // Written before there was such a table.
            return 0;
        }
        $in = is_file($file) ? fopen($file, 'r') : false;
        if ($in === false) {
            throw ArchiveRefused::because("data/{$table}.jsonl is missing.", 'Take another copy of the archive.');
        }
        $json = ExportSalon::jsonColumns($database, $table);
        $columns = array_map(static fn (mixed $column): string => (string) (
            ((array) $column)['name'] ?? ''
        ), $database->select(
            'SELECT column_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ?',
            [$table],
        ));
        $rows = [];
        $count = 0;
        while (($line = fgets($in)) !== false) {
            $count++;
            $row = Values::row($table, rtrim($line, "\n"), $json, "data/{$table}.jsonl, line {$count},");
            $strange = array_diff(array_keys($row), $columns);
            if ($strange !== []) {
                throw ArchiveRefused::because(
                    "data/{$table}.jsonl, line {$count}, holds “".implode('”, “', $strange)
                        .'”, which is not known here.',
                    'It was written by a newer Tinta: update first.',
                );
            }
            $rows[] = $row;
            if (count($rows) === self::AT_ONCE) {
                $database->table($table)->insert($rows);
                $rows = [];
            }
        }
        fclose($in);
        if ($rows !== []) {
            $database->table($table)->insert($rows);
        }
        if ($told !== null && $told !== $count) {
            throw ArchiveRefused::because(
                "data/{$table}.jsonl has {$count} rows; {$told} were written.",
                'It was cut off on its way; take another copy.',
            );
        }

        return $count;
    }

    /** Every row that names another one finds it. */
    private function whole(ConnectionInterface $database): void
    {
        foreach ($database->select(
            'SELECT table_name AS t, column_name AS c, referenced_table_name AS r, referenced_column_name AS k FROM information_schema.key_column_usage WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL',
        ) as $key) {
            $lost = $database->table("{$key->t} AS one")->leftJoin(
                "{$key->r} AS other",
                "one.{$key->c}",
                '=',
                "other.{$key->k}",
            )
                ->whereNotNull("one.{$key->c}")->whereNull("other.{$key->k}")->count();
            if ($lost > 0) {
                throw ArchiveRefused::because(
                    "{$lost} rows of {$key->t} name rows of {$key->r} that are not there.",
                    'The archive is not whole; take another copy.',
                );
            }
        }
    }

    private function photos(ConnectionInterface $database, string $folder): void
    {
        $files = $database->table('photos')->pluck('file')->all();
        foreach ($files as $file) {
            if (
                preg_match('#^photos/\d+/[0-9a-f-]{36}\.jpg$#', (string) $file) !== 1
                || ! is_file("{$folder}/{$file}")
            ) {
                throw ArchiveRefused::because(
                    "The photograph {$file} is missing.",
                    'Take another copy of the archive.',
                );
            }
        }
        foreach ($files as $file) {
            $this->files->put((string) $file, (string) file_get_contents("{$folder}/{$file}"));
        }
    }
}

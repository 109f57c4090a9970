<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Csv\Table;
use App\Models\ColourLine;
use App\Models\Salon;
use App\Models\TeamMember;
use App\Photos\PhotoFiles;
use App\Shelf\ShadeTable;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/** A whole salon as open files: its tables as JSON lines, tables to read as CSV, its photographs. */
final readonly class ExportSalon
{
    public const FORMAT = 1;

    public function __construct(private DatabaseManager $database, private PhotoFiles $files)
    {
    }

    /**
     * @return array<string, int> rows by table
     *
     * @throws ArchiveRefused
     */
    public function __invoke(Salon $salon, string $folder): array
    {
        if (is_dir($folder) && array_diff((array) scandir($folder), ['.', '..']) !== []) {
            throw ArchiveRefused::because("{$folder} is not empty.", 'Name a folder that is not there yet.');
        }
        foreach (['data', 'csv', 'photos'] as $each) {
            is_dir("{$folder}/{$each}") || mkdir("{$folder}/{$each}", 0700, true);
        }
        $connection = $this->database->connection();

        // As of one moment, while the salon works.
        return $connection->transaction(function (ConnectionInterface $now) use ($salon, $folder): array {
            $counts = [];
            foreach (array_keys(SalonTables::BELONG) as $table) {
                $rows = SalonTables::inOrder($now, $table, $salon->id);
                $counts[$table] = $this->write("{$folder}/data/{$table}.jsonl", $rows->cursor(), $table);
            }
            $counts[SalonTables::LOG] = $this->write(
                "{$folder}/data/".SalonTables::LOG.'.jsonl',
                $this->log($salon),
                SalonTables::LOG,
            );
            $this->csv($salon, $folder);
            $this->photos($now, $salon, $folder);
            file_put_contents("{$folder}/tinta.json", json_encode([
                'tinta' => 'salon',
                'format' => self::FORMAT,
                'made' => CarbonImmutable::now()->toIso8601String(),
                'salon' => $salon->name,
                'migration' => (string) $now->table('migrations')->orderByDesc('id')->value('migration'),
                'rows' => $counts,
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");

            return $counts;
        });
    }

    /** @return list<string> columns of a table that hold JSON */
    public static function jsonColumns(ConnectionInterface $database, string $table): array
    {
        // MariaDB keeps JSON as long text that is compared byte by byte.
        return array_values(array_map(static fn (mixed $column): string => (string) (
            ((array) $column)['name'] ?? ''
        ), $database->select(
            "SELECT column_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ? AND data_type = 'longtext' AND collation_name = 'utf8mb4_bin'",
            [$table],
        )));
    }

    /** @param  iterable<object>  $rows */
    private function write(string $file, iterable $rows, string $table): int
    {
        $json = self::jsonColumns($this->database->connection(), $table);
        $out = fopen($file, 'w');
        assert($out !== false);
        $count = 0;
        foreach ($rows as $row) {
            fwrite($out, Values::line($table, (array) $row, $json)."\n");
            $count++;
        }
        fclose($out);

        return $count;
    }

    /** @return iterable<object> what people of the salon changed */
    private function log(Salon $salon): iterable
    {
        return $this->database->connection()
            ->table(SalonTables::LOG)
            ->where('causer_type', (new TeamMember)->getMorphClass())
            ->whereIn(
                'causer_id',
                SalonTables::rows($this->database->connection(), 'team_members', $salon->id)->select('id'),
            )
            ->orderBy('id')
            ->cursor();
    }

    private function csv(Salon $salon, string $folder): void
    {
        foreach (ColourLine::query()->where('salon_id', $salon->id)->with('shades')->get() as $line) {
            file_put_contents(
                "{$folder}/csv/line-{$line->id}-".(Str::slug($line->name) ?: 'line').'.csv',
                ShadeTable::write($line),
            );
        }
        $visits = [['on', 'client', 'service', 'colourist', 'status', 'outcome']];
        foreach ($salon->visits()->with('client', 'colourist')->orderBy('starts_at')->cursor() as $visit) {
            $visits[] = [
                $visit->starts_at->setTimezone($salon->timezone)->format('Y-m-d H:i'),
                $visit->client->name,
                $visit->service,
                $visit->colourist->name,
                $visit->status->value,
                (string) $visit->outcome,
            ];
        }
        file_put_contents("{$folder}/csv/visits.csv", Table::write($visits));
    }

    private function photos(ConnectionInterface $now, Salon $salon, string $folder): void
    {
        foreach (SalonTables::rows($now, 'photos', $salon->id)->pluck('file') as $file) {
            $bytes = $this->files->get((string) $file);
            if ($bytes === null) {
                throw ArchiveRefused::because(
                    "The photograph {$file} is not where it was kept.",
                    'Put it back from a backup first.',
                );
            }
            is_dir(dirname("{$folder}/{$file}")) || mkdir(dirname("{$folder}/{$file}"), 0700, true);
            file_put_contents("{$folder}/{$file}", $bytes);
        }
    }
}

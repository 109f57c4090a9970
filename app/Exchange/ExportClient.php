<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Client;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/** All that is held on one client, as one open document: who asks for it gets everything, and of nobody else. */
final readonly class ExportClient
{
    /** By which column a table's rows belong to the client, or to a row of an earlier table. */
    private const BELONG = [
        'clients' => ['id', null],
        'skin_tests' => ['client_id', 'clients'],
        'contraindications' => ['client_id', 'clients'],
        'visits' => ['client_id', 'clients'],
        'canvases' => ['visit_id', 'visits'],
        'waivers' => ['visit_id', 'visits'],
        'rounds' => ['visit_id', 'visits'],
        'bowls' => ['round_id', 'rounds'],
        'batches' => ['bowl_id', 'bowls'],
        'pours' => ['batch_id', 'batches'],
        'stamps' => ['bowl_id', 'bowls'],
        'proposals' => ['client_id', 'clients'],
        'photos' => ['client_id', 'clients'],
        'observations' => ['client_id', 'clients'],
    ];

    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Client $client): string
    {
        $database = $this->database->connection();
        $lines = [];
        foreach (array_keys(self::BELONG) as $table) {
            $json = ExportSalon::jsonColumns($database, $table);
            $rows = self::rows($database, $table, $client->id)->orderBy($table === 'canvases' ? 'visit_id' : 'id')->get()
                ->map(fn (object $row): string => Values::line((array) $row, $json))->all();
            $lines[] = json_encode($table).': ['.implode(",\n", $rows).']';
        }
        $head = json_encode([
            'tinta' => 'client',
            'format' => ExportSalon::FORMAT,
            'made' => CarbonImmutable::now()->toIso8601String(),
        ], JSON_THROW_ON_ERROR);

        return substr($head, 0, -1).",\n\"rows\": {\n".implode(",\n", $lines)."\n}}\n";
    }

    private static function rows(ConnectionInterface $database, string $table, int $client): Builder
    {
        [$column, $parent] = self::BELONG[$table];

        return match ($parent) {
            null, 'clients' => $database->table($table)->where($column, $client),
            default => $database->table($table)->whereIn($column, self::rows($database, $parent, $client)->select('id')),
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Client;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/**
 * One client with all that is held on them, or one visit by itself, as one open document: everything, and of nobody
 * else.
 */
final readonly class ExportOne
{
    /** By which column a table's rows belong to the root, or to a row of an earlier table. */
    private const CLIENT = [
        'clients' => ['id', null],
        'consents' => ['client_id', 'clients'],
        'skin_tests' => ['client_id', 'clients'],
        'contraindications' => ['client_id', 'clients'],
        'messages' => ['client_id', 'clients'],
        'visits' => ['client_id', 'clients'],
        ...self::OF_VISITS,
        'proposals' => ['client_id', 'clients'],
        'photos' => ['client_id', 'clients'],
        'observations' => ['client_id', 'clients'],
    ];

    private const VISIT = [
        'visits' => ['id', null],
        ...self::OF_VISITS,
        'proposals' => ['from_visit_id', 'visits'],
        'photos' => ['visit_id', 'visits'],
        'foretold' => ['visit_id', 'visits'],
    ];

    private const OF_VISITS = [
        'canvases' => ['visit_id', 'visits'],
        'waivers' => ['visit_id', 'visits'],
        'rounds' => ['visit_id', 'visits'],
        'bowls' => ['round_id', 'rounds'],
        'batches' => ['bowl_id', 'bowls'],
        'pours' => ['batch_id', 'batches'],
        'stamps' => ['bowl_id', 'bowls'],
    ];

    public function __construct(private DatabaseManager $database)
    {
    }

    public function client(Client $client): string
    {
        return $this->document('client', self::CLIENT, $client->id);
    }

    public function visit(Visit $visit): string
    {
        return $this->document('visit', self::VISIT, $visit->id);
    }

    /** @param  array<string, array{string, ?string}>  $belong */
    private function document(string $what, array $belong, int|string $root): string
    {
        $database = $this->database->connection();
        $lines = [];
        foreach (array_keys($belong) as $table) {
            $json = ExportSalon::jsonColumns($database, $table);
            $rows = self::rows($database, $belong, $table, $root)
                ->orderBy($table === 'canvases' ? 'visit_id' : 'id')
                ->get()
                ->map(fn (object $row): string => Values::line($table, (array) $row, $json))->all();
            $lines[] = json_encode($table).': ['.implode(",\n", $rows).']';
        }
        $head = json_encode(
            ['tinta' => $what, 'format' => ExportSalon::FORMAT, 'made' => CarbonImmutable::now()->toIso8601String()],
            JSON_THROW_ON_ERROR,
        );

        return substr($head, 0, -1).",\n\"rows\": {\n".implode(",\n", $lines)."\n}}\n";
    }

    /** @param  array<string, array{string, ?string}>  $belong */
    private static function rows(ConnectionInterface $database, array $belong, string $table, int|string $root): Builder
    {
        [$column, $parent] = $belong[$table];
        $top = array_key_first($belong);

        return $parent === null || $parent === $top
            ? $database->table($table)->where($column, $root)
            : $database->table($table)->whereIn($column, self::rows($database, $belong, $parent, $root)->select('id'));
    }
}

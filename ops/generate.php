<?php

declare(strict_types=1);

// Prints the statements that make a large salon out of the demo's: invented clients, and as many closed visits as asked, each a copy of one of
// the demo's with everything that hangs on it, on another day and another head. Reads table, column and type of what is copied, line by line.
//   ./tinta generate [CLIENTS] [VISITS]

const TEMPLATES = 50;
const DAYS = 1800;
const FIRST_CLIENT = 1_000_000;

[$clients, $visits] = [max(1, (int) ($argv[1] ?? 100_000)), max(TEMPLATES, (int) ($argv[2] ?? 1_000_000))];
$copies = intdiv($visits, TEMPLATES);
$columns = [];
foreach (explode("\n", trim((string) stream_get_contents(STDIN))) as $line) {
    [$table, $column, $type] = explode("\t", $line);
    $columns[$table][$column] = $type;
}

/** An id of a copy: the same but for its first eight digits. */
$moved = static fn (string $column): string => "CAST(CONCAT(LPAD(HEX(s.seq + 1), 8, '0'), SUBSTR(CAST({$column} AS CHAR), 9)) AS UUID)";
$client = fn (int $template): string => FIRST_CLIENT.' + ((s.seq * '.TEMPLATES." + {$template}) * 7919) % {$clients}";
/** What joins a table's rows to the visit that is copied. */
$joins = [
    'visits' => 'JOIN generated_from g ON g.id = x.id', 'canvases' => 'JOIN generated_from g ON g.id = x.visit_id', 'rounds' => 'JOIN generated_from g ON g.id = x.visit_id',
    'bowls' => 'JOIN rounds r ON r.id = x.round_id JOIN generated_from g ON g.id = r.visit_id',
    'observations' => 'JOIN generated_from g ON g.id = x.visit_id', 'foretold' => 'JOIN generated_from g ON g.id = x.visit_id',
];
$joins['components'] = 'JOIN bowls b ON b.id = x.bowl_id JOIN rounds r ON r.id = b.round_id JOIN generated_from g ON g.id = r.visit_id';
$joins['stamps'] = $joins['batches'] = $joins['components'];
$joins['pours'] = 'JOIN batches a ON a.id = x.batch_id JOIN bowls b ON b.id = a.bowl_id JOIN rounds r ON r.id = b.round_id JOIN generated_from g ON g.id = r.visit_id';
$joins['stock_moves'] = $joins['pours'];

/** @param  array<string, string>  $types */
$value = static function (string $column, string $type, string $client, array $types) use ($moved): ?string {
    return match (true) {
        $column === 'id' && $type !== 'uuid' => null,
        $column === 'client_id' => $client,
        // Nothing waits to be learnt from a copy.
        $column === 'learnt' => 'GREATEST(x.learnt, 1)',
        $column === 'from_visit_id', $column === 'from_bowl_id' => 'NULL',
        $type === 'uuid' => "IF(x.`{$column}` IS NULL, NULL, {$moved("x.`{$column}`")})",
        in_array($type, ['datetime', 'timestamp', 'date'], true) => "x.`{$column}` - INTERVAL (s.seq * 7) % ".DAYS.' DAY',
        default => "x.`{$column}`",
    };
};

echo "SET sql_log_bin = 0; SET foreign_key_checks = 0; SET unique_checks = 0; SET max_recursive_iterations = 1000000;\n";
echo "CREATE OR REPLACE TABLE generated_from (t INT PRIMARY KEY, id UUID NOT NULL, client_id BIGINT UNSIGNED NOT NULL, KEY (id)) AS\n"
    ."SELECT ROW_NUMBER() OVER (ORDER BY v.starts_at DESC, v.id) - 1 t, v.id, v.client_id FROM visits v JOIN clients c ON c.id = v.client_id\n"
    ."WHERE v.status = 'closed' AND c.training = 0 AND c.practice_seed IS NULL ORDER BY v.starts_at DESC, v.id LIMIT ".TEMPLATES.";\n";
$given = ['Anouk', 'Bodil', 'Carys', 'Dagny', 'Edda', 'Fenna', 'Gwen', 'Hedda', 'Iolo', 'Jorun', 'Katla', 'Lowen', 'Maren', 'Nerys', 'Oona', 'Petra', 'Quill', 'Runa', 'Signe', 'Tove', 'Una', 'Vidar', 'Wren', 'Ylva', 'Zora'];
$first = ['Ash', 'Birch', 'Cold', 'Deep', 'East', 'Fern', 'Grey', 'High', 'Iron', 'Lang', 'Marsh', 'North', 'Oak', 'Reed', 'Salt', 'Thorn', 'Upper', 'West'];
$last = ['bank', 'brook', 'combe', 'dale', 'field', 'ford', 'gate', 'holm', 'ley', 'mere', 'ness', 'shaw', 'stead', 'ton', 'well', 'wick', 'worth'];
$elt = static fn (array $words, string $number): string => 'ELT(1 + ('.$number.') % '.count($words).", '".implode("', '", $words)."')";
$one = $elt($given, 's.seq * 13');
$two = 'CONCAT('.$elt($first, 'FLOOR(s.seq / 25) * 5').', '.$elt($last, 'FLOOR(s.seq / 450) * 3 + s.seq').')';
echo 'INSERT INTO clients (id, salon_id, name, phone, created_at, updated_at) SELECT '.FIRST_CLIENT." + s.seq, (SELECT MIN(id) FROM salons), CONCAT({$one}, ' ', {$two}),\n"
    ."CONCAT('0555 ', LPAD(s.seq, 6, '0')), NOW(), NOW() FROM seq_0_to_".($clients - 1)." s;\n";
foreach (["LOWER({$one})" => 'name', "LOWER({$two})" => 'name', "RIGHT(LPAD(s.seq, 6, '0'), 4)" => 'phone'] as $word => $kind) {
    echo "INSERT IGNORE INTO client_words (salon_id, word, kind, client_id) SELECT (SELECT MIN(id) FROM salons), {$word}, '{$kind}', ".FIRST_CLIENT.' + s.seq FROM seq_0_to_'.($clients - 1)." s;\n";
}
foreach (['skin_tests', 'consents'] as $table) {
    $names = $values = [];
    foreach ($columns[$table] as $column => $type) {
        $names[] = "`{$column}`";
        $values[] = match (true) {
            $column === 'id' => $moved('x.id'), $column === 'client_id' => FIRST_CLIENT.' + s.seq', default => "x.`{$column}`",
        };
    }
    echo "INSERT INTO {$table} (".implode(', ', $names).') SELECT '.implode(', ', $values)." FROM (SELECT * FROM {$table} ORDER BY id LIMIT 1) x JOIN seq_0_to_".($clients - 1)." s;\n";
}
for ($template = 0; $template < TEMPLATES; $template++) {
    foreach ($joins as $table => $join) {
        $names = $values = [];
        foreach ($columns[$table] as $column => $type) {
            $each = $value($column, $type, $client($template), $columns[$table]);
            if ($each !== null) {
                $names[] = "`{$column}`";
                $values[] = $each;
            }
        }
        echo "INSERT INTO {$table} (".implode(', ', $names).') SELECT '.implode(', ', $values)." FROM {$table} x {$join} JOIN seq_0_to_".($copies - 1)." s WHERE g.t = {$template};\n";
    }
    echo "INSERT IGNORE INTO client_words (salon_id, word, kind, client_id) SELECT w.salon_id, w.word, w.kind, {$client($template)} FROM client_words w JOIN generated_from g ON g.client_id = w.client_id\n"
        .'JOIN seq_0_to_'.($copies - 1)." s WHERE g.t = {$template} AND w.kind NOT IN ('name', 'phone');\n";
    echo "SELECT 'visits', COUNT(*) FROM visits WHERE status = 'closed' HAVING ".($template % 10 === 9 ? 1 : 0).";\n";
}
echo "DROP TABLE generated_from;\n";
// A client's visits go back from now, and no head has more than it had.
echo 'ANALYZE TABLE '.implode(', ', array_keys($joins)).", clients, client_words, skin_tests, consents;\n";

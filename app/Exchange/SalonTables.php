<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;

/**
 * Every table that holds something of a salon, in the order in which rows can stand on each other, and by which column
 * its rows belong to it: to the salon itself, or to a row of an earlier table.
 */
final class SalonTables
{
    /** Column and the table it names. */
    public const BELONG = [
        'salons' => ['id', null],
        'team_members' => ['salon_id', 'salons'],
        'developers' => ['salon_id', 'salons'],
        'colour_lines' => ['salon_id', 'salons'],
        'colour_line_developer' => ['colour_line_id', 'colour_lines'],
        'shades' => ['colour_line_id', 'colour_lines'],
        'measures' => ['salon_id', 'salons'],
        'house_blends' => ['salon_id', 'salons'],
        'service_templates' => ['salon_id', 'salons'],
        'scale_formats' => ['salon_id', 'salons'],
        'editions' => ['salon_id', 'salons'],
        'clients' => ['salon_id', 'salons'],
        'client_words' => ['salon_id', 'salons'],
        'consents' => ['client_id', 'clients'],
        'client_matches' => ['salon_id', 'salons'],
        'messages' => ['salon_id', 'salons'],
        'skin_tests' => ['client_id', 'clients'],
        'contraindications' => ['client_id', 'clients'],
        'visits' => ['salon_id', 'salons'],
        'canvases' => ['visit_id', 'visits'],
        'waivers' => ['visit_id', 'visits'],
        'rounds' => ['visit_id', 'visits'],
        'bowls' => ['round_id', 'rounds'],
        'components' => ['bowl_id', 'bowls'],
        'batches' => ['bowl_id', 'bowls'],
        'pours' => ['batch_id', 'batches'],
        'stamps' => ['bowl_id', 'bowls'],
        'vessels' => ['salon_id', 'salons'],
        'proposals' => ['client_id', 'clients'],
        'photos' => ['client_id', 'clients'],
        'observations' => ['salon_id', 'salons'],
        'foretold' => ['salon_id', 'salons'],
        'practice_tries' => ['salon_id', 'salons'],
        'stock_moves' => ['salon_id', 'salons'],
    ];

    /** By what the rows of a table without an id stand in order. */
    private const ORDER = [
        'canvases' => ['visit_id'], 'colour_line_developer' => [
            'colour_line_id',
            'developer_id',
        ], 'client_words' => ['word', 'kind', 'client_id'],
    ];

    /** What lives only while the machine works, or opens a door: it is not carried. */
    public const LEFT = [
        'turns',
        'stock_sums',
        'photo_files',
        'sessions',
        'cache',
        'cache_locks',
        'writes',
        'sign_in_tries',
        'second_factors',
        'scale_zeros',
        'invitations',
        'migrations',
    ];

    public const LOG = 'activity_log';

    /** The same, always in the same order. */
    public static function inOrder(ConnectionInterface $database, string $table, int $salon): Builder
    {
        $rows = self::rows($database, $table, $salon);
        foreach (self::ORDER[$table] ?? ['id'] as $column) {
            $rows->orderBy($column);
        }

        return $rows;
    }

    /** The rows of a table that belong to a salon. */
    public static function rows(ConnectionInterface $database, string $table, int $salon): Builder
    {
        [$column, $parent] = self::BELONG[$table];
        $rows = $database->table($table);

        return match ($parent) {
            null => $rows->where($column, $salon),
            'salons' => $rows->where($column, $salon),
            default => $rows->whereIn($column, self::rows($database, $parent, $salon)->select('id')),
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Photos;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;

/**
 * In the database, so that every machine of a cluster has them, and a picture is kept in the same transaction as its
 * row.
 */
final readonly class PhotosInRecord implements PhotoFiles
{
    public function __construct(private DatabaseManager $database)
    {
    }

    public function get(string $name): ?string
    {
        $bytes = $this->rows()->where('name', $name)->value('bytes');

        return is_string($bytes) ? $bytes : null;
    }

    public function put(string $name, string $bytes): void
    {
        $this->rows()->updateOrInsert(['name' => $name], ['bytes' => $bytes, 'kept_at' => now()]);
    }

    public function delete(string ...$names): void
    {
        $this->rows()->whereIn('name', $names)->delete();
    }

    private function rows(): Builder
    {
        return $this->connection()->table('photo_files');
    }

    private function connection(): ConnectionInterface
    {
        return $this->database->connection();
    }
}

<?php

declare(strict_types=1);

namespace App\Sealed;

use App\Models\Client;
use App\Models\ContraindicationNote;
use App\Models\SkinTest;
use Illuminate\Database\Eloquent\Model;

/** Which columns hold notes about somebody's health, and the same in the log of changes. */
final class SealedColumns
{
    /** By table. */
    public const OF = [
        'clients' => ['cautions'],
        'contraindications' => ['note', 'clearance'],
        'skin_tests' => ['note'],
    ];

    /** What is sealed as well, and is no note: never in the log of changes. A landed migration reads the list above. */
    public const SECRETS = ['second_factors' => ['secret']];

    private const MODELS = [Client::class, ContraindicationNote::class, SkinTest::class];

    /** @return list<string> of the record that a row of the log is about */
    public static function ofSubject(string $type): array
    {
        foreach (self::MODELS as $model) {
            $one = new $model;
            if ($one->getMorphClass() === $type) {
                return self::OF[$one->getTable()];
            }
        }

        return [];
    }

    /** @return list<string> */
    public static function ofModel(Model $model): array
    {
        return self::OF[$model->getTable()] ?? [];
    }

    /**
     * The words of a row of the log, what was and what is, put through a function.
     *
     * @param  array<string, mixed>  $properties  as the log keeps them
     * @param  list<string>  $columns
     * @param  callable(string): string  $each
     * @return array<string, mixed>
     */
    public static function inLog(array $properties, array $columns, callable $each): array
    {
        foreach (['attributes', 'old'] as $side) {
            foreach ($columns as $column) {
                if (is_array($properties[$side] ?? null) && is_string($properties[$side][$column] ?? null)) {
                    $properties[$side][$column] = $each($properties[$side][$column]);
                }
            }
        }

        return $properties;
    }
}

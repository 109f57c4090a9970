<?php

declare(strict_types=1);

namespace App\Sealed;

use Illuminate\Database\DatabaseManager;

/**
 * Seals every note and every secret with the newest key. The log of changes stays as it was sealed: it is only ever
 * added to, and older keys open it.
 */
final readonly class SealAnew
{
    private const AT_ONCE = 500;

    public function __construct(private DatabaseManager $database, private Seal $seal)
    {
    }

    /** @return int how many were sealed anew */
    public function __invoke(): int
    {
        $count = 0;
        foreach ($this->kept() as [$table, $column, $id, $kept]) {
            $words = $this->seal->open($kept);
            // What no key opens stays as it is: the key may come back.
            if ($words !== Seal::LOST && ! $this->seal->isNewest($kept)) {
                $count += $this->database->table($table)
                    ->where('id', $id)
                    ->where($column, $kept)
                    ->update([$column => $this->seal->close($words)]);
            }
        }

        return $count;
    }

    /** @return int how many no key opens */
    public function lost(): int
    {
        $count = 0;
        foreach ($this->kept() as [, , , $kept]) {
            $count += $this->seal->open($kept) === Seal::LOST ? 1 : 0;
        }

        return $count;
    }

    /** @return iterable<array{string, string, int|string, string}> table, column, id and what stands there */
    private function kept(): iterable
    {
        foreach ([...SealedColumns::OF, ...SealedColumns::SECRETS] as $table => $columns) {
            foreach ($columns as $column) {
                foreach (
                    $this->database->table($table)
                        ->where($column, '!=', '')
                        ->select('id', $column)
                        ->orderBy('id')
                        ->lazyById(self::AT_ONCE) as $row
                ) {
                    yield [$table, $column, $row->id, (string) $row->{$column}];
                }
            }
        }
    }
}

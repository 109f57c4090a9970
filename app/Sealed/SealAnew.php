<?php

declare(strict_types=1);

namespace App\Sealed;

use Illuminate\Database\DatabaseManager;

/** Seals every note with the newest key. The log of changes stays as it was sealed: it is only ever added to, and older keys open it. */
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
        foreach (SealedColumns::OF as $table => $columns) {
            foreach ($columns as $column) {
                $this->database->table($table)->where($column, '!=', '')->select('id', $column)->chunkById(self::AT_ONCE, function ($rows) use ($table, $column, &$count): void {
                    foreach ($rows as $row) {
                        $kept = (string) $row->{$column};
                        $words = $this->seal->open($kept);
                        // What no key opens stays as it is: the key may come back.
                        if ($words !== Seal::LOST && ! $this->seal->isNewest($kept)) {
                            $count += $this->database->table($table)->where('id', $row->id)->where($column, $kept)->update([$column => $this->seal->close($words)]);
                        }
                    }
                });
            }
        }

        return $count;
    }
}

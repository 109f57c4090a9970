<?php

declare(strict_types=1);

namespace App\Actions\Visits;

use App\Exceptions\EditedElsewhere;
use App\Models\Visit;
use Core\Codec\ReadCare;
use Illuminate\Database\DatabaseManager;

/** The visit's washes, treatments and masks, in their order; the whole list at once. */
final readonly class SaveCare
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /** @param  list<mixed>  $steps */
    public function __invoke(Visit $visit, int $version, array $steps): Visit
    {
        return $this->database->transaction(function () use ($visit, $version, $steps): Visit {
            $current = LockVisit::open($visit->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::visit($current);
            }
            $current->fill([
                'care' => ReadCare::write(ReadCare::from($steps, '/steps')),
                'version' => $version + 1,
            ])->save();

            return $current;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Formulas\LineJson;
use App\Models\ColourLine;
use App\Models\Salon;
use Core\Codec\UnreadableDocument;
use Illuminate\Database\DatabaseManager;

/** A table of products brought into a line: every row of it, or none. */
final readonly class ImportShades
{
    public function __construct(
        private DatabaseManager $database,
        private SaveShade $save,
        private ReadShadeTable $read,
    ) {
    }

    /**
     * @param  ?list<string>  $fields  what each column holds
     * @return array{added: int, changed: int}
     *
     * @throws UnreadableDocument with everything that is wrong in it
     */
    public function __invoke(ColourLine $row, string $text, ?array $fields): array
    {
        return $this->database->transaction(function () use ($row, $text, $fields): array {
            Salon::query()->lockForUpdate()->findOrFail($row->salon_id);
            $line = LineJson::line($row, $row->salon->rules());
            $table = ($this->read)($row, $text, $fields);
            $table->throwIfAny();
            $added = $changed = 0;
            foreach ($table->entries as ['draft' => $draft, 'known' => $known]) {
                $columns = $known === null ? $draft->columns() : [...$draft->columns(), 'code' => $known->code];
                $saved = $this->save->keep(
                    $row,
                    $line,
                    $known,
                    $known->version ?? 0,
                    [...$columns, 'withdrawn' => false],
                );
                $known === null ? $added++ : $changed += (int) $saved->wasChanged();
            }

            return ['added' => $added, 'changed' => $changed];
        });
    }
}

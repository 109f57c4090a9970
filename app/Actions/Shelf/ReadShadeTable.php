<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Formulas\LineJson;
use App\Formulas\SalonShelf;
use App\Models\ColourLine;
use App\Shelf\ShadeTable;

/** A table of products read for a line, before anything is kept. */
final readonly class ReadShadeTable
{
    public function __construct(private SalonShelf $shelves)
    {
    }

    /** @param  ?list<string>  $fields  what each column holds */
    public function __invoke(ColourLine $row, string $text, ?array $fields): ShadeTable
    {
        return ShadeTable::read(
            $text,
            $fields,
            $row,
            LineJson::line($row, $row->salon->rules()),
            $this->shelves->of($row->salon)->readingFor(null),
        );
    }
}

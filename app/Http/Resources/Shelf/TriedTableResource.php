<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\ProblemResource;
use App\Shelf\ShadeTable;

/** A table as it would be brought in: what each column holds, and each row with what is read of it or wrong in it. */
final readonly class TriedTableResource
{
    public function __construct(private ShadeTable $table)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'fields' => $this->table->fields,
            'offered' => array_keys(ShadeTable::FIELDS),
            'sample' => $this->table->sample,
            'problems' => ProblemResource::all($this->table->problems),
            'faulty' => count(
                array_filter($this->table->entries, static fn (array $entry): bool => $entry['problems'] !== []),
            ),
            'rows' => array_map($this->row(...), $this->table->entries),
        ];
    }

    /**
     * @param  array{row: int, json: array<string, mixed>, draft: \App\Shelf\ShadeDraft, known: ?\App\Models\Shade, problems: list<\Core\Codec\Problem>}  $entry
     * @return array<string, mixed>
     */
    private function row(array $entry): array
    {
        $product = $entry['draft']->product;

        return [
            'row' => $entry['row'],
            'code' => $product->code ?? '',
            'name' => $product->name ?? '',
            'kind' => $product?->kind->value ?? '',
            'pack' => $product?->pack?->text(),
            'known' => $entry['known'] !== null,
            'read' => $product === null ? null : ReadProductResource::of($product, $this->table->line),
            'problems' => ProblemResource::all($entry['problems']),
        ];
    }
}

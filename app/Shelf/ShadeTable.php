<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Csv\Table;
use App\Models\ColourLine;
use App\Models\Shade;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Fact;
use Core\Shelf\Line;
use Core\Units\Fraction;
use Core\Units\MassReading;
use Core\Units\Price;

/**
 * A line's products as a table, in and out. Which column holds what is said, or found by its heading; a row is the
 * product of its code, new or known. What a table does not say of a known product stays as it is.
 */
final readonly class ShadeTable
{
    /** What a column can hold, and how it may be headed. */
    public const FIELDS = [
        'code' => ['code', 'shade', 'nr', 'no', 'no.', 'number', 'sku', 'colour', 'color'],
        'name' => ['name', 'description', 'shade name', 'colour name', 'color name'],
        'kind' => ['kind', 'type'],
        'level' => ['level', 'depth', 'height'],
        'tone' => ['tone', 'reflect', 'reflection', 'tones'],
        'pack' => ['pack', 'size', 'pack size', 'grams', 'g', 'content', 'contents', 'weight'],
        'density' => ['density', 'g/ml'],
        'packCode' => ['pack code', 'packcode', 'barcode', 'ean', 'gtin', 'upc'],
        'price' => ['price', 'cost', 'price per pack'],
    ];

    /**
     * @param  list<string>  $fields  what each column holds; empty for one that is left out
     * @param  list<array{row: int, json: array<string, mixed>, draft: ShadeDraft, known: ?Shade, problems: list<Problem>}>  $entries
     * @param  list<list<string>>  $sample  the first rows, heading included
     * @param  list<Problem>  $problems  of the table as a whole
     */
    private function __construct(
        public array $fields,
        public array $entries,
        public array $sample,
        public array $problems,
        public Line $line,
    ) {
    }

    /** @param  ?list<string>  $fields  what each column holds, where somebody said so */
    public static function read(string $text, ?array $fields, ColourLine $row, Line $line, MassReading $reading): self
    {
        $table = Table::read($text);
        $headed = self::headed($table->rows[0]);
        $found = $fields ?? $headed ?? self::unheaded(count($table->rows[0]));
        $sample = array_slice($table->rows, 0, 6);
        if (! in_array('code', $found, true)) {
            return new self(
                $found,
                [],
                $sample,
                [new Problem('/fields', Fact::of('refusals.table.no-code-column'))],
                $line,
            );
        }
        $known = [];
        foreach ($row->shades as $shade) {
            $known[mb_strtolower($shade->code)] = $shade;
        }
        $entries = $at = $packs = [];
        foreach (array_slice($table->rows, $headed === null ? 0 : 1, preserve_keys: true) as $number => $cells) {
            $json = self::json($cells, $found);
            $code = is_string($json['code'] ?? null) ? $json['code'] : '';
            $same = $known[mb_strtolower($code)] ?? null;
            $draft = ShadeDraft::read(
                $same === null ? $json : [...self::said($same), ...$json],
                $line,
                $reading,
                "/rows/{$number}",
            );
            $problems = $draft->problems;
            if (isset($at[mb_strtolower($code)]) && $code !== '') {
                $problems[] = new Problem("/rows/{$number}/code", Fact::of(
                    'refusals.table.code-twice',
                    code: $code,
                    row: $at[mb_strtolower($code)],
                ));
            }
            $pack = $draft->packCode();
            $before = $packs[$pack] ?? $code;
            $owner = $before !== $code ? $before : ShadeDraft::packOf($row->salon, $pack, $same?->productId());
            if ($pack !== '' && $owner !== null) {
                $problems[] = new Problem("/rows/{$number}/packCode", Fact::of(
                    'refusals.product.pack-code-taken',
                    code: $pack,
                    product: $owner,
                ));
            }
            $packs[$pack] = $code;
            $at[mb_strtolower($code)] = $number + 1;
            $entries[] = [
                'row' => $number + 1,
                'json' => $json,
                'draft' => $draft,
                'known' => $same,
                'problems' => $problems,
            ];
        }

        return new self($found, $entries, $sample, $entries === []
            ? [new Problem('/text', Fact::of('refusals.table.no-rows'))]
            : [], $line);
    }

    /** @return list<Problem> everything that is wrong in it */
    public function faults(): array
    {
        return [...$this->problems, ...array_merge(...array_map(
            static fn (array $entry): array => $entry['problems'],
            $this->entries,
        ))];
    }

    /** @throws UnreadableDocument with everything that is wrong in it */
    public function throwIfAny(): void
    {
        $faults = $this->faults();
        if ($faults !== []) {
            throw UnreadableDocument::because($faults);
        }
    }

    /** A line's products as a table that reads as they are. */
    public static function write(ColourLine $line): string
    {
        $rows = [['code', 'name', 'kind', 'level', 'tone', 'pack', 'density', 'pack code', 'price']];
        foreach ($line->shades->sortBy('id') as $shade) {
            $said = self::said($shade);
            $rows[] = [
                $shade->code, $shade->name, $shade->kind->value, (string) ($said['level'] ?? ''), self::toneText(
                    (array) ($said['tone'] ?? []),
                ),
                $said['pack'] ?? '', $said['density'] ?? '', $shade->pack_code, $said['price'] ?? '',
            ];
        }

        return Table::write($rows);
    }

    /**
     * What is written of a product, as somebody would write it.
     *
     * @return array{code: string, name: string, kind: string, packCode: string, level?: string, tone?: array<string,
     *     string>, pack?: string, density?: string, price?: string}
     */
    public static function said(Shade $shade): array
    {
        $tone = $shade->own['tone'] ?? ($shade->tone === null ? [] : [$shade->tone->value => '1']);

        return array_filter([
            'code' => $shade->code,
            'name' => $shade->name,
            'kind' => $shade->kind->value,
            'packCode' => $shade->pack_code,
            'level' => $shade->own['level'] ?? null,
            'tone' => $tone === [] ? null : $tone,
            'pack' => $shade->pack_cg === null ? null : $shade->pack_cg->text(),
            'density' => $shade->density_milli === null ? null : Fraction::of($shade->density_milli, 1000)->decimal(3),
            'price' => $shade->price_cents === null ? null : Price::ofCents($shade->price_cents)->show(),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * @param  list<string>  $cells
     * @param  list<string>  $fields
     * @return array<string, mixed>
     */
    private static function json(array $cells, array $fields): array
    {
        $json = [];
        foreach ($fields as $column => $field) {
            $cell = $cells[$column] ?? '';
            if (isset(self::FIELDS[$field]) && $cell !== '') {
                $json[$field] = match ($field) {
                    'tone' => self::tone($cell),
                    'kind' => mb_strtolower($cell),
                    default => $cell,
                };
            }
        }

        return $json;
    }

    /**
     * “gold”, “gold copper”, “gold 2, copper 1”, as a document writes it. A word that is no tone stays, and is said.
     *
     * @return array<string, string>
     */
    private static function tone(string $cell): array
    {
        $tone = [];
        $last = null;
        foreach (preg_split('/[\s,;+&\/-]+/u', mb_strtolower($cell), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if ($last !== null && preg_match('/^\d+(\.\d+)?$/', $word) === 1) {
                $tone[$last] = $word;
            } else {
                $tone[$word] = '1';
                $last = $word;
            }
        }

        return $tone;
    }

    /** @param  array<array-key, mixed>  $tone */
    private static function toneText(array $tone): string
    {
        $words = [];
        foreach ($tone as $family => $weight) {
            $words[] = count($tone) === 1 ? (string) $family : "{$family} ".(is_scalar($weight) ? $weight : '');
        }

        return implode(' ', $words);
    }

    /**
     * @param  list<string>  $cells
     * @return ?list<string> what its columns hold by their headings; null where the first row is no heading
     */
    private static function headed(array $cells): ?array
    {
        $found = [];
        foreach ($cells as $cell) {
            $field = '';
            foreach (self::FIELDS as $name => $headings) {
                if (in_array(mb_strtolower($cell), $headings, true) && ! in_array($name, $found, true)) {
                    $field = $name;
                    break;
                }
            }
            $found[] = $field;
        }

        return in_array('code', $found, true) || count(array_filter($found)) > 1 ? $found : null;
    }

    /** @return list<string> */
    private static function unheaded(int $columns): array
    {
        return array_slice([...['code', 'name'], ...array_fill(0, max(0, $columns), '')], 0, $columns);
    }
}

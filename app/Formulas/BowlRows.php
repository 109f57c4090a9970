<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Component;
use Core\Codec\ReadBowl;
use Core\Codec\WriteBowl;
use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use WeakMap;

/**
 * A bowl's rows and the core's bowl: the one mapping, both ways, through the document shape. One a request: each bowl
 * is read once with a shelf, and what is known of it is worked once.
 */
final class BowlRows
{
    /** How many bowls were read, each with its shelf. */
    public int $reads = 0;

    /** @var WeakMap<Shelf, array<string, BowlSheet|CoreException>> by what is written */
    private WeakMap $sheets;

    /** @var WeakMap<BowlSheet, KnownBowl|CoreException> */
    private WeakMap $known;

    public function __construct()
    {
        $this->sheets = new WeakMap;
        $this->known = new WeakMap;
    }

    /** @throws CoreException */
    public function sheet(Bowl $bowl, Shelf $shelf): BowlSheet
    {
        return $this->read($this->json($bowl), $shelf);
    }

    /**
     * @param  array<string, mixed>  $json
     *
     * @throws CoreException
     */
    public function read(array $json, Shelf $shelf): BowlSheet
    {
        $key = md5(serialize($json));
        $read = $this->sheets[$shelf][$key] ?? null;
        if ($read === null) {
            $this->reads++;
            try {
                $read = ReadBowl::from($json, $shelf);
            } catch (CoreException $refusal) {
                $read = $refusal;
            }
            $this->keep($json, $shelf, $read);
        }

        return $read instanceof BowlSheet ? $read : throw $read;
    }

    /**
     * A bowl that was read with a part of the shelf is the same with all of it: what came later it cannot hold.
     *
     * @param  array<string, mixed>  $json
     */
    public function keep(array $json, Shelf $shelf, BowlSheet|CoreException $read): void
    {
        $this->sheets[$shelf] = [...($this->sheets[$shelf] ?? []), md5(serialize($json)) => $read];
    }

    /** @throws CoreException */
    public function known(BowlSheet $sheet, HouseRules $rules): KnownBowl
    {
        if (! isset($this->known[$sheet])) {
            try {
                $this->known[$sheet] = $sheet->known($rules->step);
            } catch (CoreException $refusal) {
                $this->known[$sheet] = $refusal;
            }
        }
        $known = $this->known[$sheet];

        return $known instanceof KnownBowl ? $known : throw $known;
    }

    /** @return array<string, mixed> the bowl in the shape that ReadBowl reads */
    public function json(Bowl $bowl): array
    {
        return $bowl->sheet;
    }

    /** Fills the bowl's columns; its components are written by replaceComponents(). */
    public function fill(Bowl $bowl, BowlSheet $sheet): Bowl
    {
        return $bowl->fill([
            'letter' => $sheet->letter,
            'job' => $sheet->job,
            'colour_line_id' => self::rowId($sheet->line),
            'sheet' => WriteBowl::toArray($sheet),
        ]);
    }

    public function replaceComponents(Bowl $bowl, BowlSheet $sheet): void
    {
        $bowl->components()->delete();
        Component::query()->insert($this->componentRows($bowl, $sheet));
        $bowl->unsetRelation('components');
    }

    /** @return list<array<string, mixed>> rows of the components table: what the bowl can be found by */
    public function componentRows(Bowl $bowl, BowlSheet $sheet): array
    {
        $rows = [];
        foreach ($sheet->entries as $part => $entries) {
            foreach ($entries as $entry) {
                $rows[] = $this->row(
                    bowl: $bowl,
                    position: count($rows),
                    part: $part,
                    product: $entry->product,
                    share: $entry->portion->text(),
                    blend: $entry->blend,
                );
            }
        }
        foreach ($sheet->additives as $additive) {
            $rows[] = $this->row($bowl, count($rows), null, $additive->key, $additive->dose->text());
        }
        foreach ($sheet->extras as $extra) {
            $rows[] = $this->row($bowl, count($rows), null, $extra->product->id, $extra->amount->text());
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private function row(
        Bowl $bowl,
        int $position,
        ?int $part,
        string $product,
        string $share,
        string $blend = '',
    ): array {
        return [
            'bowl_id' => $bowl->id,
            'position' => $position,
            'part' => $part,
            'shade_id' => str_starts_with($product, 'shade-') ? self::rowId($product) : null,
            'developer_id' => str_starts_with($product, 'developer-') ? self::rowId($product) : null,
            'source_bowl_id' => str_starts_with($product, 'bowl:') ? substr($product, 5) : null,
            'blend' => $blend === '' ? null : $blend,
            'share' => $share,
        ];
    }

    /** The number behind "shade-12", "developer-3" or "line-2". */
    public static function rowId(string $id): int
    {
        return (int) substr((string) strrchr($id, '-'), 1);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Exceptions\EditedElsewhere;
use App\Formulas\LineJson;
use App\Formulas\SalonShelf;
use App\Formulas\ShadeSwatch;
use App\Models\ColourLine;
use App\Models\Salon;
use App\Models\Shade;
use App\Records\Editions;
use App\Shelf\ShadeDraft;
use Core\Codec\Problem;
use Core\Codec\UnreadableDocument;
use Core\Fact;
use Core\Shelf\Line;
use Illuminate\Database\DatabaseManager;

/** One product of a line as it is written now; what it was stays with the visits it was poured in. */
final readonly class SaveShade
{
    /** What a bowl's level, tone and grams follow from. */
    private const MEANING = ['code', 'name', 'kind', 'tone', 'own', 'pack_cg', 'density_milli'];

    public function __construct(
        private DatabaseManager $database,
        private Editions $editions,
        private SalonShelf $shelves,
    ) {
    }

    /**
     * @param  array<string, mixed>  $json  as a form writes a product
     *
     * @throws UnreadableDocument|EditedElsewhere
     */
    public function __invoke(ColourLine $row, ?Shade $shade, int $version, array $json, bool $withdrawn): Shade
    {
        return $this->database->transaction(function () use ($row, $shade, $version, $json, $withdrawn): Shade {
            Salon::query()->lockForUpdate()->findOrFail($row->salon_id);
            $line = LineJson::line($row, $row->salon->rules());
            $draft = ShadeDraft::read($json, $line, $this->shelves->of($row->salon)->readingFor(null));
            $problems = $draft->problems;
            $code = $draft->product->code ?? '';
            if (
                $code !== ''
                && $row->shades()
                    ->whereKeyNot($shade->id ?? 0)
                    ->whereRaw('LOWER(code) = ?', [mb_strtolower($code)])
                    ->exists()
            ) {
                $problems[] = new Problem(
                    '/product/code',
                    Fact::of('refusals.product.code-taken', code: $code, line: $row->name),
                );
            }
            $owner = ShadeDraft::packOf($row->salon, $draft->packCode(), $shade?->productId());
            if ($owner !== null) {
                $problems[] = new Problem(
                    '/product/packCode',
                    Fact::of('refusals.product.pack-code-taken', code: $draft->packCode(), product: $owner),
                );
            }
            if ($problems !== []) {
                throw UnreadableDocument::because($problems);
            }

            return $this->keep($row, $line, $shade, $version, [...$draft->columns(), 'withdrawn' => $withdrawn]);
        });
    }

    /**
     * @param  array<string, mixed>  $columns
     *
     * @throws EditedElsewhere
     */
    public function keep(ColourLine $row, Line $line, ?Shade $shade, int $version, array $columns): Shade
    {
        $saved = $shade === null
            ? new Shade(['colour_line_id' => $row->id, 'version' => 0, 'swatch' => ''])
            : Shade::query()->lockForUpdate()->findOrFail($shade->id);
        if ($shade !== null && $saved->version !== $version) {
            throw EditedElsewhere::shade($saved);
        }
        $was = $saved->exists ? $saved->only(self::MEANING) : null;
        $saved->fill($columns);
        if ($was !== null && $saved->isDirty(self::MEANING)) {
            $this->editions->keep($row->salon, $saved->productId(), [
                ...$was,
                'kind' => $was['kind']->value,
                'tone' => $was['tone']?->value,
                'pack_cg' => $was['pack_cg']?->centigrams,
            ]);
        }
        if ($was !== null && ! $saved->isDirty()) {
            return $saved;
        }
        $saved->fill(['swatch' => ShadeSwatch::ofShade($saved, $line), 'version' => $saved->version + 1])->save();
        $this->shelves->forgetAll();

        return $saved;
    }
}

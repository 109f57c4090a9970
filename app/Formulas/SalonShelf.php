<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Kept\KeptValues;
use App\Kept\Turns;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\HouseBlendVersion;
use App\Models\Measure;
use App\Models\Round;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\Visit;
use App\Records\Editions;
use Carbon\CarbonImmutable;
use Core\CoreException;
use Core\Formula\Leftover;
use Core\Judgement\JudgeBowl;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\MassReading;
use Core\Units\Share;
use Illuminate\Database\Eloquent\Model;

/** A salon's rows as the core's shelf: the one mapping between the two. */
final class SalonShelf
{
    /** @var array<string, Shelf> by salon id and edition; one request asks many times */
    private array $loaded = [];

    /** @var array<string, Shelf> by visit id */
    private array $visits = [];

    public function __construct(
        private readonly BowlRows $rows,
        private readonly Editions $editions,
        private readonly Turns $turns,
        private readonly KeptValues $values,
    ) {
    }

    /** As it stands now, or as it stood at a moment. */
    public function of(Salon $salon, ?CarbonImmutable $moment = null): Shelf
    {
        $key = "{$salon->id} {$this->editions->key($salon, $moment)}";

        return $this->loaded[$key] ??= $this->kept($salon, $moment, $key);
    }

    /** The salon's, as it stood when the visit closed. */
    public function at(Visit $visit): Shelf
    {
        return $this->of($visit->colourist->salon, $visit->closed_at);
    }

    /** The salon's shelf, with what is left of this visit's other bowls on it. */
    public function forVisit(Visit $visit): Shelf
    {
        return $this->visits[$visit->id] ??= $this->withMixtures($visit);
    }

    /** To be called when something on it has changed. */
    public function forgetAll(): void
    {
        $this->loaded = $this->visits = [];
    }

    /** To be called when a bowl of the visit has changed. */
    public function forget(string $visit): void
    {
        unset($this->visits[$visit]);
    }

    /** In the order of the work: a bowl may hold what was left of any that came before it. */
    private function withMixtures(Visit $visit): Shelf
    {
        $shelf = $this->at($visit);
        $rules = $visit->rules();
        $read = [];
        foreach (
            (
                $visit->relationLoaded('rounds') ? $visit->rounds : $visit->rounds()->with('bowls')->get()
            )->flatMap(fn (Round $round) => $round->bowls) as $bowl
        ) {
            try {
                $sheet = $this->rows->sheet($bowl, $shelf);
                $read[] = [$bowl->sheet, $sheet];
                $known = $this->rows->known($sheet, $rules);
                $shelf = $shelf->withMixtures(Leftover::of(
                    $bowl->id,
                    $sheet,
                    $known,
                    JudgeBowl::of($known, $rules)?->asPigment(),
                ));
            } catch (CoreException) {
                // Of a bowl that contradicts itself, nothing can be said when it goes into another.
                continue;
            }
        }
        foreach ($read as [$json, $sheet]) {
            $this->rows->keep($json, $shelf, $sheet);
        }

        return $shelf;
    }

    /** Worked once for as long as nothing on it changes. */
    private function kept(Salon $salon, ?CarbonImmutable $moment, string $key): Shelf
    {
        $turn = $this->turns->ofShelf($salon->id);

        return $turn === null
            ? $this->load($salon, $moment)
            : $this->values->of("shelf {$key} {$turn}", fn (): Shelf => $this->load($salon, $moment));
    }

    private function load(Salon $salon, ?CarbonImmutable $moment): Shelf
    {
        $rules = $this->editions->rules($salon, $moment);
        $was = $this->editions->at($salon, $moment);
        $lines = $products = [];
        foreach ($salon->developers as $developer) {
            $then = self::then($developer, $was[$developer->productId()] ?? null);
            $products[$developer->productId()] = $this->developer($then);
        }
        foreach ($salon->colourLines()->with(['shades', 'developers'])->get() as $now) {
            $line = self::then($now, $was[LineJson::id($now)] ?? null);
            $read = $lines[LineJson::id($now)] = LineJson::line($line, $rules);
            foreach ($now->shades as $shade) {
                $products[$shade->productId()] = $this->shade(
                    self::then($shade, $was[$shade->productId()] ?? null),
                    $read,
                    $now->withdrawn,
                );
            }
        }
        $measures = [];
        foreach (Measure::query()->where('salon_id', $salon->id)->get() as $measure) {
            $measures[$measure->product][mb_strtolower($measure->name)] = $measure->grams_cg;
        }
        $reading = MassReading::plain()->withOunce($rules->plainOunce())->withMeasures($measures[''] ?? []);
        $shelf = new Shelf($lines, $products, $reading, measures: $measures);

        return $shelf->withBlends(
            array_values(
                $salon->houseBlends->map(fn (HouseBlendVersion $blend): ?HouseBlend => $this->blend($blend, $shelf))
                    ->filter()
                    ->all(),
            ),
        );
    }

    /**
     * A row as it was; what it has become since stays out of sight.
     *
     * @template TRow of Model
     *
     * @param  TRow  $row
     * @param  ?array<string, mixed>  $was
     * @return TRow
     */
    private static function then(Model $row, ?array $was): Model
    {
        if ($was === null) {
            return $row;
        }
        $then = clone $row;
        $developers = $was['developers'] ?? null;
        unset($was['developers']);
        $then->forceFill($was);
        if (is_array($developers) && $then instanceof ColourLine) {
            $then->setRelation(
                'developers',
                Developer::query()->where('salon_id', $then->salon_id)->whereIn('id', $developers)->get(),
            );
        }

        return $then;
    }

    private function blend(HouseBlendVersion $blend, Shelf $shelf): ?HouseBlend
    {
        $ingredients = array_map(
            fn (array $each): Ingredient => new Ingredient(
                $each['product'],
                $shelf->product($each['product'])?->label() ?? $each['product'],
                Share::parse($each['share']),
            ),
            $blend->ingredients,
        );

        return $ingredients === [] ? null : new HouseBlend($blend->name, $blend->version, $ingredients);
    }

    private function shade(Shade $shade, Line $line, bool $withdrawn): Product
    {
        return new Product(
            id: $shade->productId(),
            line: $line->id,
            code: $shade->code,
            name: $shade->name,
            kind: $shade->kind,
            strength: null,
            pack: $shade->pack_cg,
            density: $shade->density_milli === null
                ? $line->density ?? Fraction::one()
                : Fraction::of($shade->density_milli, 1000),
            withdrawn: $withdrawn || $shade->withdrawn,
            pigment: ShadePigment::of($shade, $line),
        );
    }

    private function developer(Developer $developer): Product
    {
        return new Product(
            id: $developer->productId(), line: '', code: $developer->strength()
                ->showVolume(), name: $developer->name, kind: ProductKind::Developer,
            strength: $developer->strength(), pack: $developer->pack_cg, density: Fraction::one(),
            withdrawn: $developer->withdrawn,
        );
    }
}

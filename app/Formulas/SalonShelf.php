<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\HouseBlendVersion;
use App\Models\Round;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\Visit;
use Core\CoreException;
use Core\Formula\Leftover;
use Core\Judgement\JudgeBowl;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Legend;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\ReadCode;
use Core\Shelf\Shelf;
use Core\Shelf\UnreadableCode;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\MassReading;
use Core\Units\MixRatio;
use Core\Units\Share;

/** A salon's rows as the core's shelf: the one mapping between the two. */
final class SalonShelf
{
    /** @var array<int, Shelf> by salon id; one request asks many times */
    private array $loaded = [];

    /** @var array<string, Shelf> by visit id */
    private array $visits = [];

    public function __construct(private readonly BowlRows $rows)
    {
    }

    public function of(Salon $salon): Shelf
    {
        return $this->loaded[$salon->id] ??= $this->load($salon);
    }

    /** The salon's shelf, with what is left of this visit's other bowls on it. */
    public function forVisit(Visit $visit): Shelf
    {
        return $this->visits[$visit->id] ??= $this->withMixtures($visit);
    }

    /** To be called when a bowl of the visit has changed. */
    public function forget(string $visit): void
    {
        unset($this->visits[$visit]);
    }

    /** In the order of the work: a bowl may hold what was left of any that came before it. */
    private function withMixtures(Visit $visit): Shelf
    {
        $salon = $visit->colourist->salon;
        $shelf = $this->of($salon);
        $read = [];
        foreach ($visit->rounds()->with('bowls')->get()->flatMap(fn (Round $round) => $round->bowls) as $bowl) {
            try {
                $sheet = $this->rows->sheet($bowl, $shelf);
                $read[] = [$bowl->sheet, $sheet];
                $known = $this->rows->known($sheet, $salon->rules());
                $shelf = $shelf->withMixtures(Leftover::of(
                    $bowl->id,
                    $sheet,
                    $known,
                    JudgeBowl::of($known, $salon->rules())?->asPigment(),
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

    private function load(Salon $salon): Shelf
    {
        $lines = $products = [];
        foreach ($salon->colourLines()->with(['shades', 'developers'])->get() as $line) {
            $lines["line-{$line->id}"] = $this->line($line, $salon->rules()->primaryWeight);
            foreach ($line->shades as $shade) {
                $products[$shade->productId()] = $this->shade($shade, $lines["line-{$line->id}"]->legend);
            }
        }
        foreach ($salon->developers as $developer) {
            $products[$developer->productId()] = $this->developer($developer);
        }

        $shelf = new Shelf($lines, $products, MassReading::plain()->withOunce($salon->rules()->ounce));

        return $shelf->withBlends(array_values($salon->houseBlends->map(fn (HouseBlendVersion $blend): ?HouseBlend => $this->blend($blend, $shelf))->filter()->all()));
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

    private function line(ColourLine $line, Fraction $primary): Line
    {
        return new Line(
            "line-{$line->id}",
            $line->name,
            MixRatio::parse($line->ratio),
            array_values($line->developers->map(fn (Developer $developer): string => $developer->productId())->all()),
            ['min' => $line->min_minutes, 'target' => $line->target_minutes, 'max' => $line->max_minutes],
            $this->kind($line),
            LegendJson::legend($line->legend)->withPrimary($primary),
            LegendJson::lift($line->legend, $this->kind($line)),
            LegendJson::order($line->legend),
        );
    }

    private function kind(ColourLine $line): LineKind
    {
        return LineKind::tryFrom($line->kind) ?? LineKind::Permanent;
    }

    private function shade(Shade $shade, Legend $legend): Product
    {
        return new Product(
            $shade->productId(), "line-{$shade->colour_line_id}", $shade->code, $shade->name, $shade->kind, null,
            $shade->pack_cg, Fraction::of(
                $shade->density_milli,
                1000,
            ), $shade->withdrawn, $this->pigment($shade, $legend),
        );
    }

    /** A shade's by its code and the line's legend; a booster's by the tone its row names. */
    private function pigment(Shade $shade, Legend $legend): ?Pigment
    {
        try {
            return match ($shade->kind) {
                ProductKind::Shade => Pigment::read(ReadCode::by($legend, $shade->code)),
                ProductKind::Clear => Pigment::clear(),
                ProductKind::Booster => $shade->tone === null ? null : Pigment::booster(ToneMix::only($shade->tone)),
                default => null,
            };
        } catch (UnreadableCode) {
            // A code the legend does not know says nothing; the bowl can still be weighed.
            return null;
        }
    }

    private function developer(Developer $developer): Product
    {
        return new Product(
            $developer->productId(), '', $developer->strength()->showVolume(), $developer->name, ProductKind::Developer,
            $developer->strength(), $developer->pack_cg, Fraction::one(), $developer->withdrawn,
        );
    }
}

<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Practice\HouseRules;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassReading;
use Core\Units\Share;
use Core\Units\Strength;

/** Reads the lines, developers, measures and house blends that a document brings with it. */
final class ReadShelf
{
    public static function from(JsonNode $node, HouseRules $rules): Shelf
    {
        $reading = self::reading($node->at('measures'), $rules);
        $products = $lines = [];
        foreach ($node->at('developers')->records(50) as $item) {
            $volume = $item->at('strength')->through(Strength::known(...));
            $id = ReadLine::id($item);
            self::once($products, $id, $item);
            if ($volume instanceof Bounds && $id !== '') {
                $products[$id] = self::developer($id, $volume, $item);
            }
        }
        foreach ($node->at('lines')->records(50) as $item) {
            $line = ReadLine::from($item, array_keys($products), $rules);
            if ($line === null) {
                continue;
            }
            self::once($lines, $line->id, $item);
            $lines[$line->id] = $line;
            foreach ($item->at('products')->records(500) as $entry) {
                $product = ReadProduct::from($entry, $line, $reading);
                if ($product !== null) {
                    self::once($products, $product->id, $entry);
                    $products[$product->id] = $product;
                }
            }
        }
        $shelf = new Shelf($lines, $products, $reading);

        return $shelf->withBlends(self::blends($node->at('blends'), $shelf));
    }

    private static function developer(string $id, Bounds $volume, JsonNode $node): Product
    {
        $exact = $volume->value();
        $strength = $exact === null ? null : Strength::ofVolume($exact);
        $said = $node->at('strength')->text();

        return new Product(
            id: $id,
            line: '',
            code: $strength?->showVolume() ?? ($said === '?' ? "{$id}, strength not known" : $said),
            name: $node->at('name')->text() ?: ($strength?->show() ?? $said),
            kind: ProductKind::Developer,
            strength: $strength,
            pack: null,
            density: Fraction::one(),
            volume: $strength === null ? $volume : null,
        );
    }

    private static function reading(JsonNode $node, HouseRules $rules): MassReading
    {
        $measures = [];
        foreach ($node->members() as $name => $entry) {
            $grams = $entry->through(static fn (string $text): Grams => MassReading::plain()->read($text));
            if ($grams instanceof Grams) {
                $measures[mb_strtolower((string) $name)] = $grams;
            }
        }

        return MassReading::plain()->withOunce($rules->plainOunce())->withMeasures($measures);
    }

    /** @return list<HouseBlend> */
    private static function blends(JsonNode $node, Shelf $shelf): array
    {
        $blends = [];
        foreach ($node->records(200) as $item) {
            $ingredients = [];
            foreach ($item->at('ingredients')->records(12) as $entry) {
                $product = $shelf->product($entry->at('product')->text());
                $share = $entry->at('share')->through(static fn (string $text): Share => Share::parse($text));
                if ($product === null) {
                    $entry->at('product')->problem(Fact::of('documents.product-not-document'));
                } elseif ($share instanceof Share) {
                    $ingredients[] = new Ingredient($product->id, $product->label(), $share, $product->strength);
                }
            }
            if ($ingredients === []) {
                $item->at('ingredients')->problem(Fact::of('documents.blend-empty'));

                continue;
            }
            try {
                $blend = new HouseBlend(
                    $item->at('name')->text(),
                    $item->at('version')->wholeNumber(1, 9999, Fact::of('nouns.version')) ?? 1,
                    $ingredients,
                );
                $blend->shares();
                if (isset($blends[$blend->id()])) {
                    $item->at('name')->problem(Fact::of(
                        'documents.version-already',
                        blend: $blend->name,
                        version: $blend->version,
                    ));
                }
                $blends[$blend->id()] = $blend;
            } catch (CoreException $refusal) {
                $item->at('ingredients')->problem($refusal->fact());
            }
        }

        return array_values($blends);
    }

    /**
     * Of two that have the same id, neither may win in silence.
     *
     * @param  array<string, mixed>  $known  by id
     */
    private static function once(array $known, string $id, JsonNode $node): void
    {
        if (isset($known[$id])) {
            $node->at('id')->problem(Fact::of('documents.already', id: $id));
        }
    }
}

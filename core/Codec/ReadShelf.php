<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Practice\HouseRules;
use Core\Shelf\HouseBlend;
use Core\Shelf\Ingredient;
use Core\Shelf\Legend;
use Core\Shelf\LiftTable;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\PartRole;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\ReadCode;
use Core\Shelf\Shelf;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Bounds;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassReading;
use Core\Units\MixRatio;
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
            $id = self::id($item);
            self::once($products, $id, $item);
            if ($volume instanceof Bounds && $id !== '') {
                $products[$id] = self::developer($id, $volume, $item);
            }
        }
        foreach ($node->at('lines')->records(50) as $item) {
            $line = self::line($item, $products, $rules);
            if ($line === null) {
                continue;
            }
            self::once($lines, $line->id, $item);
            $lines[$line->id] = $line;
            foreach ($item->at('products')->records(500) as $entry) {
                $product = self::product($entry, $line, $reading);
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

        return MassReading::plain()->withOunce($rules->ounce)->withMeasures($measures);
    }

    /** @param  array<string, Product>  $developers */
    private static function line(JsonNode $node, array $developers, HouseRules $rules): ?Line
    {
        $id = self::id($node);
        $ratio = $node->at('ratio')->through(MixRatio::parse(...));
        $kind = LineKind::tryFrom($node->at('kind')->text());
        if ($kind === null) {
            $node->at('kind')->problem(Fact::of('documents.no-kind-line'));
        }
        $minutes = [];
        $window = $node->at('window')->record();
        foreach (['min', 'target', 'max'] as $name) {
            $minutes[$name] = $window->at($name)->wholeNumber(1, 600, Fact::of('nouns.processing-time')) ?? 0;
        }
        $names = [];
        foreach ($node->at('developers')->items(50) as $item) {
            isset($developers[$item->text()])
                ? $names[] = $item->text()
                : $item->problem(Fact::of('documents.developer-not-document'));
        }
        $legend = self::legend($node)->withPrimary($rules->primaryWeight);
        $lift = self::lift($node->at('lift'), $kind ?? LineKind::Permanent);

        return $id === '' || ! $ratio instanceof MixRatio || $kind === null
            ? null
            : new Line(
                $id,
                $node->at('name')->text() ?: $id,
                $ratio,
                $names,
                $minutes,
                $kind,
                $legend,
                $lift,
                self::order($node->at('order')),
            );
    }

    /** @return list<PartRole> */
    private static function order(JsonNode $node): array
    {
        $order = [];
        foreach ($node->items(4) as $item) {
            $role = PartRole::tryFrom($item->text());
            $role === null ? $item->problem(Fact::of('documents.no-part-ratio')) : $order[] = $role;
        }
        if ($order !== [] && $order[0] !== PartRole::Colour) {
            $node->problem(Fact::of('documents.colour-comes-first'));
        }

        return $order === [] ? PartRole::USUAL : $order;
    }

    private static function legend(JsonNode $node): Legend
    {
        $tones = [];
        foreach ($node->at('tones')->members() as $key => $entry) {
            $tone = self::tone($entry);
            if (! $tone->isNone()) {
                $tones[mb_strtoupper((string) $key)] = $tone;
            }
        }
        $notation = $node->at('notation')->text();
        if (! in_array($notation, ['letters', 'digits'], true)) {
            $node->at('notation')->problem(Fact::of('documents.no-notation'));
        }

        return $notation === 'digits' ? Legend::digits($tones) : Legend::letters($tones);
    }

    private static function tone(JsonNode $node): ToneMix
    {
        $weighted = [];
        foreach ($node->members() as $name => $weight) {
            $family = ToneFamily::tryFrom((string) $name);
            $number = $weight->through(Fraction::parse(...));
            if ($family === null) {
                $weight->problem(Fact::of(
                    'documents.no-tone-family',
                    name: $name,
                    value: implode(
                        ', ',
                        array_map(static fn (ToneFamily $each): string => $each->value, ToneFamily::cases()),
                    ),
                ));
            } elseif ($number instanceof Fraction && $number->isNegative()) {
                $weight->problem(Fact::of('documents.tone-weighs-zero-or-more'));
            } elseif ($number instanceof Fraction) {
                $weighted[] = [ToneMix::only($family), $number];
            }
        }

        return ToneMix::mean($weighted);
    }

    private static function lift(JsonNode $node, LineKind $kind): LiftTable
    {
        $levels = [];
        foreach ($node->members() as $volume => $entry) {
            $level = $entry->through(Fraction::parse(...));
            if ($level instanceof Fraction) {
                $levels[(int) $volume] = $level;
            }
        }

        return $levels === [] ? LiftTable::standard($kind) : LiftTable::of($levels);
    }

    private static function product(JsonNode $node, Line $line, MassReading $reading): ?Product
    {
        $code = $node->at('code')->text(40);
        $id = self::id($node);
        $kind = ProductKind::tryFrom($node->at('kind')->isGiven() ? $node->at('kind')->text() : 'shade');
        if ($kind === null || $kind === ProductKind::Developer) {
            $node->at('kind')->problem(Fact::of('documents.no-kind-product'));

            return null;
        }
        $pack = $node->at('pack')->isGiven() ? $node->at('pack')->through($reading->read(...)) : null;
        $density = $node->at('density')->isGiven()
            ? $node->at('density')->through(Fraction::parse(...))
            : Fraction::one();
        if (
            $density instanceof Fraction
            && ($density->compare(Fraction::of(1, 10)) < 0 || $density->compare(Fraction::of(10)) > 0)
        ) {
            $node->at('density')->problem(Fact::of('documents.density-cannot', density: $density->decimal(2)));
        }

        return $id === '' ? null : new Product(
            $id,
            $line->id,
            $code,
            $node->at('name')->text() ?: $code,
            $kind,
            null,
            $pack instanceof Grams ? $pack : null,
            $density instanceof Fraction ? $density : Fraction::one(),
            false,
            self::pigment($node, $kind, $line, $code),
        );
    }

    private static function pigment(JsonNode $node, ProductKind $kind, Line $line, string $code): ?Pigment
    {
        // A code that nobody can read names its product all the same: it is weighed, and says nothing of level and
        // tone.
        $level = ReadCanvas::level($node->at('level'));
        if ($level instanceof Fraction) {
            return new Pigment($level, self::tone($node->at('tone')), Fraction::one());
        }

        return match ($kind) {
            ProductKind::Shade => self::byCode($line, $code),
            ProductKind::Clear => Pigment::clear(),
            ProductKind::Booster => Pigment::booster(self::tone($node->at('tone'))),
            default => null,
        };
    }

    private static function byCode(Line $line, string $code): ?Pigment
    {
        try {
            return Pigment::read(ReadCode::by($line->legend, $code));
        } catch (CoreException) {
            return null;
        }
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

    private static function id(JsonNode $node): string
    {
        $id = $node->at('id')->text(60);
        if ($id === '') {
            $node->at('id')->problem(Fact::of('documents.no-id'));
        }

        return $id;
    }
}

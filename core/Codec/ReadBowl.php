<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Formula\Additive;
use Core\Formula\AmountKind;
use Core\Formula\Bowl;
use Core\Formula\BowlAmount;
use Core\Formula\Dose;
use Core\Formula\Entry;
use Core\Formula\Part;
use Core\Shelf\Ingredient;
use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\Share;

/**
 * Reads one bowl from its JSON shape. This is the one door for a bowl from outside:
 * HTTP requests, stored rows and documents all come through here.
 */
final class ReadBowl
{
    public const MOST_INGREDIENTS = 12;

    /** @var array<string, true> products seen so far in this bowl */
    private array $seen = [];

    /** @var list<list<Entry>> what each part names, as read */
    private array $entries = [];

    private function __construct(private readonly Shelf $shelf)
    {
    }

    /**
     * @param  mixed  $json  decoded, objects as arrays
     *
     * @throws UnreadableDocument with every problem found
     */
    public static function from(mixed $json, Shelf $shelf, string $pointer = ''): BowlSheet
    {
        $problems = new ProblemList;
        $sheet = (new self($shelf))->sheet(new JsonNode($json, $pointer, $problems));
        $problems->throwIfAny();

        return $sheet ?? throw UnreadableDocument::because([new Problem($pointer, 'The bowl cannot be read.', 'Check its ratio, parts and amount.')]);
    }

    private function sheet(JsonNode $node): ?BowlSheet
    {
        $letter = mb_strtoupper($node->at('letter')->text(10));
        if (preg_match('/^[A-Z]{1,2}$/', $letter) !== 1) {
            $node->at('letter')->problem('A bowl has one or two letters.', 'Give it a letter, such as A.');
        }
        $line = $this->shelf->line($node->at('line')->text());
        if ($line === null) {
            $node->at('line')->problem('This colour line is not on the shelf.', 'Choose one of the salon’s lines.');
        }
        $ratio = $node->at('ratio')->isGiven() ? $node->at('ratio')->through(MixRatio::parse(...)) : $line?->ratio;
        $extras = Extras::read($node, $this->shelf);
        $details = BowlDetails::read($node);
        $strokes = ReadStrokes::from($node->at('place'));
        if (OpenBowl::isOne($node)) {
            $amount = $node->at('amount')->at('grams')->isGiven() ? $this->amount($node->at('amount')) : null;
            $fits = fn (JsonNode $product, int $part): ?Product => $this->fitting($product, $part, $line);
            $open = OpenBowl::read($node, $this->shelf, $fits, $ratio, $amount, $this->additives($node->at('additives')) ?? []);
            $minutes = $node->at('minutes')->wholeNumber(1, 600, 'The processing time');
            $entries = array_map(fn (JsonNode $part): array => array_map($this->entry(...), $part->at('ingredients')->items(self::MOST_INGREDIENTS)), $node->at('parts')->items(MixRatio::MOST_PARTS));

            return $line === null || $open === null ? null
                : new BowlSheet($letter, $node->at('job')->text(80), $line->id, null, $open, $entries, $strokes, $minutes, $node->at('note')->text(2000), $details, $extras);
        }
        $parts = $this->parts($node->at('parts'), $line);
        $additives = $this->additives($node->at('additives'));
        $amount = $details->uses === [] ? $this->amount($node->at('amount')) : $this->usesTogether($node->at('uses'));
        $minutes = $node->at('minutes')->wholeNumber(1, 600, 'The processing time');
        $note = $node->at('note')->text(2000);
        $job = $node->at('job')->text(80);
        if ($line === null || $ratio === null || $parts === null || $parts === [] || $additives === null || $amount === null) {
            return null;
        }
        try {
            $bowl = new Bowl($ratio, $parts, $amount, $additives);
        } catch (CoreException $refusal) {
            $node->at('ratio')->problem($refusal->getMessage(), $refusal->mend());

            return null;
        }

        return new BowlSheet($letter, $job, $line->id, $bowl, null, $this->entries, $strokes, $minutes, $note, $details, $extras);
    }

    /** A bowl that feeds several uses is as large as they are together. */
    private function usesTogether(JsonNode $node): ?BowlAmount
    {
        $sum = Grams::zero();
        foreach ($node->items(20) as $use) {
            $grams = $use->at('grams')->through($this->shelf->readingFor(null)->read(...));
            if (! $grams instanceof Grams) {
                return null;
            }
            $sum = $sum->plus($grams);
        }

        return BowlAmount::total($sum);
    }

    private function entry(JsonNode $node): Entry
    {
        return new Entry(
            $node->at('product')->text(), $node->at('share')->text(), $node->at('blend')->text(), $node->at('version')->wholeNumber(1, 9999, 'The version'),
            $node->at('wanted')->text(), $node->at('why')->text(300),
        );
    }

    /** @return ?list<Part> null when any part has a problem */
    private function parts(JsonNode $node, ?Line $line): ?array
    {
        $parts = [];
        $sound = true;
        $items = $node->items(MixRatio::MOST_PARTS);
        if ($items === []) {
            $node->problem('The bowl is empty.', 'Choose at least one shade.');

            return null;
        }
        foreach ($items as $index => $item) {
            $this->entries[$index] = [];
            $name = ['colour', 'developer', 'third part', 'fourth part'][$index];
            $ingredients = [];
            foreach ($item->at('ingredients')->items(self::MOST_INGREDIENTS) as $entry) {
                if ($entry->at('blend')->isGiven()) {
                    $spread = $this->houseBlend($entry);
                    $spread === null ? $sound = false : array_push($ingredients, ...$spread);
                    $this->entries[$index][] = $this->entry($entry);

                    continue;
                }
                $ingredient = $this->ingredient($entry, $index, $line);
                if ($ingredient === null) {
                    $sound = false;

                    continue;
                }
                $ingredients[] = $ingredient;
                $said = $this->entry($entry);
                $this->entries[$index][] = new Entry($said->product, $ingredient->share->text(), '', null, $said->wanted, $said->why);
            }
            if (! $sound) {
                continue;
            }
            try {
                $parts[] = new Part($name, $ingredients);
            } catch (CoreException $refusal) {
                $item->at('ingredients')->problem($refusal->getMessage(), $refusal->mend());
                $sound = false;
            }
        }

        return $sound ? $parts : null;
    }

    /** @return ?list<Ingredient> what a house blend of a version is made of, its share spread over it */
    private function houseBlend(JsonNode $node): ?array
    {
        $version = $node->at('version')->wholeNumber(1, 9999, 'The version') ?? 1;
        $blend = $this->shelf->blend($node->at('blend')->text(), $version);
        if ($blend === null) {
            $node->at('blend')->problem("The house has no “{$node->at('blend')->text()}” of version {$version}.", 'Name a blend and a version that the house keeps.');

            return null;
        }

        return $node->at('share')->through(function (string $text) use ($blend): array {
            foreach ($blend->ingredients as $ingredient) {
                $this->seen[$ingredient->key] = true;
            }

            return $blend->spread(Share::parse($text));
        });
    }

    private function ingredient(JsonNode $node, int $part, ?Line $line): ?Ingredient
    {
        $product = $this->fitting($node->at('product'), $part, $line);
        $share = $node->at('share')->through(fn (string $text): Share => Share::parse($text, $this->shelf->readingFor($product)));

        return $product === null || ! $share instanceof Share ? null : new Ingredient($product->id, $product->label(), $share, $product->strength);
    }

    /** The product named here, where it may go into this part of this line's bowl. */
    private function fitting(JsonNode $node, int $part, ?Line $line): ?Product
    {
        $product = $this->product($node);
        if ($product === null) {
            return null;
        }
        if ($part === 0 && $product->kind === ProductKind::Developer) {
            $node->problem("{$product->label()} is a developer, not colour.", 'Put it in the developer part.');

            return null;
        }
        if ($part === 0 && ! $product->kind->countsInRatio()) {
            $node->problem("{$product->name} does not count in the ratio.", 'Add it on top, as an additive.');

            return null;
        }
        // What was left of another bowl may go into any.
        if ($part === 0 && $line !== null && $product->line !== $line->id && $product->kind !== ProductKind::Mixture) {
            $node->problem("{$product->label()} belongs to another colour line.", "Choose a shade of {$line->name}, or change the bowl’s line.");

            return null;
        }
        if ($part === 1 && $line !== null && ! in_array($product->id, $line->developers, true)) {
            $node->problem("{$line->name} has no {$product->name}.", "Choose one of its developers: {$this->developersOf($line)}.");

            return null;
        }

        return $product;
    }

    /** @return ?list<Additive> */
    private function additives(JsonNode $node): ?array
    {
        $additives = [];
        $sound = true;
        foreach ($node->items(self::MOST_INGREDIENTS) as $entry) {
            $product = $this->product($entry->at('product'));
            $dose = $entry->at('dose')->through(fn (string $text): Dose => Dose::parse($text, $this->shelf->readingFor($product)));
            if ($product === null || ! $dose instanceof Dose) {
                $sound = false;

                continue;
            }
            $additives[] = new Additive($product->id, $product->label(), $dose);
        }

        return $sound ? $additives : null;
    }

    private function product(JsonNode $node): ?Product
    {
        $id = $node->text();
        $product = $this->shelf->product($id);
        if ($product === null) {
            $node->problem($id === '' ? 'No product is chosen.' : 'This shade or product is not on the shelf.', 'Choose one from the shelf.');

            return null;
        }
        if (isset($this->seen[$id])) {
            $node->problem("{$product->label()} is in this bowl twice.", 'Add its shares together and keep one.');

            return null;
        }
        $this->seen[$id] = true;

        return $product;
    }

    private function amount(JsonNode $node): ?BowlAmount
    {
        $kind = AmountKind::tryFrom($node->at('of')->text());
        if ($kind === null || $kind === AmountKind::Stock) {
            $node->at('of')->problem('It is not said what the amount is of.', 'Give the total, the colour, the developer, one product, or let the shares say it.');

            return null;
        }
        if ($kind === AmountKind::Shares) {
            return BowlAmount::shares();
        }
        $ingredient = $node->at('ingredient')->text();
        $product = $kind === AmountKind::Ingredient ? $this->shelf->product($ingredient) : null;
        $grams = $node->at('grams')->through(fn (string $text): Grams => $this->shelf->readingFor($product)->read($text));

        return ! $grams instanceof Grams ? null : match ($kind) {
            AmountKind::Total => BowlAmount::total($grams),
            AmountKind::Colour => BowlAmount::colour($grams),
            AmountKind::Developer => BowlAmount::developer($grams),
            AmountKind::Ingredient => BowlAmount::ingredient($ingredient, $grams),
        };
    }

    private function developersOf(Line $line): string
    {
        return implode(', ', array_map(static fn (Product $product): string => $product->strength?->show() ?? $product->name, $this->shelf->developersOf($line)));
    }
}

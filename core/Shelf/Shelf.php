<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Grams;
use Core\Units\InvalidStrength;
use Core\Units\MassReading;
use Core\Units\Share;
use Core\Units\Strength;
use Core\Units\StrengthBlend;

/** Every line and product a salon (or a document) can name, by id. */
final readonly class Shelf
{
    /**
     * @param  array<string, Line>  $lines
     * @param  array<string, Product>  $products
     * @param  array<string, HouseBlend>  $blends  by name and version
     * @param  array<string, array<string, Grams>>  $measures  by product id: its own scoop, cap or pump, weighed once
     */
    public function __construct(
        private array $lines,
        private array $products,
        private MassReading $reading,
        private array $blends = [],
        private array $measures = [],
    ) {
    }

    /** @return list<Line> */
    public function lines(): array
    {
        return array_values($this->lines);
    }

    public function line(string $id): ?Line
    {
        return $this->lines[$id] ?? null;
    }

    public function blend(string $name, int $version): ?HouseBlend
    {
        return $this->blends[HouseBlend::idOf($name, $version)] ?? null;
    }

    /** @param  list<HouseBlend>  $blends */
    public function withBlends(array $blends): self
    {
        $named = [];
        foreach ($blends as $blend) {
            $named[$blend->id()] = $blend;
        }

        return new self($this->lines, $this->products, $this->reading, $named, $this->measures);
    }

    /** The same shelf with what is left of other bowls on it. */
    public function withMixtures(Product ...$mixtures): self
    {
        $products = $this->products;
        foreach ($mixtures as $mixture) {
            $products[$mixture->id] = $mixture;
        }

        return new self($this->lines, $products, $this->reading, $this->blends, $this->measures);
    }

    public function product(string $id): ?Product
    {
        return $this->products[$id] ?? null;
    }

    /** @return list<Product> the line's own products that can still be had */
    public function productsOf(Line $line): array
    {
        return array_values(array_filter(
            $this->products,
            static fn (Product $product): bool => $product->line === $line->id && ! $product->withdrawn,
        ));
    }

    /** A product of the line by what is printed on it, also one that is not to be had any more. */
    public function byCode(Line $line, string $code): ?Product
    {
        $wanted = mb_strtolower(trim($code));
        foreach ($this->products as $product) {
            if ($product->line === $line->id && $product->code !== '' && mb_strtolower($product->code) === $wanted) {
                return $product;
            }
        }

        return null;
    }

    /** How amounts of this product are read: its pack, its density, the salon's ounce and measures. */
    public function readingFor(?Product $product): MassReading
    {
        if ($product === null) {
            return $this->reading;
        }

        return $this->reading->withPack($product->pack)->withDensity($product->density)
            ->alsoMeasuring($this->measures[$product->id] ?? []);
    }

    /** @return list<Product> the line's developers that can still be had, weakest first */
    public function developersOf(Line $line): array
    {
        $developers = [];
        foreach ($line->developers as $id) {
            $product = $this->product($id);
            if ($product?->strength !== null && ! $product->withdrawn) {
                $developers[] = $product;
            }
        }
        usort(
            $developers,
            static fn (Product $a, Product $b): int => ($a->strength ?? Strength::vol(1))->compare(
                $b->strength ?? Strength::vol(1),
            ),
        );

        return $developers;
    }

    /**
     * The developer a bowl of the line begins with where nobody has said: the middle of its strengths (our own model).
     */
    public function usualDeveloper(Line $line): ?Product
    {
        $developers = $this->developersOf($line);

        return $developers[intdiv(max(0, count($developers) - 1), 2)] ?? null;
    }

    /**
     * The line's developer of a wanted strength, or the blend of two that reaches it, as a bowl names them.
     *
     * @return list<array{product: string, share: string}>
     *
     * @throws InvalidStrength when the line cannot reach it
     */
    public function developersReaching(Line $line, Strength $wanted): array
    {
        $developers = $this->developersOf($line);
        $blend = StrengthBlend::toReach(
            $wanted,
            array_map(static fn (Product $each): Strength => $each->strength ?? $wanted, $developers),
        );
        $ingredients = [];
        foreach ($blend->shares as $share) {
            foreach ($developers as $product) {
                if ($product->strength?->equals($share['strength']) === true) {
                    $ingredients[] = ['product' => $product->id, 'share' => Share::fraction($share['share'])->text()];
                    break;
                }
            }
        }

        return $ingredients;
    }
}

<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Units\Amount;
use Core\Units\Fraction;
use Core\Units\Knowing;
use Core\Units\Share;
use Core\Units\Strength;

/** One product of a bowl as its bounds are worked: which variable it hangs on, and what is said of it. */
final readonly class BoundLine
{
    /**
     * @param  ?int  $part  of the ratio it counts in; null beside it
     * @param  Fraction  $share  of its variable
     * @param  list<Fraction>  $volumes  strengths it may have; empty where it brings no oxygen
     * @param  ?Pigment  $pigment  null where nobody has said, or it is in doubt
     * @param  string  $said  its amount as it was said
     * @param  bool  $isNotKnown  whether nothing at all was said of it
     */
    private function __construct(
        public string $key,
        public string $label,
        public ?int $part,
        public int $variable,
        public Fraction $share,
        public array $volumes,
        public ?Pigment $pigment,
        public string $said,
        public bool $isColour,
        public bool $isOpen,
        public bool $isNotKnown = false,
    ) {
    }

    public static function of(FilledEntry $filled, Product $product, int $part, int $variable, Fraction $share): self
    {
        $portion = $filled->portion();

        return new self(
            key: $product->id,
            label: $filled->isOneProduct() ? $product->label() : $filled->label(),
            part: $part,
            variable: $variable,
            share: $share,
            volumes: self::volumes($filled->isOneProduct() ? [$product] : $filled->candidates()),
            pigment: $filled->isOneProduct() ? $product->pigment : null,
            said: $portion instanceof Share ? $portion->text() : $portion->show(),
            isColour: $part === 0,
            isOpen: ! $filled->entry->isKnown(),
            isNotKnown: $portion instanceof Amount && $portion->knowing === Knowing::Unknown,
        );
    }

    public static function extra(Extra $extra, ?int $part, int $variable): self
    {
        return new self(
            key: $extra->key(),
            label: "{$extra->product->label()}, extra",
            part: $part,
            variable: $variable,
            share: Fraction::one(),
            volumes: self::volumes([$extra->product]), pigment: $extra->product->pigment, said: $extra->amount->show(),
            isColour: $extra->product->pigment !== null,
            isOpen: ! $extra->amount->isKnown(),
            isNotKnown: $extra->amount->knowing === Knowing::Unknown,
        );
    }

    public static function additive(Additive $additive, int $variable): self
    {
        return new self(
            key: $additive->key,
            label: $additive->label,
            part: null,
            variable: $variable,
            share: Fraction::one(),
            volumes: [],
            pigment: null,
            said: $additive->dose instanceof Dose ? $additive->dose->text() : $additive->dose->show(),
            isColour: false,
            isOpen: ! $additive->isKnown(),
        );
    }

    public function leastVolume(): Fraction
    {
        return array_reduce(
            $this->volumes,
            static fn (?Fraction $least, Fraction $each): Fraction => $least === null || $each->compare($least) < 0
                ? $each
                : $least,
        ) ?? Fraction::zero();
    }

    public function mostVolume(): Fraction
    {
        return array_reduce(
            $this->volumes,
            static fn (?Fraction $most, Fraction $each): Fraction => $most === null || $each->compare($most) > 0
                ? $each
                : $most,
        ) ?? Fraction::zero();
    }

    /**
     * @param  list<Product>  $products
     * @return list<Fraction>
     */
    private static function volumes(array $products): array
    {
        $found = [];
        foreach ($products as $product) {
            if ($product->strength !== null) {
                $found[] = $product->strength->volume;
            } elseif ($product->volume !== null) {
                array_push(
                    $found,
                    $product->volume->least,
                    $product->volume->most ?? Fraction::of(Strength::MOST_VOLUME),
                );
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Units\Fraction;
use Core\Units\InvalidShare;
use Core\Units\Share;
use Core\Units\ShareList;

/** A nicknamed recipe of the house. A bowl that uses it keeps the version it used. */
final readonly class HouseBlend
{
    /** @param  non-empty-list<Ingredient>  $ingredients with parts or fractions as shares */
    public function __construct(public string $name, public int $version, public array $ingredients)
    {
    }

    /** "Sand glaze@2": how a bowl names it. */
    public function id(): string
    {
        return self::idOf($this->name, $this->version);
    }

    public static function idOf(string $name, int $version): string
    {
        return mb_strtolower(trim($name))."@{$version}";
    }

    /**
     * What it is made of, each with its share of the whole, together 1.
     *
     * @return non-empty-list<array{key: string, share: Fraction}>
     *
     * @throws InvalidShare
     */
    public function shares(): array
    {
        $list = ShareList::of(array_map(static fn (Ingredient $each): Share => $each->share, $this->ingredients));
        $found = [];
        foreach ($list->split(Fraction::one()) as $at => $fraction) {
            $found[] = ['key' => $this->ingredients[$at]->key, 'share' => $fraction];
        }

        return $found === [] ? throw InvalidShare::empty() : $found;
    }
}

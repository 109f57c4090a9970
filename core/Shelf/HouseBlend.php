<?php

declare(strict_types=1);

namespace Core\Shelf;

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
     * The blend's share of a part, spread over what it is made of. A share of the rest becomes parts.
     *
     * @return list<Ingredient>
     *
     * @throws InvalidShare
     */
    public function spread(Share $share): array
    {
        $list = ShareList::of(array_map(static fn (Ingredient $each): Share => $each->share, $this->ingredients));
        $spread = [];
        foreach ($list->split(\Core\Units\Fraction::one()) as $at => $fraction) {
            $each = $this->ingredients[$at];
            $spread[] = new Ingredient($each->key, $each->label, $share->times($fraction), $each->strength);
        }

        return $spread;
    }
}

<?php

declare(strict_types=1);

namespace App\Shelf;

use Core\Codec\JsonNode;
use Core\Codec\Problem;
use Core\Codec\ProblemList;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassReading;
use Core\Units\Price;
use Core\Units\Rounding;
use Core\Units\Strength;

/** A developer as somebody is writing it. */
final readonly class DeveloperDraft
{
    /** @param  list<Problem>  $problems */
    private function __construct(
        public string $name,
        public ?Strength $strength,
        public ?Grams $pack,
        public string $packCode,
        public ?Price $price,
        public array $problems,
    ) {
    }

    /** @param  array<string, mixed>  $json  name, strength, pack, packCode, price */
    public static function read(array $json, MassReading $reading): self
    {
        $list = new ProblemList;
        $node = new JsonNode($json, '/developer', $list);
        $strength = $node->at('strength')->through(Strength::parse(...));
        $pack = $node->at('pack')->isGiven() ? $node->at('pack')->through($reading->read(...)) : null;
        $price = $node->at('price')->isGiven() ? $node->at('price')->through(Price::parse(...)) : null;
        $strength = $strength instanceof Strength ? $strength : null;

        return new self(
            name: $node->at('name')->text(80) ?: 'developer '.($strength?->show() ?? ''),
            strength: $strength,
            pack: $pack instanceof Grams ? $pack : null,
            packCode: $node->at('packCode')->text(64),
            price: $price instanceof Price ? $price : null,
            problems: $list->all(),
        );
    }

    /** @return array<string, mixed> columns of its row */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'volume_hundredths' => $this->strength?->volume->times(Fraction::of(100))
                ->rounded(1, Rounding::HalfUp) ?? 0,
            'pack_cg' => $this->pack,
            'pack_code' => $this->packCode,
            'price_cents' => $this->price?->cents,
        ];
    }
}

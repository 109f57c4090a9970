<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Developer;
use App\Models\Salon;
use App\Models\Shade;
use Core\Codec\JsonNode;
use Core\Codec\Problem;
use Core\Codec\ProblemList;
use Core\Codec\ReadProduct;
use Core\Fact;
use Core\Shelf\Line;
use Core\Shelf\Product;
use Core\Units\Fraction;
use Core\Units\MassReading;
use Core\Units\Price;
use Core\Units\Rounding;

/** A product of a line as somebody is writing it: a form's, or a row of a table. */
final readonly class ShadeDraft
{
    /**
     * @param  array<string, mixed>  $json
     * @param  list<Problem>  $problems
     */
    private function __construct(
        public array $json,
        public ?Product $product,
        public ?Price $price,
        public array $problems,
    ) {
    }

    /**
     * @param  array<string, mixed>  $json  code, name, kind, tone, level, pack, density, packCode, price
     * @param  string  $at  where it stands, as a pointer
     */
    public static function read(array $json, Line $line, MassReading $reading, string $at = '/product'): self
    {
        $list = new ProblemList;
        $node = new JsonNode([...$json, 'id' => 'new'], $at, $list);
        $product = ReadProduct::from($node, $line, $reading);
        $price = $node->at('price')->isGiven() ? $node->at('price')->through(Price::parse(...)) : null;
        if ($node->at('code')->text(20) === '' && $list->all() === []) {
            $node->at('code')->problem(Fact::of('refusals.product.no-code'));
        }
        $node->at('name')->text(80);
        $node->at('packCode')->text(64);

        return new self($json, $product, $price instanceof Price ? $price : null, $list->all());
    }

    /** What a scanner reads on its pack. */
    public function packCode(): string
    {
        $code = $this->json['packCode'] ?? '';

        return is_scalar($code) ? trim((string) $code) : '';
    }

    /** @return array<string, mixed> columns of its row */
    public function columns(): array
    {
        $product = $this->product;
        if ($product === null) {
            return [];
        }
        $own = array_filter(
            ['level' => $this->json['level'] ?? null, 'tone' => $this->json['tone'] ?? null],
            static fn (mixed $given): bool => $given !== null && $given !== '' && $given !== [],
        );

        return [
            'code' => $product->code,
            'name' => $product->name,
            'kind' => $product->kind,
            'pack_cg' => $product->pack,
            'density_milli' => ($this->json['density'] ?? '') === ''
                ? null
                : $product->density->times(Fraction::of(1000))->rounded(1, Rounding::HalfUp),
            'own' => $own === [] ? null : $own,
            'pack_code' => $this->packCode(),
            'price_cents' => $this->price?->cents,
        ];
    }

    /** Whose pack it is, where that code is known already. */
    public static function packOf(Salon $salon, string $code, ?string $but = null): ?string
    {
        if ($code === '') {
            return null;
        }
        $shade = Shade::query()
            ->whereRelation('colourLine', 'salon_id', $salon->id)
            ->where('pack_code', $code)
            ->first();
        $developer = Developer::query()->where('salon_id', $salon->id)->where('pack_code', $code)->first();

        return match (true) {
            $shade !== null && $shade->productId() !== $but => "{$shade->colourLine->name} {$shade->code}",
            $developer !== null && $developer->productId() !== $but => $developer->name,
            default => null,
        };
    }
}

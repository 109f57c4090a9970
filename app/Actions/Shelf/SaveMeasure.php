<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Formulas\SalonShelf;
use App\Models\Measure;
use App\Models\Salon;
use Core\Codec\JsonNode;
use Core\Codec\Problem;
use Core\Codec\ProblemList;
use Core\Codec\UnreadableDocument;
use Core\CoreException;
use Core\Fact;
use Core\Units\Grams;
use Core\Units\MassReading;

/** A scoop, cap, pump or strip, weighed once: from then on it is grams. Weighed again, it is the newer grams. */
final readonly class SaveMeasure
{
    public function __construct(private SalonShelf $shelves)
    {
    }

    /**
     * @param  string  $product  of which product; empty for whatever it is filled with
     *
     * @throws UnreadableDocument
     */
    public function __invoke(Salon $salon, string $name, string $grams, string $product): Measure
    {
        $list = new ProblemList;
        $node = new JsonNode(['name' => $name, 'grams' => $grams], '/measure', $list);
        $plain = mb_strtolower($node->at('name')->text(40));
        $weight = $node->at('grams')->through(MassReading::plain()->read(...));
        if ($plain === '') {
            $node->at('name')->problem(Fact::of('refusals.measure.no-name'));
        } elseif (self::isUnit($plain)) {
            $node->at('name')->problem(Fact::of('refusals.measure.name-unit', name: $plain));
        }
        if ($weight instanceof Grams && $weight->isZero()) {
            $node->at('grams')->problem(Fact::of('refusals.measure.nothing'));
        }
        if ($product !== '' && $this->shelves->of($salon)->product($product) === null) {
            throw UnreadableDocument::because(
                [new Problem('/measure/product', Fact::of('documents.product-not-document'))],
            );
        }
        $list->throwIfAny();
        $measure = Measure::query()->firstOrNew(['salon_id' => $salon->id, 'product' => $product, 'name' => $plain]);
        $measure->fill(['grams_cg' => $weight, 'version' => ($measure->version ?? 0) + 1])->save();
        $this->shelves->forgetAll();

        return $measure;
    }

    private static function isUnit(string $name): bool
    {
        try {
            MassReading::plain()->withPack(Grams::ofCentigrams(100))->read("1 {$name}");

            return true;
        } catch (CoreException $refusal) {
            return $refusal->fact()->key !== 'refusals.invalid-amount.unknown-unit';
        }
    }
}

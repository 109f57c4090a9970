<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\WorkedBowl;
use Core\Judgement\Caution;
use Core\Judgement\Weighed;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;

/**
 * Products added to a finished bowl, inside the ratio (72 : 90) or on top of it (60 : 90 + 12). Where the
 * document does not say which, both totals are shown and it is asked.
 */
final readonly class Extras
{
    /** @param  list<array{product: Product, grams: Grams, counts: string}>  $extras counts: inside, on-top or empty */
    private function __construct(private array $extras)
    {
    }

    public static function read(JsonNode $bowl, Shelf $shelf): self
    {
        $extras = [];
        foreach ($bowl->at('extras')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
            $product = $shelf->product($entry->at('product')->text());
            $grams = $entry->at('grams')->through($shelf->readingFor($product)->read(...));
            $counts = $entry->at('counts')->text();
            if (! in_array($counts, ['', 'inside', 'on-top'], true)) {
                $entry->at('counts')->problem('It is not clear how this counts.', 'Write inside or on-top.');
            }
            if ($product === null) {
                $entry->at('product')->problem('This product is not in the document.', 'List it under its line.');
            } elseif ($grams instanceof Grams) {
                $extras[] = ['product' => $product, 'grams' => $grams, 'counts' => $counts];
            }
        }

        return new self($extras);
    }

    /** @return array<string, mixed> members of the worked bowl; empty without extras */
    public function worked(WorkedBowl $bowl): array
    {
        if ($this->extras === []) {
            return [];
        }
        $inside = Grams::sum(array_map(static fn (array $each): Grams => $each['grams'], array_filter($this->extras, static fn (array $each): bool => $each['counts'] === 'inside')));

        return [
            'extras' => array_map(static fn (array $each): array => [
                'product' => $each['product']->id, 'label' => $each['product']->label(), 'grams' => $each['grams']->show($bowl->step),
                'counts' => $each['counts'] === '' ? 'not said' : $each['counts'],
            ], $this->extras),
            'totalWithExtras' => $this->total($bowl)->show($bowl->step),
            'ratioWithExtras' => self::ratio($bowl, $inside),
        ];
    }

    /** @return list<array{product: Product, grams: Grams, counts: string}> */
    public function all(): array
    {
        return $this->extras;
    }

    /** @return array{extras?: list<array{product: string, grams: string, counts?: string}>} as read() reads it */
    public function toArray(): array
    {
        return $this->extras === [] ? [] : ['extras' => array_map(static fn (array $each): array => [
            'product' => $each['product']->id, 'grams' => $each['grams']->text(), ...($each['counts'] === '' ? [] : ['counts' => $each['counts']]),
        ], $this->extras)];
    }

    /** @return list<Weighed> what they bring of colour, to be judged with the bowl */
    public function weighed(): array
    {
        $weighed = [];
        foreach ($this->extras as $each) {
            if ($each['product']->pigment !== null) {
                $weighed[] = Weighed::known($each['product']->label(), $each['product']->pigment, $each['grams']->exactly());
            }
        }

        return $weighed;
    }

    /** @return list<Caution> */
    public function warnings(WorkedBowl $bowl): array
    {
        $found = [];
        foreach ($this->extras as $each) {
            if ($each['counts'] === '') {
                $found[] = new Caution(
                    'inside-or-on-top',
                    "{$each['grams']->text()} of {$each['product']->label()}: inside the ratio it makes ".self::ratio($bowl, $each['grams'])." and {$this->total($bowl)->text()}; on top it leaves {$bowl->ratio->show()} and makes {$this->total($bowl)->text()}.",
                    'Say which: "counts": "inside" or "on-top".',
                );
            }
        }

        return $found;
    }

    private function total(WorkedBowl $bowl): Grams
    {
        return $bowl->total()->plus(Grams::sum(array_map(static fn (array $each): Grams => $each['grams'], $this->extras)));
    }

    private static function ratio(WorkedBowl $bowl, Grams $inside): string
    {
        $colour = $bowl->parts[0]->total->plus($inside);

        return isset($bowl->parts[1]) ? '1:'.Fraction::of($bowl->parts[1]->total->centigrams, $colour->centigrams)->decimal(2) : $bowl->ratio->show();
    }
}

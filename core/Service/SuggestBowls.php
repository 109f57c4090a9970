<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Advice\AmountAdvice;
use Core\Advice\FillAdvice;
use Core\Advice\GreyAdvice;
use Core\Advice\Job;
use Core\Advice\TonerAdvice;
use Core\Advice\ZoneReading;
use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Direction;
use Core\Hair\Method;
use Core\Hair\Placement;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Shelf;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;

/** What the canvas asks for and no bowl does yet: filler, toner, natural for grey. Each can be taken with one press. */
final readonly class SuggestBowls
{
    /** @param  ?Line  $demi  the line that only deposits; null where the shelf has none */
    private function __construct(
        private Canvas $canvas,
        private Shelf $shelf,
        private ?Line $demi,
        private HouseRules $rules,
    ) {
    }

    /**
     * @param  list<Outlook>  $outlooks  one a zone
     * @param  list<PlacedBowl>  $bowls
     * @return list<SuggestedBowl>
     */
    public static function for(Canvas $canvas, array $outlooks, array $bowls, Shelf $shelf, HouseRules $rules): array
    {
        $demi = array_values(array_filter(
            $shelf->lines(),
            static fn (Line $line): bool => $line->kind === LineKind::Demi,
        ))[0] ?? null;
        $self = new self($canvas, $shelf, $demi, $rules);
        $found = [];
        foreach ($outlooks as $outlook) {
            $here = array_values(array_filter(
                $outlook->bowls,
                static fn (PlacedBowl $bowl): bool => $bowl->strokesOn(...$outlook->zone->cells()) !== [],
            ));
            $found[] = $self->filler($outlook->zone, $here);
            $found[] = $self->toner($outlook, $here);
            foreach ($here as $bowl) {
                $found[] = $self->natural($outlook->zone, $bowl);
            }
        }

        return [
            ...array_values(array_filter($found)),
            ...RootsAndLengths::suggestions($canvas, $bowls, $shelf, $rules),
            ...RootColourOnLengths::suggestions($canvas, $bowls, $rules),
        ];
    }

    /** @param  list<PlacedBowl>  $here */
    private function filler(CanvasZone $zone, array $here): ?SuggestedBowl
    {
        if (
            $this->demi === null
            || $zone->level === null
            || $zone->wishLevel === null
            || ZoneReading::of($zone, $this->rules)->direction !== Direction::Fill
        ) {
            return null;
        }
        foreach ($here as $bowl) {
            foreach ($bowl->strokes as $stroke) {
                if ($stroke->method === Method::Filler) {
                    return null;
                }
            }
        }
        $advice = FillAdvice::for(
            start: $zone->level,
            history: $zone->history,
            target: $zone->wishLevel,
            wish: $zone->wishTone->mix(),
            shelf: $this->shelf->productsOf($this->demi),
            rules: $this->rules,
        );
        if ($advice->filler === null) {
            return null;
        }
        $shades = implode(
            ' : ',
            array_map(
                static fn (array $each): string => "{$each['share']} {$each['label']}",
                $advice->filler->ingredients,
            ),
        );

        return new SuggestedBowl("fill-{$zone->id}", Fact::of(
            'why.suggest-bowls.fill-first',
            zone: $zone->name,
            shades: $shades,
        ), $advice->why, $this->bowl(
            array_map(
                static fn (array $each): array => ['product' => $each['product'], 'share' => $each['share']],
                $advice->filler->ingredients,
            ), $zone->placement, Method::Filler, $advice->filler->minutes,
        ), Fact::of('why.suggest-bowls.filler', zone: $zone->name), first: true);
    }

    /**
     * For the level reached, where the last bowl lightened it, or where only a tone is wished and nothing goes on it
     * yet.
     *
     * @param  list<PlacedBowl>  $here
     */
    private function toner(Outlook $outlook, array $here): ?SuggestedBowl
    {
        $zone = $outlook->zone;
        $last = $here === [] ? null : $here[count($here) - 1];
        $lightened = $last !== null && $last->line->kind === LineKind::Lightener && $outlook->lifted() !== null;
        $only = $last === null && ZoneReading::of($zone, $this->rules)->direction === Direction::Tone;
        $reached = $lightened ? $outlook->lifted() : $zone->level;
        $asked = $zone->wishTone->families !== [] && ($lightened || $only);
        if ($this->demi === null || $reached === null || ! $asked) {
            return null;
        }
        $advice = TonerAdvice::for(
            reached: $reached,
            wishLevel: $zone->wishLevel,
            wish: $zone->wishTone->mix(),
            damp: true,
            porosity: $zone->porosity,
            shelf: $this->shelf->productsOf($this->demi),
            rules: $this->rules,
        );
        if ($advice->toners === []) {
            return null;
        }
        $best = $advice->toners[0]['product'];

        return new SuggestedBowl("tone-{$zone->id}", Fact::of(
            'why.suggest-bowls.tone-with',
            zone: $zone->name,
            best: $best->label(),
        ), [...$advice->why, $advice->toners[0]['why']], $this->bowl(
            [['product' => $best->id, 'share' => 'all']], $zone->placement, Method::Gloss, $this->demi->window['min'],
        ), Fact::of('why.suggest-bowls.toner', zone: $zone->name));
    }

    private function natural(CanvasZone $zone, PlacedBowl $bowl): ?SuggestedBowl
    {
        if (
            $zone->grey === null
            || ! $zone->hasWish()
            || $bowl->mix === null
            || $bowl->line->kind !== LineKind::Permanent
        ) {
            return null;
        }
        $missing = GreyAdvice::for(
            $zone->grey,
            $zone->resistant,
            $this->rules,
        )->missing($bowl->mix->tone->share(ToneFamily::Natural));
        if ($missing->isZero()) {
            return null;
        }

        return new SuggestedBowl(
            "grey-{$zone->id}-{$bowl->sheet->letter}", Fact::of(
                'why.suggest-bowls.grey-at-more-natural',
                grey: $zone->grey,
                zone: $zone->name,
                letter: $bowl->sheet->letter,
            ),
            [
                ...GreyAdvice::for($zone->grey, $zone->resistant, $this->rules)->why,
                Fact::of(
                    'why.suggest-bowls.bowl-has-natural',
                    letter: $bowl->sheet->letter,
                    tone: $bowl->mix->tone->share(ToneFamily::Natural)->times(Fraction::of(100))->decimal(0),
                ),
            ],
            null, change: new Change(ChangeKind::Grey, $bowl->sheet->letter, "{$zone->grey} %", words: 'for grey'),
        );
    }

    /**
     * @param  list<array{product: string, share: string}>  $colour
     * @return array<string, mixed>
     */
    private function bowl(array $colour, Placement $place, Method $method, ?int $minutes): array
    {
        $line = $this->demi;
        $amount = AmountAdvice::start(
            job: Job::Gloss,
            density: $this->canvas->density(),
            length: $this->canvas->length(),
            resistantGrey: false,
            regrowth: Number::UsualRegrowth->value(),
            foils: 0,
        )->least->text();

        return [
            'line' => $line->id ?? '', 'ratio' => $line?->ratio->show() ?? '', 'amount' => [
                'of' => 'total',
                'grams' => $amount,
                'ingredient' => null,
            ],
            'parts' => [
                ['ingredients' => $colour],
                ['ingredients' => [['product' => $line->developers[0] ?? '', 'share' => 'all']]],
            ],
            'additives' => [],
            'minutes' => $minutes,
            'note' => '',
            ...($method === Method::Gloss ? ['hair' => 'damp'] : []),
            'place' => [[
                'regions' => array_map(static fn (Region $region): string => $region->value, $place->regions),
                'spans' => array_map(
                    static fn (Span $span): string => $span->value,
                    $place->spans,
                ), 'method' => $method->value,
            ]],
        ];
    }
}

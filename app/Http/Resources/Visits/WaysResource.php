<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Formulas\BowlRows;
use App\Formulas\SalonShelf;
use App\Models\Salon;
use App\Words\Say;
use Core\Advice\WayToWish;
use Core\Advice\WishStep;
use Core\Advice\WishStepKind;
use Core\CoreException;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Judgement\ExpectedTone;
use Core\Pigment\Ladder;
use Core\Service\PlacedAmount;
use Core\Service\PlacedBowl;

/** Ways from a zone to its wish, each step with its swatch, and as bowls that can be planned at once. */
final readonly class WaysResource
{
    /** @param  list<WayToWish>  $ways */
    public function __construct(
        private CanvasZone $zone,
        private Canvas $canvas,
        private array $ways,
        private Salon $salon,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $level = $this->zone->wishLevel ?? $this->zone->level;

        return [
            'wish' => $level === null ? null : Ladder::of($level, $this->zone->wishTone->mix())->hex(),
            'ways' => array_map($this->way(...), $this->ways),
        ];
    }

    /** @return array<string, mixed> */
    private function way(WayToWish $way): array
    {
        $last = $way->last()->expected;

        return [
            'verdict' => implode(
                ', ',
                array_map(static fn (ExpectedTone $each): string => $each->value, $last->against),
            ),
            'words' => Say::name($last->words()),
            'swatch' => $last->swatch(),
            'sure' => Say::words($last->sureness()),
            'away' => Say::words($way->says()),
            'steps' => array_map(static fn (WishStep $step): array => [
                'kind' => $step->kind->value,
                'line' => $step->line->name,
                'shades' => $step->shades(),
                'strength' => $step->strength()?->showVolume() ?? '',
                'ratio' => $step->line->ratio->show(),
                'minutes' => $step->minutes,
                'words' => Say::name($step->expected->words()),
                'swatch' => $step->expected->swatch(),
                'why' => Say::all($step->expected->why),
            ], $way->steps),
            'rounds' => array_map($this->round(...), $way->steps, array_keys($way->steps)),
        ];
    }

    /** @return array{name: string, bowls: list<array{id: string, sheet: array<string, mixed>}>} */
    private function round(WishStep $step, int $at): array
    {
        $name = Say::words($step->says());

        return [
            'name' => $name,
            'bowls' => [['id' => "step-{$at}", 'sheet' => $this->sheet($step, "{$this->zone->name}: {$name}")]],
        ];
    }

    /** @return array<string, mixed> as a bowl is typed, with the grams that its place takes */
    private function sheet(WishStep $step, string $job): array
    {
        $sheet = [
            'letter' => 'A',
            'job' => mb_substr($job, 0, 80),
            'line' => $step->line->id,
            'ratio' => $step->line->ratio->show(),
            'amount' => ['of' => 'total', 'grams' => '60 g', 'ingredient' => null],
            'parts' => [
                ['ingredients' => array_map(static fn (array $each): array => [
                    'product' => $each['product']->id,
                    'share' => $each['share'],
                ], $step->colour)],
                [
                    'ingredients' => $step->developer === null
                        ? []
                        : [['product' => $step->developer->id, 'share' => 'all']],
                ],
            ],
            'additives' => [],
            'minutes' => $step->minutes,
            'note' => '',
            ...($step->kind === WishStepKind::Tone ? ['hair' => 'damp'] : []),
            'place' => [[
                'regions' => array_map(
                    static fn (Region $region): string => $region->value,
                    $this->zone->placement->regions,
                ),
                'spans' => array_map(static fn (Span $span): string => $span->value, $this->zone->placement->spans),
                'method' => match ($step->kind) {
                    WishStepKind::Fill => 'filler',
                    WishStepKind::Tone => 'gloss',
                    WishStepKind::Lift, WishStepKind::Colour => null,
                },
            ]],
        ];
        $sheet['amount']['grams'] = $this->grams($sheet, $step) ?? '60 g';

        return $sheet;
    }

    /** @param  array<string, mixed>  $sheet */
    private function grams(array $sheet, WishStep $step): ?string
    {
        try {
            $rules = $this->salon->rules();
            $read = resolve(BowlRows::class)->read($sheet, resolve(SalonShelf::class)->of($this->salon));
            $placed = PlacedBowl::of(0, $read, $step->line, $read->known($rules->step), $rules);
            $amount = PlacedAmount::of($placed, $this->canvas);

            return $amount === null || $amount->most->isZero() ? null : $amount->most->text();
        } catch (CoreException) {
            // What the place takes cannot be said; the bowl says what it needs when it is opened.
            return null;
        }
    }
}

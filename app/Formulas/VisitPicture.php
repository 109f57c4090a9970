<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Visit;
use Core\Advice\ZoneReading;
use Core\Hair\Canvas;
use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Judgement\Caution;
use Core\Practice\HouseRules;
use Core\Service\MapCautions;
use Core\Service\Outlook;
use Core\Service\PlacedAmount;
use Core\Service\PlacedBowl;
use Core\Service\SuggestBowls;
use Core\Service\SuggestedBowl;

/** Canvas, bowls and map of a visit seen together, by the core: readings, coverage, what to expect, how much it takes. */
final readonly class VisitPicture
{
    private function __construct(private CanvasRows $canvases, private VisitBowls $bowls, private SalonShelf $shelves)
    {
    }

    public static function painter(): self
    {
        return new self(resolve(CanvasRows::class), resolve(VisitBowls::class), resolve(SalonShelf::class));
    }

    /**
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  bowls as they are being typed, by id
     * @return array{readings: array<string, ZoneReading>, outlooks: list<Outlook>, coverage: Coverage, suggestions: list<SuggestedBowl>, cautions: list<Caution>, amounts: array<string, ?PlacedAmount>, bowls: list<PlacedBowl>, canvas: Canvas}
     */
    public function of(Visit $visit, ?Canvas $canvas = null, array $drafts = []): array
    {
        $rules = $visit->colourist->salon->rules();
        $canvas ??= $this->canvases->canvas($visit);
        $bowls = $this->bowls->placed($visit, $drafts);
        $coverage = $this->coverage($canvas, $bowls);
        $history = $this->history($visit);
        $outlooks = array_map(fn ($zone): Outlook => Outlook::of($zone, $bowls, $history), $canvas->zones);

        return [
            'canvas' => $canvas,
            'bowls' => $bowls,
            'readings' => $this->readings($canvas, $rules),
            'outlooks' => $outlooks,
            'suggestions' => SuggestBowls::for($canvas, $outlooks, $bowls, $this->shelves->of($visit->colourist->salon), $rules),
            'coverage' => $coverage,
            'cautions' => MapCautions::of($canvas, $coverage, $bowls),
            'amounts' => array_combine(array_map(fn (PlacedBowl $bowl): string => $bowl->sheet->letter, $bowls), array_map(fn (PlacedBowl $bowl): ?PlacedAmount => PlacedAmount::of($bowl, $canvas), $bowls)),
        ];
    }

    /** @return array<string, ZoneReading> by zone id */
    private function readings(Canvas $canvas, HouseRules $rules): array
    {
        $readings = [];
        foreach ($canvas->zones as $zone) {
            $readings[$zone->id] = ZoneReading::of($zone, $rules);
        }

        return $readings;
    }

    /** @param  list<PlacedBowl>  $bowls */
    private function coverage(Canvas $canvas, array $bowls): Coverage
    {
        $strokes = [];
        foreach ($bowls as $bowl) {
            foreach ($bowl->sheet->strokes as $stroke) {
                $strokes[] = ['letter' => $bowl->sheet->letter, 'round' => (string) $bowl->round, 'stroke' => $stroke];
            }
        }

        // Where no canvas was read, nobody said what is wished; where no bowl is planned yet, nothing is missing yet.
        return Coverage::of($strokes, $bowls === [] ? [] : $canvas->wished(), $canvas->offLimits());
    }

    /** @return list<\Core\Judgement\Observed> a training head teaches nothing about a person */
    private function history(Visit $visit): array
    {
        if ($visit->client->training) {
            return [];
        }
        $past = Visit::query()->with(['canvas', 'rounds.bowls.stamps', 'colourist.salon'])->where('client_id', $visit->client_id)->where('status', VisitStatus::Closed)
            ->whereNotNull('results')->where('results', '!=', '[]')->where('starts_at', '<', $visit->starts_at)->orderByDesc('starts_at')->limit(4)->get();

        return $this->canvases->observed($past);
    }

    /** @return list<string> */
    public static function keys(Cell ...$cells): array
    {
        return array_values(array_map(fn (Cell $cell): string => $cell->key(), $cells));
    }
}

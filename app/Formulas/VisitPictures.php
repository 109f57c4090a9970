<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Enums\VisitStatus;
use App\Models\Visit;
use Core\Hair\Canvas;
use Core\Judgement\Observed;
use Core\Service\VisitPicture;

/** A visit's rows, with what is still being typed, as the core's picture of it. */
final readonly class VisitPictures
{
    public function __construct(private CanvasRows $canvases, private VisitBowls $bowls, private SalonShelf $shelves)
    {
    }

    /**
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $drafts  bowls as they are being typed,
     *     by id
     */
    public function of(Visit $visit, ?Canvas $canvas = null, array $drafts = []): VisitPicture
    {
        $salon = $visit->colourist->salon;
        $bowls = $this->bowls->placed($visit, $drafts);
        $head = $canvas ?? $this->canvases->canvas($visit);

        return VisitPicture::of(
            $head,
            $bowls,
            $this->history($visit),
            $this->shelves->of($salon),
            $salon->rules(),
            $this->canvases->reached($visit, $head),
        );
    }

    /** @return list<Observed> a training head teaches nothing about a person */
    private function history(Visit $visit): array
    {
        if ($visit->client->training) {
            return [];
        }
        $past = Visit::query()->with(['canvas', 'rounds.bowls.stamps', 'colourist.salon'])->where(
            'client_id',
            $visit->client_id,
        )->where('status', VisitStatus::Closed)
            ->whereNotNull('results')->where('results', '!=', '[]')->where(
                'starts_at',
                '<',
                $visit->starts_at,
            )->orderByDesc('starts_at')->limit(4)->get();

        return $this->canvases->observed($past);
    }
}

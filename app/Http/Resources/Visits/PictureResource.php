<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Formulas\AmountRows;
use App\Formulas\LastTime;
use App\Formulas\SeenLooks;
use App\Formulas\VisitBowls;
use App\Formulas\VisitPictures;
use App\Models\Visit;
use App\Words\Say;
use Core\Advice\AmountAdvice;
use Core\Advice\ZoneReading;
use Core\Codec\WriteBowl;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Cell;
use Core\Hair\Stroke;
use Core\Judgement\Caution;
use Core\Pigment\Ladder;
use Core\Service\Outlook;
use Core\Service\PlacedAmount;
use Core\Service\PlacedBowl;
use Core\Service\SuggestedBowl;
use Core\Service\VisitPicture;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What canvas, bowls and map come to together, in words and swatches ready to be shown.
 *
 * @property Visit $resource
 */
final class PictureResource extends JsonResource
{
    /** @var array<string, array{letter: string, saved: bool}> bowls that are half typed, by id */
    private readonly array $unread;

    /** @var array<string, array{sheet: array<string, mixed>, round: string}> bowls as they are typed, that can be worked */
    private readonly array $drafts;

    /**
     * @param  array<string, array{sheet: array<string, mixed>, round: string}>  $typed  bowls, by id
     * @param  list<string>  $without  ids of bowls seen as if nobody planned them
     */
    public function __construct(
        Visit $visit,
        private readonly ?Canvas $canvas = null,
        array $typed = [],
        private readonly array $without = [],
    ) {
        parent::__construct($visit);
        // What is half typed is no reason to see the head without the bowl: it is seen as it was saved, and said so.
        $this->unread = resolve(VisitBowls::class)->unread($visit, $typed);
        $this->drafts = array_diff_key($typed, $this->unread);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $picture = resolve(VisitPictures::class)->of($this->resource, $this->canvas, $this->drafts, $this->without);

        return [
            'zones' => array_map(
                fn (Outlook $outlook): array => $this->zone($outlook, $picture->readings[$outlook->zone->id]),
                $picture->outlooks,
            ),
            'unread' => array_values($this->unread),
            'seen' => resolve(SeenLooks::class)->of($this->resource, $picture->outlooks),
            'cells' => (object) $picture->coverage->bowls,
            'maps' => array_map(
                static fn (array $cells, int $round): array => ['round' => $round, 'cells' => (object) $cells],
                $picture->byRound(),
                array_keys($picture->byRound()),
            ),
            'uncovered' => self::keys($picture->coverage->uncovered),
            'doubled' => self::keys($picture->coverage->doubled),
            'cautions' => self::cautions($picture->cautions),
            'suggestions' => array_map(fn (SuggestedBowl $each): array => [
                'key' => $each->key,
                'words' => Say::words($each->words),
                'why' => Say::all($each->why),
                'first' => $each->first,
                'sheet' => self::sheet($each),
                'change' => $each->change === null ? null : [
                    'letter' => $each->change->bowl,
                    'kind' => $each->change->kind->value,
                    'value' => $each->change->value,
                ],
            ], $picture->suggestions),
            'amounts' => (object) $this->amounts($picture),
            'strokes' => array_merge(...array_map($this->strokes(...), $picture->bowls)),
        ];
    }

    /** @return ?array<string, mixed> a new bowl with its job, as the page edits it; null where none is new */
    private static function sheet(SuggestedBowl $each): ?array
    {
        $bowl = $each->bowl ?? ($each->like === null ? null : WriteBowl::toArray($each->like));

        return $bowl === null
            ? null
            : ['job' => $each->job === null ? '' : mb_substr(Say::words($each->job), 0, 80)] + $bowl;
    }

    /** @return array<string, ?array<string, mixed>> by letter: one suggestion each, with its reason */
    private function amounts(VisitPicture $picture): array
    {
        $found = [];
        foreach ($picture->bowls as $bowl) {
            $amount = $this->resource->status->isOver()
                ? null
                : resolve(AmountRows::class)->of(
                    $this->resource,
                    $bowl,
                    $picture->canvas,
                    $picture->amounts[$bowl->sheet->letter] ?? null,
                );
            $found[$bowl->sheet->letter] = $amount === null || $amount->most->isZero() ? null : [
                'source' => match (true) {
                    $amount instanceof PlacedAmount => 'table',
                    $amount->ofColour => 'own',
                    default => 'house',
                },
                'of' => $amount instanceof AmountAdvice && $amount->ofColour ? 'colour' : 'total',
                'take' => $amount->most->text(),
                'why' => Say::all($amount->why),
                'alarms' => $amount instanceof AmountAdvice ? Say::all($amount->alarms) : [],
            ];
        }

        return $found;
    }

    /** @return list<array<string, mixed>> */
    private function strokes(PlacedBowl $bowl): array
    {
        return array_map(fn (Stroke $stroke): array => [
            'letter' => $bowl->sheet->letter,
            'round' => $bowl->round,
            'order' => $stroke->order,
            'words' => Say::nameAround($stroke->words(), $stroke->note, $stroke->width, $stroke->hands),
            'sequence' => $stroke->pattern?->sequence([$bowl->sheet->letter, ...$stroke->with]) ?? [],
        ], $bowl->sheet->strokes);
    }

    /** @return array<string, mixed> */
    private function zone(Outlook $outlook, ZoneReading $reading): array
    {
        $zone = $outlook->zone;
        $last = $outlook->last();

        return [
            'id' => $zone->id,
            'name' => self::name($zone),
            'direction' => $reading->direction->value,
            'headline' => Say::words($reading->headline),
            'lines' => Say::all($reading->lines),
            'cautions' => self::cautions([...$reading->cautions, ...$outlook->cautions()]),
            'now' => $zone->level === null ? null : [
                'words' => self::words($zone->level, $zone->tone->words()),
                'swatch' => ($outlook->strands[0]->was ?? null)
                    ?->seen()
                    ->hex() ?? self::swatch($zone->level, $zone->tone->mix()),
            ],
            'wish' => $this->wish($zone),
            'reached' => self::reached($outlook),
            'verdict' => $outlook->verdict(),
            'expected' => $last === null ? null : [
                'words' => Say::name($last->words()), 'swatch' => $last->swatch(),
                'calibrated' => $last->calibrated,
                'sure' => Say::words($last->sureness()),
                'why' => Say::all($last->why),
            ],
            'lastTime' => $this->lastTime($outlook),
            'strands' => StrandsResource::of($outlook),
            'whole' => StrandsResource::whole($outlook),
        ];
    }

    /** @return ?array<string, mixed> what the same bowls came to, where that was good */
    private function lastTime(Outlook $outlook): ?array
    {
        if ($this->without !== []) {
            return null; // With a bowl less it is not what was done last time.
        }
        $last = resolve(LastTime::class)->of($this->resource, $outlook, $this->drafts);
        $level = $last['result']->level ?? null;

        return $last === null || $level === null ? null : [
            'on' => $last['visit']->starts_at->toIso8601String(),
            'words' => self::words($level, $last['result']->tone->words()),
            'swatch' => self::swatch($level, $last['result']->tone->mix()),
        ];
    }

    /** Where two things are wished of one zone, each part has its name. */
    private static function name(CanvasZone $zone): string
    {
        return match (true) {
            $zone->also === null => $zone->name,
            str_ends_with($zone->id, '-also') => "{$zone->name}, {$zone->also->of->value}",
            default => "{$zone->name}, the rest",
        };
    }

    /** @return ?array<string, mixed> what was last seen of it between the rounds */
    private static function reached(Outlook $outlook): ?array
    {
        $seen = $outlook->seen;

        return $seen?->level === null ? null : [
            'words' => self::words($seen->level, $seen->tone->words()),
            'swatch' => self::swatch($seen->level, $seen->tone->mix()),
            'last' => $outlook->reached() !== null,
        ];
    }

    /** @return ?array{words: string, swatch: string} */
    private function wish(CanvasZone $zone): ?array
    {
        $level = $zone->wishLevel ?? $zone->level;
        if (! $zone->hasWish() || $level === null) {
            return $zone->wishWords === '' ? null : ['words' => $zone->wishWords, 'swatch' => '#ffffff'];
        }

        return [
            'words' => self::words($level, $zone->wishTone->words()),
            'swatch' => self::swatch($level, $zone->wishTone->mix()),
        ];
    }

    private static function words(Fraction $level, string $tone): string
    {
        return Say::name(trim("level {$level->decimal(1)} {$tone}"));
    }

    private static function swatch(Fraction $level, ToneMix $tone): string
    {
        return Ladder::of($level, $tone)->hex();
    }

    /**
     * @param  list<Caution>  $cautions
     * @return list<array{key: string, reason: string, mend: string}>
     */
    public static function cautions(array $cautions): array
    {
        $found = [];
        foreach ($cautions as $caution) {
            $found[$caution->fact->text()] = Say::caution($caution);
        }

        return array_values($found);
    }

    /**
     * @param  list<Cell>  $cells
     * @return list<string>
     */
    private static function keys(array $cells): array
    {
        return array_map(static fn (Cell $cell): string => $cell->key(), $cells);
    }
}

<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Formula\BowlSheet;
use Core\Formula\KnownBowl;
use Core\Hair\Cell;
use Core\Hair\Coverage;
use Core\Hair\Covering;
use Core\Hair\HairState;
use Core\Hair\Method;
use Core\Hair\Stroke;
use Core\Hair\Technique;
use Core\Judgement\JudgeBowl;
use Core\Judgement\Process;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Pigment;
use Core\Units\Strength;

/** A bowl in its round, with what it behaves as. */
final readonly class PlacedBowl
{
    /**
     * @param  int  $round  its place among the rounds, from 0
     * @param  ?Pigment  $mix  what its colour part behaves as; null where that is not known
     * @param  ?Strength  $strength  of the developer before mixing
     * @param  list<Stroke>  $strokes  its own, and those of patterns it takes part in
     * @param  ?int  $processed  minutes it really was on the hair; null before, or where nobody marked it
     */
    public function __construct(
        public int $round,
        public BowlSheet $sheet,
        public Line $line,
        public ?Pigment $mix,
        public ?Strength $strength,
        public array $strokes,
        public ?int $processed = null,
    ) {
    }

    /** A bowl as it stands in its round; what is not known of its mix or strength stays unknown. */
    public static function of(
        int $round,
        BowlSheet $sheet,
        Line $line,
        ?KnownBowl $known,
        HouseRules $rules,
        ?int $processed = null,
    ): self {
        $volume = ($known->developer ?? $known->onHead ?? null)?->value();

        return new self(
            round: $round,
            sheet: $sheet,
            line: $line,
            mix: $known === null ? null : JudgeBowl::of($known, $rules)?->asPigment(),
            strength: $volume === null || $volume->isZero() ? null : Strength::ofVolume($volume),
            strokes: self::laidBy($sheet),
            processed: $processed,
        );
    }

    /**
     * The same bowls, each also with the strokes of the patterns it shares with others.
     *
     * @param  list<self>  $bowls
     * @return list<self>
     */
    public static function sharing(array $bowls): array
    {
        $shared = [];
        foreach ($bowls as $other) {
            foreach ($other->sheet->strokes as $stroke) {
                foreach (array_unique([$other->sheet->letter, ...$stroke->with]) as $letter) {
                    $shared[$letter][] = [$other, $stroke];
                }
            }
        }

        return array_map(static function (self $bowl) use ($shared): self {
            $strokes = $bowl->laid();
            foreach ($shared[$bowl->sheet->letter] ?? [] as [$other, $stroke]) {
                $seen = $other === $bowl ? null : $stroke->seenBy($bowl->sheet->letter, $other->sheet->letter);
                if ($seen !== null) {
                    $strokes[] = $seen;
                }
            }

            return new self(
                round: $bowl->round,
                sheet: $bowl->sheet,
                line: $bowl->line,
                mix: $bowl->mix,
                strength: $bowl->strength,
                strokes: $strokes,
                processed: $bowl->processed,
            );
        }, $bowls);
    }

    /**
     * The line's minutes at its strength.
     *
     * @return array{min: int, target: int, max: int}
     */
    public function window(): array
    {
        return $this->line->windowAt($this->strength);
    }

    /** @return list<Stroke> its own, and the lengths it is taken through */
    public function laid(): array
    {
        return self::laidBy($this->sheet);
    }

    /** @return list<Stroke> */
    private static function laidBy(BowlSheet $sheet): array
    {
        $through = $sheet->details->through;

        return [...$sheet->strokes, ...($through === null ? [] : array_values(array_filter(array_map(
            static fn (Stroke $stroke): ?Stroke => $stroke->takenThrough($through),
            $sheet->strokes,
        ))))];
    }

    /** What it was on the hair, as far as that was marked; else what is planned. */
    public function minutes(): int
    {
        return $this->processed ?? $this->sheet->minutes ?? $this->window()['target'];
    }

    /** @return list<Stroke> that lie on some of these cells */
    public function strokesOn(Cell ...$cells): array
    {
        $keys = array_map(static fn (Cell $cell): string => $cell->key(), $cells);

        return array_values(array_filter(
            $this->strokes,
            static fn (Stroke $stroke): bool => array_intersect(
                $keys,
                array_map(static fn (Cell $cell): string => $cell->key(), Coverage::cells($stroke)),
            ) !== [],
        ));
    }

    public function process(Stroke $stroke): Process
    {
        $technique = match (true) {
            $stroke->method === Method::HandPainted
                || ($stroke->covering ?? $this->sheet->details->covering) === Covering::Open
                && $this->line->kind === LineKind::Lightener => Technique::OpenAir,
            $stroke->method?->usesFoils() === true => Technique::Foil,
            default => Technique::Covered,
        };

        return new Process(
            kind: $this->line->kind,
            mix: $stroke->method === Method::Filler ? $this->mix?->thinned(Number::FillerHold->value()) : $this->mix,
            strength: $this->strength,
            minutes: min($this->minutes(), $stroke->lastMinutes ?? $this->minutes()),
            window: $this->window(),
            lift: $this->line->lift,
            technique: $technique,
            onScalp: $stroke->touchesScalp(),
            onePass: $stroke->isOnePass(),
            line: $this->line->id,
        );
    }

    public function isDamp(Stroke $stroke): bool
    {
        return in_array($stroke->hair ?? $this->sheet->details->hair, [HairState::Damp, HairState::Wet], true);
    }
}

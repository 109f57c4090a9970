<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Hair\Breakage;
use Core\Hair\Canvas;
use Core\Hair\CanvasZone;
use Core\Hair\Confidence;
use Core\Hair\Density;
use Core\Hair\Elasticity;
use Core\Hair\HairHistory;
use Core\Hair\Length;
use Core\Hair\PartOfZone;
use Core\Hair\Porosity;
use Core\Hair\Region;
use Core\Hair\SecondWish;
use Core\Hair\Span;
use Core\Hair\Texture;
use Core\Hair\Tones;
use Core\Hair\ZoneResult;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;

/** Reads a canvas and the results of its zones from their JSON shape, and writes them back. */
final class ReadCanvas
{
    public const MOST_ZONES = 30;

    /** Of each zone, and of kinds of its strands. */
    private const MOST_RESULTS = 60;

    /** @throws UnreadableDocument with every problem found */
    public static function from(mixed $json, string $pointer = ''): Canvas
    {
        $problems = new ProblemList;
        $root = (new JsonNode($json, $pointer, $problems))->record();
        $zones = array_map(self::zone(...), $root->at('zones')->records(self::MOST_ZONES));
        $seen = [];
        foreach ($zones as $at => $zone) {
            // The strands of a second wish have an id of their own, which no other zone may have.
            $ids = array_fill_keys(array_map(static fn (CanvasZone $each): string => $each->id, $zone->byWish()), true);
            if (array_intersect_key($seen, $ids) !== []) {
                $root->at('zones')->at($at)->at('id')->problem(Fact::of('documents.two-zones-have-same-id'));
            }
            $seen += $ids;
        }
        $canvas = new Canvas($zones, $root->at('worn')->text(400), $root->at('target')->text(400));
        $problems->throwIfAny();

        return $canvas;
    }

    /**
     * @param  list<string>  $zones  ids that may be named
     * @return list<ZoneResult>
     *
     * @throws UnreadableDocument with every problem found
     */
    public static function results(mixed $json, array $zones, string $pointer = ''): array
    {
        $problems = new ProblemList;
        $root = new JsonNode($json, $pointer, $problems);
        $results = [];
        foreach ($root->records(self::MOST_RESULTS) as $node) {
            $id = $node->at('zone')->text(40);
            if (! in_array($id, $zones, true)) {
                $node->at('zone')->problem(Fact::of('documents.no-such-zone-on-canvas'));
            }
            $results[] = new ZoneResult(
                zone: $id,
                level: self::level($node->at('level')),
                tone: self::tones($node->at('tone')),
                even: self::yesNo($node->at('even')),
                covered: self::yesNo($node->at('covered')),
                elasticity: ReadStrokes::choice(
                    $node->at('elasticity'),
                    Elasticity::class,
                    Fact::of('documents.no-elasticity'),
                ),
                words: $node->at('words')->text(300),
                strand: $node->at('strand')->text(160),
            );
        }
        $problems->throwIfAny();

        return $results;
    }

    /** @return array<string, mixed> */
    public static function write(Canvas $canvas): array
    {
        return [
            'zones' => array_map(self::writeZone(...), $canvas->zones),
            'worn' => $canvas->worn,
            'target' => $canvas->target,
        ];
    }

    /**
     * @param  list<ZoneResult>  $results
     * @return list<array<string, mixed>>
     */
    public static function writeResults(array $results): array
    {
        return array_map(static fn (ZoneResult $result): array => [
            'zone' => $result->zone,
            'level' => $result->level?->decimal(1),
            'tone' => self::families($result->tone),
            'even' => $result->even,
            'covered' => $result->covered, 'elasticity' => $result->elasticity?->value, 'words' => $result->words,
            ...($result->strand === '' ? [] : ['strand' => $result->strand]),
        ], $results);
    }

    private static function zone(JsonNode $node): CanvasZone
    {
        $id = $node->at('id')->text(40);
        $name = $node->at('name')->text(60);
        if ($id === '') {
            $node->at('id')->problem(Fact::of('documents.zone-has-no-id'));
        }
        $placement = ReadStrokes::placement($node);
        $grey = $node->at('grey')->wholeNumber(0, 100, Fact::of('nouns.grey-in-percent'));

        return new CanvasZone(
            id: $id, name: $name === '' ? $id : $name, placement: $placement,
            natural: self::level($node->at('natural')),
            level: self::level($node->at('level')),
            tone: self::tones($node->at('tone')),
            grey: $grey,
            resistant: $node->at('resistant')->flag(),
            porosity: ReadStrokes::choice(
                $node->at('porosity'),
                Porosity::class,
                Fact::of('documents.no-porosity'),
            ) ?? Porosity::Normal,
            history: ReadStrokes::choice(
                $node->at('history'),
                HairHistory::class,
                Fact::of('documents.no-history'),
            ) ?? HairHistory::Natural,
            historyWords: $node->at('historyWords')->text(300),
            confidence: ReadStrokes::choice(
                $node->at('confidence'),
                Confidence::class,
                Fact::of('documents.not-clear-how-surely-known'),
            ) ?? Confidence::Read,
            banded: $node->at('banded')->flag(), bandWords: $node->at('bandWords')->text(200),
            regrowth: self::number($node->at('regrowth'), 0, 100, 'Regrowth', 'centimetres from 0 to 100'),
            density: ReadStrokes::choice($node->at('density'), Density::class, Fact::of('documents.no-density')),
            texture: ReadStrokes::choice($node->at('texture'), Texture::class, Fact::of('documents.no-texture')),
            length: ReadStrokes::choice($node->at('length'), Length::class, Fact::of('documents.no-length')),
            elasticity: ReadStrokes::choice(
                $node->at('elasticity'),
                Elasticity::class,
                Fact::of('documents.no-elasticity'),
            ),
            breakage: ReadStrokes::choice($node->at('breakage'), Breakage::class, Fact::of('documents.no-breakage')),
            offLimits: $node->at('offLimits')->flag(),
            wishLevel: self::level($node->at('wish')->record()->at('level')),
            wishTone: self::tones($node->at('wish')->at('tone')),
            wishWords: $node->at('wish')->at('words')->text(300),
            note: $node->at('note')->text(500),
            also: self::also($node->at('also')),
        );
    }

    private static function also(JsonNode $node): ?SecondWish
    {
        if ($node->value() === null || $node->value() === []) {
            return null;
        }
        $of = ReadStrokes::choice($node->record()->at('of'), PartOfZone::class, Fact::of('documents.no-part-of-zone'));
        if ($of === null) {
            if (! $node->at('of')->isGiven()) {
                $node->at('of')->problem(Fact::of('documents.no-part-of-zone'));
            }

            return null;
        }

        return new SecondWish(
            $of,
            self::level($node->at('level')),
            self::tones($node->at('tone')),
            $node->at('words')->text(300),
        );
    }

    /** @return array<string, mixed> */
    private static function writeZone(CanvasZone $zone): array
    {
        return [
            'id' => $zone->id, 'name' => $zone->name,
            'regions' => array_map(static fn (Region $region): string => $region->value, $zone->placement->regions),
            'spans' => array_map(static fn (Span $span): string => $span->value, $zone->placement->spans),
            'natural' => $zone->natural?->decimal(1),
            'level' => $zone->level?->decimal(1),
            'tone' => self::families($zone->tone),
            'grey' => $zone->grey, 'resistant' => $zone->resistant, 'porosity' => $zone->porosity->value,
            'history' => $zone->history->value,
            'historyWords' => $zone->historyWords,
            'confidence' => $zone->confidence->value,
            'banded' => $zone->banded, 'bandWords' => $zone->bandWords, 'regrowth' => $zone->regrowth?->decimal(1),
            'density' => $zone->density?->value, 'texture' => $zone->texture?->value, 'length' => $zone->length?->value,
            'elasticity' => $zone->elasticity?->value,
            'breakage' => $zone->breakage?->value,
            'offLimits' => $zone->offLimits,
            'wish' => [
                'level' => $zone->wishLevel?->decimal(1),
                'tone' => self::families($zone->wishTone),
                'words' => $zone->wishWords,
            ],
            'also' => $zone->also === null ? null : [
                'of' => $zone->also->of->value,
                'level' => $zone->also->level?->decimal(1),
                'tone' => self::families($zone->also->tone),
                'words' => $zone->also->words,
            ],
            'note' => $zone->note,
        ];
    }

    /** @return list<string> */
    private static function families(Tones $tones): array
    {
        return array_map(static fn (ToneFamily $family): string => $family->value, $tones->families);
    }

    public static function level(JsonNode $node): ?Fraction
    {
        return self::number($node, 1, 12, 'A level', 'a number from 1 to 12, such as 6 or 6.5');
    }

    private static function number(JsonNode $node, int $least, int $most, string $what, string $write): ?Fraction
    {
        if (! $node->isGiven()) {
            return null;
        }
        $number = $node->through(static fn (string $text): Fraction => Fraction::parse(str_replace(',', '.', $text)));
        if (
            $number instanceof Fraction
            && ($number->compare(Fraction::of($least)) < 0 || $number->compare(Fraction::of($most)) > 0)
        ) {
            $node->problem(Fact::of('documents.cannot', what: $what, node: $node->text(), write: $write));
        }

        return $number instanceof Fraction ? $number : null;
    }

    private static function tones(JsonNode $node): Tones
    {
        $families = [];
        foreach ($node->items(3) as $item) {
            $family = ReadStrokes::choice($item, ToneFamily::class, Fact::of('documents.no-tone'));
            if ($family !== null) {
                $families[] = $family;
            }
        }

        return new Tones($families);
    }

    private static function yesNo(JsonNode $node): ?bool
    {
        $said = $node->flag();

        return $node->value() === null ? null : $said;
    }
}

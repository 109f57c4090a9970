<?php

declare(strict_types=1);

namespace Core\Codec;

use BackedEnum;
use Core\Fact;
use Core\Hair\Covering;
use Core\Hair\HairState;
use Core\Hair\Method;
use Core\Hair\Pattern;
use Core\Hair\Placement;
use Core\Hair\Reach;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Hair\Stroke;

/**
 * Reads where a bowl goes: a list of strokes, or one {regions, spans} where that is all that is said. Writes it back.
 */
final class ReadStrokes
{
    public const MOST = 40;

    /** @return list<Stroke> */
    public static function from(JsonNode $node): array
    {
        $value = $node->value();
        if (is_array($value) && $value !== [] && ! array_is_list($value)) {
            $stroke = self::stroke($node);

            return $stroke->placement->regions === []
                && $stroke->placement->spans === []
                && $stroke->method === null
                && $stroke->reach === null
                ? []
                : [$stroke];
        }

        return array_map(self::stroke(...), $node->records(self::MOST));
    }

    private static function stroke(JsonNode $node): Stroke
    {
        $with = [];
        foreach ($node->at('with')->items(4) as $letter) {
            if (! $letter->isGiven()) {
                $letter->problem(Fact::of('documents.no-letter-bowl'));
            }
            $with[] = $letter->letter();
        }
        $pattern = $node->at('pattern')->isGiven() ? $node->at('pattern')->through(Pattern::parse(...)) : null;
        if ($pattern instanceof Pattern && $with !== []) {
            $node->at('pattern')->through(static fn (): array => $pattern->shares(count($with) + 1));
        }

        return new Stroke(
            placement: self::placement($node),
            method: self::choice($node->at('method'), Method::class, Fact::of('documents.no-technique')),
            pattern: $pattern instanceof Pattern ? $pattern : null,
            with: $with,
            order: $node->at('order')->wholeNumber(1, 99, Fact::of('nouns.order')),
            hands: $node->at('hands')->text(60),
            hair: self::choice($node->at('hair'), HairState::class, Fact::of('documents.no-state-hair')),
            covering: self::choice($node->at('covering'), Covering::class, Fact::of('documents.no-covering')),
            foils: $node->at('foils')->wholeNumber(1, 400, Fact::of('nouns.number-foils')),
            width: $node->at('width')->text(60),
            overlaps: $node->at('overlaps')->flag(),
            note: $node->at('note')->text(300),
            reach: $node->at('reach')->isGiven() ? self::reach($node->at('reach')) : null,
        );
    }

    private static function reach(JsonNode $node): ?Reach
    {
        $reach = $node->through(Reach::parse(...));

        return $reach instanceof Reach ? $reach : null;
    }

    /** Its regions and spans alone. */
    public static function placement(JsonNode $node): Placement
    {
        return Placement::of(
            self::each($node->at('regions'), Region::class, Fact::of('documents.no-region-head')),
            self::each($node->at('spans'), Span::class, Fact::of('documents.no-span-strand')),
        );
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     */
    private static function each(JsonNode $node, string $enum, Fact $otherwise): array
    {
        $found = [];
        foreach ($node->items(20) as $item) {
            $one = self::choice($item, $enum, $otherwise);
            if ($one !== null) {
                $found[] = $one;
            }
        }

        return $found;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return ?T
     */
    public static function choice(JsonNode $node, string $enum, Fact $otherwise): ?BackedEnum
    {
        $text = $node->text();
        if ($text === '') {
            return null;
        }
        $found = $enum::tryFrom($text);
        if ($found === null) {
            $node->problem($otherwise);
        }

        return $found;
    }

    /**
     * Only what is said is written.
     *
     * @param  list<Stroke>  $strokes
     * @return list<array<string, mixed>>
     */
    public static function write(array $strokes): array
    {
        return array_map(static fn (Stroke $stroke): array => [
            'regions' => array_map(static fn (Region $region): string => $region->value, $stroke->placement->regions),
            'spans' => array_map(static fn (Span $span): string => $span->value, $stroke->placement->spans),
            ...array_filter([
                'method' => $stroke->method?->value,
                'pattern' => $stroke->pattern?->text(),
                'with' => $stroke->with === [] ? null : $stroke->with,
                'order' => $stroke->order,
                'hands' => $stroke->hands === '' ? null : $stroke->hands,
                'hair' => $stroke->hair?->value,
                'covering' => $stroke->covering?->value,
                'foils' => $stroke->foils,
                'width' => $stroke->width === '' ? null : $stroke->width,
                'overlaps' => $stroke->overlaps ? true : null,
                'note' => $stroke->note === '' ? null : $stroke->note,
                'reach' => $stroke->reach?->text(),
            ], static fn (mixed $value): bool => $value !== null),
        ], $strokes);
    }
}

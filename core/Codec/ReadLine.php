<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Practice\HouseRules;
use Core\Shelf\CodeMark;
use Core\Shelf\Legend;
use Core\Shelf\LiftTable;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\NotationKind;
use Core\Shelf\PartRole;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\MixRatio;

/** Reads a colour line, as a document brings it and as a salon writes it: its rules, its minutes and its legend. */
final class ReadLine
{
    private const ZERO_MUTES = ['mutes', 'natural'];

    /**
     * @param  list<int|string>  $developers  ids that are known
     * @return ?Line null where it cannot be one; why is among the problems
     */
    public static function from(JsonNode $node, array $developers, HouseRules $rules): ?Line
    {
        $id = self::id($node);
        $ratio = $node->at('ratio')->through(MixRatio::parse(...));
        $kind = LineKind::tryFrom($node->at('kind')->text());
        if ($kind === null) {
            $node->at('kind')->problem(Fact::of('documents.no-kind-line'));
        }
        $names = [];
        foreach ($node->at('developers')->items(50) as $item) {
            in_array($item->text(), $developers, true)
                ? $names[] = $item->text()
                : $item->problem(Fact::of('documents.developer-not-document'));
        }
        $window = self::window($node->at('window')->record());
        $grey = $node->at('grey');
        $windows = [];
        foreach ($node->at('windows')->members() as $volume => $entry) {
            $windows[(int) $volume] = self::window($entry->record());
        }
        ksort($windows);

        $legend = self::legend($node, $rules);
        $lift = self::lift($node->at('lift'), $kind ?? LineKind::Permanent);
        $order = self::order($node->at('order'));
        $forGrey = $grey->isGiven() ? self::window($grey->record()) : null;
        [$heat, $stops] = [self::said($node->at('heat')), self::said($node->at('stops'))];

        return $id === '' || ! $ratio instanceof MixRatio || $kind === null
            ? null
            : new Line(
                id: $id,
                name: $node->at('name')->text() ?: $id,
                ratio: $ratio,
                developers: $names,
                window: $window,
                kind: $kind,
                legend: $legend,
                lift: $lift,
                order: $order,
                windows: $windows,
                forGrey: $forGrey,
                heat: $heat,
                stops: $stops,
                apart: self::apart($node->at('apart')),
                density: ReadProduct::density($node->at('density')),
            );
    }

    public static function id(JsonNode $node): string
    {
        $id = $node->at('id')->text(60);
        if ($id === '') {
            $node->at('id')->problem(Fact::of('documents.no-id'));
        }

        return $id;
    }

    /** Tone families with their weights: {"gold": 2, "copper": 1}. */
    public static function tone(JsonNode $node): ToneMix
    {
        $weighted = [];
        foreach ($node->members() as $name => $weight) {
            $family = ToneFamily::tryFrom((string) $name);
            $number = $weight->through(Fraction::parse(...));
            if ($family === null) {
                $weight->problem(Fact::of(
                    'documents.no-tone-family',
                    name: $name,
                    value: implode(
                        ', ',
                        array_map(static fn (ToneFamily $each): string => $each->value, ToneFamily::cases()),
                    ),
                ));
            } elseif ($number instanceof Fraction && $number->isNegative()) {
                $weight->problem(Fact::of('documents.tone-weighs-zero-or-more'));
            } elseif ($number instanceof Fraction) {
                $weighted[] = [ToneMix::only($family), $number];
            }
        }

        return ToneMix::mean($weighted);
    }

    /** @return array{min: int, target: int, max: int} */
    private static function window(JsonNode $node): array
    {
        $minutes = [];
        foreach (['min', 'target', 'max'] as $name) {
            $minutes[$name] = $node->at($name)->wholeNumber(1, 600, Fact::of('nouns.processing-time')) ?? 0;
        }

        return $minutes;
    }

    /** @return list<LineKind> each once */
    private static function apart(JsonNode $node): array
    {
        $apart = [];
        foreach ($node->items(8) as $item) {
            $kind = LineKind::tryFrom($item->text());
            $kind === null ? $item->problem(Fact::of('documents.no-kind-line')) : $apart[$kind->value] = $kind;
        }

        return array_values($apart);
    }

    /** Yes, no, or nothing said. */
    private static function said(JsonNode $node): ?bool
    {
        return $node->value() === null ? null : $node->flag();
    }

    /** @return list<PartRole> */
    private static function order(JsonNode $node): array
    {
        $order = [];
        foreach ($node->items(4) as $item) {
            $role = PartRole::tryFrom($item->text());
            $role === null ? $item->problem(Fact::of('documents.no-part-ratio')) : $order[] = $role;
        }
        if ($order !== [] && $order[0] !== PartRole::Colour) {
            $node->problem(Fact::of('documents.colour-comes-first'));
        }

        return $order === [] ? PartRole::USUAL : $order;
    }

    private static function legend(JsonNode $node, HouseRules $rules): Legend
    {
        $tones = [];
        foreach ($node->at('tones')->members() as $key => $entry) {
            $tone = self::tone($entry);
            if (! $tone->isNone()) {
                $tones[mb_strtoupper((string) $key)] = $tone;
            }
        }
        $kind = NotationKind::tryFrom($node->at('notation')->text());
        if ($kind === null) {
            $node->at('notation')->problem(Fact::of('documents.no-notation'));
        }
        $digits = $kind === NotationKind::Digits;
        $separators = self::separators($node->at('separators'));
        $primary = $node->at('primary')->isGiven() ? $node->at('primary')->through(Fraction::parse(...)) : null;
        $zero = $node->at('zero')->text();
        if ($zero !== '' && ! in_array($zero, self::ZERO_MUTES, true)) {
            $node->at('zero')->problem(Fact::of('documents.no-zero'));
        }

        return new Legend(
            kind: $kind ?? NotationKind::Letters,
            tones: $tones,
            separators: $digits ? $separators : [],
            primary: $primary instanceof Fraction && ! $primary->isNegative() && ! $primary->isZero()
                ? $primary
                : $rules->primaryWeight,
            lettersRankEqually: self::said($node->at('lettersEqual')) ?? true,
            levels: self::levels($node->at('levels')->record()),
            doubledLevelIsIntense: self::said($node->at('doubledLevel')) ?? $digits,
            zeroMutes: $zero === '' ? $digits : $zero === 'mutes',
            marks: self::marks($node->at('marks')),
        );
    }

    /** @return array{int, int} lowest and highest; 1 to 12 where nothing is said */
    private static function levels(JsonNode $node): array
    {
        $lowest = $node->at('lowest')->wholeNumber(1, 12, Fact::of('nouns.level')) ?? 1;
        $highest = $node->at('highest')->wholeNumber(1, 12, Fact::of('nouns.level')) ?? 12;

        return [min($lowest, $highest), max($lowest, $highest)];
    }

    /** @return list<string> */
    private static function separators(JsonNode $node): array
    {
        $all = ['.', '/', '-'];
        $found = [];
        foreach ($node->items(3) as $item) {
            in_array($item->text(), $all, true)
                ? $found[] = $item->text()
                : $item->problem(Fact::of('documents.no-separator'));
        }

        return $found === [] ? $all : $found;
    }

    /** @return array<string, CodeMark> */
    private static function marks(JsonNode $node): array
    {
        $marks = [];
        foreach ($node->members() as $mark => $entry) {
            $says = CodeMark::tryFrom($entry->text());
            if ($says === null) {
                $entry->problem(Fact::of('documents.no-mark'));
            } else {
                $marks[mb_strtoupper((string) $mark)] = $says;
            }
        }

        return $marks;
    }

    private static function lift(JsonNode $node, LineKind $kind): LiftTable
    {
        $levels = [];
        foreach ($node->members() as $volume => $entry) {
            $level = $entry->through(Fraction::parse(...));
            if ($level instanceof Fraction) {
                $levels[(int) $volume] = $level;
            }
        }

        return $levels === [] ? LiftTable::standard($kind) : LiftTable::of($levels);
    }
}

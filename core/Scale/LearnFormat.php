<?php

declare(strict_types=1);

namespace Core\Scale;

/**
 * Learns how a scale writes from lines that it sent: empty and still, with something on it and still, and while
 * something was poured. What changes between the first two is the weight, what is only in the third says that it moves.
 */
final class LearnFormat
{
    /**
     * @param  WeightUnit  $unit  what it shows, where its lines do not say
     *
     * @throws FormatRefused
     */
    public static function from(
        string $empty,
        string $loaded,
        string $moving,
        WeightUnit $unit = WeightUnit::Gram,
    ): LineFormat {
        [$first, $second, $third] = array_map(
            static fn (string $line): array => Token::all(trim($line)),
            [$empty, $loaded, $moving],
        );
        if ($first === [] || $second === [] || $third === []) {
            throw FormatRefused::threeLines();
        }
        if (self::kinds($first) !== self::kinds($second)) {
            throw FormatRefused::notAlike();
        }
        [$mark, $absent, $whole, $stillHasIt] = self::mark($first, $second, $third);
        $still = $stillHasIt ? ($second[$mark ?? 0]->text ?? '') : '';
        // Every piece, at the place it has where the mark is there too.
        $lines = array_map(
            static fn (array $tokens): array => count($tokens) < count($whole)
                ? self::without($tokens, (int) $mark)
                : $tokens,
            [$first, $second, $third],
        );
        $weight = self::weight($lines);
        $after = $whole[$weight + 1] ?? null;
        $unitAt = $after !== null && $weight + 1 !== $mark && WeightUnit::read($after->text) !== null
            ? $weight + 1
            : null;
        $words = [];
        foreach ($whole as $at => $token) {
            if (! $token->isNumber && $at !== $mark && $at !== $unitAt) {
                foreach ($lines as $line) {
                    if (($line[$at] ?? null)?->text !== $token->text) {
                        throw FormatRefused::notAlike();
                    }
                }
                $words[$at] = $token->text;
            }
        }

        return new LineFormat(
            kinds: self::kinds($whole),
            words: $words,
            weight: $weight,
            unit: $unitAt,
            in: $unit,
            mark: $mark,
            still: $mark === null ? '' : $still,
            absent: $absent,
        );
    }

    /**
     * What the still lines have and the moving one has not, or the other way round.
     *
     * @param  list<Token>  $first
     * @param  list<Token>  $second
     * @param  list<Token>  $third
     * @return array{?int, bool, list<Token>, bool} its place, whether it is left out in one of them, the longer line,
     *     whether a still line has it
     */
    private static function mark(array $first, array $second, array $third): array
    {
        if (self::kinds($second) === self::kinds($third)) {
            $changed = [];
            foreach ($second as $at => $token) {
                if (! $token->isNumber && $token->text === $first[$at]->text && $token->text !== $third[$at]->text) {
                    $changed[] = $at;
                }
            }

            return match (count($changed)) {
                0 => [null, false, $second, false],
                1 => [$changed[0], false, $second, true],
                default => throw FormatRefused::notAlike(),
            };
        }
        $stillIsLonger = count($second) === count($third) + 1;
        [$long, $short] = $stillIsLonger ? [$second, $third] : [$third, $second];
        if (count($long) !== count($short) + 1) {
            throw FormatRefused::notAlike();
        }
        foreach (array_keys($long) as $at) {
            $less = $long;
            array_splice($less, $at, 1);
            if (
                ! $long[$at]->isNumber
                && self::kinds($less) === self::kinds($short)
                && self::wordsMatch($less, $short)
            ) {
                return [$at, true, $long, $stillIsLonger];
            }
        }
        throw FormatRefused::notAlike();
    }

    /**
     * @param  list<list<?Token>>  $lines  still empty, still loaded, moving
     */
    private static function weight(array $lines): int
    {
        [$first, $second] = $lines;
        $changing = [];
        foreach ($second as $at => $token) {
            if ($token !== null && $token->isNumber && $token->number() !== $first[$at]?->number()) {
                $changing[] = $at;
            }
        }
        foreach ([
            static fn (int $at): bool => WeightUnit::read($second[$at + 1]->text ?? '') !== null,
            static fn (int $at): bool => $second[$at]?->hasDecimals() === true,
            static fn (int $at): bool => true,
        ] as $isLikely) {
            $likely = array_values(array_filter($changing, $isLikely));
            if (count($likely) === 1) {
                return $likely[0];
            }
        }
        throw $changing === [] ? FormatRefused::nothingChanges() : FormatRefused::severalNumbers();
    }

    /**
     * @param  list<Token>  $one
     * @param  list<Token>  $other
     */
    private static function wordsMatch(array $one, array $other): bool
    {
        foreach ($one as $at => $token) {
            if (! $token->isNumber && $token->text !== $other[$at]->text) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Token>  $tokens
     * @return list<?Token>
     */
    private static function without(array $tokens, int $mark): array
    {
        array_splice($tokens, $mark, 0, [null]);

        return $tokens;
    }

    /** @param  list<Token>  $tokens */
    private static function kinds(array $tokens): string
    {
        return implode('', array_map(static fn (Token $token): string => $token->kind(), $tokens));
    }
}

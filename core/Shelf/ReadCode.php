<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * Reads a shade's code by its line's legend: level, tone, doubled and muted forms. Says what it read;
 * refuses what can be read two ways, rather than guess.
 */
final class ReadCode
{
    /** @throws UnreadableCode */
    public static function by(Legend $legend, string $text): ShadeReading
    {
        // Spoken forms: blanks, a comma for the point, small letters.
        $plain = mb_strtoupper(str_replace([' ', "\u{a0}", ','], ['', '', '.'], trim($text)));
        if ($plain === '') {
            throw UnreadableCode::empty();
        }
        [$plain, $marks] = self::marks($legend, $plain);
        if (preg_match('/^(\d{1,4})(.*)$/su', $plain, $m) !== 1) {
            throw UnreadableCode::noLevel($text);
        }
        $read = self::unmarked($legend, $m, $text);
        foreach ($marks as $mark) {
            $read = $read->marked($mark, $legend->marks[$mark]);
        }

        return $read;
    }

    /**
     * The code without the marks behind it, and which they were, the innermost first.
     *
     * @return array{string, list<string>}
     */
    private static function marks(Legend $legend, string $plain): array
    {
        $found = [];
        do {
            $before = $plain;
            foreach (array_keys($legend->marks) as $mark) {
                $length = mb_strlen((string) $mark);
                if (mb_strlen($plain) > $length && mb_substr($plain, -$length) === mb_strtoupper((string) $mark)) {
                    array_unshift($found, (string) $mark);
                    $plain = mb_substr($plain, 0, -$length);
                }
            }
        } while ($plain !== $before);

        return [$plain, $found];
    }

    /** @param  array{string, string, string}  $m  the whole, the digits before, what follows them */
    private static function unmarked(Legend $legend, array $m, string $text): ShadeReading
    {
        return $legend->kind === NotationKind::Letters ? self::letters(
            $legend,
            $m[1],
            $m[2],
            $text,
        ) : self::digits($legend, $m[1], $m[2], $text);
    }

    private static function letters(Legend $legend, string $digits, string $tail, string $text): ShadeReading
    {
        if ($tail === '' || preg_match('/^[A-Z]{1,6}$/', $tail) !== 1) {
            throw preg_match('/[.\/-]/', $tail) === 1 || $tail === ''
                ? UnreadableCode::wrongKind($text, NotationKind::Letters)
                : UnreadableCode::unknownTone(
                    $text,
                    $tail,
                    implode(', ', array_map(strval(...), array_keys($legend->tones))),
                );
        }
        $level = self::level($legend, $digits, $text);
        $groups = self::groups($legend, $tail, $text);
        $doubled = count($groups) === 2 && $groups[0] === $groups[1];
        $steps = ["level {$level}"];
        $weighted = [];
        foreach ($doubled ? [$groups[0]] : $groups as $place => $group) {
            $weight = $place === 0 && ! $legend->lettersRankEqually ? $legend->primary : Fraction::one();
            $weighted[] = [$legend->tones[$group], $weight];
            $steps[] = "{$group}: {$legend->tones[$group]->words()}".($doubled ? ', doubled: intense' : '');
        }
        $tone = ToneMix::mean($weighted);
        $natural = $doubled && $tone->share(ToneFamily::Natural)->equals(Fraction::one());
        if ($natural) {
            $steps[] = 'double natural covers grey better';
        }

        return new ShadeReading($level, $tone, $doubled ? Fraction::of(2) : Fraction::one(), $natural, $steps);
    }

    /**
     * The letters cut into the legend's groups. One letter doubled is a group twice, unless the legend
     * has a word of its own for it.
     *
     * @return list<string>
     */
    private static function groups(Legend $legend, string $tail, string $text): array
    {
        $ways = self::cuts($legend, $tail);
        if ($ways === []) {
            throw UnreadableCode::unknownTone(
                $text,
                $tail,
                implode(', ', array_map(strval(...), array_keys($legend->tones))),
            );
        }
        // The legend's own word for the whole tail is not a guess.
        foreach ($ways as $way) {
            if (count($way) === 1) {
                return $way;
            }
        }
        $readings = array_values(array_unique(array_map(static fn (array $way): string => implode('+', $way), $ways)));
        if (count($readings) > 1) {
            throw UnreadableCode::ambiguous($text, $readings);
        }

        return $ways[0];
    }

    /** @return list<non-empty-list<string>> every way to cut the tail into known groups, two at most */
    private static function cuts(Legend $legend, string $tail): array
    {
        $ways = isset($legend->tones[$tail]) ? [[$tail]] : [];
        for ($at = 1; $at < strlen($tail); $at++) {
            [$one, $two] = [substr($tail, 0, $at), substr($tail, $at)];
            if (isset($legend->tones[$one], $legend->tones[$two])) {
                $ways[] = [$one, $two];
            }
        }

        return $ways;
    }

    private static function digits(Legend $legend, string $digits, string $tail, string $text): ShadeReading
    {
        if ($tail !== '' && preg_match('/^[A-Z]/', $tail) === 1) {
            throw UnreadableCode::wrongKind($text, NotationKind::Digits);
        }
        // 4/4-65 is how people say 44/65.
        if (preg_match('/^[.\/](\d{1,2})[-.\/](\d{1,3})$/', $tail, $m) === 1) {
            if ($m[1] !== $digits || ! $legend->doubledLevelIsIntense) {
                throw UnreadableCode::twoLevels($text);
            }

            return self::toned(
                legend: $legend,
                level: (int) $digits,
                doubled: true,
                tones: $m[2],
                steps: ["level {$digits}, said twice: intense"],
                text: $text,
            );
        }
        if (preg_match('/^([.\/-])(\d{1,3})$/', $tail, $m) === 1) {
            if (! in_array($m[1], $legend->separators, true)) {
                throw UnreadableCode::wrongSeparator($text, $m[1]);
            }
            [$level, $doubled, $steps] = self::doubledLevel($legend, $digits, $text);

            return self::toned(
                legend: $legend,
                level: $level,
                doubled: $doubled,
                tones: $m[2],
                steps: $steps,
                text: $text,
            );
        }
        if ($tail === '' && strlen($digits) > 1 && (int) $digits > $legend->levels[1]) {
            // 73 may be 7.3 said without its point; 123 may be 1.23 or 12.3.
            $ways = [];
            for ($at = 1; $at < strlen($digits); $at++) {
                $level = (int) substr($digits, 0, $at);
                if ($level >= $legend->levels[0] && $level <= $legend->levels[1]) {
                    $ways[] = substr($digits, 0, $at).'.'.substr($digits, $at);
                }
            }
            throw UnreadableCode::ambiguous($text, $ways === [] ? ['no level of this line'] : [...$ways, 'a level']);
        }
        if ($tail === '') {
            [$level, $doubled, $steps] = self::doubledLevel($legend, $digits, $text);

            return new ShadeReading(
                $level,
                ToneMix::only(ToneFamily::Natural),
                $doubled ? Fraction::of(2) : Fraction::one(),
                $doubled,
                [...$steps, 'no tone written: natural'],
            );
        }
        throw UnreadableCode::unknownTone(
            $text,
            $tail,
            implode(', ', array_map(strval(...), array_keys($legend->tones))),
        );
    }

    /** @return array{int, bool, list<string>} level, whether it was doubled, and the words for it */
    private static function doubledLevel(Legend $legend, string $digits, string $text): array
    {
        $half = intdiv(strlen($digits), 2);
        $twice = strlen($digits) % 2 === 0 && substr($digits, 0, $half) === substr($digits, $half);
        // 11 is a level where the line goes that far, and a doubled 1 where it does not.
        if ($twice && $legend->doubledLevelIsIntense && (int) $digits > $legend->levels[1]) {
            $level = self::level($legend, substr($digits, 0, $half), $text);

            return [$level, true, ["level {$level}, doubled: intense"]];
        }
        $level = self::level($legend, $digits, $text);

        return [$level, false, ["level {$level}"]];
    }

    /** @param  list<string>  $steps */
    private static function toned(
        Legend $legend,
        int $level,
        bool $doubled,
        string $tones,
        array $steps,
        string $text,
    ): ShadeReading {
        self::level($legend, (string) $level, $text);
        $intensity = $doubled ? Fraction::of(2) : Fraction::one();
        if (preg_match('/^0+$/', $tones) === 1) {
            $strong = strlen($tones) > 1;

            return new ShadeReading(
                $level,
                ToneMix::only(ToneFamily::Natural),
                $strong ? Fraction::of(2) : $intensity,
                $strong || $doubled,
                [...$steps, $strong ? "{$tones}: strong natural" : '0: natural'],
            );
        }
        if (str_starts_with($tones, '0')) {
            $rest = substr($tones, 1);
            $tone = self::tone($legend, $rest, $text);
            if ($legend->zeroMutes) {
                return new ShadeReading(
                    $level,
                    $tone,
                    $intensity->dividedBy(Fraction::of(2)),
                    false,
                    [...$steps, "0{$rest}: a muted {$tone->words()}"],
                );
            }
            $mixed = ToneMix::mean([[ToneMix::only(ToneFamily::Natural), $legend->primary], [$tone, Fraction::one()]]);

            return new ShadeReading(
                $level,
                $mixed,
                $intensity,
                false,
                [...$steps, "0{$rest}: natural with a touch of {$tone->words()}"],
            );
        }
        $digits = str_split($tones);
        if (count($digits) > 2) {
            throw UnreadableCode::unknownTone($text, $tones, 'one or two tones after the level');
        }
        if (count($digits) === 2 && $digits[0] === $digits[1]) {
            $tone = self::tone($legend, $digits[0], $text);

            return new ShadeReading(
                $level,
                $tone,
                Fraction::of(2),
                false,
                [...$steps, "{$tones}: {$tone->words()}, doubled: intense"],
            );
        }
        $weighted = [];
        foreach ($digits as $place => $digit) {
            $tone = self::tone($legend, $digit, $text);
            $weighted[] = [$tone, $place === 0 ? $legend->primary : Fraction::one()];
            $steps[] = "{$digit}: {$tone->words()}, ".($place === 0 ? 'primary' : 'secondary');
        }

        return new ShadeReading($level, ToneMix::mean($weighted), $intensity, false, $steps);
    }

    private static function tone(Legend $legend, string $digit, string $text): ToneMix
    {
        return $legend->tones[$digit] ?? throw UnreadableCode::unknownTone(
            $text,
            $digit,
            implode(', ', array_map(strval(...), array_keys($legend->tones))),
        );
    }

    private static function level(Legend $legend, string $digits, string $text): int
    {
        $level = (int) $digits;

        return $level >= $legend->levels[0] && $level <= $legend->levels[1]
            ? $level
            : throw UnreadableCode::levelOutside($text, $level, $legend->levels);
    }
}

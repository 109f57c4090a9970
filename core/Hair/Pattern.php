<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Units\Fraction;

/** The order in which strands or foils take their bowls, and the share of the hair that each bowl gets by it. */
final readonly class Pattern
{
    public const MOST = 60;

    /** Foils that somebody counts over a whole head. */
    private const MOST_FOILS = 200;

    /** The first of two in a row of words is this bowl: high, low, high is this one, the next, this one. */
    private const WORDS = ['high', 'low', 'light', 'dark', 'warm', 'cool'];

    /**
     * @param  list<int>  $counts  foils a bowl (counts), foils a group with 0 for a gap (groups), sections (pie), the
     *     place of the bowl (words), rows (rows); else empty
     * @param  list<string>  $words  as they were said, for those that are words
     * @param  ?int  $foils  how many in all, where that is said apart from the counts
     * @param  ?int  $fewest  where it was said as a range
     * @param  ?self  $whole  as it was said, where another of its bowls looks at it
     * @param  int  $place  of that bowl in it
     */
    private function __construct(
        public PatternKind $kind,
        public array $counts = [],
        public array $words = [],
        private ?int $foils = null,
        private ?int $fewest = null,
        private ?self $whole = null,
        private int $place = 0,
    ) {
    }

    /**
     * Reads alternate, alternate 5, 2:1, 2:1:1, 18 foils at 2:1, 10 to 12 foils, pie 8, layers, between, 5, gap, 4,
     * gap, 3, 3 or 5/4/3/3, high, low, high and 3 rows fine, 2 rows chunky.
     *
     * @throws InvalidPattern
     */
    public static function parse(string $text): self
    {
        $plain = (string) preg_replace('/\s+/', ' ', mb_strtolower(trim($text)));
        $counted = '/^(?:(\d{1,3}) ?(?:to|-|–|or) ?)?(\d{1,3}) foils?(?:,? ?(?:at|in|as|of)?:? (.+))?$/u';
        if (preg_match($counted, $plain, $m) === 1) {
            $most = self::foilCount($m[2], $text);
            $fewest = $m[1] === '' ? null : self::foilCount($m[1], $text);
            if ($fewest !== null && $fewest > $most) {
                throw InvalidPattern::unreadable($text);
            }
            $laid = ($m[3] ?? '') === '' ? new self(PatternKind::Foils) : self::plain($m[3], $text);

            return new self($laid->kind, $laid->counts, $laid->words, $most, $fewest);
        }

        return self::plain($plain, $text);
    }

    /** @throws InvalidPattern */
    private static function plain(string $plain, string $text): self
    {
        return match (true) {
            in_array($plain, ['alternate', 'layers', 'between'], true) => new self(PatternKind::from($plain)),
            preg_match('/^alternate,? (\d{1,2})$/', $plain, $m) === 1 => new self(
                PatternKind::Alternate,
                foils: self::count($m[1], $text),
            ),
            preg_match('/^pie(?: (\d{1,2}))?$/', $plain, $m) === 1 => new self(
                PatternKind::Pie,
                isset($m[1]) ? [self::count($m[1], $text)] : [],
            ),
            preg_match('/^\d{1,2}( ?: ?\d{1,2}){1,4}$/', $plain) === 1 => new self(
                PatternKind::Counts,
                array_map(static fn (string $each): int => self::count(trim($each), $text), explode(':', $plain)),
            ),
            default => self::rows($plain, $text) ?? self::words($plain) ?? self::groups($plain, $text),
        };
    }

    private static function rows(string $plain, string $text): ?self
    {
        $counts = $words = [];
        foreach (preg_split('/ ?(?:,|;|\band\b|\bthen\b) ?/', $plain) ?: [] as $each) {
            if (preg_match('/^(\d{1,2}) rows?(?: of)? (\S.*)$/', $each, $m) !== 1) {
                return null;
            }
            [$counts[], $words[]] = [self::count($m[1], $text), $m[2]];
        }

        return new self(PatternKind::Rows, $counts, $words);
    }

    private static function words(string $plain): ?self
    {
        $words = preg_split('/ ?[,\/–-] ?| /', $plain) ?: [];
        if (count($words) < 2 || count($words) > self::MOST || array_diff($words, self::WORDS) !== []) {
            return null;
        }
        $places = array_flip(array_values(array_unique($words)));

        return count($places) > 5 ? null : new self(
            PatternKind::Words,
            array_map(static fn (string $word): int => $places[$word], $words),
            $words,
        );
    }

    /** @throws InvalidPattern */
    private static function groups(string $plain, string $text): self
    {
        $groups = preg_split('/ ?[,\/] ?/', $plain) ?: [];
        if (count($groups) < 2 || count($groups) > self::MOST) {
            throw InvalidPattern::unreadable($text);
        }

        return new self(PatternKind::Groups, array_map(
            static fn (string $each): int => $each === 'gap' ? 0 : self::count($each, $text),
            $groups,
        ));
    }

    /** The same pattern as the bowl at this place of it sees it: its own count first. */
    public function seenFrom(int $place): self
    {
        $counts = match ($this->kind) {
            PatternKind::Counts => [...array_slice($this->counts, $place), ...array_slice($this->counts, 0, $place)],
            default => $this->counts,
        };

        return new self(
            kind: $this->kind,
            counts: $counts,
            words: $this->words,
            foils: $this->foils,
            fewest: $this->fewest,
            whole: $this->whole ?? $this,
            place: $this->place + $place,
        );
    }

    /** As people write it; parse() reads it back. */
    public function text(): string
    {
        $laid = match ($this->kind) {
            PatternKind::Counts => implode(':', $this->counts),
            PatternKind::Groups => implode(
                ', ',
                array_map(static fn (int $each): string => $each === 0 ? 'gap' : (string) $each, $this->counts),
            ),
            PatternKind::Pie => $this->counts === [] ? 'pie' : "pie {$this->counts[0]}",
            PatternKind::Words => implode(', ', $this->words),
            PatternKind::Rows => implode(', ', array_map(
                static fn (int $count, string $word): string => "{$count} ".($count === 1 ? 'row' : 'rows')." {$word}",
                $this->counts,
                $this->words,
            )),
            PatternKind::Foils => '',
            default => $this->kind->value,
        };
        if ($this->foils === null) {
            return $laid;
        }
        if ($this->kind === PatternKind::Alternate) {
            return "alternate, {$this->foils}";
        }
        $foils = (
            $this->fewest === null ? '' : "{$this->fewest} to "
        )."{$this->foils} ".($this->foils === 1 ? 'foil' : 'foils');

        return $laid === '' ? $foils : "{$foils} at {$laid}";
    }

    /** Foils that the pattern counts, at most; null for those that count none. */
    public function foils(): ?int
    {
        return $this->foils ?? ($this->kind === PatternKind::Groups ? array_sum($this->counts) : null);
    }

    /** And at least. */
    public function fewestFoils(): ?int
    {
        return $this->fewest ?? $this->foils();
    }

    /**
     * How many foils each of so many bowls takes; null where none are counted. 18 foils at 2:1 are 12 and 6.
     *
     * @return ?list<int>
     */
    public function foilsEach(int $bowls): ?array
    {
        $foils = $this->foils();
        if ($foils === null) {
            return null;
        }
        if ($this->whole !== null) {
            return self::turned($this->whole->foilsEach($bowls) ?? [], $this->place);
        }
        $order = $this->turn($bowls);
        $laid = array_count_values(array_map(
            static fn (int $foil): int => $order[$foil % count($order)],
            $foils === 0 ? [] : range(0, $foils - 1),
        ));

        return array_map(static fn (int $place): int => $laid[$place] ?? 0, range(0, max(1, $bowls) - 1));
    }

    /**
     * What part of the hair each of so many bowls takes, together 1: 2:1 is two thirds and one third.
     *
     * @return list<Fraction>
     *
     * @throws InvalidPattern when the counts do not fit the bowls
     */
    public function shares(int $bowls): array
    {
        if ($this->kind === PatternKind::Counts && count($this->counts) !== $bowls) {
            throw InvalidPattern::countsMissing($bowls);
        }
        if (
            in_array($this->kind, [PatternKind::Words, PatternKind::Rows], true)
            && $bowls > 1
            && $this->bowls() !== $bowls
        ) {
            throw InvalidPattern::wordsMissing($bowls, $this->bowls());
        }
        if ($this->whole !== null) {
            return self::turned($this->whole->shares($bowls), $this->place);
        }
        if ($this->foils !== null && $this->kind !== PatternKind::Between) {
            return array_map(
                fn (int $each): Fraction => Fraction::of($each, $this->foils ?? 1),
                $this->foilsEach($bowls) ?? [],
            );
        }
        $order = $this->turn($bowls);
        $counts = array_count_values($order);

        return array_map(
            static fn (int $place): Fraction => Fraction::of($counts[$place] ?? 0, count($order)),
            range(0, max(1, $bowls) - 1),
        );
    }

    /**
     * The sequence as it is laid, bowl by bowl, long enough to be recognised; a gap is null.
     *
     * @param  non-empty-list<string>  $letters
     * @return list<?string>
     */
    public function sequence(array $letters): array
    {
        if ($this->whole !== null) {
            return $this->whole->sequence(self::turned($letters, count($letters) - $this->place % count($letters)));
        }
        $laid = [];
        if ($this->kind === PatternKind::Groups) {
            foreach ($this->counts as $at => $count) {
                $laid = [...$laid, ...($count === 0 ? [null] : array_fill(0, $count, $letters[0]))];
                // Two groups without a gap between them still read as two.
                if ($count > 0 && ($this->counts[$at + 1] ?? 0) > 0) {
                    $laid[] = null;
                }
            }

            return $laid;
        }
        $order = array_map(
            static fn (int $place): string => $letters[$place] ?? $letters[0],
            $this->turn(count($letters)),
        );
        $long = match (true) {
            $this->foils !== null => $this->foils,
            in_array($this->kind, [PatternKind::Words, PatternKind::Rows], true) => count($order),
            $this->kind === PatternKind::Pie && $this->counts !== [] => max(count($order), $this->counts[0]),
            default => 3 * count($order),
        };
        for ($at = 0; $at < $long; $at++) {
            $laid[] = $order[$at % count($order)];
        }

        return $laid;
    }

    /**
     * One turn of the pattern: which of the bowls each strand, foil or row takes.
     *
     * @return non-empty-list<int>
     */
    private function turn(int $bowls): array
    {
        $turn = match (true) {
            $bowls < 2 => [0],
            $this->kind === PatternKind::Words => $this->counts,
            $this->kind === PatternKind::Counts || $this->kind === PatternKind::Rows => array_merge(...array_map(
                static fn (int $place, int $count): array => array_fill(0, $count, $place),
                array_keys($this->counts),
                $this->counts,
            )),
            default => range(0, $bowls - 1),
        };

        return $turn === [] ? [0] : $turn;
    }

    /** How many bowls the words or rows name. */
    private function bowls(): int
    {
        return $this->kind === PatternKind::Words ? max([0, ...$this->counts]) + 1 : count($this->counts);
    }

    /**
     * @template T
     *
     * @param  list<T>  $each
     * @return ($each is non-empty-list<T> ? non-empty-list<T> : list<T>)
     */
    private static function turned(array $each, int $by): array
    {
        $by = $each === [] ? 0 : $by % count($each);

        return [...array_slice($each, $by), ...array_slice($each, 0, $by)];
    }

    /** @throws InvalidPattern */
    private static function count(string $digits, string $text): int
    {
        return ctype_digit($digits) && (int) $digits > 0 && (int) $digits <= self::MOST
            ? (int) $digits
            : throw InvalidPattern::unreadable($text);
    }

    /** @throws InvalidPattern */
    private static function foilCount(string $digits, string $text): int
    {
        return (int) $digits > 0 && (int) $digits <= self::MOST_FOILS
            ? (int) $digits
            : throw InvalidPattern::unreadable($text);
    }
}

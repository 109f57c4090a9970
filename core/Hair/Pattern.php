<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Units\Fraction;

/** The order in which strands or foils take their bowls, and the share of the hair that each bowl gets by it. */
final readonly class Pattern
{
    public const MOST = 60;

    /**
     * @param  list<int>  $counts  foils a bowl (counts), foils a group with 0 for a gap (groups), sections (pie); else
     *     empty
     */
    private function __construct(public PatternKind $kind, public array $counts)
    {
    }

    /**
     * Reads alternate, 2:1, 2:1:1, pie 8, layers, between, and 5, gap, 4, gap, 3, 3.
     *
     * @throws InvalidPattern
     */
    public static function parse(string $text): self
    {
        $plain = mb_strtolower(trim($text));
        if (in_array($plain, ['alternate', 'layers', 'between'], true)) {
            return new self(PatternKind::from($plain), []);
        }
        if (preg_match('/^pie(?:\s+(\d{1,2}))?$/', $plain, $m) === 1) {
            return new self(PatternKind::Pie, isset($m[1]) ? [self::count($m[1], $text)] : []);
        }
        if (preg_match('/^\d{1,2}(\s*:\s*\d{1,2}){1,4}$/', $plain) === 1) {
            return new self(
                PatternKind::Counts,
                array_map(static fn (string $each): int => self::count(trim($each), $text), explode(':', $plain)),
            );
        }
        $groups = preg_split('/\s*,\s*/', $plain) ?: [];
        if (count($groups) > 1 && count($groups) <= self::MOST) {
            $counts = array_map(
                static fn (string $each): int => $each === 'gap' ? 0 : self::count($each, $text),
                $groups,
            );

            return new self(PatternKind::Groups, $counts);
        }
        throw InvalidPattern::unreadable($text);
    }

    /** The same pattern as the bowl at this place of it sees it: its own count first. */
    public function seenFrom(int $place): self
    {
        return $this->kind === PatternKind::Counts ? new self(
            $this->kind,
            [...array_slice($this->counts, $place), ...array_slice($this->counts, 0, $place)],
        ) : $this;
    }

    /** As people write it; parse() reads it back. */
    public function text(): string
    {
        return match ($this->kind) {
            PatternKind::Counts => implode(':', $this->counts),
            PatternKind::Groups => implode(
                ', ',
                array_map(static fn (int $each): string => $each === 0 ? 'gap' : (string) $each, $this->counts),
            ),
            PatternKind::Pie => $this->counts === [] ? 'pie' : "pie {$this->counts[0]}",
            default => $this->kind->value,
        };
    }

    /** Foils that a pattern in groups counts up to; null for the others. */
    public function foils(): ?int
    {
        return $this->kind === PatternKind::Groups ? array_sum($this->counts) : null;
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
        if ($this->kind !== PatternKind::Counts) {
            return array_fill(0, max(1, $bowls), Fraction::of(1, max(1, $bowls)));
        }
        $sum = array_sum($this->counts);
        if (count($this->counts) !== $bowls) {
            throw InvalidPattern::countsMissing($bowls);
        }

        return array_map(static fn (int $count): Fraction => Fraction::of($count, $sum), $this->counts);
    }

    /**
     * The sequence as it is laid, bowl by bowl, long enough to be recognised; a gap is null.
     *
     * @param  non-empty-list<string>  $letters
     * @return list<?string>
     */
    public function sequence(array $letters): array
    {
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
        $counts = $this->kind === PatternKind::Counts ? $this->counts : array_fill(0, count($letters), 1);
        $rounds = $this->kind === PatternKind::Pie && $this->counts !== [] ? max(
            1,
            intdiv($this->counts[0], count($letters)),
        ) : 3;
        for ($round = 0; $round < $rounds; $round++) {
            foreach ($letters as $at => $letter) {
                $laid = [...$laid, ...array_fill(0, $counts[$at] ?? 1, $letter)];
            }
        }

        return $laid;
    }

    private static function count(string $digits, string $text): int
    {
        return ctype_digit($digits) && (int) $digits > 0 && (int) $digits <= self::MOST
            ? (int) $digits
            : throw InvalidPattern::unreadable($text);
    }
}

<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * What is known of a mass: all of it, a range, a bound, several in doubt, a word, or nothing. It is never replaced by a
 * default: what can be said of it are bounds.
 */
final readonly class Amount
{
    private const NOT_KNOWN = ['?', 'not known', 'unknown', 'not said'];

    /**
     * @param  string  $words  of a worded one; empty otherwise
     * @param  ?Grams  $most  null where nothing bounds it
     * @param  list<Grams>  $alternatives  of a doubtful one, smallest first
     */
    private function __construct(
        public Knowing $knowing,
        public Grams $least,
        public ?Grams $most,
        public string $words = '',
        public array $alternatives = [],
    ) {
    }

    public static function known(Grams $grams): self
    {
        return new self(Knowing::Known, $grams, $grams);
    }

    public static function unknown(): self
    {
        return new self(Knowing::Unknown, Grams::zero(), null);
    }

    public static function worded(string $words): self
    {
        return new self(Knowing::Worded, Grams::zero(), null, $words);
    }

    /**
     * Reads 12 g, ?, not known, 10 to 15 g, 10–15 g, more than 10 g, at most 5 g, 10 g or 15 g or 20 g, a word in
     * quotes (“a dash”), and words without any number.
     *
     * @throws InvalidAmount
     */
    public static function parse(string $text, MassReading $reading): self
    {
        $plain = trim($text);
        $lower = mb_strtolower($plain);
        if (in_array($lower, self::NOT_KNOWN, true)) {
            return self::unknown();
        }
        if (preg_match('/^["“](.+)["”]$/u', $plain, $m) === 1) {
            return self::worded($m[1]);
        }
        if (preg_match('/^(?:more than|over|at least|>)\s*(.+)$/u', $lower, $m) === 1) {
            return new self(Knowing::AtLeast, $reading->read($m[1]), null);
        }
        if (preg_match('/^(?:less than|under|at most|up to|<)\s*(.+)$/u', $lower, $m) === 1) {
            return new self(Knowing::AtMost, Grams::zero(), $reading->read($m[1]));
        }
        if (preg_match('/\bor\b/u', $lower) === 1 && preg_match('/\d/u', $lower) === 1) {
            $each = self::each(preg_split('/\s*(?:,|\bor\b)\s*/u', rtrim($lower, ' ?')) ?: [], $reading);

            return new self(Knowing::Doubtful, $each[0], $each[count($each) - 1], '', $each);
        }
        if (preg_match('/^(\d.*?)\s*(?:\bto\b|–|-)\s*(\d.*)$/u', $lower, $m) === 1) {
            $each = self::each([$m[1], $m[2]], $reading);

            return $each[0]->equals($each[count($each) - 1]) ? self::known($each[0]) : new self(
                Knowing::Range,
                $each[0],
                $each[count($each) - 1],
            );
        }
        if ($plain !== '' && preg_match('/[\d½⅓⅔¼¾]/u', $plain) !== 1) {
            return self::worded($plain);
        }

        return self::known($reading->read($plain));
    }

    public function isKnown(): bool
    {
        return $this->knowing === Knowing::Known;
    }

    /** Whether anything at all is known of it. */
    public function saysGrams(): bool
    {
        return ! in_array($this->knowing, [Knowing::Worded, Knowing::Unknown], true);
    }

    /** So many times as much; what is not known stays so. */
    public function times(Fraction $factor, ScaleStep $step): self
    {
        $scaled = static fn (Grams $grams): Grams => Grams::rounded(
            $grams->exactly()->times($factor),
            $step,
            Rounding::HalfUp,
        );

        return new self(
            $this->knowing,
            $scaled($this->least),
            $this->most === null ? null : $scaled($this->most),
            $this->words,
            array_map($scaled, $this->alternatives),
        );
    }

    /**
     * What is left of it when a part that was made of it has gone; what is not simply known is so many times as much.
     */
    public function lessPart(self $part, Fraction $left, ScaleStep $step): self
    {
        return $this->isKnown() && $part->isKnown()
            ? self::known($this->least->lessAtMost($part->least))
            : $this->times($left, $step);
    }

    /** The one way an amount is written down; parse() reads it back to the same. */
    public function text(): string
    {
        return match ($this->knowing) {
            Knowing::Known => $this->least->text(),
            Knowing::Range => "{$this->least->text()} to {$this->most?->text()}",
            Knowing::AtLeast => "more than {$this->least->text()}",
            Knowing::AtMost => "less than {$this->most?->text()}",
            Knowing::Doubtful => implode(
                ' or ',
                array_map(static fn (Grams $each): string => $each->text(), $this->alternatives),
            ),
            Knowing::Worded => "“{$this->words}”",
            Knowing::Unknown => '?',
        };
    }

    /** For people: 12 g, 10 g to 15 g, “a dash”, not known. */
    public function show(): string
    {
        return match ($this->knowing) {
            Knowing::Unknown => 'not known',
            Knowing::Doubtful => $this->text().', in doubt',
            default => $this->text(),
        };
    }

    /**
     * A unit said once holds for all: 10 to 15 g.
     *
     * @param  list<string>  $texts
     * @return non-empty-list<Grams> smallest first
     */
    private static function each(array $texts, MassReading $reading): array
    {
        $last = $texts[count($texts) - 1] ?? '';
        $unit = preg_match('/[a-z]+.*$/iu', trim($last), $m) === 1 ? $m[0] : '';
        $found = [];
        foreach ($texts as $text) {
            $found[] = $reading->read(preg_match('/[a-z]/iu', $text) === 1 ? $text : trim("{$text} {$unit}"));
        }
        usort($found, static fn (Grams $a, Grams $b): int => $a->centigrams <=> $b->centigrams);

        return $found === [] ? throw InvalidAmount::empty() : $found;
    }
}

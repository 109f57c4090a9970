<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Grams;
use Core\Units\InvalidAmount;
use Core\Units\MassReading;

/**
 * An amount as it was recorded, which may be not known. It is never replaced by a default:
 * what can be said about it are bounds.
 */
final readonly class OpenAmount
{
    /** @param  ?Grams  $most null where nothing bounds it */
    private function __construct(public AmountOpenness $openness, public string $said, public Grams $least, public ?Grams $most)
    {
    }

    /** Whether a text says an amount that is not simply known: "?", "10 to 15 g", "10 g or 15 g". */
    public static function isOpen(string $text): bool
    {
        return trim($text) === '?' || preg_match('/\d\s*(?:to|or|–)\s*\d|\d.*\bor\b.*\d/u', $text) === 1 || (trim($text) !== '' && preg_match('/^["“].*["”]$/u', trim($text)) === 1);
    }

    /**
     * Reads 12 g, ?, 10 to 15 g, 10–15 g, 10 g or 15 g, and a word in quotes: “a dash”.
     *
     * @throws InvalidAmount
     */
    public static function parse(string $text, MassReading $reading): self
    {
        $plain = trim($text);
        if ($plain === '?') {
            return new self(AmountOpenness::Unknown, '?', Grams::zero(), null);
        }
        if (preg_match('/^["“](.+)["”]$/u', $plain, $m) === 1) {
            return new self(AmountOpenness::Worded, $m[1], Grams::zero(), null);
        }
        if (preg_match('/^(.+?)\s*(?:\bto\b|–)\s*(.+)$/u', $plain, $m) === 1) {
            [$one, $two] = self::both($m[1], $m[2], $reading);

            return new self(AmountOpenness::Range, $plain, $one, $two);
        }
        if (preg_match('/^(.+?)\s*\bor\b\s*(.+)$/u', $plain, $m) === 1) {
            [$one, $two] = self::both($m[1], rtrim($m[2], '?'), $reading);

            return new self(AmountOpenness::Doubtful, $plain, $one, $two);
        }
        $grams = $reading->read($plain);

        return new self(AmountOpenness::Known, $grams->text(), $grams, $grams);
    }

    public function isKnown(): bool
    {
        return $this->openness === AmountOpenness::Known;
    }

    /** In words: 12 g, 10 g to 15 g, not known, “a dash”. */
    public function words(): string
    {
        return match ($this->openness) {
            AmountOpenness::Known => $this->said,
            AmountOpenness::Unknown => 'not known',
            AmountOpenness::Worded => "“{$this->said}”",
            AmountOpenness::Range => "{$this->least->text()} to {$this->most?->text()}",
            AmountOpenness::Doubtful => "{$this->least->text()} or {$this->most?->text()}, in doubt",
        };
    }

    /**
     * A unit said once holds for both: 10 to 15 g.
     *
     * @return array{Grams, Grams} smaller first
     */
    private static function both(string $one, string $two, MassReading $reading): array
    {
        $unit = preg_match('/[a-z]+.*$/iu', trim($two), $m) === 1 ? $m[0] : '';
        $first = $reading->read(preg_match('/[a-z]/iu', $one) === 1 ? $one : trim("{$one} {$unit}"));
        $second = $reading->read($two);

        return $first->isMoreThan($second) ? [$second, $first] : [$first, $second];
    }
}

<?php

declare(strict_types=1);

namespace Core\Practice;

/**
 * How a filler for a brown is made: so many parts of gold for so many of copper; for a vivid red the other way round.
 */
final readonly class FillerParts
{
    private const MOST = 9;

    private function __construct(public int $gold, public int $copper)
    {
    }

    /** Common practice, no source. */
    public static function standard(): self
    {
        return new self(3, 1);
    }

    /**
     * @param  string  $text  “3:1”
     *
     * @throws InvalidRule unless two whole numbers of 1 to 9
     */
    public static function parse(string $text): self
    {
        if (preg_match('/^\s*(\d)\s*:\s*(\d)\s*$/', $text, $m) !== 1 || $m[1] === '0' || $m[2] === '0') {
            throw InvalidRule::fillerPartsUnreadable();
        }

        return new self(min(self::MOST, (int) $m[1]), min(self::MOST, (int) $m[2]));
    }

    public function text(): string
    {
        return "{$this->gold}:{$this->copper}";
    }
}

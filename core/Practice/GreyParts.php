<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Units\Fraction;

/**
 * How much natural grey asks for, by the breakpoints: at least and at most for a little, then for half, then for much.
 */
final readonly class GreyParts
{
    private function __construct(public int $least, public int $most, public int $half, public int $much)
    {
    }

    /** Common practice, no source: a quarter to a third, half, three quarters and up. */
    public static function standard(): self
    {
        return new self(25, 33, 50, 75);
    }

    /**
     * @param  string  $text  four percentages: “25, 33, 50, 75”
     *
     * @throws InvalidRule unless four whole numbers that do not fall, up to 100
     */
    public static function parse(string $text): self
    {
        $number = '(\d{1,3})\s*%?';
        if (preg_match("/^\s*{$number}[\s,;\/]+{$number}[\s,;\/]+{$number}[\s,;\/]+{$number}\s*$/u", $text, $m) !== 1) {
            throw InvalidRule::greyPartsUnreadable();
        }
        [$least, $most, $half, $much] = [(int) $m[1], (int) $m[2], (int) $m[3], (int) $m[4]];

        return $least <= $most && $most <= $half && $half <= $much && $much <= 100
            ? new self($least, $most, $half, $much)
            : throw InvalidRule::greyPartsUnreadable();
    }

    public function text(): string
    {
        return "{$this->least}, {$this->most}, {$this->half}, {$this->much}";
    }

    public static function share(int $percent): Fraction
    {
        return Fraction::of($percent, 100);
    }
}

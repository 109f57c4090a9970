<?php

declare(strict_types=1);

namespace Core\Practice;

/** Percent grey up to which the colour needs no natural, about a third, a half; above, three quarters and more. */
final readonly class GreyBreakpoints
{
    private function __construct(public int $none, public int $third, public int $half)
    {
    }

    /** @throws InvalidRule unless they rise within 0 to 100 */
    public static function of(int $none, int $third, int $half): self
    {
        return $none >= 0 && $none < $third && $third < $half && $half <= 100
            ? new self($none, $third, $half)
            : throw InvalidRule::greyMustRise();
    }

    /**
     * @param  string  $text  three percentages: “25, 50, 75”
     *
     * @throws InvalidRule unless three whole numbers that rise within 0 to 100
     */
    public static function parse(string $text): self
    {
        return preg_match('/^\s*(\d{1,3})\s*%?[\s,;\/]+(\d{1,3})\s*%?[\s,;\/]+(\d{1,3})\s*%?\s*$/u', $text, $m) === 1
            ? self::of((int) $m[1], (int) $m[2], (int) $m[3])
            : throw InvalidRule::greyMustRise();
    }

    public function words(): string
    {
        return "{$this->none}, {$this->third}, {$this->half} % grey";
    }
}

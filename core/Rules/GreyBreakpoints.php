<?php

declare(strict_types=1);

namespace Core\Rules;

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

    public function words(): string
    {
        return "{$this->none}, {$this->third}, {$this->half} % grey";
    }
}

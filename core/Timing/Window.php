<?php

declare(strict_types=1);

namespace Core\Timing;

/**
 * How long a bowl works, in minutes from where its clock starts: the least that does, what is meant, the most that may
 * be.
 */
final readonly class Window
{
    /** @param  int  $upTo  the longer end of what is meant: 15 of “10 to 15”; the target where one number is meant */
    private function __construct(public int $least, public int $target, public int $most, public int $upTo)
    {
    }

    public static function of(int $least, int $target, int $most, ?int $upTo = null): self
    {
        $upTo = max($target, $upTo ?? $target);

        return new self(max(0, min($least, $target)), $target, max($most, $upTo), $upTo);
    }

    /** As long as that and no other: “on for the last five”. */
    public static function exactly(int $minutes): self
    {
        return new self($minutes, $minutes, $minutes, $minutes);
    }

    /** The same, meant as long as it may be meant. */
    public function atItsLongest(): self
    {
        return new self($this->least, $this->upTo, $this->most, $this->upTo);
    }

    /** Meant so much longer: somebody looked and gave it more. */
    public function longer(int $minutes): self
    {
        return self::of($this->least, $this->target + $minutes, $this->most, $this->upTo + $minutes);
    }
}

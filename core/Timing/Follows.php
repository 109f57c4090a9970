<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Formula\FollowFrom;

/** A bowl goes on after another: so many minutes from one of its moments, or any time from then on. */
final readonly class Follows
{
    /**
     * @param  string  $bowl  letter of the other
     * @param  ?int  $least  minutes; null for any time after
     * @param  ?int  $most  minutes, where a range is said: 25 to 30 later
     */
    public function __construct(
        public string $bowl,
        public FollowFrom $from = FollowFrom::LastTouch,
        public ?int $least = null,
        public ?int $most = null,
    ) {
    }

    /** The same, after another bowl. */
    public function after(string $bowl): self
    {
        return new self($bowl, $this->from, $this->least, $this->most);
    }
}

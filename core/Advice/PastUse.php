<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Units\Grams;

/** What a client's bowl for the same job came to in one closed visit. */
final readonly class PastUse
{
    /**
     * @param  Grams  $colour  colour part that was mixed
     * @param  Grams  $mixed  whole mixture
     * @param  Grams  $used  mixed less what was weighed back
     * @param  bool  $good  lasting, covering, bright
     * @param  bool  $fadedOrGrey  fading or grey showing was noted afterwards
     */
    public function __construct(public Grams $colour, public Grams $mixed, public Grams $used, public bool $good, public bool $fadedOrGrey)
    {
    }
}

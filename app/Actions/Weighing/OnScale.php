<?php

declare(strict_types=1);

namespace App\Actions\Weighing;

/** What is said to stand on the scale, and what that shows. */
final readonly class OnScale
{
    /**
     * @param  string  $id  of the event it becomes
     * @param  int  $after  the latest sequence the sender has seen
     * @param  int  $reading  centigrams, at rest
     * @param  string  $word  the reader's, for what stands on it
     * @param  string  $mark  of the bowl: the yellow one; empty where nobody says
     * @param  ?string  $line  what the grams beyond the record are of, once asked
     * @param  bool  $sure  asked, and said again
     */
    public function __construct(
        public string $id,
        public int $after,
        public Stands $stands,
        public int $reading,
        public string $word,
        public string $mark,
        public ?string $line,
        public bool $sure,
    ) {
    }
}

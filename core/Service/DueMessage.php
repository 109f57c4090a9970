<?php

declare(strict_types=1);

namespace Core\Service;

/** A message whose time has come. Seconds as its visits' and tests'. */
final readonly class DueMessage
{
    /**
     * @param  string  $about  id of the visit or the test
     * @param  int  $due  second from which it is sent
     * @param  bool  $late  what it asks for cannot be had in time any more
     */
    public function __construct(
        public MessageKind $kind,
        public string $about,
        public string $client,
        public int $due,
        public bool $late = false,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Bounds;

/** What is known of one product of a bowl. */
final readonly class KnownLine
{
    /**
     * @param  ?int  $part  of the ratio it counts in; null beside it
     * @param  ?Bounds  $share  of its part, 0 to 1; null beside the parts
     * @param  ?Bounds  $volume  its strength; null where it brings none
     * @param  string  $said  its amount as it was said, where the grams do not say it
     * @param  ?Bounds  $ofAll  its share of the whole bowl, 0 to 1
     * @param  bool  $isOpen  whether its amount was said and is not simply known
     */
    public function __construct(
        public string $key,
        public string $label,
        public ?int $part,
        public Mass $mass,
        public ?Bounds $share,
        public ?Bounds $volume,
        public string $said,
        public bool $isOpen = false,
        public ?Bounds $ofAll = null,
    ) {
    }

    public function isExtra(): bool
    {
        return str_starts_with($this->key, Extra::PREFIX);
    }

    /** The product's id, also of an extra. */
    public function product(): string
    {
        return $this->isExtra() ? substr($this->key, strlen(Extra::PREFIX)) : $this->key;
    }
}

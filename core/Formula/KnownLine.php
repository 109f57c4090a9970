<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Units\Bounds;
use Core\Units\Fraction;

/** What is known of one product of a bowl. */
final readonly class KnownLine
{
    /**
     * @param  ?int  $part  of the ratio it counts in; null beside it
     * @param  ?Bounds  $share  of its part, 0 to 1; null beside the parts
     * @param  ?Bounds  $volume  its strength; null where it brings none
     * @param  string  $said  its amount as it was said, where the grams do not say it
     * @param  ?Bounds  $ofAll  its share of the whole bowl, 0 to 1
     * @param  bool  $isNotKnown  whether nothing at all was said of its amount
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
        public bool $isNotKnown = false,
    ) {
    }

    public function isExtra(): bool
    {
        return Extra::isKey($this->key);
    }

    /** The product's id, also of an extra. */
    public function product(): string
    {
        return Extra::productOf($this->key);
    }

    /** Its grams where they are known, else what was said; where nothing was said, what follows from the rest. */
    public function amount(): string
    {
        if (! $this->isOpen || $this->mass->grams() !== null) {
            return $this->mass->show();
        }

        return $this->isNotKnown && $this->mass->isSaid() ? $this->mass->show() : $this->said;
    }

    /** Its share of its part in percent; null beside the parts, and where nothing is known of it. */
    public function percent(int $places): ?string
    {
        $nothing = $this->share === null || (
            $this->share->least->isZero()
            && $this->share->most?->equals(Fraction::one()) === true
        );

        return $nothing ? null : "{$this->share->times(Fraction::of(100))->show($places)} %";
    }
}

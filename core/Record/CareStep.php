<?php

declare(strict_types=1);

namespace Core\Record;

/** One step of care, in its order: a wash, a treatment, a mask; how long it takes and what it costs. */
final readonly class CareStep
{
    /**
     * @param  string  $id  the same while the list is changed
     * @param  string  $words  what is done, with what
     * @param  ?int  $round  done after this round is rinsed, from 0; null for after the last
     * @param  ?int  $cents  its price in hundredths of the house's money; null where it costs nothing of its own
     */
    public function __construct(
        public string $id,
        public CareKind $kind,
        public string $words,
        public ?int $minutes = null,
        public ?int $cents = null,
        public bool $done = false,
        public ?int $round = null,
    ) {
    }

    /** 12.50; empty where it has no price. */
    public function price(): string
    {
        return self::money($this->cents);
    }

    public static function money(?int $cents): string
    {
        return $cents === null ? '' : sprintf('%d.%02d', intdiv($cents, 100), $cents % 100);
    }

    /** @param  list<self>  $steps */
    public static function minutesOf(array $steps): int
    {
        return array_sum(array_map(static fn (self $step): int => $step->minutes ?? 0, $steps));
    }

    /**
     * @param  list<self>  $steps
     * @return ?int hundredths; null where none has a price
     */
    public static function priceOf(array $steps): ?int
    {
        $priced = array_filter(array_map(static fn (self $step): ?int => $step->cents, $steps), is_int(...));

        return $priced === [] ? null : array_sum($priced);
    }
}

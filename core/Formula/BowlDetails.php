<?php

declare(strict_types=1);

namespace Core\Formula;

use Core\Hair\Covering;
use Core\Hair\HairState;
use Core\Practice\ClockStart;

/** What is said around a bowl besides its formula: its sign on the bench, its hair, its heat, its clock. */
final readonly class BowlDetails
{
    /**
     * @param  string  $mark  the physical bowl on the bench: “the yellow one”
     * @param  list<HeatPhase>  $heat
     * @param  ?int  $applying  planned minutes from first touch to last
     * @param  ?ClockStart  $clock  null for the house's
     * @param  string  $after  letter of the bowl it follows; empty where it starts by itself
     * @param  ?int  $plus  minutes after that bowl's clock started: a demi at +20 of the root's 40
     * @param  string  $rinse  own, not, or the letter of the bowl it is rinsed with
     * @param  ?int  $emulsify  minutes at the end
     * @param  string  $until  what to stop at by eye: until orange-gold
     * @param  ?int  $minutesMost  the longest, where a range of minutes is planned: 25 to 35
     * @param  string  $treatment  what follows the rinse
     * @param  list<string>  $meant  keys of cautions that somebody has answered: it is meant so
     */
    public function __construct(
        public Purpose $purpose = Purpose::Service,
        public string $mark = '',
        public ?HairState $hair = null,
        public ?Covering $covering = null,
        public array $heat = [],
        public ?int $applying = null,
        public ?ClockStart $clock = null,
        public string $after = '',
        public ?int $plus = null,
        public string $rinse = 'own',
        public ?int $emulsify = null,
        public string $until = '',
        public string $treatment = '',
        public ?int $minutesMost = null,
        public array $meant = [],
    ) {
    }

    /** The same with another longest time. */
    public function upTo(?int $minutes): self
    {
        return $this->with(after: $this->after, plus: $this->plus, rinse: $this->rinse, minutesMost: $minutes);
    }

    /** The same, going on at another minute of the bowl it follows. */
    public function onAt(int $plus): self
    {
        return $this->with(after: $this->after, plus: $plus, rinse: $this->rinse, minutesMost: $this->minutesMost);
    }

    /** The same where that bowl is there no more: it follows nothing, and is rinsed by itself. */
    public function withoutBowl(string $letter): self
    {
        return $this->with(
            after: $this->after === $letter ? '' : $this->after,
            plus: $this->after === $letter ? null : $this->plus,
            rinse: $this->rinse === $letter ? 'own' : $this->rinse,
            minutesMost: $this->minutesMost,
        );
    }

    private function with(string $after, ?int $plus, string $rinse, ?int $minutesMost): self
    {
        return new self(
            purpose: $this->purpose,
            mark: $this->mark,
            hair: $this->hair,
            covering: $this->covering,
            heat: $this->heat,
            applying: $this->applying,
            clock: $this->clock,
            after: $after,
            plus: $plus,
            rinse: $rinse,
            emulsify: $this->emulsify,
            until: $this->until,
            treatment: $this->treatment,
            minutesMost: $minutesMost,
            meant: $this->meant,
        );
    }

    /**
     * How the bowl is worked and timed, in short lines for a card.
     *
     * @return list<string>
     */
    public function words(): array
    {
        $start = $this->after === ''
            ? ''
            : 'goes on '.($this->plus === null ? '' : "{$this->plus} min ")."after {$this->after} started";

        return array_values(array_filter([
            $this->mark,
            $this->hair === null ? '' : "on {$this->hair->value} hair",
            $this->covering === null
                ? ''
                : ($this->covering === Covering::Open ? 'left open' : "under {$this->covering->value}"),
            implode(', ', array_map(static fn (HeatPhase $phase): string => $phase->words(), $this->heat)),
            $this->applying === null ? '' : "{$this->applying} min to apply",
            $start,
            $this->clock === null ? '' : "clock starts {$this->clock->words()}",
            $this->until,
            match ($this->rinse) {
                'own' => '',
                'not' => 'not rinsed before the next',
                default => "rinsed with {$this->rinse}",
            },
            $this->emulsify === null ? '' : "emulsify the last {$this->emulsify} min",
            $this->treatment,
        ], static fn (string $line): bool => $line !== ''));
    }
}

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
     * @param  ?int  $plus  minutes after that bowl's clock started, or after the moment that is said: a demi at +20 of
     *     the root's 40
     * @param  string  $rinse  round: with its round; own: by itself; not: it stays under what follows; or the letter of
     *     the bowl it is rinsed with
     * @param  ?int  $emulsify  minutes at the end
     * @param  string  $until  what to stop at by eye: until orange-gold
     * @param  ?int  $minutesMost  the longest, where a range of minutes is planned: 25 to 35
     * @param  string  $treatment  what follows the rinse
     * @param  ?FollowFrom  $from  the moment of the other bowl that is counted from; null for its clock, or, where no
     *     minutes are said, its last touch
     * @param  ?int  $plusMost  the longer end, where a range is said: 25 to 30 later
     * @param  ?int  $through  minutes before the end at which it is taken through the lengths
     * @param  ?int  $lookFrom  minute of its clock from which somebody looks
     * @param  ?int  $starts  wished first touch, minutes after its round's
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
        public string $rinse = 'round',
        public ?int $emulsify = null,
        public string $until = '',
        public string $treatment = '',
        public ?int $minutesMost = null,
        public array $meant = [],
        public ?FollowFrom $from = null,
        public ?int $plusMost = null,
        public ?int $through = null,
        public ?int $lookFrom = null,
        public ?int $starts = null,
    ) {
    }

    /** The same with another longest time. */
    public function upTo(?int $minutes): self
    {
        return $this->with(['minutesMost' => $minutes]);
    }

    /** The same, taken through the lengths for its last minutes; null for not. */
    public function takenThrough(?int $minutes): self
    {
        return $this->with(['through' => $minutes]);
    }

    /** The same, going on at another minute of the bowl it follows. */
    public function onAt(int $plus): self
    {
        return $this->with(['plus' => $plus, 'plusMost' => null]);
    }

    /** The same where that bowl is there no more: it follows nothing, and is rinsed with its round. */
    public function withoutBowl(string $letter): self
    {
        $free = $this->after === $letter ? ['after' => '', 'plus' => null, 'plusMost' => null, 'from' => null] : [];

        return $this->with([...$free, ...($this->rinse === $letter ? ['rinse' => 'round'] : [])]);
    }

    /** @param  array{after?: string, plus?: ?int, plusMost?: ?int, from?: ?FollowFrom, rinse?: string, minutesMost?: ?int, through?: ?int}  $change */
    private function with(array $change): self
    {
        $change += [
            'after' => $this->after, 'plus' => $this->plus, 'plusMost' => $this->plusMost, 'from' => $this->from,
            'rinse' => $this->rinse, 'minutesMost' => $this->minutesMost, 'through' => $this->through,
        ];

        return new self(
            purpose: $this->purpose,
            mark: $this->mark,
            hair: $this->hair,
            covering: $this->covering,
            heat: $this->heat,
            applying: $this->applying,
            clock: $this->clock,
            after: $change['after'],
            plus: $change['plus'],
            rinse: $change['rinse'],
            emulsify: $this->emulsify,
            until: $this->until,
            treatment: $this->treatment,
            minutesMost: $change['minutesMost'],
            meant: $this->meant,
            from: $change['from'],
            plusMost: $change['plusMost'],
            through: $change['through'],
            lookFrom: $this->lookFrom,
            starts: $this->starts,
        );
    }

    /**
     * How the bowl is worked and timed, in short lines for a card.
     *
     * @return list<string>
     */
    public function words(): array
    {

        return array_values(array_filter([
            $this->mark,
            $this->hair === null ? '' : "on {$this->hair->value} hair",
            $this->covering === null
                ? ''
                : ($this->covering === Covering::Open ? 'left open' : "under {$this->covering->value}"),
            implode(', ', array_map(static fn (HeatPhase $phase): string => $phase->words(), $this->heat)),
            $this->applying === null ? '' : "{$this->applying} min to apply",
            $this->followWords(),
            $this->starts === null ? '' : "goes on {$this->starts} min into the round",
            $this->clock === null ? '' : "clock starts {$this->clock->words()}",
            $this->until,
            $this->lookFrom === null ? '' : "look from minute {$this->lookFrom}",
            match ($this->through) {
                null => '',
                0 => 'taken through at the end',
                default => "taken through the last {$this->through} min",
            },
            match ($this->rinse) {
                'round' => '',
                'own' => 'rinsed by itself',
                'not' => 'not rinsed before the next',
                default => "rinsed with {$this->rinse}",
            },
            $this->emulsify === null ? '' : "emulsify the last {$this->emulsify} min",
            $this->treatment,
        ], static fn (string $line): bool => $line !== ''));
    }

    private function followWords(): string
    {
        if ($this->after === '') {
            return '';
        }
        $minutes = $this->plus === null
            ? ''
            : $this->plus.($this->plusMost === null ? '' : " to {$this->plusMost}").' min ';
        $moment = match ($this->from ?? ($this->plus === null ? FollowFrom::LastTouch : FollowFrom::Clock)) {
            FollowFrom::Clock => "after {$this->after} started",
            FollowFrom::FirstTouch => "after {$this->after}’s first touch",
            FollowFrom::LastTouch => "after {$this->after} is complete",
            FollowFrom::Rinsed => "after {$this->after} is rinsed",
            FollowFrom::End => '',
        };

        return $moment === '' ? trim("on for the last {$minutes}")." of {$this->after}" : "goes on {$minutes}{$moment}";
    }
}

<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Formula\HeatPhase;
use Core\Formula\Purpose;
use Core\Hair\Covering;
use Core\Hair\HairState;
use Core\Practice\ClockStart;
use Core\Units\MixRatio;

/** What is said around a bowl besides its formula: its sign on the bench, its hair, its heat, its clock, who it feeds. */
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
     * @param  string  $treatment  what follows the rinse
     * @param  list<array{job: string, grams: string}>  $uses  jobs that one mixture serves
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
        public array $uses = [],
    ) {
    }

    public static function read(JsonNode $node): self
    {
        $rinse = $node->at('rinse')->text(3);
        $after = mb_strtoupper($node->at('after')->text(2));
        $uses = [];
        foreach ($node->at('uses')->items(20) as $use) {
            $uses[] = ['job' => $use->at('job')->text(80), 'grams' => $use->at('grams')->text(40)];
        }
        $heat = [];
        foreach ($node->at('heat')->items(MixRatio::MOST_PARTS * 2) as $phase) {
            $minutes = $phase->at('minutes')->wholeNumber(1, 120, 'The minutes of a heat phase');
            if ($minutes !== null) {
                $heat[] = new HeatPhase($phase->at('with')->value() === true, $minutes);
            }
        }

        return new self(
            ReadStrokes::choice($node->at('purpose'), Purpose::class, 'This is no purpose of a bowl.', 'Write service, trial or protect.') ?? Purpose::Service,
            $node->at('mark')->text(60),
            ReadStrokes::choice($node->at('hair'), HairState::class, 'This is no state of hair.', 'Write dry, damp or wet.'),
            ReadStrokes::choice($node->at('covering'), Covering::class, 'This is no covering.', 'Write open, foil, film or cap.'),
            $heat,
            $node->at('applying')->wholeNumber(1, 240, 'The minutes of applying'),
            ReadStrokes::choice($node->at('clock'), ClockStart::class, 'This is no start of a clock.', 'Write complete or first-touch.'),
            $after,
            $node->at('plus')->wholeNumber(0, 240, 'The minutes after the other bowl'),
            $rinse === '' ? 'own' : (in_array($rinse, ['own', 'not'], true) ? $rinse : mb_strtoupper($rinse)),
            $node->at('emulsify')->wholeNumber(1, 30, 'The minutes of emulsifying'),
            $node->at('until')->text(80),
            $node->at('treatment')->text(200),
            $uses,
        );
    }

    /** @return array<string, mixed> only what is said */
    public function toArray(): array
    {
        return array_filter([
            'purpose' => $this->purpose === Purpose::Service ? null : $this->purpose->value,
            'mark' => $this->mark === '' ? null : $this->mark,
            'hair' => $this->hair?->value,
            'covering' => $this->covering?->value,
            'heat' => $this->heat === [] ? null : array_map(static fn (HeatPhase $phase): array => ['with' => $phase->with, 'minutes' => $phase->minutes], $this->heat),
            'applying' => $this->applying,
            'clock' => $this->clock?->value,
            'after' => $this->after === '' ? null : $this->after,
            'plus' => $this->plus,
            'rinse' => $this->rinse === 'own' ? null : $this->rinse,
            'emulsify' => $this->emulsify,
            'until' => $this->until === '' ? null : $this->until,
            'treatment' => $this->treatment === '' ? null : $this->treatment,
            'uses' => $this->uses === [] ? null : $this->uses,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * How the bowl is worked and timed, in short lines for a card.
     *
     * @return list<string>
     */
    public function words(): array
    {
        $start = $this->after === '' ? '' : 'goes on '.($this->plus === null ? '' : "{$this->plus} min ")."after {$this->after} started";

        return array_values(array_filter([
            $this->mark,
            $this->hair === null ? '' : "on {$this->hair->value} hair",
            $this->covering === null ? '' : ($this->covering === Covering::Open ? 'left open' : "under {$this->covering->value}"),
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

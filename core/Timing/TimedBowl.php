<?php

declare(strict_types=1);

namespace Core\Timing;

use Core\Formula\FollowFrom;
use Core\Formula\HeatPhase;

/** A bowl as the plan of times takes it. Minutes, unless it says seconds. */
final readonly class TimedBowl
{
    /**
     * @param  int  $round  from 0; what lies in a later one goes on when the earlier ones are off
     * @param  int  $applying  from first touch to last
     * @param  ?Window  $window  null where nothing works: barrier cream, a shield
     * @param  bool  $fromFirstTouch  its clock counts from the first touch, not from the last
     * @param  bool  $firstStrandCounts  its longest time counts from the first touch, whatever its clock does:
     *     lightener
     * @param  string  $rinse  round: with its round; own: by itself; not: it stays under what follows; else the letter
     *     of the bowl it is rinsed with
     * @param  ?int  $order  its place in the order of work
     * @param  list<string>  $hands  who applies it, by name; empty for whoever is free
     * @param  ?int  $starts  wished first touch, counted from its round's; null where the plan finds it
     * @param  ?int  $mixing  to weigh and mix it; null where there is nothing to weigh
     * @param  ?int  $fresh  it should be on the hair so soon after it was mixed; null where it does not age
     * @param  list<HeatPhase>  $heat
     * @param  ?int  $lookFrom  somebody looks from this minute of its clock on; null where it ends by the clock
     * @param  ?int  $through  taken through so long before the end
     * @param  ?Window  $weaker  what a strength lower takes, where its line prints other minutes for it
     * @param  int  $weakerVolume  that strength, in volumes
     * @param  list<string>  $together  bowls it is laid in turn with, strand by strand: one application, one pair of
     *     hands
     */
    public function __construct(
        public string $letter,
        public int $round,
        public int $applying,
        public ?Window $window,
        public bool $fromFirstTouch = false,
        public bool $firstStrandCounts = false,
        public ?Follows $follows = null,
        public string $rinse = 'round',
        public ?int $order = null,
        public array $hands = [],
        public ?int $starts = null,
        public ?int $mixing = null,
        public ?int $fresh = null,
        public array $heat = [],
        public ?int $lookFrom = null,
        public int $lookEvery = 5,
        public ?int $through = null,
        public ?int $emulsify = null,
        public Happened $happened = new Happened,
        public ?Window $weaker = null,
        public int $weakerVolume = 0,
        public array $together = [],
    ) {
    }

    public function stays(): bool
    {
        return $this->rinse === 'not';
    }

    /** Whether both are laid by the same hands at the same time. */
    public function isOneWith(self $other): bool
    {
        return $this !== $other && $this->round === $other->round
            && in_array($other->letter, $this->together, true) && in_array($this->letter, $other->together, true);
    }

    /** Seconds from first touch to where its clock starts. */
    public function clockAfter(): int
    {
        return $this->fromFirstTouch ? 0 : $this->applied();
    }

    /** Seconds from first touch to last, as marked, else as planned. */
    public function applied(): int
    {
        $happened = $this->happened;

        return $happened->began !== null && $happened->completed !== null
            ? $happened->completed - $happened->began
            : $this->applying * 60;
    }

    /** Its window with what was given to it since; null where nothing works. */
    public function worked(): ?Window
    {
        return $this->happened->more === 0 ? $this->window : $this->window?->longer($this->happened->more);
    }

    /** Minutes of heat, with and without. */
    public function heated(): int
    {
        return array_sum(array_map(static fn (HeatPhase $phase): int => $phase->minutes, $this->heat));
    }

    /**
     * One side of it, where its sides are timed apart.
     *
     * @param  string  $letter  the side's own, as the plan names it
     * @param  ?string  $other  the side that is begun before it; null where it is the first
     * @param  int  $at  its place among them: where several have the bowl in hand, each has a side
     */
    public function side(string $letter, Happened $happened, ?string $other, int $at): self
    {
        $each = count($this->hands) > 1;

        return $this->with([
            'letter' => $letter,
            'applying' => $each ? $this->applying : intdiv($this->applying + 1, 2),
            'follows' => $other === null || $each ? $this->follows : new Follows($other, FollowFrom::FirstTouch),
            'rinse' => $other !== null && $this->rinse === 'own' ? $other : $this->rinse,
            'hands' => $each ? [$this->hands[$at % count($this->hands)]] : $this->hands,
            'starts' => $other === null || $each ? $this->starts : null,
            'mixing' => $other === null ? $this->mixing : null,
            'happened' => $happened,
            'together' => [],
        ]);
    }

    /** @param  array{letter?: string, round?: int, applying?: int, window?: ?Window, follows?: ?Follows, rinse?: string, order?: ?int, hands?: list<string>, starts?: ?int, mixing?: ?int, happened?: Happened, together?: list<string>}  $change */
    public function with(array $change): self
    {
        $change += [
            'round' => $this->round, 'applying' => $this->applying, 'window' => $this->window,
            'follows' => $this->follows,
            'rinse' => $this->rinse, 'order' => $this->order, 'hands' => $this->hands, 'starts' => $this->starts,
            'happened' => $this->happened, 'letter' => $this->letter, 'mixing' => $this->mixing,
            'together' => $this->together,
        ];

        return new self(
            letter: $change['letter'],
            round: $change['round'],
            applying: $change['applying'],
            window: $change['window'],
            fromFirstTouch: $this->fromFirstTouch,
            firstStrandCounts: $this->firstStrandCounts,
            follows: $change['follows'],
            rinse: $change['rinse'],
            order: $change['order'],
            hands: $change['hands'],
            starts: $change['starts'],
            mixing: $change['mixing'],
            fresh: $this->fresh,
            heat: $this->heat,
            lookFrom: $this->lookFrom,
            lookEvery: $this->lookEvery,
            through: $this->through,
            emulsify: $this->emulsify,
            happened: $change['happened'],
            weaker: $this->weaker,
            weakerVolume: $this->weakerVolume,
            together: $change['together'],
        );
    }
}

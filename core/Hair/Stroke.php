<?php

declare(strict_types=1);

namespace Core\Hair;

/** One thing done with a bowl: where, how, in which order, by whom, over what. */
final readonly class Stroke
{
    /**
     * @param  list<string>  $with  letters of the bowls that share the pattern with this one, in its order
     * @param  ?int  $order  its place in the order of work, from 1
     * @param  string  $hands  who does it; empty for whoever is free
     * @param  ?int  $foils  planned number of foils
     * @param  string  $width  of the sections, in words
     * @param  ?Reach  $reach  measured along the strand, where somebody measures
     * @param  ?int  $lastMinutes  only so long before the rinse: colour that is taken through; null for all its time
     * @param  bool  $overlaps  meant to run over another bowl's hair, as a melt or a blending pass does
     */
    public function __construct(
        public Placement $placement,
        public ?Method $method = null,
        public ?Pattern $pattern = null,
        public array $with = [],
        public ?int $order = null,
        public string $hands = '',
        public ?HairState $hair = null,
        public ?Covering $covering = null,
        public ?int $foils = null,
        public string $width = '',
        public bool $overlaps = false,
        public string $note = '',
        public ?Reach $reach = null,
        public ?int $lastMinutes = null,
    ) {
    }

    /**
     * The stroke as a bowl sees it that shares its pattern; null where it does not take part.
     *
     * @param  string  $owner  letter of the bowl that holds the stroke
     */
    public function seenBy(string $letter, string $owner): ?self
    {
        $all = [$owner, ...$this->with];
        $place = array_search($letter, $all, true);
        if ($place === false) {
            return null;
        }
        $others = [...array_slice($all, $place + 1), ...array_slice($all, 0, $place)];

        return $this->as([
            'method' => $this->method === Method::BetweenFoils || $this->pattern?->kind !== PatternKind::Between
                ? $this->method
                : Method::BetweenFoils,
            'pattern' => $this->pattern?->seenFrom($place),
            'with' => $others,
        ]);
    }

    /** The stroke where that bowl shares it no more; a pattern of one bowl is none. */
    public function withoutBowl(string $letter): self
    {
        if (! in_array($letter, $this->with, true)) {
            return $this;
        }
        $with = array_values(array_diff($this->with, [$letter]));

        return $this->as(['pattern' => $with === [] ? null : $this->pattern, 'with' => $with]);
    }

    /** What of it lies on those spans only. */
    public function on(Span ...$spans): self
    {
        return $this->as(
            ['placement' => Placement::of($this->placement->regions, array_values($spans)), 'reach' => null],
        );
    }

    /** The same in another place of the order of work. */
    public function inOrder(int $order): self
    {
        return $this->as(['order' => $order]);
    }

    /** @param  array{placement?: Placement, method?: ?Method, pattern?: ?Pattern, with?: list<string>, order?: ?int, reach?: ?Reach}  $change */
    private function as(array $change): self
    {
        $change += [
            'placement' => $this->placement, 'method' => $this->method, 'pattern' => $this->pattern,
            'with' => $this->with,
            'order' => $this->order, 'reach' => $this->reach,
        ];

        return new self(
            placement: $change['placement'],
            method: $change['method'],
            pattern: $change['pattern'],
            with: $change['with'],
            order: $change['order'],
            hands: $this->hands,
            hair: $this->hair,
            covering: $this->covering,
            foils: $this->foils,
            width: $this->width,
            overlaps: $this->overlaps,
            note: $this->note,
            reach: $change['reach'],
            lastMinutes: $this->lastMinutes,
        );
    }

    /** @return list<string> each once, as they are named: “Amara and Ines” are two */
    public function people(): array
    {
        $names = array_map(trim(...), preg_split('/\s*(?:,|;|&|\+|\band\b)\s*/u', $this->hands) ?: []);

        return array_values(array_unique(array_filter($names, static fn (string $name): bool => $name !== '')));
    }

    /** @return list<Region> all of them where none is named */
    public function regions(): array
    {
        return $this->placement->regions === [] ? Region::cases() : $this->placement->regions;
    }

    /** @return list<Span> all of them where none is named and nothing is measured */
    public function spans(): array
    {
        return $this->placement->spans !== [] ? $this->placement->spans : ($this->reach?->spans() ?? Span::cases());
    }

    /** From the scalp to the ends at once. */
    public function isOnePass(): bool
    {
        return in_array(
            Span::Root,
            $this->spans(),
            true,
        ) && in_array(Span::Ends, $this->spans(), true) && $this->method !== Method::Melt;
    }

    /** The root is named, or measured, and not only a part of everything. */
    private function saysRoot(): bool
    {
        return in_array(Span::Root, $this->placement->spans, true)
            || ($this->placement->spans === [] && $this->reach?->touchesScalp() === true);
    }

    public function touchesScalp(): bool
    {
        return in_array(
            Span::Root,
            $this->spans(),
            true,
        ) && $this->reach?->touchesScalp() !== false && $this->method?->keepsOffScalp() !== true
            && ($this->method?->isPainted() !== true || $this->saysRoot());
    }

    /**
     * Some of the hair is closed up in it, and nothing that is laid beside it reaches that hair.
     *
     * @param  ?Covering  $usual  what its bowl lies under where the stroke says nothing
     */
    public function isClosed(?Covering $usual = null): bool
    {
        return $this->method?->isPartial() === true && match ($this->covering ?? $usual) {
            Covering::Open, Covering::Cap => false,
            Covering::Foil, Covering::Film => true,
            null => $this->method->usesFoils() || $this->method === Method::PaintedUnderFilm,
        };
    }

    /** How it lies, wherever it does: strands on which colour lies in the same manner come to the same. */
    public function manner(): string
    {
        return (string) json_encode([
            $this->method, $this->hair, $this->covering, $this->lastMinutes, $this->touchesScalp(), $this->isOnePass(),
        ]);
    }

    /** The lengths this colour is taken through before it is rinsed; null where it goes there anyway. */
    public function takenThrough(int $minutes): ?self
    {
        $lengths = array_values(array_udiff(
            [Span::Mids, Span::Ends],
            $this->spans(),
            static fn (Span $one, Span $other): int => $one->order() <=> $other->order(),
        ));

        return $lengths === [] || ! $this->touchesScalp() ? null : new self(
            placement: Placement::of($this->placement->regions, $lengths),
            hands: $this->hands,
            hair: $this->hair,
            overlaps: true,
            lastMinutes: $minutes,
        );
    }

    /** In words: 1. crown and back, root, fine foils 2:1 with B, 24 foils, dry, foil; Amara: narrow at the face. */
    public function words(): string
    {
        $how = $this->method?->label() ?? '';
        if ($this->pattern !== null) {
            $how = trim("{$how} {$this->pattern->text()}").($this->with === [] ? '' : ' with '.implode(
                ', ',
                $this->with,
            ));
        }
        $parts = array_filter([
            $this->placement->words(),
            $this->reach?->words() ?? '',
            $how,
            $this->foils === null ? '' : "{$this->foils} foils",
            $this->width,
            $this->hair === null ? '' : "on {$this->hair->value} hair",
            $this->covering === null
                ? ''
                : ($this->covering === Covering::Open ? 'left open' : "under {$this->covering->value}"),
            $this->overlaps ? 'running over' : '',
            $this->hands === '' ? '' : "by {$this->hands}",
            $this->note,
        ], static fn (string $part): bool => $part !== '');

        return ($this->order === null ? '' : "{$this->order}. ").implode(', ', $parts);
    }
}

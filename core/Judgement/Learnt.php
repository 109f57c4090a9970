<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Practice\Number;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/** What a salon's closed visits teach about a head: how far it lifts, how much colour holds, how much warmer it stays. */
final readonly class Learnt
{
    /**
     * @param  list<Observed>  $own  of this client, whatever the line
     * @param  array<string, array<string, array{count: int, sum: Fraction}>>  $house  of all other clients: by line id, then by
     *     lift, deeper, warmer and redder
     */
    public function __construct(private array $own = [], private array $house = [])
    {
    }

    public function lift(LineKind $kind, string $line): Shrunk
    {
        return Shrunk::of(
            Fraction::one(),
            $this->ofHouse($line, 'lift'),
            $this->ofOwn($kind, static fn (Observed $each): ?Fraction => $each->lift()),
            Number::LiftScatter,
        );
    }

    /** How much colour holds: levels deeper than expected, lighter below zero. */
    public function hold(LineKind $kind, string $line): Shrunk
    {
        return Shrunk::of(
            Fraction::zero(),
            $this->ofHouse($line, 'deeper'),
            $this->ofOwn($kind, static fn (Observed $each): ?Fraction => $each->deeper),
            Number::HoldScatter,
        );
    }

    /** In CIELAB units; zero as the model says. */
    public function warmer(LineKind $kind, string $line): Shrunk
    {
        return Shrunk::of(
            Fraction::zero(),
            $this->ofHouse($line, 'warmer'),
            $this->ofOwn($kind, static fn (Observed $each): ?Fraction => $each->warmer),
            Number::WarmthScatter,
        );
    }

    /** In CIELAB units across the warmth; zero as the model says. */
    public function redder(LineKind $kind, string $line): Shrunk
    {
        return Shrunk::of(
            Fraction::zero(),
            $this->ofHouse($line, 'redder'),
            $this->ofOwn($kind, static fn (Observed $each): ?Fraction => $each->redder),
            Number::WarmthScatter,
        );
    }

    /** @return array{count: int, sum: Fraction} */
    private function ofHouse(string $line, string $what): array
    {
        return $this->house[$line][$what] ?? ['count' => 0, 'sum' => Fraction::zero()];
    }

    /**
     * A head is alike in all lines of a kind: what it did with one says something of the next.
     *
     * @param  callable(Observed): ?Fraction  $what
     * @return list<Fraction>
     */
    private function ofOwn(LineKind $kind, callable $what): array
    {
        return array_values(array_filter(array_map(
            static fn (Observed $each): ?Fraction => $each->kind === $kind ? $what($each) : null,
            $this->own,
        )));
    }
}

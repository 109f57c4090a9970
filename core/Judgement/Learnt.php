<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Hair\Zone;
use Core\Practice\Number;
use Core\Units\Fraction;

/**
 * What a salon's closed visits teach about a head: how far it lifts, how deep colour holds, how warm it stays. Hair
 * that is like it counts in full, other hair of the same head a part.
 */
final readonly class Learnt
{
    /**
     * @param  list<Observed>  $own  of this client, whatever the line
     * @param  array<string, array<string, array<string, array{count: int, sum: Fraction}>>>  $house  of all other
     *     clients: by line id, by what hair it was, and by lift, deeper, warmer and redder
     */
    public function __construct(private array $own = [], private array $house = [])
    {
    }

    public function lift(Zone $zone, Process $process): Shrunk
    {
        return $this->shrunk('lift', $zone, $process, Fraction::one(), Number::LiftScatter);
    }

    /** How much colour holds: levels deeper than expected, lighter below zero. */
    public function hold(Zone $zone, Process $process): Shrunk
    {
        return $this->shrunk('deeper', $zone, $process, Fraction::zero(), Number::HoldScatter);
    }

    /** In CIELAB units; zero as the model says. */
    public function warmer(Zone $zone, Process $process): Shrunk
    {
        return $this->shrunk('warmer', $zone, $process, Fraction::zero(), Number::WarmthScatter);
    }

    /** In CIELAB units across the warmth; zero as the model says. */
    public function redder(Zone $zone, Process $process): Shrunk
    {
        return $this->shrunk('redder', $zone, $process, Fraction::zero(), Number::WarmthScatter);
    }

    private function shrunk(string $what, Zone $zone, Process $process, Fraction $table, Number $once): Shrunk
    {
        $own = $house = [];
        foreach ($this->own as $each) {
            // A head does alike in all lines of a kind.
            $value = $each->kind === $process->kind ? self::value($each, $what) : null;
            if ($value !== null) {
                $own[] = ['count' => 1, 'sum' => $value, 'weight' => self::weight($each->alike, $zone)];
            }
        }
        foreach ($this->house[$process->line] ?? [] as $alike => $sums) {
            if (($sums[$what]['count'] ?? 0) > 0) {
                $house[] = $sums[$what] + ['weight' => self::weight($alike, $zone)];
            }
        }

        return Shrunk::of($table, $house, $own, $once);
    }

    private static function value(Observed $each, string $what): ?Fraction
    {
        return match ($what) {
            'lift' => $each->lift(),
            'deeper' => $each->deeper,
            'warmer' => $each->warmer,
            default => $each->redder,
        };
    }

    private static function weight(string $alike, Zone $zone): Fraction
    {
        return $alike === $zone->alike() ? Fraction::one() : Number::UnlikeCounts->value();
    }
}

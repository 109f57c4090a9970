<?php

declare(strict_types=1);

namespace Simulator;

/**
 * What comes out at the basin: the hidden truth behind the demo's past and the practice heads. It runs on rates and
 * wheels of its own making; a test holds that it shares no code with what the product expects.
 */
final readonly class Basin
{
    public function __construct(private Head $head, private Chance $chance)
    {
    }

    public static function steady(Head $head): self
    {
        return new self($head->steady(), new Chance(1));
    }

    public function after(Hair $hair, Bowl ...$bowls): Hair
    {
        foreach ($bowls as $bowl) {
            $hair = $this->laid($this->lifted($hair, $bowl), $bowl);
        }

        return $hair;
    }

    /**
     * What a practised eye reads of it: to half a level, and the tone by name.
     *
     * @return array{level: float, tone: list<string>}
     */
    public function read(Hair $hair): array
    {
        $level = $hair->level + $this->head->unsteady * $this->chance->bell();

        return ['level' => round(2 * min(12.0, max(1.0, $level))) / 2, 'tone' => Tint::named($hair->lean)];
    }

    private function lifted(Hair $hair, Bowl $bowl): Hair
    {
        $most = match ($bowl->kind) {
            'lightener' => 6.1,
            'permanent' => $hair->dyed ? 0.0 : 2.6,
            default => 0.0,
        };
        // Peroxide by a power below one, time as a curve that flattens; the lighter the hair, the less there is to
        // take.
        $work = $most * ($bowl->volume / 20) ** 0.55 * (
            1 - exp(-$bowl->minutes / 26)
        ) * $this->head->lifts * ($bowl->foil ? 1.08 : 1.0);
        $taken = $bowl->volume < 11 && $bowl->kind === 'permanent' ? 0.0 : $work * (1 - $hair->level / 16);
        $day = $this->head->unsteady * $this->chance->bell();
        $taken = $taken <= 0 ? 0.0 : max(0.0, $taken + $day);
        if ($taken <= 0) {
            return $hair;
        }
        $level = min(11.5, $hair->level + $taken);
        $bare = Tint::bare($level, $hair->lifted + $taken);

        return new Hair($level, $hair->lifted + $taken, $bowl->kind === 'lightener' ? false : $hair->dyed, [
            $this->head->warmth * $bare[0], $this->head->warmth * $bare[1],
        ]);
    }

    private function laid(Hair $hair, Bowl $bowl): Hair
    {
        if ($bowl->level === null || $bowl->pigment <= 0) {
            return $hair;
        }
        $keeps = match ($bowl->kind) {
            'permanent' => 1.0,
            'demi' => 0.85,
            default => 0.6,
        };
        $taken = $keeps * $bowl->pigment * (1 - exp(-$bowl->minutes * $this->head->holds / 8.5));
        $deeper = max(0.12, $hair->level - $bowl->level);
        $dye = Tint::of($bowl->tones, 0.95 * $taken);
        $stays = 1 - 0.45 * $taken;

        return new Hair(
            max(1.0, $hair->level - ($deeper + $this->head->drinks) * min(1.0, $taken)),
            $hair->lifted,
            $hair->dyed || $bowl->kind === 'permanent',
            [$stays * $hair->lean[0] + $dye[0], $stays * $hair->lean[1] + $dye[1]],
        );
    }
}

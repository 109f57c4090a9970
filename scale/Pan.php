<?php

declare(strict_types=1);

namespace Scale;

/**
 * What lies on the simulated scale and what the scale makes of it: the shown weight runs after the
 * true one, trembles while it moves, drifts if told to, and is "still" only after a quiet moment.
 * Masses are grams, times are seconds.
 */
final class Pan
{
    private const CAPACITY = 3000.0;

    /** Seconds in which the shown weight covers about two thirds of the way to the true one. */
    private const LAG = 0.22;

    /** Seconds of quiet before a reading counts as still. */
    private const QUIET = 0.35;

    /** Grams a second a hand pours at most. */
    private const GUSH = 60.0;

    private float $bowl = 0.0;

    private float $content = 0.0;

    private bool $lifted = false;

    /** Grams a second running into the bowl. */
    private float $flow = 0.0;

    /** Grams still to come at the present flow; infinite while a person holds the tap. */
    private float $toCome = 0.0;

    private float $shown = 0.0;

    private float $zero = 0.0;

    private float $drift = 0.0;

    private float $quietFor = 1.0;

    /** How many times as soon as usual it comes to rest. */
    private float $quick = 1.0;

    public function __construct(private int $seed = 7)
    {
    }

    public function pass(float $seconds): void
    {
        $running = min($this->flow * $seconds, $this->toCome);
        if (! $this->lifted) {
            $this->content += $running;
            $this->toCome -= $running;
        }
        if ($this->toCome <= 0.0) {
            $this->flow = 0.0;
        }
        $this->zero -= $this->drift * $seconds;
        $gap = $this->load() - $this->shown;
        $this->shown += $gap * (1 - exp(-$seconds * $this->quick / self::LAG));
        if (abs($this->load() - $this->shown) < 0.04) {
            $this->shown = $this->load();
        }
        $this->quietFor = abs($gap) < 0.04 && $this->flow === 0.0 ? $this->quietFor + $seconds : 0.0;
    }

    public function put(float $grams): void
    {
        $this->bowl = $grams;
        $this->content = 0.0;
        $this->lifted = false;
        $this->stopFlow();
    }

    public function lift(): void
    {
        $this->lifted = true;
    }

    public function return(): void
    {
        $this->lifted = false;
    }

    public function pour(float $grams): void
    {
        $this->toCome = ($this->toCome === INF ? 0.0 : $this->toCome) + $grams;
        $this->flow = max(8.0, min(self::GUSH, $grams * 2));
    }

    /** Runs until stopped. */
    public function flow(float $gramsPerSecond): void
    {
        $this->flow = $gramsPerSecond;
        $this->toCome = $gramsPerSecond > 0.0 ? INF : 0.0;
    }

    /** Sets what the bowl holds, as after a service. */
    public function hold(float $grams): void
    {
        $this->stopFlow();
        $this->content = $grams;
        $this->lifted = false;
    }

    public function driftBy(float $gramsPerSecond): void
    {
        $this->drift = $gramsPerSecond;
    }

    /** A scale that comes to rest so many times as soon; a hand pours no faster for it. */
    public function quicken(float $times): void
    {
        $this->quick = max(1.0, $times);
    }

    /** Zero under what is on the pan now; answers what that weighs, in centigrams. */
    public function tare(): int
    {
        $this->shown = $this->load();
        $this->zero = $this->shown;

        return (int) round($this->shown * 100);
    }

    public function reset(): void
    {
        $this->put(0.0);
        $this->shown = $this->zero = $this->drift = 0.0;
        $this->quick = 1.0;
    }

    public function isOverloaded(): bool
    {
        return $this->load() > self::CAPACITY;
    }

    public function isStill(): bool
    {
        return $this->quietFor >= self::QUIET / $this->quick;
    }

    /** What the scale shows, in centigrams at its own step of 0.1 g. */
    public function reading(): int
    {
        $net = $this->shown - $this->zero;
        $tremble = $this->isStill() ? 0.0 : $this->noise();

        return 10 * (int) round(($net + $tremble) * 10);
    }

    /** @return array<string, mixed> */
    public function state(): array
    {
        return [
            'bowl' => round($this->bowl, 2), 'content' => round($this->content, 2), 'lifted' => $this->lifted,
            'flowing' => $this->flow > 0.0, 'reading' => $this->reading(), 'still' => $this->isStill(),
        ];
    }

    private function load(): float
    {
        return $this->lifted ? 0.0 : $this->bowl + $this->content;
    }

    private function stopFlow(): void
    {
        $this->flow = $this->toCome = 0.0;
    }

    /** A small deterministic tremble of up to 0.08 g. */
    private function noise(): float
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) % 2_147_483_648;

        return ($this->seed / 2_147_483_648 - 0.5) * 0.16;
    }
}

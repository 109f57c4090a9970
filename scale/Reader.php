<?php

declare(strict_types=1);

namespace Scale;

use Closure;
use Core\Scale\GarbledLine;
use Core\Scale\LineFormat;
use Core\Scale\PanWatch;
use Core\Scale\ScaleLine;
use Core\Scale\StillWatch;

/**
 * Hears one scale and knows what to think of it: the latest clean reading, and whether the scale is silent, garbled,
 * overloaded or stuck. The same for a scale on the wire and for one at a tablet. Times are seconds.
 */
final class Reader
{
    /** A scale that sends ten lines a second and has said nothing for this long is not there. */
    private const SILENCE = 1.0;

    private float $heardAt = 0.0;

    private float $countedAt = 0.0;

    private bool $garbled = false;

    private bool $lost = true;

    private ?ScaleLine $latest = null;

    /** Another each time the scale comes back: between, it may have been switched off and have lost its zero. */
    private string $since = '';

    private ?PanWatch $watch = null;

    private int $heard = 0;

    /** @param  Closure(string, int): ScaleLine  $read  a line, and how many were heard before it */
    private function __construct(
        private readonly Closure $read,
        private readonly ?StillWatch $stillness,
        private readonly bool $counts,
    ) {
    }

    /** Of the protocol that ships with the product. */
    public static function own(): self
    {
        return new self(static fn (string $line): ScaleLine => ScaleLine::parse($line), null, true);
    }

    public static function of(LineFormat $format): self
    {
        return new self($format->read(...), $format->tellsStill() ? null : new StillWatch, false);
    }

    public function hear(string $line, float $now): void
    {
        if ($this->since === '' || $this->lost || $now - $this->heardAt > self::SILENCE) {
            $this->since = bin2hex(random_bytes(6));
            $this->watch = new PanWatch;
            $this->lost = false;
            $this->countedAt = $now;
        }
        $this->heardAt = $now;
        try {
            $line = ($this->read)($line, ++$this->heard);
        } catch (GarbledLine) {
            $this->garbled = true;

            return;
        }
        $this->garbled = false;
        if ($line->sequence !== $this->latest?->sequence) {
            $this->countedAt = $now;
        }
        $weight = $line->centigrams;
        if ($weight !== null) {
            $milliseconds = (int) ($now * 1000);
            if ($this->stillness !== null) {
                $line = ScaleLine::weight($line->sequence, $weight, $this->stillness->see($weight, $milliseconds));
            }
            $this->watch?->see($weight, $line->still, $milliseconds);
        }
        $this->latest = $line;
    }

    /** The wire was pulled, or the tablet went away. */
    public function lose(): void
    {
        $this->lost = true;
        $this->since = '';
    }

    public function state(float $now): string
    {
        return match (true) {
            $this->lost
                || $this->latest === null
                && ! $this->garbled
                || $now - $this->heardAt > self::SILENCE => 'disconnected',
            $this->garbled => 'garbled',
            $this->latest->isOverload() => 'overload',
            // Its lines are counted, and the count stands still: what it shows is old.
            $this->counts && $now - $this->countedAt > self::SILENCE => 'frozen',
            default => 'reading',
        };
    }

    /**
     * Since when the same things stand on the scale, and it is heard without a break, as a word that is another after
     * each.
     */
    public function since(): string
    {
        // While it sways nobody knows what stands on it.
        return "{$this->since}.{$this->watch?->changes()}".($this->watch?->isUnsettled() === true ? '~' : '');
    }

    public function latest(): ?ScaleLine
    {
        return $this->latest;
    }

    public function heardAt(): float
    {
        return $this->heardAt;
    }
}

<?php

declare(strict_types=1);

namespace Scale;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Rounding;
use Core\Weighing\Band;
use Core\Weighing\LivePour;

/** One browser listening: its connection, and the line being poured there. */
final class Listener
{
    private string $sent = '';

    private float $sentAt = 0.0;

    private ?float $begunAt = null;

    /** Seconds after which a browser asks anew, so that a stream ends with the session that opened it. */
    private const LONGEST = 120.0;

    /**
     * @param  resource  $socket
     * @param  string  $salon  of whoever listens
     * @param  string  $scale  which one; empty for the first on the wire
     * @param  ?LivePour  $pour  null when only the bare reading is wanted
     * @param  int  $full  centigrams at which the gauge ends
     * @param  int  $whole  centigrams of the full bowl
     * @param  int  $in  centigrams in the bowl before this pour
     */
    private function __construct(
        public readonly mixed $socket,
        private readonly string $salon,
        private readonly string $scale,
        private readonly ?LivePour $pour,
        private readonly int $full,
        private readonly int $whole,
        private readonly int $in,
    ) {
    }

    /**
     * @param  resource  $socket
     * @param  array<mixed>  $query  from, already, low, target, high, full, whole, in: whole centigrams, as the batch
     *     gives them
     */
    public static function from($socket, array $query, string $salon, string $scale): self
    {
        $numbers = [];
        foreach (['from', 'already', 'low', 'target', 'high', 'full', 'whole', 'in'] as $name) {
            $number = filter_var($query[$name] ?? null, FILTER_VALIDATE_INT);
            if ($number === false || ($name !== 'from' && $number < 0)) {
                return new self($socket, $salon, $scale, null, 1, 1, 0);
            }
            $numbers[$name] = $number;
        }
        $band = new Band(
            Grams::ofCentigrams($numbers['low']),
            Grams::ofCentigrams($numbers['target']),
            Grams::ofCentigrams($numbers['high']),
        );

        return new self(
            $socket,
            $salon,
            $scale,
            new LivePour($numbers['from'], Grams::ofCentigrams($numbers['already']), $band),
            max(1, $numbers['full']),
            max(1, $numbers['whole']),
            $numbers['in'],
        );
    }

    /** Sends what has changed, and a sign of life every second. False when the browser has gone. */
    public function tell(Scales $scales, float $now): bool
    {
        $this->begunAt ??= $now;
        if ($now - $this->begunAt > self::LONGEST) {
            return false;
        }
        $data = (string) json_encode(
            $this->event($scales->find($this->salon, $this->scale), $now),
            JSON_UNESCAPED_UNICODE,
        );
        if ($data === $this->sent && $now - $this->sentAt < 1.0) {
            return true;
        }
        $this->sent = $data;
        $this->sentAt = $now;

        return @fwrite($this->socket, "data: {$data}\n\n") !== false;
    }

    /** @return array<string, mixed> */
    private function event(?Reader $reader, float $now): array
    {
        $state = $reader?->state($now) ?? 'disconnected';
        $reading = $reader?->latest()?->centigrams;
        if ($reader === null || $state !== 'reading' || $reading === null) {
            return ['state' => $state];
        }
        $live = $this->pour?->at($reading);

        return [
            'state' => 'reading',
            'reading' => $reading,
            'shown' => self::show($reading),
            'still' => $reader->latest()->still,
            'since' => $reader->since(),
            'pour' => $live === null ? null : [
                'place' => $live->place->value,
                'net' => self::show($live->net->centigrams),
                'inLine' => self::show($live->inLine->centigrams),
                'left' => self::show($live->left->centigrams),
                'over' => self::show($live->over->centigrams),
                'bowl' => self::show($this->in + $live->net->centigrams),
                'wedge' => min(
                    1.0,
                    Fraction::of($live->inLine->centigrams * 1000, $this->whole)->rounded(1, Rounding::HalfUp) / 1000,
                ),
                'at' => min(
                    1.0,
                    Fraction::of($live->inLine->centigrams * 1000, $this->full)->rounded(1, Rounding::HalfUp) / 1000,
                ),
            ],
        ];
    }

    public static function show(int $centigrams): string
    {
        return number_format($centigrams / 100, 1, '.', '').' g';
    }
}

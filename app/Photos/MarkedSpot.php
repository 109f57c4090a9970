<?php

declare(strict_types=1);

namespace App\Photos;

use Core\Colour\Lab;
use Core\Colour\PhotographedSpot;
use Core\Pigment\NearestHair;

/** A spot that was marked on a photograph, as it is kept: where, and the colour that was read there. */
final readonly class MarkedSpot
{
    /**
     * @param  ?array{x: float, y: float}  $white  where a white was marked
     * @param  string  $level  what somebody would call it, as of the day it was marked: to find it takes a moment
     * @param  list<string>  $tone  families, strongest first
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $radius,
        public ?array $white,
        public PhotographedSpot $seen,
        public string $level,
        public array $tone,
    ) {
    }

    /** @param  ?array{x: float, y: float}  $white */
    public static function read(float $x, float $y, float $radius, ?array $white, PhotographedSpot $seen): self
    {
        $called = NearestHair::to($seen->colour);

        return new self(
            x: $x,
            y: $y,
            radius: $radius,
            white: $white,
            seen: $seen,
            level: $called->level->decimal(1),
            tone: array_column($called->families, 'value'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $colour = $this->seen->colour;

        return [
            'x' => $this->x, 'y' => $this->y, 'radius' => $this->radius, 'white' => $this->white,
            'lab' => [
                round($colour->lightness, 2),
                round($colour->a, 2),
                round($colour->b, 2),
            ], 'scatter' => round($this->seen->scatter, 2),
            'level' => $this->level, 'tone' => $this->tone,
        ];
    }

    /** @param  mixed  $kept  what toArray wrote; null where nothing was marked */
    public static function from(mixed $kept): ?self
    {
        if (! is_array($kept) || ! is_array($kept['lab'] ?? null) || count($kept['lab']) !== 3) {
            return null;
        }
        [$lightness, $a, $b] = array_map(self::number(...), array_values($kept['lab']));
        $white = is_array($kept['white'] ?? null)
            ? ['x' => self::number($kept['white']['x'] ?? 0), 'y' => self::number($kept['white']['y'] ?? 0)]
            : null;

        return new self(
            x: self::number($kept['x'] ?? 0),
            y: self::number($kept['y'] ?? 0),
            radius: self::number($kept['radius'] ?? 0),
            white: $white,
            seen: PhotographedSpot::kept(
                new Lab($lightness, $a, $b),
                self::number($kept['scatter'] ?? 0),
                $white !== null,
            ),
            level: is_string($kept['level'] ?? null) ? $kept['level'] : '',
            tone: array_values(array_filter(is_array($kept['tone'] ?? null) ? $kept['tone'] : [], is_string(...))),
        );
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }
}

<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** A bowl's colour as dye: for which level it is dosed, of which families, how much of it is thinned with clear. */
final readonly class Shade
{
    /**
     * Of a shade with a tone, what is its tone; the rest is the natural base that carries its level (our own model).
     */
    private const TONE = [
        'ash' => 0.35, 'matte' => 0.35, 'violet' => 0.35, 'pearl' => 0.3, 'beige' => 0.4, 'gold' => 0.3,
        'copper' => 0.55,
        'mahogany' => 0.6, 'red' => 0.58, 'brown' => 0.6,
    ];

    /**
     * @param  ?float  $level  null for boosters, direct dyes without one, clear
     * @param  array<string, float>  $shares  by tone family, together 1; empty for clear
     * @param  float  $strength  0 to 1: pigment in the colour part
     */
    private function __construct(public ?float $level, public array $shares, public float $strength)
    {
    }

    public static function of(?Fraction $level, ToneMix $tone, Fraction $strength): self
    {
        return new self($level === null ? null : Real::of($level), self::shares($tone), Real::of($strength));
    }

    /**
     * Several in one bowl: levels by what carries one, tones by what carries tone, clear thins.
     *
     * @param  non-empty-list<array{self, int}>  $parts  each with its weight
     */
    public static function mixed(array $parts): self
    {
        $whole = $leveled = $level = $strength = 0.0;
        $shares = [];
        foreach ($parts as [$shade, $weight]) {
            $whole += $weight;
            $strength += $weight * $shade->strength;
            if ($shade->level !== null) {
                $leveled += $weight;
                $level += $weight * $shade->level;
            }
            foreach ($shade->shares as $family => $share) {
                $shares[$family] = ($shares[$family] ?? 0.0) + $weight * $shade->strength * $share;
            }
        }
        $toned = array_sum($shares);

        return new self(
            $leveled > 0 ? $level / $leveled : null,
            $toned > 0 ? array_map(static fn (float $each): float => $each / $toned, $shares) : [],
            $whole > 0 ? min(1.0, $strength / $whole) : 0.0,
        );
    }

    /** How much of it is natural, 0 to 1. */
    public function natural(): float
    {
        return $this->strength * ($this->shares[ToneFamily::Natural->value] ?? 0.0);
    }

    /** @return array<string, float> by tone family, together 1; empty for no tone */
    public static function shares(ToneMix $tone): array
    {
        return array_map(static fn (Fraction $share): float => Real::of($share), $tone->shares());
    }

    /** @return array<string, float> base and tone together, by tone family */
    public function body(): array
    {
        return self::bodyOf($this->shares);
    }

    /**
     * @param  array<string, float>  $shares  by tone family, together 1
     * @return array<string, float>
     */
    public static function bodyOf(array $shares): array
    {
        $body = [];
        foreach ($shares as $family => $share) {
            $body[$family] = $share * (self::TONE[$family] ?? 0.0);
        }
        $body[ToneFamily::Natural->value] = 0.0;
        $body[ToneFamily::Natural->value] = max(0.0, 1 - array_sum($body));

        return $body;
    }
}

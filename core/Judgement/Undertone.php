<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * The warm pigment that lies bare when hair is lifted to a level, and what softens it
 * (common practice, no source: violet–yellow, blue–orange, green–red, blue-violet–yellow-orange).
 */
final readonly class Undertone
{
    private function __construct(
        public string $name,
        public ToneMix $tone,
        public ToneMix $neutraliser,
        /** 0 to 1: how strongly it shows, weaker the lighter (our own model) */
        public Fraction $strength,
    ) {
    }

    public static function at(Fraction $level): self
    {
        $nearest = max(1, min(10, $level->isNegative() ? 1 : $level->rounded(1, Rounding::HalfUp)));
        [$name, $tone, $neutraliser] = self::bare($nearest);

        return new self($name, self::mix($tone), self::mix($neutraliser), Fraction::of(12 - $nearest, 11));
    }

    /**
     * @param  int  $level  1 to 10
     * @return array{string, array<string, int>, array<string, int>} name, its tone families in parts, and the families
     *     that neutralise it in parts
     */
    private static function bare(int $level): array
    {
        return match ($level) {
            1, 2 => ['dark red-brown', ['red' => 1, 'brown' => 1], ['matte' => 1]],
            3 => ['red-brown', ['red' => 2, 'brown' => 1], ['matte' => 1]],
            4 => ['red', ['red' => 1], ['matte' => 1]],
            5 => ['red-orange', ['red' => 1, 'copper' => 1], ['matte' => 1, 'ash' => 1]],
            6 => ['orange', ['copper' => 1], ['ash' => 1]],
            7 => ['orange-gold', ['copper' => 1, 'gold' => 1], ['ash' => 1, 'violet' => 1]],
            8 => ['gold', ['gold' => 1], ['violet' => 2, 'ash' => 1]],
            9 => ['yellow', ['gold' => 1], ['violet' => 1]],
            default => ['pale yellow', ['gold' => 1], ['violet' => 1]],
        };
    }

    /** @param  array<string, int>  $parts */
    private static function mix(array $parts): ToneMix
    {
        $weighted = [];
        foreach ($parts as $family => $weight) {
            $weighted[] = [ToneMix::only(ToneFamily::from($family)), Fraction::of($weight)];
        }

        return ToneMix::mean($weighted);
    }
}

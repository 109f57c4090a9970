<?php

declare(strict_types=1);

namespace Core\Units;

/** The smallest step a salon's scale shows. Plans are rounded to it, so that every target can be hit. */
enum ScaleStep: int
{
    case TenthGram = 10;
    case HalfGram = 50;
    case WholeGram = 100;

    public function centigrams(): int
    {
        return $this->value;
    }

    public function decimals(): int
    {
        return $this === self::WholeGram ? 0 : 1;
    }

    public function show(): string
    {
        return match ($this) {
            self::TenthGram => '0.1 g',
            self::HalfGram => '0.5 g',
            self::WholeGram => '1 g',
        };
    }
}

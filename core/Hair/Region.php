<?php

declare(strict_types=1);

namespace Core\Hair;

enum Region: string
{
    case Hairline = 'hairline';
    case Fringe = 'fringe';
    case Top = 'top';
    case Crown = 'crown';
    case Left = 'left';
    case Right = 'right';
    case Back = 'back';
    case Nape = 'nape';
    case Underlayer = 'underlayer';

    public function label(): string
    {
        return match ($this) {
            self::Left => 'left side',
            self::Right => 'right side',
            default => $this->value,
        };
    }

    /** What part of the head's hair grows here, in hundredths; together 100 (our own model). */
    public function hundredths(): int
    {
        return match ($this) {
            self::Hairline => 5,
            self::Fringe => 8,
            self::Top, self::Crown => 14,
            self::Left, self::Right => 13,
            self::Back => 17,
            self::Nape => 9,
            self::Underlayer => 7,
        };
    }
}

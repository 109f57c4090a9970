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
}

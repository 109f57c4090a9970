<?php

declare(strict_types=1);

namespace Core\Practice;

/** Where in the work a house rule bites; the order is the order of work. */
enum RuleGroup: string
{
    case Safety = 'safety';
    case Judging = 'judging';
    case Amounts = 'amounts';
    case Weighing = 'weighing';
    case Time = 'time';

    public function words(): string
    {
        return match ($this) {
            self::Safety => 'Skin and hair',
            self::Judging => 'Judging colour',
            self::Amounts => 'How much to mix',
            self::Weighing => 'Weighing',
            self::Time => 'Time',
        };
    }
}

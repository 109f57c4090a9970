<?php

declare(strict_types=1);

namespace App\Enums;

enum Role: string
{
    case Owner = 'owner';
    case Colourist = 'colourist';
    case Assistant = 'assistant';

    /** Who may plan, change and close visits. An assistant weighs what is planned. */
    public function formulates(): bool
    {
        return $this !== self::Assistant;
    }
}

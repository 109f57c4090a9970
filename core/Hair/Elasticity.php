<?php

declare(strict_types=1);

namespace Core\Hair;

/** How a wet strand behaves when it is stretched. */
enum Elasticity: string
{
    case Good = 'good';
    case Weak = 'weak';
    /** Stretches like gum: no more chemistry on it. */
    case Gum = 'gum';
}

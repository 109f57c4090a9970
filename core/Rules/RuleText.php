<?php

declare(strict_types=1);

namespace Core\Rules;

/** A house rule as it is shown where it bites: what is set, what else could be, and why anybody would. */
final readonly class RuleText
{
    /** @param  list<string>  $alternatives */
    public function __construct(
        public string $key,
        public string $label,
        public string $value,
        public string $default,
        public array $alternatives,
        public string $reason,
    ) {
    }
}

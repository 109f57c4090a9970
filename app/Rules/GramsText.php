<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Say;
use Closure;
use Core\CoreException;
use Core\Units\MassReading;
use Illuminate\Contracts\Validation\ValidationRule;

/** An amount as people type it; the core's own reader decides. */
final readonly class GramsText implements ValidationRule
{
    public function __construct(private MassReading $reading)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $this->reading->read(is_string($value) ? $value : '');
        } catch (CoreException $refusal) {
            $fail(Say::refusal($refusal).' '.Say::mend($refusal->fact()));
        }
    }
}

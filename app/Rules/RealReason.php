<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Say;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A reason that somebody can read next year: at least ten letters in two words. What it says is for people to judge.
 */
final class RealReason implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $words = is_string($value) ? preg_split('/[^\p{L}\p{N}]+/u', $value, -1, PREG_SPLIT_NO_EMPTY) : false;
        if (
            $words === false
            || count($words) < 2
            || mb_strlen(implode('', $words)) < 10
            || count(array_unique($words)) < 2
        ) {
            $fail(Say::plain('This is no reason yet: write in a few words who decided it, and on what grounds.'));
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Visit;
use App\Words\Say;
use Core\Practice\Schools;

/** House rules under which a visit was closed, where they are others today. */
final class RulesThen
{
    /** @return list<array{name: string, was: string, is: string}> */
    public static function of(Visit $visit): array
    {
        if ($visit->closed_at === null) {
            return [];
        }
        $now = [];
        foreach (Schools::texts($visit->colourist->salon->rules()) as $rule) {
            $now[$rule->label] = $rule->words();
        }
        $found = [];
        foreach (Schools::texts($visit->rules()) as $rule) {
            if (($now[$rule->label] ?? '') !== $rule->words()) {
                $found[] = [
                    'name' => Say::name($rule->label),
                    'was' => Say::name($rule->words()),
                    'is' => Say::name($now[$rule->label] ?? ''),
                ];
            }
        }

        return $found;
    }
}

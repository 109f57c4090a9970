<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use Core\Rules\RuleText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The house rules the answers rest on, each with its reason. */
final class RulesController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(array_map(fn (RuleText $rule): array => [
            'key' => $rule->key, 'label' => $rule->label, 'value' => $rule->value, 'default' => $rule->default,
            'alternatives' => $rule->alternatives, 'reason' => $rule->reason,
        ], $this->member($request)->salon->rules()->texts()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\House;

use App\Models\Salon;
use App\Models\TeamMember;
use App\Words\Say;
use Core\Practice\RuleGroup;
use Core\Practice\RuleOption;
use Core\Practice\Schools;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * The house: its rules in the order of work, each with its reason, and who works here.
 *
 * @property Salon $resource
 */
final class HouseResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $texts = Schools::texts($this->resource->rules());

        return [
            'name' => $this->resource->name,
            'timezone' => $this->resource->timezone,
            'version' => $this->resource->version,
            'groups' => array_map(fn (RuleGroup $group): array => [
                'key' => $group->value,
                'words' => Say::name($group->words()),
                'rules' => array_map(fn ($rule): array => [
                    'key' => $rule->key, 'label' => Say::name($rule->label), 'value' => $rule->value,
                    'words' => Say::name($rule->words()),
                    'standard' => $rule->default,
                    'standardWords' => Say::name($rule->standardWords()),
                    'unit' => Say::name($rule->unit),
                    'reason' => Say::name($rule->reason),
                    'options' => array_map(
                        fn (RuleOption $option): array => [
                            'value' => $option->value,
                            'words' => Say::name($option->words),
                        ],
                        $rule->options,
                    ),
                ], array_values(array_filter($texts, fn ($rule): bool => $rule->group === $group))),
            ], RuleGroup::cases()),
            'team' => array_values($this->resource->team()->whereNull('ended_at')
                ->orderBy('id')->get()
                ->map(fn (TeamMember $member): array => [
                    'name' => $member->name,
                    'initials' => $member->initials,
                    'role' => $member->role->value,
                    'licence' => $member->licence,
                ])->all()),
        ];
    }
}

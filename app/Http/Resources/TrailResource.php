<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\TeamMember;
use App\Sealed\Seal;
use App\Words\Say;
use Core\Practice\Schools;
use Spatie\Activitylog\Models\Activity;

/** One row of the log of changes: what was and what is, in words; null where nothing that a person wrote changed. */
final class TrailResource
{
    private const HIDDEN = [
        'id',
        'salon_id',
        'colour_line_id',
        'client_id',
        'visit_id',
        'round_id',
        'version',
        'learnt',
        'swatch',
        'practice_seed',
    ];

    private const LONGEST = 160;

    /** @return ?array<string, mixed> */
    public static function of(Activity $row, string $of): ?array
    {
        $properties = $row->properties?->toArray() ?? [];
        $new = is_array($properties['attributes'] ?? null) ? $properties['attributes'] : [];
        $old = is_array($properties['old'] ?? null) ? $properties['old'] : [];
        $changes = [];
        foreach ($row->event === 'updated' ? $new : [] as $name => $value) {
            if (! in_array($name, self::HIDDEN, true)) {
                array_push($changes, ...self::change((string) $name, $old[$name] ?? null, $value));
            }
        }
        if ($row->event === 'updated' && $changes === []) {
            return null;
        }

        return [
            'id' => $row->id,
            'at' => $row->created_at?->toIso8601String(),
            'by' => $row->causer instanceof TeamMember ? $row->causer->name : '',
            'of' => $of,
            'event' => (string) ($row->event ?? $row->description),
            'said' => in_array($row->event, ['created', 'updated', 'deleted'], true) ? '' : $row->description,
            'reason' => is_string($properties['reason'] ?? null) ? $properties['reason'] : '',
            'changes' => $changes,
        ];
    }

    /** @return list<array{name: string, was: string, is: string}> one, or one for each house rule */
    private static function change(string $name, mixed $was, mixed $is): array
    {
        if ($name !== 'house_rules') {
            return [
                [
                    'name' => str_replace('_', ' ', preg_replace('/_(cg|at|on|cents)$/', '', $name) ?? $name),
                    'was' => self::words($name, $was),
                    'is' => self::words($name, $is),
                ],
            ];
        }
        $texts = static function (mixed $rules): array {
            $found = [];
            foreach (Schools::texts(Schools::read(is_array($rules) ? $rules : [])) as $rule) {
                $found[Say::name($rule->label)] = Say::name($rule->words());
            }

            return $found;
        };
        [$before, $after] = [$texts($was), $texts($is)];
        $changes = [];
        foreach ($after as $label => $words) {
            if ($before[$label] !== $words) {
                $changes[] = ['name' => (string) $label, 'was' => (string) $before[$label], 'is' => (string) $words];
            }
        }

        return $changes;
    }

    private static function words(string $name, mixed $value): string
    {
        $text = match (true) {
            $value === null, $value === '', $value === [] => '',
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value) && str_ends_with($name, '_cg') => \Core\Units\Grams::ofCentigrams(max(0, $value))->text(),
            is_int($value) && str_ends_with($name, '_cents') => \Core\Units\Price::ofCents(max(0, $value))->show(),
            is_string($value) => resolve(Seal::class)->open($value),
            is_scalar($value) => (string) $value,
            default => (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        };

        return mb_strlen($text) > self::LONGEST ? mb_substr($text, 0, self::LONGEST).'…' : $text;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Enums\VisitStatus;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\TeamMember;
use App\Models\Visit;
use App\Words\Say;
use Spatie\Activitylog\Models\Activity;

/**
 * What was corrected of a visit after it was closed, oldest first: what stood there, what stands there, who, when and
 * why.
 */
final class AmendmentResource
{
    private const WORDS = [
        'service' => 'Service', 'note' => 'Note', 'verdict' => 'How it came out', 'outcome' => 'What came of it',
        'keep' => 'Keep', 'change' => 'Change next time', 'covering' => 'Covering', 'bright' => 'Bright',
        'next_on' => 'Next', 'results' => 'Results by zone',
    ];

    /** @return list<array{at: string, by: string, why: string, what: list<array{field: string, was: string, is: string}>}> */
    public static function of(Visit $visit): array
    {
        if ($visit->status !== VisitStatus::Closed || $visit->closed_at === null) {
            return [];
        }
        $bowls = $visit->rounds->flatMap(fn (Round $round) => $round->bowls)->keyBy('id');
        $found = Activity::query()
            ->with('causer')
            ->where('event', 'updated')
            ->where('created_at', '>=', $visit->closed_at)
            ->whereNotNull('properties->reason')
            ->where(fn ($query) => $query
                ->where(
                    fn ($one) => $one->where('subject_type', $visit->getMorphClass())->where('subject_id', $visit->id),
                )
                ->orWhere(
                    fn ($one) => $one->where(
                        'subject_type',
                        (new Bowl)->getMorphClass(),
                    )->whereIn('subject_id', $bowls->keys()),
                ))
            ->orderBy('id')->get();
        /** @var array<string, array{at: string, by: string, why: string, what: list<array{field: string, was: string, is: string}>}> $amendments */
        $amendments = [];
        foreach ($found as $activity) {
            $old = (array) ($activity->properties['old'] ?? []);
            $new = (array) ($activity->properties['attributes'] ?? []);
            $bowl = $bowls->get((string) $activity->subject_id);
            $what = $bowl === null
                ? self::visit($old, $new)
                : self::bowl(trim($bowl->letter), (array) ($old['sheet'] ?? []), (array) ($new['sheet'] ?? []));
            $by = $activity->causer instanceof TeamMember ? $activity->causer->name : '';
            $why = (string) ($activity->properties['reason'] ?? '');
            $at = (string) $activity->created_at?->toIso8601String();
            // One correction may be of the visit and of several of its bowls.
            $before = $amendments["{$at} {$by} {$why}"]['what'] ?? [];
            if ($what !== []) {
                $amendments["{$at} {$by} {$why}"] = [
                    'at' => $at,
                    'by' => $by,
                    'why' => $why,
                    'what' => [...$before, ...$what],
                ];
            }
        }

        return array_values($amendments);
    }

    /**
     * @param  array<mixed>  $old
     * @param  array<mixed>  $new
     * @return list<array{field: string, was: string, is: string}>
     */
    private static function visit(array $old, array $new): array
    {
        $what = [];
        foreach (self::WORDS as $column => $field) {
            if (array_key_exists($column, $new)) {
                $what[] = [
                    'field' => Say::name($field),
                    'was' => self::text($old[$column] ?? null),
                    'is' => self::text($new[$column]),
                ];
            }
        }

        return $what;
    }

    /**
     * @param  array<mixed>  $old
     * @param  array<mixed>  $new
     * @return list<array{field: string, was: string, is: string}>
     */
    private static function bowl(string $letter, array $old, array $new): array
    {
        $what = [];
        foreach (['minutes' => Say::plain('minutes'), 'note' => Say::plain('note')] as $member => $words) {
            $was = self::text($old[$member] ?? null);
            $is = self::text($new[$member] ?? null);
            if ($was !== $is) {
                $what[] = ['field' => "{$letter}, {$words}", 'was' => $was, 'is' => $is];
            }
        }

        return $what;
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_array($value) => implode('; ', array_map(self::zone(...), $value)),
            is_string($value) => preg_match('/^\d{4}-\d\d-\d\dT/', $value) === 1 ? substr($value, 0, 10) : $value,
            is_int($value) => (string) $value,
            default => '',
        };
    }

    private static function zone(mixed $result): string
    {
        return is_array($result)
            ? trim(
                ($result['zone'] ?? '').': level '.($result['level'] ?? '').' '.implode(
                    '-',
                    (array) ($result['tone'] ?? []),
                ).' '.($result['words'] ?? ''),
            )
            : self::text($result);
    }
}

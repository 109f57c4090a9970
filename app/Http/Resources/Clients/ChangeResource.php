<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Models\Client;
use App\Models\TeamMember;
use App\Sealed\Seal;
use Spatie\Activitylog\Models\Activity;

/** Who changed what about a client, newest first: old and new, when, and why where somebody had to say. */
final class ChangeResource
{
    private const MOST = 40;

    private const WORDS = [
        'name' => 'Name',
        'phone' => 'Phone',
        'email' => 'Mail',
        'contact_by' => 'Reached by',
        'about' => 'About',
        'cautions' => 'Cautions',
        'born_on' => 'Born on',
        'training' => 'Practice head',
    ];

    /**
     * @return list<array{at: string, by: string, reason: string, what: list<array{field: string, was: string, is: string}>}>
     */
    public static function of(Client $client): array
    {
        $found = Activity::query()->with('causer')->where(
            'subject_type',
            $client->getMorphClass(),
        )->where('subject_id', (string) $client->id)
            ->where('event', 'updated')->orderByDesc('id')->limit(self::MOST)->get();

        return array_values($found->map(fn (Activity $activity): array => [
            'at' => (string) $activity->created_at?->toIso8601String(),
            'by' => $activity->causer instanceof TeamMember ? $activity->causer->name : '',
            'reason' => (string) ($activity->properties['reason'] ?? ''),
            'what' => self::what(
                (array) ($activity->properties['old'] ?? []),
                (array) ($activity->properties['attributes'] ?? []),
            ),
        ])->filter(fn (array $change): bool => $change['what'] !== [])->all());
    }

    /**
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     * @return list<array{field: string, was: string, is: string}>
     */
    private static function what(array $old, array $new): array
    {
        $what = [];
        foreach (self::WORDS as $field => $words) {
            if (array_key_exists($field, $new)) {
                $what[] = [
                    'field' => $words,
                    'was' => self::text($field, $old[$field] ?? null),
                    'is' => self::text($field, $new[$field]),
                ];
            }
        }

        return $what;
    }

    private static function text(string $field, mixed $value): string
    {
        return match (true) {
            $field === 'training' => $value === true || $value === 1 ? 'yes' : 'no',
            $field === 'born_on' && is_string($value) => substr($value, 0, 10),
            default => is_string($value) ? resolve(Seal::class)->open($value) : '',
        };
    }
}

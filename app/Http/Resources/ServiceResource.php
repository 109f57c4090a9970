<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\ServiceTemplate;
use App\Models\Visit;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A service of the house with what it is made of.
 *
 * @property ServiceTemplate $resource
 */
final class ServiceResource extends JsonResource
{
    /**
     * How often a service is done is told of so many visits, the latest: of some years in a salon, of some weeks in a
     * group of them.
     */
    private const LATEST = 20_000;

    /** @return list<array<string, mixed>> by name */
    public static function ofSalon(int $salon): array
    {
        $latest = Visit::query()
            ->toBase()
            ->where('salon_id', $salon)
            ->orderByDesc('starts_at')
            ->limit(self::LATEST)
            ->select('service', 'starts_at', 'status');
        $used = Visit::query()->toBase()->fromSub($latest, 'latest')->where('status', '!=', 'ended')->groupBy('service')
            ->selectRaw('service, COUNT(*) AS visits, MAX(starts_at) AS latest')->get()->keyBy('service');

        return array_values(ServiceTemplate::query()->where('salon_id', $salon)
            ->orderBy('name')->get()
            ->map(fn (ServiceTemplate $each): array => [
                ...(new self($each))->toArray(),
                'visits' => (int) ($used->get($each->name)->visits ?? 0),
            ])->all());
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        $rounds = array_map(static fn (array $round): array => [
            'name' => $round['name'],
            'bowls' => array_map(static fn (array $bowl): array => [
                'letter' => trim((string) ($bowl['sheet']['letter'] ?? '')),
                'job' => (string) ($bowl['sheet']['job'] ?? ''),
                'minutes' => (string) ($bowl['sheet']['minutes'] ?? ''),
                'amount' => (string) ($bowl['sheet']['amount']['grams'] ?? ''),
            ], $round['bowls']),
        ], $this->resource->rounds);

        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'since' => $this->resource->updated_at?->toIso8601String(),
            'bowls' => array_merge(...array_map(static fn (array $round): array => array_map(
                static fn (array $bowl): string => trim("{$bowl['letter']} {$bowl['job']}"),
                $round['bowls'],
            ), $rounds)),
            'rounds' => $rounds,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Observation;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Judgement\Learnt;
use Core\Judgement\Observed;
use Core\Shelf\LineKind;
use Core\Units\Fraction;

/** What the closed visits before a moment teach about a client's head: sums of the house, and the client's own. */
final class LearntRows
{
    private const WHAT = ['lift', 'deeper', 'warmer', 'redder'];

    /** Of the house's visits the latest: so many say all that more could, and it follows the house as that changes. */
    private const HOUSE_MOST = 2_000;

    /** @var array<string, Learnt> by client and moment; one request asks often */
    private array $loaded = [];

    /** A training head teaches nothing about a person, and learns nothing from one. */
    public function before(Visit $visit): Learnt
    {
        return $visit->client->training
            ? new Learnt
            : $this->of($visit->salon_id, $visit->client_id, $visit->starts_at);
    }

    /** Without the client's own visits. */
    public function houseBefore(Visit $visit): Learnt
    {
        return new Learnt([], $this->house($visit->salon_id, $visit->client_id, $visit->starts_at));
    }

    public function of(int $salon, int $client, CarbonImmutable $moment): Learnt
    {
        return $this->loaded["{$client} {$moment->getTimestamp()}"] ??= new Learnt(
            $this->own($client, $moment),
            $this->house($salon, $client, $moment),
        );
    }

    /** @return list<Observed> */
    private function own(int $client, CarbonImmutable $moment): array
    {
        $share = static fn (?int $hundredths): ?Fraction => $hundredths === null
            ? null
            : Fraction::of($hundredths, 100);

        return array_values(Observation::query()->where('client_id', $client)->where('seen_at', '<', $moment)
            ->orderByDesc('seen_at')->limit(40)->get()
            ->map(static fn (Observation $row): Observed => new Observed(
                kind: LineKind::from($row->kind),
                line: "line-{$row->colour_line_id}",
                said: $row->lift_hundredths === null ? null : Fraction::one(),
                lifted: $share($row->lift_hundredths),
                deeper: $share($row->deeper_hundredths),
                warmer: $share($row->warmer_hundredths),
                redder: $share($row->redder_hundredths),
                alike: $row->alike,
            ))->all());
    }

    /** @return array<string, array<string, array<string, array{count: int, sum: Fraction}>>> */
    private function house(int $salon, int $client, CarbonImmutable $moment): array
    {
        $columns = array_merge(...array_map(static fn (string $what): array => [
            "COUNT({$what}_hundredths) AS {$what}_count",
            "COALESCE(SUM({$what}_hundredths), 0) AS {$what}_sum",
        ], self::WHAT));
        $found = [];
        $latest = Observation::query()->toBase()->where('salon_id', $salon)->where('client_id', '!=', $client)
            ->where('seen_at', '<', $moment)->orderByDesc('seen_at')->orderByDesc('id')->limit(self::HOUSE_MOST);
        $rows = Observation::query()->toBase()->fromSub($latest, 'latest')->groupBy('colour_line_id', 'alike')
            ->selectRaw('colour_line_id, alike, '.implode(', ', $columns))->get();
        foreach ($rows as $row) {
            $values = (array) $row;
            foreach (self::WHAT as $what) {
                $alike = is_string($values['alike'] ?? null) ? $values['alike'] : '';
                $found['line-'.self::number($values['colour_line_id'] ?? 0)][$alike][$what] = [
                    'count' => self::number($values["{$what}_count"] ?? 0),
                    'sum' => Fraction::of(self::number($values["{$what}_sum"] ?? 0), 100),
                ];
            }
        }

        return $found;
    }

    private static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}

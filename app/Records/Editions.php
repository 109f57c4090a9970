<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Edition;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Core\Practice\HouseRules;
use Core\Practice\Schools;

/**
 * What the house was at a moment: a line's rules, a shade's level, the rules of the house. Whoever changes one of them
 * keeps what it was; a closed visit is read with what stood when it closed. One a request.
 */
final class Editions
{
    /** @var array<int, list<Edition>> by salon id, in the order in which they ended */
    private array $loaded = [];

    /** @param  array<string, mixed>  $was */
    public function keep(Salon $salon, string $subject, array $was): void
    {
        Edition::query()->create([
            'salon_id' => $salon->id,
            'subject' => $subject,
            'until' => CarbonImmutable::now(),
            'was' => $was,
        ]);
        unset($this->loaded[$salon->id]);
    }

    /** @return array<string, array<string, mixed>> by subject: what stood at the moment, where it is another now */
    public function at(Salon $salon, ?CarbonImmutable $moment): array
    {
        $was = [];
        foreach ($this->since($salon, $moment) as $edition) {
            $was[$edition->subject] ??= $edition->was;
        }

        return $was;
    }

    /** The same for all moments between which nothing changed. */
    public function key(Salon $salon, ?CarbonImmutable $moment): int
    {
        return ($this->since($salon, $moment)[0] ?? null)->id ?? 0;
    }

    public function rules(Salon $salon, ?CarbonImmutable $moment): HouseRules
    {
        $was = $this->at($salon, $moment)['house'] ?? null;

        return $was === null ? $salon->rules() : Schools::read((array) ($was['house_rules'] ?? []));
    }

    /** @return list<Edition> that ended after the moment */
    private function since(Salon $salon, ?CarbonImmutable $moment): array
    {
        return $moment === null ? [] : array_values(array_filter(
            $this->of($salon),
            static fn (Edition $edition): bool => $edition->until->greaterThan($moment),
        ));
    }

    /** @return list<Edition> */
    private function of(Salon $salon): array
    {
        return $this->loaded[$salon->id] ??= array_values(
            Edition::query()->where('salon_id', $salon->id)->orderBy('until')->orderBy('id')->get()->all(),
        );
    }
}

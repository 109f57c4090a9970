<?php

declare(strict_types=1);

namespace App\Formulas;

use Core\Shelf\Legend;
use Core\Shelf\LiftTable;
use Core\Shelf\LineKind;
use Core\Shelf\PartRole;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * A line's legend column and the core's legend:
 * {"notation": "letters"|"digits", "tones": {"N": {"natural": 1}, …}, "lift": {"20": "1.5", …}}.
 */
final class LegendJson
{
    /** @param  array<string, mixed>  $json */
    public static function legend(array $json): Legend
    {
        $tones = [];
        foreach ($json['tones'] ?? [] as $key => $families) {
            $weighted = [];
            foreach ($families as $family => $weight) {
                $weighted[] = [ToneMix::only(ToneFamily::from($family)), Fraction::parse((string) $weight)];
            }
            $tones[(string) $key] = ToneMix::mean($weighted);
        }

        return ($json['notation'] ?? 'letters') === 'digits' ? Legend::digits($tones) : Legend::letters($tones);
    }

    /**
     * What each part of the line's ratio is, as the maker prints it; the usual order where nothing is said.
     *
     * @param  array<string, mixed>  $json
     * @return list<PartRole>
     */
    public static function order(array $json): array
    {
        $order = array_map(
            fn (mixed $role): ?PartRole => is_string($role) ? PartRole::tryFrom($role) : null,
            array_values((array) ($json['order'] ?? [])),
        );
        $known = array_values(array_filter($order));

        return $known === [] || count($known) !== count($order) || $known[0] !== PartRole::Colour
            ? PartRole::USUAL
            : $known;
    }

    /** @param  array<string, mixed>  $json */
    public static function lift(array $json, LineKind $kind): LiftTable
    {
        $levels = [];
        foreach ($json['lift'] ?? [] as $volume => $lift) {
            $levels[(int) $volume] = Fraction::parse((string) $lift);
        }

        return $levels === [] ? LiftTable::standard($kind) : LiftTable::of($levels);
    }
}

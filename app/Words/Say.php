<?php

declare(strict_types=1);

namespace App\Words;

use App\Enums\Language;
use Carbon\CarbonImmutable;
use Core\CoreException;
use Core\Fact;
use Core\Judgement\Caution;

/** What the core says, in the language of whoever asked. Nothing else in the application words it. */
final class Say
{
    public static function words(Fact $fact): string
    {
        return self::catalogue()->words($fact);
    }

    public static function mend(Fact $fact): string
    {
        return self::catalogue()->mend($fact);
    }

    /**
     * @param  list<Fact>  $facts
     * @return list<string>
     */
    public static function all(array $facts): array
    {
        return self::catalogue()->all($facts);
    }

    /** Of what is said by the core, or was written by a person. */
    public static function either(Fact|string $said): string
    {
        return $said instanceof Fact ? self::words($said) : $said;
    }

    /** What the core names in English, such as a region, a tone or a house rule. */
    public static function name(string $said): string
    {
        return self::catalogue()->name($said);
    }

    /** The same, around what a person wrote into it, which stays as they wrote it. */
    public static function nameAround(string $said, string ...$written): string
    {
        $written = array_filter(array_map(trim(...), $written), static fn (string $each): bool => $each !== '');
        if ($written === []) {
            return self::name($said);
        }
        $parts = preg_split(
            '/('.implode('|', array_map(static fn (string $each): string => preg_quote($each, '/'), $written)).')/u',
            $said,
            -1,
            PREG_SPLIT_DELIM_CAPTURE,
        ) ?: [$said];

        return implode(
            '',
            array_map(
                static fn (int $at): string => $at % 2 === 0 ? self::name($parts[$at]) : $parts[$at],
                array_keys($parts),
            ),
        );
    }

    /**
     * What the application itself says in English, in the language of whoever asked: lang/<language>.json.
     *
     * @param  array<string, string>  $values
     */
    public static function plain(string $english, array $values = []): string
    {
        $said = trans($english, $values);

        return is_string($said) ? $said : $english;
    }

    /** A day as this language writes it: Friday 27 November, or sexta-feira, 27 de novembro. */
    public static function day(CarbonImmutable $moment, bool $year = false): string
    {
        $comma = Language::tryFrom(app()->getLocale())?->writesComma() === true;

        return $moment->translatedFormat($year
            ? ($comma ? 'j \d\e F \d\e Y' : 'j F Y')
            : ($comma ? 'l, j \d\e F' : 'l j F'));
    }

    /** What a refusal says is wrong. */
    public static function refusal(CoreException $refusal): string
    {
        return self::words($refusal->fact());
    }

    /** @return array{key: string, reason: string, mend: string, asks: bool, zones: list<string>} */
    public static function caution(Caution $caution): array
    {
        return [
            'key' => $caution->key,
            'reason' => self::words($caution->fact),
            'mend' => self::mend($caution->fact),
            'asks' => $caution->asks(),
            'zones' => $caution->zones,
        ];
    }

    private static function catalogue(): Catalogue
    {
        return resolve(Catalogue::class);
    }
}

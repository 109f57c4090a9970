<?php

declare(strict_types=1);

namespace App\Words;

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

<?php

declare(strict_types=1);

namespace Ops\Map;

use Core\Practice\Number;
use ReflectionClass;
use ReflectionClassConstant;

/** The table of every number that the product judges by: its name, value, unit, mark, and who may say otherwise. */
final class Numbers
{
    public static function table(string $core): string
    {
        $rows = array_map(static fn (Number $number): string => implode(' | ', [
            "`{$number->value}`",
            $number->value()->decimal(3),
            $number->unit(),
            $number->mark()->value,
            $number->override()->value,
            $number->says(),
        ]), Number::cases());

        return "# The numbers Tinta judges by\n\nDrawn from the code by `./tinta map`; a test fails when it is out of date. "
            ."*published*: a standard or a constant; *practice*: common practice, no source; *model*: our own choice.\n\n"
            ."## Of the trade (`Core\\Practice\\Number`)\n\n| name | value | unit | mark | who may say otherwise | what it says |\n|---|---|---|---|---|---|\n| "
            .implode(" |\n| ", $rows)." |\n\n"
            ."## Of pigments and light (`Core\\Pigment`)\n\nOur own model, but for what names its source. Nobody overrides them: closed visits move what they lead to.\n\n"
            ."| name | value | what it says |\n|---|---|---|\n| ".implode(" |\n| ", self::pigments($core))." |\n";
    }

    /** @return list<string> */
    private static function pigments(string $core): array
    {
        $rows = [];
        foreach (glob("{$core}/Pigment/*.php") ?: [] as $file) {
            $class = 'Core\\Pigment\\'.basename($file, '.php');
            if (! class_exists($class) && ! enum_exists($class)) {
                continue;
            }
            $said = '';
            foreach ((new ReflectionClass($class))->getReflectionConstants() as $constant) {
                $value = $constant->getValue();
                if (! is_int($value) && ! is_float($value) && ! is_array($value)) {
                    continue;
                }
                $words = self::words($constant);
                // A second line of one thought stands under the words of the first.
                $said = $words === '' ? $said : $words;
                $rows[] = implode(' | ', [
                    '`'.basename($file, '.php').'::'.$constant->getName().'`',
                    is_array($value) ? 'a table, in the code' : (string) $value,
                    $said,
                ]);
            }
        }

        return $rows;
    }

    private static function words(ReflectionClassConstant $constant): string
    {
        $comment = (string) $constant->getDocComment();
        $plain = preg_replace(['/^\/\*\*|\*\/$/', '/^\s*\*\s?/m', '/@\w+.*/s', '/\s+/'], ['', '', '', ' '], $comment);

        return str_replace('|', '/', trim((string) $plain));
    }
}

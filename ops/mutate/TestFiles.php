<?php

declare(strict_types=1);

namespace Ops\Mutate;

/** The files that some tests stand in, and those whose functions they use: all that has to be loaded to run them. */
final readonly class TestFiles
{
    /**
     * @param  list<string>  $tests  names, each after its class
     * @return list<string> paths under the root
     */
    public static function of(string $root, array $tests): array
    {
        $text = $made = [];
        foreach (glob("{$root}/tests/Core/*/*Test.php") ?: [] as $path) {
            $file = substr($path, strlen($root) + 1);
            $text[$file] = (string) file_get_contents($path);
            preg_match_all('/^function (\w+)\(/m', $text[$file], $found);
            $made += array_fill_keys($found[1], $file);
        }
        $wanted = array_values(array_unique(array_map(self::holding(...), $tests)));
        for ($at = 0; $at < count($wanted); $at++) {
            preg_match_all('/\b(\w+)\(/', $text[$wanted[$at]], $used);
            $needed = array_intersect_key($made, array_flip($used[1]));
            $wanted = array_values(array_unique([...$wanted, ...array_values($needed)]));
        }
        // In the order in which Pest loads them all: some use another's functions as they are loaded.
        sort($wanted);

        return $wanted;
    }

    /** The file a test stands in, by its name. */
    public static function holding(string $test): string
    {
        return str_replace(['P\\Tests\\', '\\'], ['tests/', '/'], strtok($test, ':') ?: '').'.php';
    }
}

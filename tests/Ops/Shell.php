<?php

declare(strict_types=1);

namespace Tests\Ops;

/** The words of ./tinta, said one by one to the instance the tests run on. */
final class Shell
{
    /** The instance whose database may be stopped, and whose record may be put back. */
    public static function instance(): string
    {
        return getenv('TINTA_TEST_INSTANCE') ?: 'test';
    }

    /** @return array{int, string} exit status and all that was said */
    public static function run(string $words): array
    {
        $root = dirname(__DIR__, 2);
        $script = 'set -euo pipefail; ROOT='.escapeshellarg($root).'; CALLER=$ROOT; cd "$ROOT"; COMMAND=test;'
                .'for part in say install owner instance cluster supervise database record web build; do source "ops/$part.sh"; done; use_instance '.self::instance().'; MIGRATIONS=$ROOT/database/migrations;'
                .$words;
        exec('bash -c '.escapeshellarg($script).' 2>&1', $said, $status);

        return [$status, implode("\n", $said)];
    }

    /** What a word of ./tinta answers; it must succeed. */
    public static function say(string $words): string
    {
        [$status, $said] = self::run($words);
        \PHPUnit\Framework\Assert::assertSame(0, $status, $said);

        return $said;
    }

    /** @return array<string, string> the checksum of every table of a database, by name */
    public static function tables(string $database): array
    {
        $found = [];
        $said = self::say(
            "sql root -N {$database} -e \"SELECT table_name FROM information_schema.tables WHERE table_schema = '{$database}'\" | while read -r table; do sql root -N {$database} -e \"CHECKSUM TABLE \\`\$table\\`\"; done",
        );
        foreach (explode("\n", trim($said)) as $line) {
            [$table, $sum] = explode("\t", $line);
            $found[substr((string) strrchr($table, '.'), 1)] = $sum;
        }
        ksort($found);

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Ops\Mutate;

/** A trial in a process begun anew: for a class that the tests load as they are built, before any of them runs. */
final readonly class TrialApart
{
    public function __construct(private string $root)
    {
    }

    /** @param  array<string, float>  $tests  seconds by test, in the order to run them */
    public function of(string $class, string $changed, array $tests): Verdict
    {
        if ($tests === []) {
            return Verdict::Uncovered;
        }
        $tests = Trial::affordable($class, $tests);
        $asked = (string) tempnam("{$this->root}/var", 'mutate');
        file_put_contents($asked, serialize([$class, $changed, $tests]));
        $until = (int) (8 + Trial::PATIENCE * array_sum($tests));
        $php = [
            PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M',
            '-d', "opcache.file_cache={$this->root}/var/opcache-mutate",
            "{$this->root}/ops/mutate.php", 'alone', $asked,
        ];
        exec("timeout {$until} ".implode(' ', array_map(escapeshellarg(...), $php)).' 2>&1', $said, $status);
        unlink($asked);

        return match ($status) {
            0 => Verdict::Unnoticed,
            124, 128 + SIGALRM => Verdict::Endless,
            default => Verdict::Noticed,
        };
    }
}

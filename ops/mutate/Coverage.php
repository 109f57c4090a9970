<?php

declare(strict_types=1);

namespace Ops\Mutate;

use PHPUnit\Framework\TestCase;

/** Which test runs which line of the core, and how long each test takes. */
final readonly class Coverage
{
    /**
     * @param  array<string, float>  $seconds  by test
     * @param  array<string, array<int, list<int>>>  $lines  places in the list of tests, by file under the root and by line
     */
    private function __construct(private array $seconds, private array $lines)
    {
    }

    /**
     * Runs the tests once under the coverage driver (needs pcov); a file of tests that was recorded as it is is not run again.
     *
     * @param  array<string, TestCase>  $cases
     */
    public static function record(array $cases, string $root, int $processors): void
    {
        $folder = "{$root}/var/mutate-lines";
        is_dir($folder) || mkdir($folder, recursive: true);
        $core = self::sum([...glob("{$root}/core/*/*.php") ?: [], "{$root}/tests/Pest.php", ...glob("{$root}/tests/Core/*.php") ?: []]);
        $files = [];
        foreach ($cases as $name => $case) {
            $test = TestFiles::holding($name);
            $files[$test] ??= ['kept' => $folder.'/'.hash('xxh3', $core.self::sum(["{$root}/{$test}"]).$test), 'cases' => []];
            $files[$test]['cases'][$name] = $case;
        }
        foreach (array_diff(glob("{$folder}/*") ?: [], array_column($files, 'kept')) as $stale) {
            unlink($stale);
        }
        $new = array_values(array_filter($files, static fn (array $file): bool => ! is_file($file['kept'])));
        Forks::each($new, $processors, static fn (array $file): bool => self::keep($file['kept'], self::ran($file['cases'], $root)), static function (): void {
        });
    }

    /** @param  list<string>  $files */
    private static function sum(array $files): string
    {
        return hash('xxh3', implode(' ', array_map(static fn (string $file): string => (string) hash_file('xxh3', $file), $files)));
    }

    /** @param  array{array<string, float>, array<string, array<int, list<int>>>}  $ran */
    private static function keep(string $path, array $ran): bool
    {
        return file_put_contents("{$path}.new", serialize($ran)) !== false && rename("{$path}.new", $path);
    }

    /**
     * @param  array<string, TestCase>  $cases
     * @return array{array<string, float>, array<string, array<int, list<int>>>} seconds by test, places of tests by file and line
     */
    private static function ran(array $cases, string $root): array
    {
        $seconds = $lines = [];
        foreach ($cases as $name => $case) {
            \pcov\clear();
            \pcov\start();
            $began = hrtime(true);
            $case->run();
            $took = (hrtime(true) - $began) / 1e9;
            \pcov\stop();
            if ($case->status()->isFailure() || $case->status()->isError()) {
                fwrite(STDERR, "{$name} fails before anything is changed: {$case->status()->message()}\n");

                continue;
            }
            $place = count($seconds);
            $seconds[$name] = $took;
            foreach (self::lines($root) as $file => $run) {
                foreach ($run as $line) {
                    $lines[$file][$line][] = $place;
                }
            }
        }

        return [$seconds, $lines];
    }

    /** @return array<string, list<int>> lines of the core that were run, by file under the root */
    private static function lines(string $root): array
    {
        $run = [];
        /** @var array<string, array<int, int>> $collected */
        $collected = \pcov\collect();
        foreach ($collected as $file => $hits) {
            if (str_starts_with($file, "{$root}/core/")) {
                $run[substr($file, strlen($root) + 1)] = array_keys(array_filter($hits, static fn (int $hit): bool => $hit > 0));
            }
        }

        return $run;
    }

    /**
     * The tests that run a stretch of a file; where none does (a constant has no line that is run), those that run any of it.
     *
     * @return array<string, float> seconds by test: the layer's own tests first, each the fastest first
     */
    public function tests(string $file, int $from, int $to): array
    {
        $lines = $this->lines[$file] ?? [];
        $hit = array_filter($lines, static fn (int $line): bool => $line >= $from && $line <= $to, ARRAY_FILTER_USE_KEY);
        $places = array_unique(array_merge(...array_values($hit === [] ? $lines : $hit)));
        $names = array_keys($this->seconds);
        $tests = [];
        foreach ($places as $place) {
            $tests[$names[$place]] = $this->seconds[$names[$place]];
        }
        $own = 'Tests\\Core\\'.basename(dirname($file)).'\\';
        uksort($tests, static fn (string $a, string $b): int => [! str_contains($a, $own), $tests[$a]] <=> [! str_contains($b, $own), $tests[$b]]);

        return $tests;
    }

    public static function kept(string $root): self
    {
        $seconds = $lines = [];
        foreach (glob("{$root}/var/mutate-lines/*") ?: [] as $path) {
            /** @var array{array<string, float>, array<string, array<int, list<int>>>} $kept */
            $kept = unserialize((string) file_get_contents($path), ['allowed_classes' => false]);
            $before = count($seconds);
            $seconds += $kept[0];
            foreach ($kept[1] as $file => $run) {
                foreach ($run as $line => $places) {
                    foreach ($places as $place) {
                        $lines[$file][$line][] = $before + $place;
                    }
                }
            }
        }

        return new self($seconds, $lines);
    }
}

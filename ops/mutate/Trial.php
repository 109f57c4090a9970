<?php

declare(strict_types=1);

namespace Ops\Mutate;

use Composer\Autoload\ClassLoader;
use PHPUnit\Framework\TestCase;

/**
 * One changed class against the tests that run the changed place, in a process of its own.
 *
 * The process is a fork of one that has everything loaded but the class: what a process needs to begin is paid once.
 */
final class Trial
{
    /** Seconds for tests of other layers: they were not written for this one, and a whole core runs through its floor. */
    private const ELSEWHERE = 1.5;

    /** A test that takes so many times what it took while it was recorded, and two seconds, is taken to run for ever. */
    public const PATIENCE = 3;

    /** @var array<string, true> tests that noticed another change of this class, the last one first: they are asked first */
    private array $sharp = [];

    /** @param  array<string, TestCase>  $cases */
    public function __construct(private readonly array $cases, private readonly ClassLoader $loader)
    {
    }

    /**
     * @param  class-string  $class  not loaded yet
     * @param  array<string, float>  $tests  seconds by test, in the order to run them
     */
    public function of(string $class, string $changed, array $tests): Verdict
    {
        if ($tests === []) {
            return Verdict::Uncovered;
        }
        $tests = self::affordable($class, $tests);
        $first = array_intersect_key($this->sharp, $tests);
        $tests = [...array_replace($first, array_intersect_key($tests, $first)), ...array_diff_key($tests, $first)];
        $child = pcntl_fork();
        if ($child === 0) {
            $this->run($class, $changed, $tests, self::note(getmypid() ?: 0));
        }
        pcntl_waitpid($child, $status);
        if (pcntl_wifsignaled($status) && pcntl_wtermsig($status) === SIGALRM) {
            return Verdict::Endless;
        }
        $by = self::note($child);
        if (is_file($by)) {
            $name = (string) file_get_contents($by);
            unlink($by);
            $this->sharp = [$name => true, ...array_diff_key($this->sharp, [$name => true])];
        }

        return pcntl_wifexited($status) && pcntl_wexitstatus($status) === 0 ? Verdict::Unnoticed : Verdict::Noticed;
    }

    /** Where the process of a trial says which test noticed. */
    private static function note(int $process): string
    {
        return sys_get_temp_dir()."/tinta-mutate-{$process}";
    }

    /**
     * The layer's own tests, and as many of the others as there is time for.
     *
     * @param  array<string, float>  $tests
     * @return array<string, float>
     */
    public static function affordable(string $class, array $tests): array
    {
        $own = '\\Core\\'.explode('\\', $class)[1].'\\';
        $elsewhere = 0.0;

        return array_filter($tests, static function (float $seconds, string $name) use ($own, &$elsewhere): bool {
            $elsewhere += str_contains($name, $own) ? 0 : $seconds;

            return $elsewhere <= self::ELSEWHERE;
        }, ARRAY_FILTER_USE_BOTH);
    }

    /**
     * @param  class-string  $class
     * @param  array<string, float>  $tests
     * @param  ?string  $note  where the one that notices is named; null where nobody reads it
     */
    public function run(string $class, string $changed, array $tests, ?string $note = null): never
    {
        ini_set('display_errors', '0');
        ini_set('memory_limit', '1G');
        ob_start(static fn (): string => '');
        $this->loader->addClassMap([$class => $changed]);
        $name = '';
        // A warning fails a test here, as it fails the run of the suite.
        set_error_handler(static function (int $severity) use (&$name, $note): bool {
            if ((error_reporting() & $severity) !== 0) {
                self::noticed($name, $note);
            }

            return false;
        }, E_WARNING | E_NOTICE | E_USER_WARNING | E_USER_NOTICE);
        foreach ($tests as $name => $seconds) {
            // Whoever runs into it dies of it: no code of the test's or of the changed class has to look at a clock.
            pcntl_alarm(2 + (int) ceil(self::PATIENCE * $seconds));
            $case = $this->cases[$name];
            $case->run();
            if ($case->status()->isFailure() || $case->status()->isError()) {
                self::noticed($name, $note);
            }
        }
        exit(0);
    }

    private static function noticed(string $name, ?string $note): never
    {
        $note === null || file_put_contents($note, $name);
        posix_kill(posix_getpid(), SIGKILL);
        exit(1);
    }
}

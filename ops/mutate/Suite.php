<?php

declare(strict_types=1);

namespace Ops\Mutate;

use Closure;
use Pest\Kernel;
use Pest\TestSuite as Pest;
use PHPUnit\Event\Facade;
use PHPUnit\Event\TestRunner\ExecutionStarted;
use PHPUnit\Event\TestRunner\ExecutionStartedSubscriber;
use PHPUnit\Framework\TestCase;
use PHPUnit\Framework\TestSuite;
use RuntimeException;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\NullOutput;
use Throwable;

/**
 * The core's tests as objects that can be run one by one, in a process that may be forked.
 *
 * Pest builds them while it begins; it is stopped where it would run them, and they are handed over instead. Nothing
 * comes back: the process ends with what the caller makes of them.
 */
final class Suite
{
    /**
     * @param  list<string>  $paths  folders or files of tests
     * @param  Closure(array<string, TestCase>): void  $with  by the test's name
     */
    public static function hand(array $paths, Closure $with): never
    {
        $arguments = ['pest', ...$paths, '--no-output'];
        $pest = Pest::getInstance(dirname(__DIR__, 2), 'tests');
        $kernel = Kernel::boot($pest, new ArgvInput($arguments), new NullOutput);
        Facade::instance()->registerSubscriber(new class($with) implements ExecutionStartedSubscriber
        {
            /** @param  Closure(array<string, TestCase>): void  $with */
            public function __construct(private Closure $with)
            {
            }

            public function notify(ExecutionStarted $event): void
            {
                $cases = [];
                foreach (Suite::cases(Suite::beingRun()) as $case) {
                    $cases[$case->sortId()] = $case;
                }
                try {
                    ($this->with)($cases);
                } catch (Throwable $fault) {
                    // PHPUnit would make a warning of it and run all tests, here and in every fork.
                    fwrite(STDERR, "{$fault}\n");
                    exit(70);
                }
                exit(0);
            }
        });
        $kernel->handle($arguments, $arguments);
        throw new RuntimeException('Pest has built no tests out of '.implode(' ', $paths).'.');
    }

    /** The event tells names only; the tests themselves are an argument of the runner that sent it. */
    public static function beingRun(): TestSuite
    {
        foreach (debug_backtrace() as $frame) {
            foreach ($frame['args'] ?? [] as $argument) {
                if ($argument instanceof TestSuite) {
                    return $argument;
                }
            }
        }
        throw new RuntimeException('PHPUnit no longer hands its tests to what runs them.');
    }

    /** @return iterable<TestCase> */
    public static function cases(TestSuite $suite): iterable
    {
        foreach ($suite as $test) {
            if ($test instanceof TestSuite) {
                yield from self::cases($test);
            } elseif ($test instanceof TestCase) {
                yield $test;
            }
        }
    }
}

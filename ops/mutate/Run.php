<?php

declare(strict_types=1);

namespace Ops\Mutate;

use Composer\Autoload\ClassLoader;
use PHPUnit\Framework\TestCase;

/** Layers of the core changed class by class, as many classes at a time as there are processors. */
final readonly class Run
{
    /** @param  array<string, TestCase>  $cases */
    public function __construct(
        private string $root,
        private array $cases,
        private Coverage $coverage,
        private ClassLoader $loader,
        private int $processors,
    ) {
    }

    /**
     * Prints each layer's score as its last class is done; what was not noticed is laid in var/mutate-LAYER.txt.
     *
     * @param  list<string>  $layers
     */
    public function layers(array $layers): void
    {
        $files = $left = $scores = [];
        foreach ($layers as $layer) {
            $paths = glob("{$this->root}/core/{$layer}/*.php") ?: [];
            usort($paths, static fn (string $a, string $b): int => filesize($b) <=> filesize($a));
            $left[$layer] = count($paths);
            $scores[$layer] = new Score;
            array_push($files, ...array_map(fn (string $path): string => substr($path, strlen($this->root) + 1), $paths));
        }
        $done = function (mixed $verdicts, string $file) use (&$left, $scores): void {
            $layer = basename(dirname($file));
            /** @var list<array{string, string}>|null $verdicts */
            foreach ($verdicts ?? [[Verdict::Unnoticed->value, "{$file}: the process that changed it died"]] as $verdict) {
                $scores[$layer]->add(...$verdict);
            }
            if (--$left[$layer] === 0) {
                file_put_contents("{$this->root}/var/mutate-{$layer}.txt", $scores[$layer]->unnoticed());
                fwrite(STDOUT, $scores[$layer]->line($layer)."\n");
            }
        };
        Forks::each($files, $this->processors, $this->file(...), $done);
    }

    /** @return list<array{string, string}> verdict and, of what was not noticed, place and change */
    private function file(string $file): array
    {
        $class = str_replace(['/', '.php'], ['\\', ''], ucfirst($file));
        $loaded = class_exists($class, false) || interface_exists($class, false) || enum_exists($class, false);
        $verdicts = [];
        $trial = $loaded ? new TrialApart($this->root) : new Trial($this->cases, $this->loader);
        if ($trial->of($class, "{$this->root}/{$file}", $this->coverage->tests($file, 1, PHP_INT_MAX))->counts()) {
            return [[Verdict::Unnoticed->value, "{$file}: its tests fail in a trial although nothing is changed"]];
        }
        foreach (Mutants::of($this->root, $file) as $mutant) {
            $verdict = $trial->of($class, $mutant->modifiedSourcePath, $this->coverage->tests($file, $mutant->startLine, $mutant->endLine));
            $change = $verdict->counts() ? '' : "\n".Mutants::change($mutant);
            $verdicts[] = [$verdict->value, $verdict->counts() ? '' : "{$file}:{$mutant->startLine}".$change];
        }

        return $verdicts;
    }
}

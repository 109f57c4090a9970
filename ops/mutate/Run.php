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

    /** Prints the layer's score; what was not noticed is laid in var/mutate-LAYER.txt. */
    public function layer(string $layer): void
    {
        $files = array_map(fn (string $path): string => substr($path, strlen($this->root) + 1), glob("{$this->root}/core/{$layer}/*.php") ?: []);
        usort($files, fn (string $a, string $b): int => filesize("{$this->root}/{$b}") <=> filesize("{$this->root}/{$a}"));
        $score = new Score;
        Forks::each(array_values($files), $this->processors, $this->file(...), static function (mixed $verdicts, string $file) use ($score): void {
            /** @var list<array{string, string}>|null $verdicts */
            foreach ($verdicts ?? [[Verdict::Unnoticed->value, "{$file}: the process that changed it died"]] as [$verdict, $where]) {
                $score->add($verdict, $where);
            }
        });
        file_put_contents("{$this->root}/var/mutate-{$layer}.txt", $score->unnoticed());
        fwrite(STDOUT, $score->line($layer)."\n");
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

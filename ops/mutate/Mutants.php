<?php

declare(strict_types=1);

namespace Ops\Mutate;

use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Support\MutationGenerator;
use Symfony\Component\Finder\SplFileInfo;

/** The changed copies of a file, made by Pest's mutation plugin: one operator, number or call changed in each. */
final readonly class Mutants
{
    /**
     * @param  string  $file  path of a class under the root
     * @return list<Mutation>
     */
    public static function of(string $root, string $file): array
    {
        return array_values((new MutationGenerator)->generate(
            file: new SplFileInfo("{$root}/{$file}", dirname($file), $file),
            mutators: DefaultSet::mutators(),
        ));
    }

    /** What was changed, as lines that went and lines that came. */
    public static function change(Mutation $mutant): string
    {
        $lines = array_filter(
            explode("\n", str_replace('\\<', '<', (string) preg_replace('#(?<!\\\\)<(fg=\w+|/)>#', '', $mutant->diff))),
            static fn (string $line): bool => preg_match('/^\s*[-+]/', $line) === 1,
        );

        return implode("\n", array_map(rtrim(...), $lines));
    }
}

<?php

declare(strict_types=1);

namespace Ops\Mutate;

/** How much of what was changed in a layer its tests noticed, with what they did not. */
final class Score
{
    /** @var array<string, int> */
    private array $counts = [];

    /** @var list<string> */
    private array $unnoticed = [];

    public function add(string $verdict, string $where): void
    {
        $this->counts[$verdict] = ($this->counts[$verdict] ?? 0) + 1;
        if (! Verdict::from($verdict)->counts()) {
            $this->unnoticed[] = "{$where}  {$verdict}";
        }
    }

    public function line(string $layer): string
    {
        $noticed = 0;
        foreach ($this->counts as $verdict => $count) {
            $noticed += Verdict::from($verdict)->counts() ? $count : 0;
        }
        $all = array_sum($this->counts);
        $each = implode(', ', array_map(static fn (string $verdict, int $count): string => "{$count} {$verdict}", array_keys($this->counts), $this->counts));

        return sprintf('%-14s %5.1f %% of %4d  (%s)', $layer, $all === 0 ? 0 : 100 * $noticed / $all, $all, $each);
    }

    /** Each change that no test noticed: where it is and what it was. */
    public function unnoticed(): string
    {
        return implode("\n\n", $this->unnoticed)."\n";
    }
}

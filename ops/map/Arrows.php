<?php

declare(strict_types=1);

namespace Ops\Map;

/** Which folder of the core imports which, read from its code. */
final readonly class Arrows
{
    /**
     * @param  array<string, array<string, int>>  $counts  imports by folder and imported folder
     * @param  array<string, int>  $files  by folder
     */
    private function __construct(public array $counts, public array $files)
    {
    }

    /** @param  string  $core  path of the folder named core */
    public static function of(string $core): self
    {
        $counts = $files = [];
        foreach (glob("{$core}/*/*.php") ?: [] as $path) {
            $folder = basename(dirname($path));
            $files[$folder] = ($files[$folder] ?? 0) + 1;
            $counts[$folder] ??= [];
            preg_match_all('/Core\\\\([A-Z]\w*)\\\\[A-Z]\w*/', self::code((string) file_get_contents($path)), $found);
            foreach ($found[1] as $imported) {
                if ($imported !== $folder) {
                    $counts[$folder][$imported] = ($counts[$folder][$imported] ?? 0) + 1;
                }
            }
        }
        ksort($counts);
        foreach ($counts as $folder => $imported) {
            ksort($imported);
            $counts[$folder] = $imported;
        }

        return new self($counts, $files);
    }

    /** @return list<array{string, string}> arrows that do not run down, by the rows */
    public function up(): array
    {
        $rows = Rows::byFolder();
        $up = [];
        foreach ($this->counts as $from => $imported) {
            foreach (array_keys($imported) as $to) {
                if (($rows[$to] ?? -1) <= ($rows[$from] ?? PHP_INT_MAX)) {
                    $up[] = [$from, $to];
                }
            }
        }

        return $up;
    }

    /** @return list<string> one circle, folder by folder; empty where there is none */
    public function circle(): array
    {
        foreach (array_keys($this->counts) as $start) {
            $found = $this->back($start, $start, []);
            if ($found !== []) {
                return $found;
            }
        }

        return [];
    }

    /** Whether the arrow says what longer ways say already. */
    public function isImplied(string $from, string $to): bool
    {
        foreach (array_keys($this->counts[$from] ?? []) as $between) {
            if ($between !== $to && $this->reaches($between, $to)) {
                return true;
            }
        }

        return false;
    }

    private function reaches(string $from, string $to): bool
    {
        foreach (array_keys($this->counts[$from] ?? []) as $next) {
            if ($next === $to || $this->reaches($next, $to)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $way
     * @return list<string>
     */
    private function back(string $to, string $at, array $way): array
    {
        foreach (array_keys($this->counts[$at] ?? []) as $next) {
            if ($next === $to) {
                return [...$way, $at, $to];
            }
            if (! in_array($next, $way, true)) {
                $found = $this->back($to, $next, [...$way, $at]);
                if ($found !== []) {
                    return $found;
                }
            }
        }

        return [];
    }

    /** Without comments: a docblock that names a class for its reader imports nothing. */
    private static function code(string $file): string
    {
        return implode('', array_map(
            static fn (\PhpToken $token): string => $token->is([T_COMMENT, T_DOC_COMMENT]) ? '' : $token->text,
            \PhpToken::tokenize($file),
        ));
    }
}

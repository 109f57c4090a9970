<?php

declare(strict_types=1);

namespace App\Words;

use Core\Fact;
use Core\Units\MassesShown;
use LogicException;

/**
 * The words for what the core says, in one language: lang/<language>/*.php, an entry for every key. It needs no
 * framework, so that `./tinta work` speaks as the page does. A value stands as `:name`; of several, `:name{ or }` says
 * what is between them.
 */
final class Catalogue
{
    /** @var array<string, array<string, mixed>> by folder and file */
    private array $groups = [];

    /** @var array<string, string> by folder: finds any of its names */
    private array $anyName = [];

    /** Whether a decimal is written with a comma. */
    private bool $comma = false;

    /** What the masses in a sentence are read in. */
    private MassesShown $masses = MassesShown::Grams;

    public function __construct(private string $folder)
    {
    }

    /** From here on it speaks another language, and writes decimals as that one does. */
    public function speak(string $language, bool $comma): self
    {
        $this->folder = dirname(__DIR__, 2)."/lang/{$language}";
        $this->comma = $comma;

        return $this;
    }

    /** From here on the masses in what is said are read as this house reads them. */
    public function readMassesIn(MassesShown $masses): self
    {
        $this->masses = $masses;

        return $this;
    }

    public static function of(string $language): self
    {
        return new self(dirname(__DIR__, 2)."/lang/{$language}");
    }

    /** What is said; of a mend, what is to be done. */
    public function words(Fact $fact): string
    {
        $entry = $this->entry($fact->entry());
        $said = is_string($entry) ? ['said' => $entry, 'mend' => ''] : $entry;

        return $this->filled($said[$fact->isMend() ? 'mend' : 'said'] ?? '', $fact->values);
    }

    /** What mends it; empty where there is nothing to mend. */
    public function mend(Fact $fact): string
    {
        return $fact->isMend() ? '' : $this->words($fact->mend());
    }

    /**
     * @param  list<Fact>  $facts
     * @return list<string>
     */
    public function all(array $facts): array
    {
        return array_map($this->words(...), $facts);
    }

    /**
     * What the core names in English, such as a region, a tone or a house rule, in this language. Of what is put
     * together from several names each is found, the longest first; whatever is no name stays as it is.
     */
    public function name(string $said): string
    {
        $names = $this->names();
        if ($names === [] || $said === '') {
            return $said;
        }

        return $this->decimals(
            $names[$said] ?? (string) preg_replace_callback(
                $this->anyName[$this->folder],
                static fn (array $found): string => $names[$found[0]],
                $said,
            ),
        );
    }

    /** @return array<string, string> none in English: the core speaks it */
    private function names(): array
    {
        if (! isset($this->groups[$this->folder.'/names'])) {
            $names = is_file("{$this->folder}/names.php") ? require "{$this->folder}/names.php" : [];
            uksort($names, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));
            $this->groups[$this->folder.'/names'] = $names;
            $any = implode(
                '|',
                array_map(
                    static fn (string $name): string => preg_quote($name, '/'),
                    array_map(strval(...), array_keys($names)),
                ),
            );
            $this->anyName[$this->folder] = "/(?<![\\p{L}\\p{N}])(?:{$any})(?![\\p{L}\\p{N}])/u";
        }

        return $this->groups[$this->folder.'/names'];
    }

    /** @return string|array{said?: string, mend?: string} */
    private function entry(string $key): string|array
    {
        [$group, $rest] = explode('.', $key, 2) + [1 => ''];
        // What one language has no words for is said in English rather than not at all.
        foreach ([$this->folder, dirname($this->folder).'/en'] as $folder) {
            $this->groups["{$folder}/{$group}"] ??= is_file("{$folder}/{$group}.php")
                ? require "{$folder}/{$group}.php"
                : [];
            $entry = $this->groups["{$folder}/{$group}"];
            foreach (explode('.', $rest) as $member) {
                $entry = is_array($entry) ? ($entry[$member] ?? null) : null;
            }
            if (is_string($entry) || is_array($entry)) {
                return $entry;
            }
        }
        throw new LogicException("There are no words for “{$key}” in {$this->folder}.");
    }

    /** @param  array<string, int|string|Fact|list<string|Fact>>  $values */
    private function filled(string $words, array $values): string
    {
        return (string) preg_replace_callback('/:([a-z][A-Za-z0-9]*)(?:\{([^}]*)\})?/', function (array $place) use ($values): string {
            $value = $values[$place[1]] ?? null;

            return match (true) {
                $value === null => $place[0],
                is_array($value) => implode($place[2] ?? $this->between($value), array_map($this->plain(...), $value)),
                default => $this->plain($value),
            };
        }, $words);
    }

    /** @param  list<string|Fact>  $values  sentences stand behind each other; anything else is listed */
    private function between(array $values): string
    {
        return ($values[0] ?? '') instanceof Fact ? ' ' : ', ';
    }

    private function plain(int|string|Fact $value): string
    {
        if ($value instanceof Fact) {
            return $this->words($value);
        }

        return $this->decimals($this->masses->in($this->named((string) $value)));
    }

    /**
     * A value that is nothing but names: anything else may be what a person wrote, or what something is called on its
     * pack.
     */
    private function named(string $value): string
    {
        $names = $this->names();
        if ($names === []) {
            return $value;
        }
        foreach (preg_split('/, | and |-/', $value) ?: [] as $part) {
            if (
                ! isset($names[(string) preg_replace('/^\d+ % /', '', $part)])
                && preg_match('/^\d+ more$|^[\d.]+ k?g of .+$/', $part) !== 1
            ) {
                return $value;
            }
        }

        return $this->name($value);
    }

    /** Of what carries a unit: a code such as 7.3 is a name. */
    private function decimals(string $shown): string
    {
        return $this->comma
            ? (string) preg_replace(
                '/(?<![\d.])(\d+)\.(\d+)(?= ?(?:g|kg|oz|ml|cm|min|vol|%)(?![a-z]))/u',
                '$1,$2',
                $shown,
            )
            : $shown;
    }
}

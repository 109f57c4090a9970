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
    /** @var array<string, array<string, mixed>> by file */
    private array $groups = [];

    /** What the masses in a sentence are read in. */
    private MassesShown $masses = MassesShown::Grams;

    public function __construct(private readonly string $folder)
    {
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

    /** @return string|array{said?: string, mend?: string} */
    private function entry(string $key): string|array
    {
        [$group, $rest] = explode('.', $key, 2) + [1 => ''];
        $this->groups[$group] ??= is_file("{$this->folder}/{$group}.php") ? require "{$this->folder}/{$group}.php" : [];
        $entry = $this->groups[$group];
        foreach (explode('.', $rest) as $member) {
            $entry = is_array($entry) ? ($entry[$member] ?? null) : null;
        }

        return is_string($entry) || is_array($entry)
            ? $entry
            : throw new LogicException("There are no words for “{$key}” in {$this->folder}.");
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
        return $value instanceof Fact ? $this->words($value) : $this->masses->in((string) $value);
    }
}

<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;

/**
 * A decoded JSON value that knows where it stands. Reading through it collects every problem
 * of a document instead of stopping at the first.
 */
final readonly class JsonNode
{
    /** @param  ProblemList  $problems shared by all nodes of one document, filled while reading */
    public function __construct(private mixed $value, private string $pointer, private ProblemList $problems)
    {
    }

    public function at(string|int $key): self
    {
        $value = is_array($this->value) ? ($this->value[$key] ?? null) : null;

        $member = is_string($key) && strpbrk($key, '~/') !== false ? str_replace(['~', '/'], ['~0', '~1'], $key) : $key;

        return new self($value, "{$this->pointer}/{$member}", $this->problems);
    }

    public function isGiven(): bool
    {
        return $this->value !== null && $this->value !== '';
    }

    /** @return list<self> one node per item; a missing list is empty, anything else is a problem */
    public function items(int $most): array
    {
        if ($this->value === null) {
            return [];
        }
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            $this->problem(Fact::of('documents.list'));

            return [];
        }
        if (count($this->value) > $most) {
            $this->problem(Fact::of('documents.more-than-entries-here', most: $most));

            return [];
        }

        return array_map(fn (int $index): self => $this->at($index), array_keys($this->value));
    }

    /** @return list<self> one node per object of a list; anything that is no object is a problem */
    public function records(int $most): array
    {
        $records = [];
        foreach ($this->items($most) as $item) {
            $value = $item->value();
            if (! is_array($value) || ($value !== [] && array_is_list($value))) {
                $item->problem(Fact::of('documents.object'));
            } else {
                $records[] = $item;
            }
        }

        return $records;
    }

    /**
     * @return array<array-key, self> one node per member of an object (PHP makes numbers of keys that look like them);
     *     a missing one is empty, anything else is a problem
     */
    public function members(): array
    {
        if ($this->value === null || $this->value === []) {
            return [];
        }
        if (! is_array($this->value)) {
            $this->problem(Fact::of('documents.object'));

            return [];
        }
        $members = [];
        foreach (array_keys($this->value) as $key) {
            $members[$key] = $this->at($key);
        }

        return $members;
    }

    /** This node, where it is an object or not given; anything else is a problem. */
    public function record(): self
    {
        $isObject = $this->value === null || (
            is_array($this->value)
            && ($this->value === [] || ! array_is_list($this->value))
        );
        if (! $isObject) {
            $this->problem(Fact::of('documents.object'));
        }

        return $this;
    }

    /** The letter of a bowl, in capitals; empty when not given. */
    public function letter(): string
    {
        $letter = mb_strtoupper($this->text(10));
        if ($letter !== '' && preg_match('/^[A-Z]{1,4}$/', $letter) !== 1) {
            $this->problem(Fact::of('documents.no-letter-bowl'));
        }

        return $letter;
    }

    public function pointer(): string
    {
        return $this->pointer;
    }

    /** Takes over a problem that another reader found. */
    public function report(Problem $problem): void
    {
        $this->problems->add($problem);
    }

    public function value(): mixed
    {
        return $this->value;
    }

    /** The text here, trimmed; a number is read as its digits. */
    public function text(int $longest = 200): string
    {
        if ($this->value === null) {
            return '';
        }
        if (is_int($this->value) || is_float($this->value)) {
            return (string) json_encode($this->value, JSON_PRESERVE_ZERO_FRACTION);
        }
        if (! is_string($this->value)) {
            $this->problem(Fact::of('documents.text'));

            return '';
        }
        if (mb_strlen($this->value) > $longest) {
            $this->problem(Fact::of('documents.longer-than-characters', longest: $longest));

            return '';
        }

        return trim($this->value, " \t\r\n");
    }

    /** True or false; false when not given. */
    public function flag(): bool
    {
        if ($this->value !== null && ! is_bool($this->value)) {
            $this->problem(Fact::of('documents.true-or-false'));
        }

        return $this->value === true;
    }

    /** A whole number within bounds; null when not given. */
    public function wholeNumber(int $least, int $most, Fact $what): ?int
    {
        if (! $this->isGiven()) {
            return null;
        }
        $number = is_bool($this->value) ? false : filter_var($this->value, FILTER_VALIDATE_INT);
        if ($number === false || $number < $least || $number > $most) {
            $this->problem(Fact::of('documents.whole-number-from', what: $what, least: $least, most: $most));

            return null;
        }

        return $number;
    }

    /**
     * What $read makes of this node; a refusal of the core becomes a problem here, and the result null.
     *
     * @template T
     *
     * @param  callable(string): T  $read
     * @return ?T
     */
    public function through(callable $read): mixed
    {
        try {
            return $read($this->text());
        } catch (CoreException $refusal) {
            $this->problem($refusal->fact());

            return null;
        }
    }

    public function problem(Fact $fact): void
    {
        $this->problems->add(new Problem($this->pointer, $fact));
    }
}

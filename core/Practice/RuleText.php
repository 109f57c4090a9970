<?php

declare(strict_types=1);

namespace Core\Practice;

/** A house rule as it is shown where it bites: what is set, what else could be, and why anybody would. */
final readonly class RuleText
{
    /**
     * @param  string  $value  as it is stored: an option's value, or a number as typed
     * @param  list<RuleOption>  $options  empty where a number is typed
     * @param  string  $unit  of a typed number, or what the numbers are, such as “min”
     */
    public function __construct(
        public string $key,
        public RuleGroup $group,
        public string $label,
        public string $value,
        public string $default,
        public array $options,
        public string $unit,
        public string $reason,
    ) {
    }

    public function isStandard(): bool
    {
        return $this->value === $this->default;
    }

    /** What is set, in words: “10 vol”, “30 min”, “mean by weight”. */
    public function words(): string
    {
        return $this->wordsFor($this->value);
    }

    /** What is standard, in words. */
    public function standardWords(): string
    {
        return $this->wordsFor($this->default);
    }

    private function wordsFor(string $value): string
    {
        foreach ($this->options as $option) {
            if ($option->value === $value) {
                return $option->words;
            }
        }

        return trim("{$value} {$this->unit}");
    }
}

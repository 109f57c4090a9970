<?php

declare(strict_types=1);

namespace Core\Practice;

use Closure;

/** One house rule as text: how it is read off the rules and how it is set. */
final readonly class School
{
    /**
     * @param  list<RuleOption>  $options  empty where a number is typed
     * @param  Closure(HouseRules): string  $read
     * @param  Closure(HouseRules, string): HouseRules  $write  throws InvalidRule, or what the number’s reader throws
     */
    private function __construct(
        public string $key,
        public RuleGroup $group,
        public string $label,
        public array $options,
        public string $unit,
        public string $reason,
        private Closure $read,
        private Closure $write,
    ) {
    }

    /**
     * @param  array<int|string, string>  $options  value => words
     * @param  Closure(HouseRules): string  $read
     * @param  Closure(HouseRules, string): HouseRules  $write
     */
    public static function choice(
        string $key,
        RuleGroup $group,
        string $label,
        array $options,
        string $reason,
        Closure $read,
        Closure $write,
    ): self {
        return new self(
            key: $key,
            group: $group,
            label: $label,
            options: array_map(
                static fn (int|string $value, string $words): RuleOption => new RuleOption((string) $value, $words),
                array_keys($options),
                array_values($options),
            ),
            unit: '',
            reason: $reason,
            read: $read,
            write: $write,
        );
    }

    /**
     * @param  Closure(HouseRules): string  $read
     * @param  Closure(HouseRules, string): HouseRules  $write
     */
    public static function number(
        string $key,
        RuleGroup $group,
        string $label,
        string $unit,
        string $reason,
        Closure $read,
        Closure $write,
    ): self {
        return new self(
            key: $key,
            group: $group,
            label: $label,
            options: [],
            unit: $unit,
            reason: $reason,
            read: $read,
            write: $write,
        );
    }

    public function value(HouseRules $rules): string
    {
        return ($this->read)($rules);
    }

    /** @throws InvalidRule when it is none of the options, or no number, or one out of range */
    public function set(HouseRules $rules, string $text): HouseRules
    {
        $text = trim($text);
        if ($this->options !== []) {
            $known = array_map(static fn (RuleOption $option): string => $option->value, $this->options);
            if (! in_array($text, $known, true)) {
                throw InvalidRule::notOneOf($this->label, $text, $known);
            }
        }

        return ($this->write)($rules, $text);
    }
}

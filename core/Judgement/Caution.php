<?php

declare(strict_types=1);

namespace Core\Judgement;

use Core\Fact;

/** Something that can hurt or disappoint, why, and what mends it. Never a promise that something is safe. */
final readonly class Caution
{
    /** What hurts somebody or breaks hair, worst first; then what spoils a result; the rest follows as it comes. */
    private const WORST_FIRST = [
        'gum', 'weak', 'strong-on-scalp', 'unknown-dye', 'overlap', 'lift-again', 'touching', 'heated', 'over-time',
        'skin-test',
        'strong-on-light', 'dark-strength-on-light', 'hot-roots', 'root-as-strong', 'root-order', 'runs-into',
        'tint-on-tint', 'implausible-ratio', 'doubled',
        'uncovered', 'bands', 'combed-through', 'porous', 'low-contrast', 'mixed-early',
    ];

    /** Slips of the pen as well as wishes: who means it so says it once. What can hurt is never among them. */
    private const ASKED = [
        'implausible-ratio',
        'hot-roots',
        'root-as-strong',
        'root-order',
        'combed-through',
        'other-line',
        'rounded',
        'low-contrast',
        'doubled',
        'uncovered',
        'bands',
        'porous',
        'in-doubt',
    ];

    /**
     * @param  string  $key  what it is about, the same however it is said
     * @param  list<string>  $zones  names of the zones it is true of; empty where it is of the bowl or the visit
     */
    public function __construct(public string $key, public Fact $fact, public array $zones = [])
    {
    }

    /** Whether “is it meant so?” can be answered with yes. */
    public function asks(): bool
    {
        return in_array($this->key, self::ASKED, true);
    }

    public function of(string ...$zones): self
    {
        return new self($this->key, $this->fact, array_values(array_unique([...$this->zones, ...$zones])));
    }

    /**
     * Each once, with all its zones, worst first.
     *
     * @param  list<self>  $cautions
     * @return list<self>
     */
    public static function together(array $cautions): array
    {
        $found = [];
        foreach ($cautions as $caution) {
            $same = $found[$caution->fact->text()] ?? null;
            $found[$caution->fact->text()] = $same === null ? $caution : $same->of(...$caution->zones);
        }
        $rank = array_flip(self::WORST_FIRST);
        $found = array_values($found);
        usort(
            $found,
            static fn (self $one, self $other): int => ($rank[$one->key] ?? PHP_INT_MAX) <=> (
                $rank[$other->key] ?? PHP_INT_MAX
            ),
        );

        return $found;
    }
}

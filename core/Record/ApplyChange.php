<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Codec\BowlSheet;
use Core\Codec\ReadBowl;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Core\Units\Strength;

/** Carries a change out on a bowl: the same bowl, with only that different. */
final readonly class ApplyChange
{
    private function __construct(private BowlRewrite $bowl)
    {
    }

    /**
     * @throws \Core\CoreException when it cannot be done on this bowl
     */
    public static function to(BowlSheet $sheet, Change $change, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        $bowl = new BowlRewrite($sheet, $shelf, $rules);
        $self = new self($bowl);
        if ($change->kind === ChangeKind::Amount) {
            return $self->amount($change->value);
        }

        return ReadBowl::from(match ($change->kind) {
            ChangeKind::Strength => $self->strength($change->value),
            ChangeKind::Swap => $self->swap($change->from, $change->to, 'changed'),
            ChangeKind::Minutes => ['minutes' => $self->minutes($change->value)] + $bowl->json,
            ChangeKind::Ratio => ['ratio' => $change->value] + $bowl->json,
            ChangeKind::Level => ShiftLevel::of($bowl, $change->value),
            ChangeKind::Warmer => TurnTone::toward($bowl, ToneFamily::Gold),
            ChangeKind::Cooler => TurnTone::toward($bowl, ToneFamily::Ash),
            ChangeKind::Grey => TurnTone::forGrey($bowl, $change->value),
            default => throw ChangeRefused::onlyWords(),
        }, $shelf);
    }

    /**
     * @param  string  $value  a strength, or a step up or down what the line has: 30 vol, +1, -1
     * @return array<string, mixed>
     */
    private function strength(string $value): array
    {
        if (count($this->bowl->sheet->entries) < 2) {
            throw ChangeRefused::noDeveloper();
        }
        $wanted = preg_match('/^([+-])1$/', $value, $m) === 1 ? $this->nextStrength($m[1] === '+') : Strength::parse($value);

        return $this->bowl->withPart(1, $this->bowl->shelf->developersReaching($this->bowl->line(), $wanted));
    }

    /** The nearest strength of the line beyond what is in the bowl now. */
    private function nextStrength(bool $up): Strength
    {
        $now = $this->bowl->sheet->work($this->bowl->rules->step)->developerStrength() ?? throw ChangeRefused::noDeveloper();
        $next = null;
        foreach ($this->bowl->shelf->developersOf($this->bowl->line()) as $developer) {
            $strength = $developer->strength;
            $beyond = $strength === null ? 0 : $strength->volume->compare($now->volume) * ($up ? 1 : -1);
            if ($strength !== null && $beyond > 0 && ($next === null || $strength->volume->compare($next->volume) * ($up ? 1 : -1) < 0)) {
                $next = $strength;
            }
        }

        return $next ?? throw ChangeRefused::noStrengthBeyond($this->bowl->line()->name, $now, $up);
    }

    /** @return array<string, mixed> */
    private function swap(string $from, string $to, string $why): array
    {
        $found = false;
        $parts = [];
        foreach ($this->bowl->sheet->entries as $part) {
            $ingredients = [];
            foreach ($part as $entry) {
                $found = $found || $entry->product === $from;
                $ingredients[] = $entry->product === $from
                    ? ['product' => $to, 'share' => $entry->share, 'wanted' => $this->bowl->shelf->product($from)?->label() ?? $from, 'why' => $why]
                    : $entry->toArray();
            }
            $parts[] = ['ingredients' => $ingredients];
        }

        return $found ? ['parts' => $parts] + $this->bowl->json : throw ChangeRefused::notInBowl();
    }

    /** @param  string  $value  -5 g, +10 %, 60 g */
    private function amount(string $value): BowlSheet
    {
        $colour = $this->bowl->colour()->total;
        if (preg_match('/^([+-]?)\s*(\d+(?:\.\d+)?)\s*(g|%)$/u', $value, $m) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $number = Fraction::parse($m[2]);
        $by = $m[3] === '%' ? $number->dividedBy(Fraction::of(100)) : $number->times(Fraction::of(100))->dividedBy($colour->exactly());
        $factor = match ($m[1]) {
            '-' => Fraction::one()->minus($by),
            '+' => Fraction::one()->plus($by),
            default => $by,
        };

        return $factor->compare(Fraction::of(1, 50)) > 0 ? ScaleBowl::by($this->bowl->sheet, $factor, $this->bowl->shelf, $this->bowl->rules) : throw ChangeRefused::nothingLeft();
    }

    private function minutes(string $value): int
    {
        if (preg_match('/^([+-]?)\s*(\d{1,3})\s*min$/u', $value, $m) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $now = $this->bowl->sheet->minutes ?? $this->bowl->line()->window['target'];

        return match ($m[1]) {
            '+' => $now + (int) $m[2],
            '-' => max(1, $now - (int) $m[2]),
            default => (int) $m[2],
        };
    }
}

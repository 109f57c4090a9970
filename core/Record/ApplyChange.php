<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\RewriteBowl;
use Core\Formula\ScaleBowl;
use Core\Practice\GramsMean;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\Rounding;

/**
 * Carries a change out on a bowl: the same bowl, with only that different. Every formula changes, or says why not and
 * what mends it.
 */
final readonly class ApplyChange
{
    private function __construct(private RewriteBowl $bowl, private HouseRules $rules)
    {
    }

    /**
     * @throws CoreException when it cannot be done on this bowl
     */
    public static function to(BowlSheet $sheet, Change $change, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        $self = new self(new RewriteBowl($sheet, $shelf, $rules->step), $rules);

        return match ($change->kind) {
            ChangeKind::Strength => ChangeStrength::to($self->bowl, $change->value),
            ChangeKind::Swap => ChangeProducts::swap($self->bowl, $change->from, $change->to, 'changed'),
            ChangeKind::Product => ChangeProducts::amount($self->bowl, $change->from, $change->value),
            ChangeKind::TakeOut => ChangeProducts::takeOut($self->bowl, $change->from),
            ChangeKind::PutIn => ChangeProducts::putIn($self->bowl, $change->to, $change->value),
            ChangeKind::Amount => $self->colour($change->value),
            ChangeKind::Total => $self->total($change->value),
            ChangeKind::Grams => $self->gramsOf($change->value),
            ChangeKind::Minutes => $self->forMinutes($self->minutes($change->value)),
            ChangeKind::Ratio => $self->bowl->draft($sheet->draft->with(ratio: MixRatio::parse($change->value))),
            ChangeKind::Level => ShiftLevel::of($self->bowl, $change->value),
            ChangeKind::Warmer => TurnTone::warmer($self->bowl, $rules),
            ChangeKind::Cooler => TurnTone::cooler($self->bowl, $rules),
            ChangeKind::Grey => TurnTone::forGrey($self->bowl, $change->value, $rules),
            ChangeKind::Dilute => ChangeProducts::dilute($self->bowl, $change->value),
            ChangeKind::Place => ChangePlace::along($self->bowl, $change->value),
            ChangeKind::Through => ChangePlace::through($self->bowl, $change->value),
            ChangeKind::AddBowl, ChangeKind::RemoveBowl => throw ChangeRefused::ofAnotherBowl(),
            ChangeKind::Words => throw ChangeRefused::onlyWords(),
        };
    }

    /** @param  string  $value  -5 g, +10 %, 60 g, × 1/2 */
    private function colour(string $value): BowlSheet
    {
        $now = $this->bowl->grams(0);
        $by = AmountChange::parse($value);
        if ($now === null) {
            return ScaleBowl::by(
                $this->bowl->sheet,
                $by->factor() ?? throw ChangeRefused::amountNotKnown(),
                $this->bowl->shelf,
                $this->rules->step,
            );
        }
        $wanted = Grams::rounded($this->positive($by->of($now), $now), $this->rules->step, Rounding::HalfUp);

        return ScaleBowl::toColour($this->bowl->sheet, $wanted, $this->bowl->shelf, $this->rules->step);
    }

    private function gramsOf(string $value): BowlSheet
    {
        return match ($this->rules->gramsMean) {
            GramsMean::Colour => $this->colour($value),
            GramsMean::Mixture => $this->total($value),
            GramsMean::Ask => throw ChangeRefused::colourOrMixture($value),
        };
    }

    /** @param  string  $value  -5 g, +10 %, 40 g, × 1/2 */
    private function total(string $value): BowlSheet
    {
        $now = $this->bowl->known->total->grams();
        $by = AmountChange::parse($value);
        $factor = $now === null ? ($by->factor() ?? throw ChangeRefused::amountNotKnown())
            : $this->positive($by->of($now), $now)->dividedBy($now->exactly());

        return ScaleBowl::by($this->bowl->sheet, $factor, $this->bowl->shelf, $this->rules->step);
    }

    private function positive(Fraction $centigrams, Grams $now): Fraction
    {
        return $centigrams->compare($now->exactly()->times(Number::LeastOfBowl->value())) > 0
            ? $centigrams
            : throw ChangeRefused::nothingLeft();
    }

    /** A range moves as a whole. */
    private function forMinutes(int $minutes): BowlSheet
    {
        $details = $this->bowl->sheet->details;
        $most = $details->minutesMost === null
            ? null
            : $details->minutesMost + $minutes - ($this->bowl->sheet->minutes ?? $minutes);

        return $this->bowl->draft($this->bowl->sheet->draft->with(minutes: $minutes, details: $details->upTo($most)));
    }

    private function minutes(string $value): int
    {
        if (preg_match('/^([+-]?)\s*(\d{1,3})\s*min$/u', $value, $m) !== 1) {
            throw ChangeRefused::unreadable($value);
        }
        $now = $this->bowl->sheet->minutes ?? $this->bowl->line()->window['target'];
        $minutes = match ($m[1]) {
            '+' => $now + (int) $m[2],
            '-' => $now - (int) $m[2],
            default => (int) $m[2],
        };

        return $minutes >= 1 && $minutes <= 600 ? $minutes : throw ChangeRefused::noSuchMinutes($minutes);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Weighing;

use Core\Scale\PanWatch;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Weighing\Batch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchEventKind;
use Core\Weighing\BatchPlan;
use Core\Weighing\Bench;
use Core\Weighing\BenchPress;
use Core\Weighing\BenchState;
use Core\Weighing\Pan;
use Core\Weighing\PlannedLine;
use Core\Weighing\PourRefused;
use Core\Weighing\PourSource;
use Core\Weighing\Tolerance;
use Core\Weighing\Vessel;
use LogicException;
use Random\Randomizer;
use Scale\Pan as SimulatedPan;

/**
 * A bench with a simulated scale and a hand that presses anything at any time, but says the truth where it is asked. It
 * keeps its own account of what is in which bowl, in true grams.
 */
final class BenchWorld
{
    private const BOWLS = ['yellow' => 212.0, 'white' => 184.0, 'new' => 262.0];

    public Batch $batch;

    private SimulatedPan $pan;

    private PanWatch $watch;

    private int $session = 1;

    private int $clock = 0;

    /** The standing in which the scale is this batch's. */
    private string $zero = '';

    private ?string $on = null;

    /** @var array<string, array<string, float>> true grams by bowl and line */
    private array $in = [];

    /** @var array<string, float> of those, what the hand has not told yet, by line */
    private array $untold = [];

    /** @var list<string> bowls this batch is in */
    private array $own = [];

    /** @var array<string, int> how often each state was seen */
    public array $seen = [];

    public int $checks = 0;

    /** @var list<string> what happened lately */
    private array $log = [];

    public function __construct(private readonly Randomizer $chance)
    {
        $this->pan = new SimulatedPan($chance->getInt(1, 1_000_000));
        $this->watch = new PanWatch;
        $this->anew();
    }

    /** One thing happens: to the world, or by a press. */
    public function step(): void
    {
        $this->chance->getInt(0, 2) === 0 ? $this->happen() : $this->pressAnything();
        $this->look();
    }

    /** Goes the straight way to the end, from wherever the bench stands. */
    public function finish(): void
    {
        for ($i = 0; $i < 120; $i++) {
            $bench = $this->look();
            match ($bench->state) {
                BenchState::Asking, BenchState::Missing, BenchState::MoreIn => $this->settle($bench),
                BenchState::Waiting => $this->pourWanted(),
                BenchState::Pouring => $this->isWanted()
                    ? $this->press(BenchPress::Record)
                    : $this->press(BenchPress::SameBowl),
                BenchState::ByHand => $this->happenReconnected(),
                BenchState::Choosing => $this->press(BenchPress::Accept),
                BenchState::Complete => $this->press($this->hasUntold() ? BenchPress::Undo : BenchPress::Finish),
                default => null,
            };
            if (
                in_array(
                    $bench->state,
                    [BenchState::Finished, BenchState::WeighedBack, BenchState::Discarded, BenchState::Withdrawn],
                    true,
                )
            ) {
                return;
            }
        }
        throw new LogicException(
            "No way out of {$this->look()->state->value}; lately: ".implode(', ', array_slice($this->log, -14)),
        );
    }

    public function anew(): void
    {
        $lines = [];
        foreach (['a' => [20, 0], 'b' => [12, 0], 'c' => [4, 0], 'd' => [54, 1]] as $key => [$grams, $part]) {
            $lines[] = new PlannedLine($key, $key, $part, Grams::ofCentigrams($grams * 100));
        }
        $this->batch = Batch::start(new BatchPlan($lines, ScaleStep::TenthGram, Tolerance::house()));
        $this->in = $this->untold = $this->own = [];
        $this->zero = '';
        $this->put($this->chance->pickArrayKeys(self::BOWLS, 1)[0]);
    }

    private function look(): Bench
    {
        $place = $this->batch->live()?->at($this->pan->reading())->place;
        $bench = Bench::of($this->batch, true, $this->standsHere(), $place);
        $this->seen[$bench->state->value] = ($this->seen[$bench->state->value] ?? 0) + 1;
        if ($bench->presses === []) {
            throw new LogicException("Nothing can be done in {$bench->state->value}.");
        }
        $this->check($bench);

        return $bench;
    }

    /** The record holds what the hand has told, to the gram. */
    private function check(Bench $bench): void
    {
        foreach ($this->batch->plan->lines as $line) {
            $true = array_sum(array_map(fn (string $bowl): float => $this->in[$bowl][$line->key] ?? 0.0, $this->own));
            $told = $true - ($this->untold[$line->key] ?? 0.0);
            $recorded = $this->batch->poured[$line->key]->centigrams / 100;
            $this->checks++;
            if (abs($recorded - $told) >= 1.0) {
                throw new LogicException(
                    "{$line->key}: {$recorded} g on record, {$told} g told ({$true} g true) in {$bench->state->value}; lately: "
                        .implode(
                            ', ',
                            array_slice($this->log, -14),
                        ),
                );
            }
        }
    }

    private function note(string $what): void
    {
        $this->log[] = $what." [{$this->pan->reading()}]";
    }

    private function happen(): void
    {
        $open = $this->batch->status->isOpen();
        switch ($this->chance->getInt(0, 9)) {
            case 0:
                $this->lift();
                break;
            case 1:
                $this->put($this->chance->pickArrayKeys(self::BOWLS, 1)[0]);
                break;
            case 2:
                // The cable is out for a moment.
                $this->session++;
                $this->watch = new PanWatch;
                $this->pass(3);
                break;
            case 3:
                // A hand rests on it.
                $this->pan->put(900.0);
                $this->pass(4);
                $this->put($this->on);
                break;
            case 4:
                if ($open) {
                    $this->pour(
                        $this->chance->pickArrayKeys($this->batch->poured, 1)[0],
                        $this->chance->getInt(10, 80) / 10,
                    );
                }
                break;
            default:
                if ($open) {
                    $this->pourWanted();
                }
        }
        $this->pass($this->chance->getInt(1, 12));
    }

    private function happenReconnected(): void
    {
        $this->pass(10);
    }

    private function pourWanted(): void
    {
        $line = $this->batch->current();
        if ($line === null || $this->on === null || ! in_array($this->on, $this->own, true)) {
            return;
        }
        $left = $this->batch->left($line->key)->centigrams / 100;
        $this->pour($line->key, max(1.0, round($left * $this->chance->getInt(40, 115) / 100, 1)));
    }

    private function pour(string $line, float $grams): void
    {
        if (
            $this->on === null
            || (in_array($this->on, $this->own, true) && $this->on !== $this->own[count($this->own) - 1])
        ) {
            return;
        }
        $this->pan->pour($grams);
        $this->note("pour {$line} {$grams} into {$this->on}");
        $this->in[$this->on][$line] = ($this->in[$this->on][$line] ?? 0.0) + $grams;
        if (in_array($this->on, $this->own, true)) {
            $this->untold[$line] = ($this->untold[$line] ?? 0.0) + $grams;
        }
        $this->pass(40);
    }

    private function lift(): void
    {
        $this->on = null;
        $this->note('lift');
        $this->pan->put(0.0);
        $this->pass(15);
    }

    private function put(?string $bowl): void
    {
        if ($this->on !== null) {
            $this->pan->put(0.0);
            $this->pass($this->chance->getInt(2, 12));
        }
        $this->on = $bowl;
        $this->note('put '.($bowl ?? 'nothing'));
        if ($bowl !== null) {
            $this->pan->put(self::BOWLS[$bowl]);
            $this->pan->hold(array_sum($this->in[$bowl] ?? []));
        }
        $this->pass(15);
    }

    private function pressAnything(): void
    {
        $bench = $this->look();
        $presses = $bench->presses;
        $press = $presses[$this->chance->getInt(0, count($presses) - 1)];
        // To end a bowl is no accident of every second press.
        if (
            in_array($press, [BenchPress::Discard, BenchPress::Again, BenchPress::Withdraw], true)
            && $this->chance->getInt(0, 9) > 0
        ) {
            return;
        }
        $this->press($press);
    }

    private function press(BenchPress $press): void
    {
        if (
            ! Bench::of(
                $this->batch,
                true,
                $this->standsHere(),
                $this->batch->live()?->at($this->pan->reading())->place,
            )->has($press)
        ) {
            return;
        }
        switch ($press) {
            case BenchPress::Record:
                // Only at rest, and only what the hand knows to be of this line.
                $this->pass(10);
                $live = $this->batch->live()?->at($this->pan->reading());
                if (
                    $this->standsHere()
                    && $this->pan->isStill()
                    && $this->isWanted()
                    && $live !== null
                    && ! $live->net->isZero()
                ) {
                    $this->after(BatchEvent::poured($this->batch->current()->key ?? '', $live->net, PourSource::Scale));
                    $this->untold = [];
                }
                break;
            case BenchPress::Type:
                $line = $this->batch->current()->key ?? '';
                if (($this->untold[$line] ?? 0.0) > 0.0) {
                    $this->after(
                        BatchEvent::poured(
                            $line,
                            Grams::ofCentigrams((int) round($this->untold[$line] * 100)),
                            PourSource::Hand,
                        ),
                    );
                    unset($this->untold[$line]);
                }
                break;
            case BenchPress::TakeShort:
                $this->after(BatchEvent::acceptedShort($this->batch->current()->key ?? ''));
                break;
            case BenchPress::Keep:
                $this->after(BatchEvent::keptProportion());
                break;
            case BenchPress::Accept:
                $this->after(BatchEvent::acceptedOver());
                break;
            case BenchPress::Undo:
                $latest = $this->batch->latest();
                if ($latest?->kind === BatchEventKind::Moved) {
                    break;
                }
                $this->after(BatchEvent::undone());
                if ($latest?->kind === BatchEventKind::Poured) {
                    // It is in the bowl still, and not told any more.
                    $this->untold[$latest->line] = (
                        $this->untold[$latest->line] ?? 0.0
                    ) + ($latest->grams->centigrams ?? 0) / 100;
                }
                if ($latest?->kind === BatchEventKind::Tared) {
                    // As if nothing had been said of that bowl: what is in it is in none of this batch.
                    $gone = array_pop($this->own);
                    $this->in[$gone] = [];
                    $this->untold = [];
                    $this->put($this->on);
                }
                break;
            case BenchPress::Finish:
                if (! $this->hasUntold()) {
                    $this->after(BatchEvent::finished());
                }
                break;
            case BenchPress::Discard:
                $this->after(BatchEvent::discarded('wrong'));
                break;
            case BenchPress::Withdraw:
                $this->after(BatchEvent::withdrawn());
                break;
            case BenchPress::Again:
                $this->anew();
                break;
            case BenchPress::WeighBack:
                $this->weighBack();
                break;
            case BenchPress::EmptyBowl:
            case BenchPress::SameBowl:
            case BenchPress::OtherBowl:
                $this->say($press);
                break;
            default:
        }
    }

    /** Says what stands on the scale, perhaps wrongly; what is asked then is answered by what is true. */
    private function say(BenchPress $press): void
    {
        // Into another bowl goes what is still to come, once everything in the first is told.
        if ($press === BenchPress::OtherBowl && ($this->hasUntold() || in_array($this->on, $this->own, true))) {
            return;
        }
        $this->pass(10);
        $this->note("say {$press->value}");
        if (! $this->pan->isStill() || $this->watch->isUnsettled()) {
            return;
        }
        $pan = $this->judge($press, null, false);
        if ($pan->question !== null) {
            $pan = $this->answer($press, $pan);
        }
        foreach ($pan->events ?? [] as $event) {
            $this->after($event);
            $this->zero = $this->word();
            if ($event->kind === BatchEventKind::Poured) {
                $this->untold = [];
            }
        }
        if ($pan !== null && $press !== BenchPress::SameBowl && $this->on !== null) {
            if ($press === BenchPress::EmptyBowl) {
                $this->untold = [];
            }
            $this->own = $press === BenchPress::EmptyBowl
                ? [$this->on]
                : array_values(array_unique([...$this->own, $this->on]));
        }
    }

    private function judge(BenchPress $press, ?string $line, bool $sure): Pan
    {
        $known = [new Vessel('yellow', Grams::ofCentigrams(21_200)), new Vessel('', Grams::ofCentigrams(18_400))];

        return match ($press) {
            BenchPress::EmptyBowl => Pan::emptyBowl($this->batch, $this->pan->reading(), $known, '', $sure),
            BenchPress::OtherBowl => Pan::otherBowl($this->batch, $this->pan->reading(), $known, '', $sure),
            default => Pan::sameBowl($this->batch, $this->pan->reading(), $known, $line, $sure),
        };
    }

    /** The truth, where it was asked for; null for “look again”. */
    private function answer(BenchPress $press, Pan $asked): ?Pan
    {
        $on = $this->on;
        $about = $asked->question->key ?? '';
        if ($press !== BenchPress::SameBowl) {
            return $about === 'pan.no-such-bowl' && $on !== null && array_sum($this->in[$on] ?? []) < 0.05
                ? $this->judge($press, null, true) : null;
        }
        $lines = array_keys(array_filter($this->untold));
        if ($about === 'pan.no-such-bowl-under' && $on !== null && in_array($on, $this->own, true) && $lines === []) {
            return $this->judge($press, null, true);
        }
        if ($about !== 'pan.more-than-recorded' || $on === null || ! in_array($on, $this->own, true) || $lines === []) {
            return null;
        }
        if (count($lines) > 1) {
            // Of several at once: typed one by one, then it agrees.
            foreach ($lines as $line) {
                try {
                    $this->after(
                        BatchEvent::poured(
                            $line,
                            Grams::ofCentigrams((int) round($this->untold[$line] * 100)),
                            PourSource::Hand,
                        ),
                    );
                    unset($this->untold[$line]);
                } catch (PourRefused) {
                    // Something is over its target and waits for a choice first.
                    return null;
                }
            }

            return null;
        }
        try {
            // Everything that is not told must be of it.
            $pan = $this->judge($press, $lines[0], false);
            foreach ($pan->events as $event) {
                $this->batch->after($event);
            }

            return $pan;
        } catch (PourRefused) {
            return null;
        }
    }

    private function weighBack(): void
    {
        $this->pass(10);
        if (! $this->pan->isStill()) {
            return;
        }
        try {
            $pan = Pan::weighedBack($this->batch, $this->pan->reading());
            foreach ($this->on !== null && in_array($this->on, $this->own, true) ? $pan->events : [] as $event) {
                $this->after($event);
                $this->zero = '';
            }
        } catch (PourRefused) {
            // More left than was mixed: another bowl.
        }
    }

    /** The way out of “what stands on the scale?”: put the own bowl on it and say so. */
    private function settle(Bench $bench): void
    {
        $own = $this->own === []
            ? ($this->on !== null && array_sum($this->in[$this->on] ?? []) < 0.05 ? $this->on : 'white')
            : $this->own[count($this->own) - 1];
        if ($this->own === []) {
            $this->in[$own] = [];
        }
        if ($this->on !== $own || $bench->state === BenchState::Missing) {
            $this->put($own);
        }
        $this->press($this->batch->total()->isZero() ? BenchPress::EmptyBowl : BenchPress::SameBowl);
        if ($this->own !== [] && ! $this->standsHere() && $this->batch->total()->isZero() && $this->hasUntold()) {
            // Poured, and all of it taken back: nobody weighs that as an empty bowl. It is typed.
            foreach ($this->untold as $line => $grams) {
                $this->after(
                    BatchEvent::poured($line, Grams::ofCentigrams((int) round($grams * 100)), PourSource::Hand),
                );
                unset($this->untold[$line]);
                break;
            }
        }
    }

    private function isWanted(): bool
    {
        $line = $this->batch->current();

        return $line !== null && array_keys(array_filter($this->untold)) === [$line->key];
    }

    private function hasUntold(): bool
    {
        return array_filter($this->untold) !== [];
    }

    private function after(BatchEvent $event): void
    {
        $this->batch = $this->batch->after($event);
        $this->note("{$event->kind->value} {$event->line} {$event->grams?->text()}");
    }

    private function standsHere(): bool
    {
        return $this->batch->onScale
            && $this->zero !== ''
            && $this->zero === $this->word()
            && ! $this->watch->isUnsettled();
    }

    private function word(): string
    {
        return "{$this->session}.{$this->watch->changes()}";
    }

    private function pass(int $tenths): void
    {
        for ($i = 0; $i < $tenths; $i++) {
            $this->pan->pass(0.1);
            $this->clock += 100;
            $this->watch->see($this->pan->reading(), $this->pan->isStill(), $this->clock);
        }
    }
}

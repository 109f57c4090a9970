<?php

declare(strict_types=1);

namespace Core\Weighing;

/**
 * The bench as a machine: where it stands, and every press that does something there. No state is without a way out;
 * what is not listed is not offered. Answers to what is asked about (Pan, UnlikelyPour) come on top.
 */
final readonly class Bench
{
    /** @param  list<BenchPress>  $presses */
    private function __construct(public BenchState $state, public array $presses)
    {
    }

    /**
     * @param  bool  $scale  a scale is heard
     * @param  bool  $standsHere  it is known to stand under this bowl, and nothing else was put on it since
     * @param  ?LivePlace  $place  what it shows of the pour; null without one
     */
    public static function of(Batch $batch, bool $scale, bool $standsHere, ?LivePlace $place): self
    {
        $state = self::state($batch, $scale, $standsHere, $place);
        $presses = match ($state) {
            BenchState::Asking, BenchState::Missing => [
                // A bowl that was weighed is known again, also before anything of it is on record.
                ...($batch->total()->isZero() && $batch->bowlWeight === null ? [] : [BenchPress::SameBowl]),
                $batch->total()->isZero() ? BenchPress::EmptyBowl : BenchPress::OtherBowl,
                ...self::line($batch),
            ],
            BenchState::ByHand, BenchState::Waiting => self::line($batch),
            // What was poured may be something else than what is wanted now.
            BenchState::Pouring => [BenchPress::Record, BenchPress::SameBowl, ...self::line($batch)],
            BenchState::Choosing => [BenchPress::Keep, BenchPress::Accept, BenchPress::Steer],
            BenchState::Complete => [BenchPress::Finish, BenchPress::Add],
            BenchState::MoreIn => [BenchPress::SameBowl, BenchPress::Add],
            BenchState::Finished => [
                ...(
                    $scale
                    && ! $standsHere
                    && $batch->bowlWeight !== null
                    && $batch->isInOneBowl() ? [BenchPress::WeighBack] : []
                ),
                BenchPress::TypeBack,
                BenchPress::Again,
            ],
            BenchState::WeighedBack, BenchState::Discarded, BenchState::Withdrawn => [BenchPress::Again],
        };

        return new self($state, [
            ...$presses,
            ...($batch->canUndo() ? [BenchPress::Undo] : []),
            ...($batch->canDiscard() ? [BenchPress::Discard] : []),
            ...($batch->canWithdraw() ? [BenchPress::Withdraw] : []),
        ]);
    }

    public function has(BenchPress $press): bool
    {
        return in_array($press, $this->presses, true);
    }

    private static function state(Batch $batch, bool $scale, bool $standsHere, ?LivePlace $place): BenchState
    {
        return match ($batch->status) {
            BatchStatus::Over => BenchState::Choosing,
            BatchStatus::Complete => $standsHere && $place === LivePlace::Over
                ? BenchState::MoreIn
                : BenchState::Complete,
            BatchStatus::Finished => $batch->leftover === null ? BenchState::Finished : BenchState::WeighedBack,
            BatchStatus::Discarded => BenchState::Discarded,
            BatchStatus::Withdrawn => BenchState::Withdrawn,
            BatchStatus::Weighing => match (true) {
                ! $scale => BenchState::ByHand,
                ! $standsHere => BenchState::Asking,
                $place === LivePlace::BowlMissing => BenchState::Missing,
                $place === null || $place === LivePlace::Waiting => BenchState::Waiting,
                default => BenchState::Pouring,
            },
        };
    }

    /** @return list<BenchPress> what can be done with the line that is poured now, without the scale */
    private static function line(Batch $batch): array
    {
        $line = $batch->current();

        return $line === null ? [BenchPress::Add] : [
            BenchPress::Type,
            BenchPress::Add,
            ...($line->open || ! $batch->poured[$line->key]->isZero() ? [BenchPress::TakeShort] : []),
        ];
    }
}

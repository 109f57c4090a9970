<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Enums\VisitStatus;
use App\Formulas\ClockRows;
use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Round;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use Core\Timing\ClockState;
use Core\Weighing\BatchStatus;
use Illuminate\Support\Collection;

/** What needs a hand next in a visit, in plain words, and the bowl it is about. */
final readonly class NextStep
{
    private function __construct(private string $do, private string $words, private ?string $bowl = null)
    {
    }

    public static function of(Visit $visit): self
    {
        $bowls = $visit->rounds->flatMap(fn (Round $round) => $round->bowls);
        $weighing = $bowls->first(fn (Bowl $bowl): bool => $bowl->batches->contains(fn (Batch $batch): bool => $batch->status->isOpen()));
        $planned = $bowls->first(fn (Bowl $bowl): bool => ! $bowl->batches->contains(fn (Batch $batch): bool => $batch->status === BatchStatus::Finished));

        $clock = $visit->status === VisitStatus::InChair ? self::clock($visit, $bowls) : null;

        return match (true) {
            $visit->status === VisitStatus::Closed => new self('read', 'Closed'),
            $clock !== null => $clock,
            $weighing !== null => new self('weigh', 'Carry on weighing bowl '.trim($weighing->letter), $weighing->id),
            $bowls->isEmpty() => new self('plan', 'Plan the first bowl'),
            $visit->status === VisitStatus::Expected => new self('receive', 'Expected'),
            $planned !== null => new self('weigh', 'Weigh bowl '.trim($planned->letter), $planned->id),
            default => new self('close', 'All bowls mixed: close when done'),
        };
    }

    /**
     * What is on the hair comes before all else: beyond its time, then due.
     *
     * @param  Collection<int, Bowl>  $bowls
     */
    private static function clock(Visit $visit, Collection $bowls): ?self
    {
        $now = CarbonImmutable::now();
        $due = null;
        foreach ($bowls as $bowl) {
            $state = $bowl->stamps->isEmpty() ? ClockState::Waiting : resolve(ClockRows::class)->clock($bowl, $visit, $now)->state;
            $letter = trim($bowl->letter);
            if ($state === ClockState::Over) {
                return new self('run', "Rinse bowl {$letter} now: beyond its time");
            }
            $due ??= $state === ClockState::Due ? new self('run', "Bowl {$letter} is due: look and rinse") : null;
        }

        return $due;
    }

    /** @return array{do: string, words: string, bowl: ?string} */
    public function toArray(): array
    {
        return ['do' => $this->do, 'words' => $this->words, 'bowl' => $this->bowl];
    }
}

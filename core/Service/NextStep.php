<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Timing\ClockState;

/** What needs a hand next in a visit, and the bowl it is about. */
final readonly class NextStep
{
    /**
     * @param  string  $do  the station it leads to: read, plan, receive, weigh, run, close
     * @param  ?string  $bowl  its id
     */
    private function __construct(public string $do, public Fact $fact, public ?string $bowl = null)
    {
    }

    /** Nothing is to be done in a visit that is closed. */
    public static function closed(): self
    {
        return new self('read', Fact::of('steps.closed'));
    }

    /**
     * What is on the hair comes before all else: beyond its time, then due; then what stands half weighed.
     *
     * @param  list<BowlState>  $bowls  in their order
     * @param  bool  $inChair  the client is there
     */
    public static function of(array $bowls, bool $inChair): self
    {
        $weighing = self::first($bowls, static fn (BowlState $bowl): bool => $bowl->weighing);
        $planned = self::first($bowls, static fn (BowlState $bowl): bool => ! $bowl->mixed);
        $clock = $inChair ? self::clock($bowls) : null;

        return match (true) {
            $clock !== null => $clock,
            $weighing !== null => new self(
                'weigh',
                Fact::of('steps.carry-on', letter: $weighing->letter),
                $weighing->id,
            ),
            $bowls === [] => new self('plan', Fact::of('steps.plan')),
            ! $inChair => new self('receive', Fact::of('steps.expected')),
            $planned !== null => new self('weigh', Fact::of('steps.weigh', letter: $planned->letter), $planned->id),
            default => new self('close', Fact::of('steps.close')),
        };
    }

    /** @param  list<BowlState>  $bowls */
    private static function clock(array $bowls): ?self
    {
        $over = self::first($bowls, static fn (BowlState $bowl): bool => $bowl->clock === ClockState::Over);
        $due = self::first($bowls, static fn (BowlState $bowl): bool => $bowl->clock === ClockState::Due);

        return match (true) {
            $over !== null => new self('run', Fact::of('steps.rinse-now', letter: $over->letter)),
            $due !== null => new self('run', Fact::of('steps.due', letter: $due->letter)),
            default => null,
        };
    }

    /**
     * @param  list<BowlState>  $bowls
     * @param  callable(BowlState): bool  $is
     */
    private static function first(array $bowls, callable $is): ?BowlState
    {
        foreach ($bowls as $bowl) {
            if ($is($bowl)) {
                return $bowl;
            }
        }

        return null;
    }
}

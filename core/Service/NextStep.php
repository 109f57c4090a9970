<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Fact;
use Core\Timing\Act;
use Core\Timing\ActKind;

/** What needs a hand next in a visit, the bowl it is about, and by when. */
final readonly class NextStep
{
    /** The same without its minutes: for a page that counts them down by itself. */
    public Fact $what;

    /**
     * @param  string  $do  the station it leads to: read, plan, receive, weigh, run, close
     * @param  ?string  $letter  of the bowl that is to be weighed
     * @param  ?Fact  $what  null where it has no minutes
     * @param  ?int  $at  second of the plan by which it is to be done; null where no clock says
     */
    private function __construct(
        public string $do,
        public Fact $fact,
        public ?string $letter = null,
        public ?int $at = null,
        ?Fact $what = null,
    ) {
        $this->what = $what ?? $fact;
    }

    /** Nothing is to be done in a visit that is closed. */
    public static function closed(): self
    {
        return new self('read', Fact::of('steps.closed'));
    }

    /**
     * What the plan of times calls for now comes before all else; then what stands half weighed; then the plan's next.
     *
     * @param  list<BowlState>  $bowls  in their order
     * @param  bool  $inChair  the client is there
     * @param  ?Act  $act  the plan's next
     * @param  int  $now  second of the plan
     */
    public static function of(array $bowls, bool $inChair, ?Act $act = null, int $now = 0): self
    {
        $weighing = self::first($bowls, static fn (BowlState $bowl): bool => $bowl->weighing);
        $planned = self::first($bowls, static fn (BowlState $bowl): bool => ! $bowl->mixed);
        $onHair = self::first($bowls, static fn (BowlState $bowl): bool => $bowl->clock->isOn()) !== null;
        $called = $act === null || ! ($inChair || $onHair) ? null : self::act($act, $now);

        return match (true) {
            $called !== null && $act->at <= $now && ($onHair || $weighing === null) => $called,
            $weighing !== null => new self(
                'weigh',
                Fact::of('steps.carry-on', letter: $weighing->letter),
                $weighing->letter,
            ),
            $bowls === [] => new self('plan', Fact::of('steps.plan')),
            ! $inChair && ! $onHair => new self('receive', Fact::of('steps.expected')),
            $called !== null => $called,
            $planned !== null => new self('weigh', Fact::of('steps.weigh', letter: $planned->letter), $planned->letter),
            default => new self('close', Fact::of('steps.close')),
        };
    }

    private static function act(Act $act, int $now): self
    {
        $mixes = $act->kind === ActKind::Mix;
        $fact = $mixes ? Fact::of('steps.weigh', letter: $act->letters[0]) : $act->fact();
        $wait = intdiv($act->at - $now + 59, 60);

        return new self($mixes ? 'weigh' : 'run', match (true) {
            $act->late > 0 => Fact::of('steps.late', act: $fact, minutes: $act->late),
            $act->at <= $now => $mixes ? $fact : Fact::of('steps.now', act: $fact),
            default => Fact::of('steps.soon', act: $fact, minutes: $wait),
        }, $mixes ? $act->letters[0] : null, $act->at, $fact);
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

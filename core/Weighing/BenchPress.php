<?php

declare(strict_types=1);

namespace Core\Weighing;

/** Everything a hand can do at the bench. */
enum BenchPress: string
{
    /** The empty bowl stands on the scale. */
    case EmptyBowl = 'empty-bowl';
    /** This bowl stands on it, with what is in it. */
    case SameBowl = 'same-bowl';
    /** Another bowl, empty, for what is still to come. */
    case OtherBowl = 'other-bowl';
    case Record = 'record';
    case Type = 'type';
    case TakeShort = 'take-short';
    case Add = 'add';
    case Keep = 'keep';
    case Accept = 'accept';
    /** What is still to come is solved anew; where that helps. */
    case Steer = 'steer';
    case Discard = 'discard';
    case Withdraw = 'withdraw';
    case Undo = 'undo';
    case Finish = 'finish';
    case WeighBack = 'weigh-back';
    case TypeBack = 'type-back';
    case Again = 'again';
}

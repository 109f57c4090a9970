<?php

declare(strict_types=1);

namespace Core\Formula;

/** From which moment of the other bowl it is counted when this one goes on. */
enum FollowFrom: string
{
    /** From where its clock starts. */
    case Clock = 'clock';
    case FirstTouch = 'first-touch';
    case LastTouch = 'last-touch';
    /** Back from its rinse: on for its last minutes. */
    case End = 'end';
    case Rinsed = 'rinsed';
}

<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Models\Batch;
use App\Models\Bowl;
use App\Models\Canvas;
use App\Models\Client;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Message;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\Visit;
use App\Words\Say;
use Illuminate\Database\Eloquent\Model;
use RuntimeException;

/** Somebody else changed the record first. Carries the newer version, so that nothing is overwritten unseen. */
final class EditedElsewhere extends RuntimeException
{
    private function __construct(string $message, private readonly string $mend, private readonly Model $newer)
    {
        parent::__construct($message);
    }

    public static function bowl(Bowl $newer): self
    {
        return new self(
            Say::plain('This bowl was changed on another device.'),
            Say::plain('Look at the newer version, then keep it or put yours in its place.'),
            $newer,
        );
    }

    public static function visit(Visit $newer): self
    {
        return new self(
            Say::plain('This visit was changed on another device.'),
            Say::plain('The newer version is shown; enter your change again if it is still wanted.'),
            $newer,
        );
    }

    public static function team(Salon $newer): self
    {
        return new self(
            Say::plain('This person was changed on another device.'),
            Say::plain('The team is shown as it stands now; change it again if it is still wanted.'),
            $newer,
        );
    }

    public static function line(ColourLine $newer): self
    {
        return new self(
            Say::plain('This line was changed on another device.'),
            Say::plain('Look at the newer version, then take it or put yours in its place.'),
            $newer,
        );
    }

    public static function shade(Shade $newer): self
    {
        return new self(
            Say::plain('This product was changed on another device.'),
            Say::plain('The line is shown as it stands now; change the product again if it is still wanted.'),
            $newer->colourLine,
        );
    }

    public static function developer(Developer $newer): self
    {
        return new self(
            Say::plain('This developer was changed on another device.'),
            Say::plain('The shelf is shown as it stands now; change the developer again if it is still wanted.'),
            $newer,
        );
    }

    public static function round(Visit $newer): self
    {
        return new self(
            Say::plain('This round was changed on another device.'),
            Say::plain('The visit is shown as it stands now; change the round again if it is still wanted.'),
            $newer,
        );
    }

    public static function client(Client $newer): self
    {
        return new self(
            Say::plain('This client’s particulars were changed on another device.'),
            Say::plain('The newer ones are shown; enter your change again if it is still wanted.'),
            $newer,
        );
    }

    public static function canvas(Canvas $newer): self
    {
        return new self(
            Say::plain('The canvas was changed on another device.'),
            Say::plain('Look at the newer one, then keep it or put yours in its place.'),
            $newer,
        );
    }

    public static function message(Message $newer): self
    {
        return new self(
            Say::plain('This message was changed or sent on another device.'),
            Say::plain('It is shown as it stands now.'),
            $newer,
        );
    }

    public static function house(Salon $newer): self
    {
        return new self(
            Say::plain('The house rules were changed on another device.'),
            Say::plain('The newer ones are shown beside yours; keep them or put yours in their place.'),
            $newer,
        );
    }

    public static function batch(Batch $newer): self
    {
        return new self(
            Say::plain('This batch moved on on another device.'),
            Say::plain('The bowl is shown as it stands now; nothing was recorded twice.'),
            $newer,
        );
    }

    public static function reusedId(Batch $newer): self
    {
        return new self(
            Say::plain('This event was already recorded with other contents.'),
            Say::plain('The first one stands. Record the new one again.'),
            $newer,
        );
    }

    public function mend(): string
    {
        return $this->mend;
    }

    public function newer(): Model
    {
        return $this->newer;
    }
}

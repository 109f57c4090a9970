<?php

declare(strict_types=1);

namespace Core\Scale;

use Core\Refusal;

final class GarbledLine extends Refusal
{
    public static function unreadable(): self
    {
        return new self('The scale sent something that is not a reading.', 'Check its cable. The last clean reading stands; grams can be typed by hand.');
    }

    public static function checksum(): self
    {
        return new self('A reading from the scale was damaged on its way.', 'Check its cable. The last clean reading stands; grams can be typed by hand.');
    }
}

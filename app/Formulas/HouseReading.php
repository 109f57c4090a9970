<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\TeamMember;
use Core\Formula\Extra;
use Core\Units\MassReading;

/** How this salon's people say an amount: its ounce, and the pack and density of the product they say it of. */
final readonly class HouseReading
{
    public function __construct(private SalonShelf $shelves)
    {
    }

    /**
     * @param  string  $product  id, also of an extra's line; empty where it is of no one product
     * @param  ?string  $text  what will be read, where it is known: nothing is looked up for what is in grams
     */
    public function of(?TeamMember $member, string $product = '', ?string $text = null): MassReading
    {
        if ($member === null || $text === '' || ($text !== null && MassReading::isInGrams($text))) {
            return MassReading::plain();
        }
        $shelf = $this->shelves->of($member->salon);
        $id = str_starts_with($product, Extra::PREFIX) ? substr($product, strlen(Extra::PREFIX)) : $product;

        return $shelf->readingFor($shelf->product($id));
    }
}

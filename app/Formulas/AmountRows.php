<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Visit;
use Core\Advice\AmountAdvice;
use Core\Hair\Canvas;
use Core\Service\PlacedAmount;
use Core\Service\PlacedBowl;

/**
 * One suggestion for a bowl's amount, with its reason: this client's own used grams for this job; else what such bowls
 * took on such heads of the house; else the table.
 */
final readonly class AmountRows
{
    public function __construct(private PastUses $uses)
    {
    }

    /** @param  ?PlacedAmount  $table  what the table says of it */
    public function of(
        Visit $visit,
        PlacedBowl $bowl,
        Canvas $canvas,
        ?PlacedAmount $table,
    ): AmountAdvice|PlacedAmount|null {
        $line = (int) substr($bowl->sheet->line, strlen('line-'));
        if (! $visit->client->training) {
            $own = $this->uses->own($visit, $bowl->sheet->job, $line);
            if ($own !== []) {
                return AmountAdvice::fromOwn($own, $visit->rules());
            }
            $house = AmountAdvice::fromHouse($this->uses->house($visit, $bowl->sheet->job, $line, $canvas));
            if ($house !== null) {
                return $house;
            }
        }

        return $table;
    }
}

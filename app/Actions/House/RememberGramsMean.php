<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Models\Salon;
use App\Records\Editions;
use Core\Practice\GramsMean;
use Core\Practice\Schools;
use Illuminate\Database\DatabaseManager;

/** The first answer to what “five grams less” is of becomes the house’s rule; one that is set already stays. */
final readonly class RememberGramsMean
{
    public function __construct(private DatabaseManager $database, private Editions $editions)
    {
    }

    public function __invoke(Salon $salon, GramsMean $of): Salon
    {
        return $this->database->transaction(function () use ($salon, $of): Salon {
            $current = Salon::query()->lockForUpdate()->findOrFail($salon->id);
            $rules = $current->rules();
            if ($rules->gramsMean === GramsMean::Ask && $of !== GramsMean::Ask) {
                $this->editions->keep($current, 'house', ['house_rules' => $current->house_rules]);
                $current->fill([
                    'house_rules' => Schools::differing($rules->withGramsMean($of)),
                    'version' => $current->version + 1,
                ])->save();
            }

            return $current;
        });
    }
}

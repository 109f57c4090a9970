<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Exceptions\EditedElsewhere;
use App\Models\Salon;
use App\Records\Editions;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Illuminate\Database\DatabaseManager;

/**
 * What the house does where good people disagree, set anew. Bowls already being weighed keep the plan they began with.
 */
final readonly class ChangeHouse
{
    public function __construct(private DatabaseManager $database, private Editions $editions)
    {
    }

    public function __invoke(Salon $salon, int $version, HouseRules $rules, string $timezone): Salon
    {
        return $this->database->transaction(function () use ($salon, $version, $rules, $timezone): Salon {
            $current = Salon::query()->lockForUpdate()->findOrFail($salon->id);
            if ($current->version !== $version) {
                throw EditedElsewhere::house($current);
            }
            $this->editions->keep($current, 'house', ['house_rules' => $current->house_rules]);
            $current->fill([
                'house_rules' => Schools::differing($rules),
                'timezone' => $timezone,
                'version' => $version + 1,
            ])->save();

            return $current;
        });
    }
}

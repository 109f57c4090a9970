<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Practice\GramsMean;
use Core\Practice\HouseRules;
use Core\Shelf\Shelf;

/** What changes would make of a bowl, in grams and in effect, before anything is changed. */
final readonly class PreviewChanges
{
    /** @param  list<Row>  $rows  what would differ */
    private function __construct(public BowlSheet $sheet, public array $rows)
    {
    }

    /**
     * One way where it is clear what is meant. Where grams may be of the colour or of the mixture, and the house has
     * not said, both ways, so that a person can choose by what they make.
     *
     * @param  list<Change>  $changes  one after the other
     * @return non-empty-array<string, self> by what grams are of: colour, mixture; under ask where nothing is to be
     *     asked
     *
     * @throws CoreException where one of them cannot be done
     */
    public static function on(BowlSheet $before, array $changes, Shelf $shelf, HouseRules $rules): array
    {
        $asks = array_filter($changes, static fn (Change $change): bool => $change->kind === ChangeKind::Grams) !== [];
        $found = [];
        foreach (
            $asks
            && $rules->gramsMean === GramsMean::Ask ? [GramsMean::Colour, GramsMean::Mixture] : [GramsMean::Ask] as $of
        ) {
            $after = $before;
            foreach ($changes as $change) {
                $after = ApplyChange::to($after, $change->meaning($of), $shelf, $rules);
            }
            $rows = CompareBowls::rows(new BowlFacts($before), new BowlFacts($after), $shelf, $rules);
            $found[$of->value] = new self(
                $after,
                array_values(array_filter($rows, static fn (Row $row): bool => $row->differs())),
            );
        }

        return $found;
    }
}

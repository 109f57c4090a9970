<?php

declare(strict_types=1);

namespace App\Actions\Bowls;

use App\Formulas\BowlRows;
use App\Models\Bowl;
use App\Models\TeamMember;

/** Changes when a bowl goes on, how long it is on and how it comes off; its formula stays as it is. */
final readonly class RetimeBowl
{
    public function __construct(private SaveBowl $save, private BowlRows $rows)
    {
    }

    /** @param  array<string, mixed>  $set  members of the sheet that speak of time; null takes one away */
    public function __invoke(TeamMember $member, Bowl $bowl, int $version, array $set): Bowl
    {
        return $this->save->change($member, $bowl, $version, self::with($this->rows->json($bowl), $set));
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @param  array<string, mixed>  $set
     * @return array<string, mixed>
     */
    public static function with(array $sheet, array $set): array
    {
        return array_filter(
            [...$sheet, ...$set],
            static fn (mixed $value, string $key): bool => $value !== null || ! array_key_exists($key, $set),
            ARRAY_FILTER_USE_BOTH,
        );
    }
}

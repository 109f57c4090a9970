<?php

declare(strict_types=1);

namespace App\Practice;

use App\Actions\Bowls\SaveBowl;
use App\Exceptions\VisitRefused;
use App\Models\Bowl;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use App\Models\Shade;
use App\Models\TeamMember;
use Core\Shelf\ProductKind;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/** A small bowl on a practice head, for somebody's first pour: two shades and a developer of the house's own shelf. */
final readonly class FirstBowl
{
    private const COLOUR = '30 g';

    public function __construct(private DatabaseManager $database, private NewHead $head, private SaveBowl $save)
    {
    }

    /**
     * @param  string  $id  of the visit, made by the device: the same again makes nothing twice
     *
     * @throws VisitRefused where the shelf has no line with two shades and a developer
     */
    public function __invoke(TeamMember $member, string $id): Bowl
    {
        return $this->database->transaction(function () use ($member, $id): Bowl {
            $sheet = $this->sheet($member->salon) ?? throw VisitRefused::nothingToWeigh();
            $round = ($this->head)($member, Lesson::Grey, $id)->rounds()->firstOrFail();

            return $round->bowls()->first() ?? $this->save->add($round, (string) Str::uuid(), $sheet);
        });
    }

    /** @return ?array<string, mixed> as a bowl is typed */
    private function sheet(Salon $salon): ?array
    {
        foreach (
            $salon->colourLines()
                ->with(['shades', 'developers'])
                ->where('withdrawn', false)
                ->orderBy('id')
                ->get() as $line
        ) {
            $shades = $line->shades->filter(
                fn (Shade $shade): bool => $shade->kind === ProductKind::Shade
                && ! $shade->withdrawn,
            )->take(2);
            $developer = $line->developers->first(fn (Developer $each): bool => ! $each->withdrawn);
            if ($shades->count() === 2 && $developer !== null) {
                return $this->of(
                    $line,
                    array_values($shades->map(fn (Shade $shade): string => $shade->productId())->all()),
                    $developer->productId(),
                );
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $shades
     * @return array<string, mixed>
     */
    private function of(ColourLine $line, array $shades, string $developer): array
    {
        return [
            'letter' => 'A', 'job' => 'First bowl', 'line' => "line-{$line->id}", 'ratio' => '', 'amount' => [
                'of' => 'colour',
                'grams' => self::COLOUR,
                'ingredient' => null,
            ],
            'parts' => [
                [
                    'ingredients' => array_map(
                        fn (string $shade): array => ['product' => $shade, 'share' => '1'],
                        $shades,
                    ),
                ],
                ['ingredients' => [['product' => $developer, 'share' => 'all']]],
            ],
            'additives' => [], 'place' => [
                ['regions' => [], 'spans' => [], 'method' => 'global'],
            ], 'minutes' => null, 'note' => '',
        ];
    }
}

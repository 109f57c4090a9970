<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Formulas\ShadeSwatch;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use App\Models\Shade;

/** Four invented colour lines, a care line, and five developers. */
final class Shelf
{
    private const DEVELOPERS = [6, 10, 20, 30, 40];

    private const LINES = [
        [
            'name' => 'Tidewater', 'kind' => 'permanent', 'ratio' => '1:1.5', 'window' => [30, 35, 45],
            'developers' => [10, 20, 30, 40],
            'about' => 'Permanent, full lift and grey cover. Stops by itself after 45 minutes.',
            'notation' => 'letters', 'pack' => 6000,
            'levels' => [3, 4, 5, 6, 7, 8, 9, 10],
            'tones' => [
                'N' => ['natural' => 1.0], 'NN' => ['natural' => 1.0], 'A' => ['ash' => 1.0], 'G' => ['gold' => 1.0],
                'C' => ['copper' => 1.0], 'R' => ['red' => 1.0], 'V' => ['violet' => 1.0],
            ],
            'without' => ['3A', '3G', '10R', '10C', '9R', '10V', '3C'],
            // A doubled letter is read as double pigment, so the legend lists only single ones.
            'legend' => [
                'N' => ['natural' => 1],
                'A' => ['ash' => 1],
                'G' => ['gold' => 1],
                'C' => ['copper' => 1],
                'R' => ['red' => 1],
                'V' => ['violet' => 1],
            ],
        ],
        [
            'name' => 'Low Harbour', 'kind' => 'permanent', 'ratio' => '1:1', 'window' => [35, 40, 45],
            'developers' => [10, 20, 30],
            'about' => 'Permanent, low ammonia. Two levels of lift take 30 vol.', 'notation' => 'digits',
            'pack' => 6000,
            'levels' => [4, 5, 6, 7, 8, 9],
            'tones' => [
                '.0' => ['natural' => 1.0], '.1' => ['ash' => 1.0], '.3' => ['gold' => 1.0], '.34' => [
                    'gold' => 0.67,
                    'copper' => 0.33,
                ],
                '.5' => ['mahogany' => 1.0], '.7' => ['brown' => 1.0],
            ],
            'without' => ['9.5', '4.34', '4.3'],
            'legend' => [
                '1' => ['ash' => 1],
                '3' => ['gold' => 1],
                '4' => ['copper' => 1],
                '5' => ['mahogany' => 1],
                '7' => ['brown' => 1],
            ],
            'lift' => ['10' => '0', '20' => '1', '30' => '2'],
        ],
        [
            'name' => 'Slack Water', 'kind' => 'demi', 'ratio' => '1:2', 'window' => [10, 20, 20],
            'developers' => [6, 10],
            'about' => 'Demi-permanent gloss. Deposits only; keeps working until rinsed.', 'notation' => 'letters',
            'pack' => 6000,
            'levels' => [6, 7, 8, 9, 10],
            'tones' => [
                'N' => ['natural' => 1.0],
                'P' => ['pearl' => 1.0],
                'B' => ['beige' => 1.0],
                'G' => ['gold' => 1.0],
            ],
            'without' => ['6P'],
        ],
        [
            'name' => 'Brightwork', 'kind' => 'lightener', 'ratio' => '1:2', 'window' => [20, 35, 50],
            'developers' => [6, 10, 20, 30, 40],
            'about' => 'Lightener with clear, boosters and bond builder. Keeps working until rinsed; never overlap.',
            'notation' => 'letters', 'pack' => 50000,
            'levels' => [], 'tones' => [], 'without' => [],
        ],
        [
            'name' => 'Quay Care', 'kind' => 'care', 'ratio' => 'no developer', 'window' => [1, 30, 120],
            'developers' => [],
            'about' => 'What shields and colours nothing: conditioner for light ends, barrier cream for hairline and ears.',
            'notation' => 'letters', 'pack' => 25000,
            'levels' => [], 'tones' => [], 'without' => [],
        ],
    ];

    /** Products without a level: line, code, name, kind, swatch, and a booster's tone. */
    private const OTHERS = [
        ['Brightwork', 'Powder', 'lightening powder', 'lightener', '#e7ecf3'],
        ['Brightwork', 'Bond', 'bond builder', 'additive', '#cfd8dc'],
        ['Brightwork', 'Blue', 'blue booster', 'booster', '#3c5a9a', 'ash'],
        ['Brightwork', 'Violet', 'violet booster', 'booster', '#6b4a92', 'violet'],
        ['Brightwork', 'Green', 'green booster', 'booster', '#4b7a55', 'matte'],
        ['Quay Care', 'Shield', 'shielding conditioner', 'care', '#efe6d8'],
        ['Quay Care', 'Rim', 'barrier cream', 'care', '#f3efe4'],
        ['Slack Water', 'Clear', 'clear gloss', 'clear', '#f4f1ea'],
        ['Tidewater', 'Clear', 'clear', 'clear', '#f4f1ea'],
        ['Tidewater', 'Red +', 'red booster', 'booster', '#a03028', 'red'],
        ['Tidewater', 'Gold +', 'gold booster', 'booster', '#c9962f', 'gold'],
    ];

    public function load(Salon $salon): void
    {
        $developers = [];
        foreach (self::DEVELOPERS as $volume) {
            $developers[$volume] = Developer::query()->create([
                'salon_id' => $salon->id, 'name' => "cream developer {$volume} vol",
                'volume_hundredths' => $volume * 100, 'pack_cg' => 100_000,
            ])->id;
        }
        foreach (self::LINES as $line) {
            [$min, $target, $max] = $line['window'];
            $row = ColourLine::query()->create([
                'salon_id' => $salon->id, 'name' => $line['name'], 'kind' => $line['kind'], 'about' => $line['about'],
                'ratio' => $line['ratio'],
                'min_minutes' => $min, 'target_minutes' => $target, 'max_minutes' => $max,
                'legend' => [
                    'notation' => $line['notation'],
                    'tones' => $line['legend'] ?? $line['tones'],
                ] + (isset($line['lift']) ? ['lift' => $line['lift']] : []),
            ]);
            $row->developers()->attach(array_map(fn (int $volume): int => $developers[$volume], $line['developers']));
            Shade::query()->insert([...$this->ladder($line, $row), ...$this->others($line, $row)]);
        }
    }

    /**
     * @param  array<string, mixed>  $line
     * @return list<array<string, mixed>>
     */
    private function ladder(array $line, ColourLine $row): array
    {
        $rows = [];
        foreach ($line['levels'] as $level) {
            foreach ($line['tones'] as $letters => $tones) {
                if (! in_array($level.$letters, $line['without'], true)) {
                    $rows[] = $this->row(
                        $row,
                        $level.$letters,
                        $this->name($level, $tones, $letters),
                        'shade',
                        $level * 10,
                        $line['pack'],
                        (string) ShadeSwatch::of($row, 'shade', $level.$letters, null),
                    );
                }
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $line
     * @return list<array<string, mixed>>
     */
    private function others(array $line, ColourLine $row): array
    {
        $rows = [];
        foreach (self::OTHERS as $other) {
            [$of, $code, $name, $kind, $swatch] = $other;
            if ($of === $line['name']) {
                $rows[] = ['tone' => $other[5] ?? null] + $this->row(
                    $row,
                    $code,
                    $name,
                    $kind,
                    null,
                    $line['pack'],
                    ShadeSwatch::of($row, $kind, $code, $other[5] ?? null) ?? $swatch,
                );
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private function row(
        ColourLine $line,
        string $code,
        string $name,
        string $kind,
        ?int $level,
        int $pack,
        string $swatch,
    ): array {
        return [
            'colour_line_id' => $line->id,
            'code' => $code,
            'name' => $name,
            'kind' => $kind,
            'level_tenths' => $level,
            'pack_cg' => $pack,
            'swatch' => $swatch,
            'density_milli' => null,
            'withdrawn' => false,
            'tone' => null,
        ];
    }

    /** @param  array<string, float>  $tones */
    private function name(int $level, array $tones, string $letters): string
    {
        $base = [
            3 => 'dark brown',
            4 => 'brown',
            5 => 'light brown',
            6 => 'dark blonde',
            7 => 'blonde',
            8 => 'light blonde',
            9 => 'very light blonde',
            10 => 'lightest blonde',
        ][$level];

        return $base.', '.implode('-', array_keys($tones)).($letters === 'NN' ? ', double' : '');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Pigment\Ladder;
use Core\Shelf\ReadCode;
use Core\Units\Fraction;
use Illuminate\Http\JsonResponse;

/** Reads a shade's code by its line's legend. */
final class CodeController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $line = $request->line();
        $read = ReadCode::by($line->legend, $request->text('code'));
        $level = Fraction::of($read->level);

        return new JsonResponse((new AnswerResource(
            "Level {$read->level}, {$read->tone->words()}",
            [
                ['label' => 'Level', 'value' => (string) $read->level],
                ['label' => 'Tone', 'value' => $read->tone->words()],
                [
                    'label' => 'Strength of tone',
                    'value' => $read->intensity->equals(Fraction::one())
                        ? 'as usual'
                        : ($read->intensity->compare(Fraction::one()) > 0 ? 'intense' : 'muted'),
                ],
            ],
            [...$read->steps, "by the legend of {$line->name}"],
            [['label' => "{$read->level}", 'hex' => Ladder::of($level, $read->tone)->hex()]],
        ))->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use App\Words\Say;
use Core\Advice\StrengthAdvice;
use Core\Hair\HairHistory;
use Core\Hair\Porosity;
use Core\Hair\Span;
use Core\Hair\Technique;
use Core\Hair\Zone;
use Core\Judgement\ExpectedTone;
use Core\Judgement\Prediction;
use Core\Judgement\Process;
use Core\Judgement\Standing;
use Core\Shelf\Pigment;
use Core\Shelf\ReadCode;
use Core\Units\Strength;
use Illuminate\Http\JsonResponse;

/** What to expect of a zone: move level, strength, minutes, and watch. */
final class ZoneController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $line = $request->line();
        $zone = new Zone(
            level: $request->number('level', '5'),
            history: $request->choice('history', HairHistory::Natural),
            porosity: $request->choice('porosity', Porosity::Normal),
            span: $request->filled('span') ? Span::from($request->text('span')) : null,
            damp: $request->boolean('damp'),
            wishLevel: $request->optionalNumber('wishLevel'),
            wishTone: $request->wish(),
            banded: $request->boolean('banded'),
        );
        $process = new Process(
            kind: $line->kind,
            mix: $request->text('code') === ''
                ? null
                : Pigment::read(ReadCode::by($line->legend, $request->text('code'))),
            strength: $request->text('text') === '' ? null : Strength::parse($request->text('text')),
            minutes: $request->filled('minutes') ? $request->integer('minutes') : $line->window['target'],
            window: $line->window,
            lift: $line->lift,
            technique: $request->choice('technique', Technique::Covered),
            onScalp: $request->boolean('onScalp'),
            onePass: $request->boolean('onePass'),
        );
        $seen = Prediction::of($zone, $process);
        $strength = StrengthAdvice::for($process, $request->salon()->rules());
        $against = implode(', ', array_map(fn (ExpectedTone $each): string => $each->value, $seen->against));

        return new JsonResponse((new AnswerResource(
            headline: ucfirst($seen->words()),
            facts: [
                ['label' => 'Lifted to', 'value' => "level {$seen->lifted->decimal(1)}"],
                ['label' => 'Bare there', 'value' => $seen->bare->name],
                ['label' => 'Softened by', 'value' => $seen->bare->neutraliser->words()],
                ...($strength === null ? [] : [['label' => 'Strength', 'value' => $strength]]),
                ...($against === '' ? [] : [['label' => 'Against the wish', 'value' => $against]]),
            ],
            why: $seen->why,
            swatches: [
                [
                    'label' => Say::plain('now :level', ['level' => $zone->level->decimal(1)]),
                    'hex' => Standing::of($zone)->seen()->hex(),
                ],
                [
                    'label' => Say::plain('lifted :level', ['level' => $seen->lifted->decimal(1)]),
                    'hex' => $seen->bared->seen()->hex(),
                ],
                [
                    'label' => Say::plain('expected :level, a sketch', ['level' => $seen->level->decimal(1)]),
                    'hex' => $seen->swatch(),
                ],
            ],
            ingredients: [],
            cautions: $seen->cautions,
        ))->toArray());
    }
}

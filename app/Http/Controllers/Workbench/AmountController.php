<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Advice\AmountAdvice;
use Core\Advice\Job;
use Core\Hair\Density;
use Core\Hair\Length;
use Illuminate\Http\JsonResponse;

/** How much to mix for a head nobody has a record of yet. */
final class AmountController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $advice = AmountAdvice::start(
            job: $request->choice('job', Job::Regrowth),
            density: $request->choice('density', Density::Medium),
            length: $request->choice('length', Length::Shoulder),
            resistantGrey: $request->boolean('resistant'),
            regrowth: $request->number('regrowth', '2'),
            foils: $request->integer('foils'),
        );
        $grams = $advice->least->equals($advice->most)
            ? $advice->least->text()
            : "{$advice->least->text()} to {$advice->most->text()}";

        return new JsonResponse((new AnswerResource(
            "{$grams} of ".($advice->ofColour ? 'colour' : 'mixture'),
            [],
            [...$advice->why, 'Better than any table: what this client’s own bowls used.'],
        ))->toArray());
    }
}

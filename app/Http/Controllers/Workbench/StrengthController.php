<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workbench;

use App\Http\Controllers\Controller;
use App\Http\Requests\Workbench\InstrumentRequest;
use App\Http\Resources\Workbench\AnswerResource;
use Core\Units\Fraction;
use Core\Units\Strength;
use Illuminate\Http\JsonResponse;

/** A strength in volumes, in percent, and what it comes to at the usual ratios. */
final class StrengthController extends Controller
{
    public function __invoke(InstrumentRequest $request): JsonResponse
    {
        $strength = Strength::parse($request->text('text'));
        $facts = [
            ['label' => 'Volume', 'value' => $strength->showVolume()],
            ['label' => 'Percent', 'value' => "{$strength->percent()->decimal(2)} %"],
        ];
        foreach (['1:1' => [1, 2], '1:1.5' => [3, 5], '1:2' => [2, 3]] as $ratio => [$developer, $whole]) {
            $facts[] = [
                'label' => "On the head at {$ratio}",
                'value' => $strength->dilutedTo(Fraction::of($developer, $whole))->show(),
            ];
        }

        return new JsonResponse((new AnswerResource($strength->show(), $facts, [
            'Labels count 0.3 % a volume.',
            'By chemistry a volume is 3.035 g of hydrogen peroxide in a litre: 2 × 34.0147 ÷ 22.414.',
            'On the head: strength × the developer’s share of the mixture.',
        ]))->toArray());
    }
}

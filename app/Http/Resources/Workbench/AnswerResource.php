<?php

declare(strict_types=1);

namespace App\Http\Resources\Workbench;

use App\Words\Say;
use Core\Fact;
use Core\Judgement\Caution;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** What an instrument of the workbench answers: a headline, facts, swatches, and why. */
final class AnswerResource extends JsonResource
{
    /**
     * @param  list<array{label: string, value: Fact|string}>  $facts
     * @param  list<Fact|string>  $why
     * @param  list<array{label: string, hex: string}>  $swatches
     * @param  list<array{product: string, label: string, share: string}>  $ingredients
     * @param  list<Caution>  $cautions
     * @param  list<string>  $alarms
     * @param  ?array{line: string, part: int, ingredients: list<array{product: string, share: string}>}  $fragment  a
     *     piece of a formula that can be put into a bowl
     */
    public function __construct(
        private readonly string $headline,
        private readonly array $facts,
        private readonly array $why,
        private readonly array $swatches = [],
        private readonly array $ingredients = [],
        private readonly array $cautions = [],
        private readonly array $alarms = [],
        private readonly ?array $fragment = null,
    ) {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(?Request $request = null): array
    {
        return [
            'headline' => Say::name($this->headline),
            'facts' => array_map(
                static fn (array $each): array => [
                    'label' => Say::name($each['label']),
                    'value' => self::said($each['value']),
                ],
                $this->facts,
            ),
            'why' => array_map(self::said(...), $this->why),
            'swatches' => $this->swatches,
            'ingredients' => $this->ingredients,
            'cautions' => array_map(
                fn (Caution $caution): array => [
                    'reason' => Say::words($caution->fact),
                    'mend' => Say::mend($caution->fact),
                ],
                $this->cautions,
            ),
            'alarms' => array_map(Say::name(...), $this->alarms),
            'fragment' => $this->fragment,
        ];
    }

    private static function said(Fact|string $said): string
    {
        return $said instanceof Fact ? Say::words($said) : Say::name($said);
    }
}

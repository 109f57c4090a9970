<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use App\Formulas\HouseReading;
use App\Models\TeamMember;
use App\Rules\GramsText;
use Core\Advice\AdviceRefused;
use Core\CoreException;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassReading;
use Core\Units\Rounding;
use Core\Units\Share;
use Core\Units\ShareKind;
use Illuminate\Foundation\Http\FormRequest;

final class RemixRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'done' => ['required', 'string', 'max:20'],
            'left' => ['required', 'string', 'max:30', new GramsText($this->reading())],
        ];
    }

    /**
     * A count, or a part of all: 20, two thirds, 2/3, 66 %.
     *
     * @throws AdviceRefused
     */
    public function done(int $planned): int
    {
        $said = $this->string('done')->trim()->value();
        if (ctype_digit($said)) {
            return (int) $said;
        }
        $part = str_replace('two thirds', '2/3', mb_strtolower($said));
        try {
            $share = Share::parse($part);
        } catch (CoreException) {
            throw AdviceRefused::foilsUnreadable($said);
        }

        return in_array($share->kind, [ShareKind::FractionOf, ShareKind::Percent], true)
            ? $share->value->times(Fraction::of($planned))->rounded(1, Rounding::HalfUp)
            : throw AdviceRefused::foilsUnreadable($said);
    }

    public function left(): Grams
    {
        return $this->reading()->read($this->string('left')->value());
    }

    private function reading(): MassReading
    {
        $member = $this->user();

        return resolve(HouseReading::class)->of($member instanceof TeamMember ? $member : null);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Workbench;

use App\Formulas\SalonShelf;
use App\Models\Salon;
use App\Models\TeamMember;
use BackedEnum;
use Core\Advice\Job;
use Core\Hair\Density;
use Core\Hair\HairHistory;
use Core\Hair\Length;
use Core\Hair\Porosity;
use Core\Hair\Span;
use Core\Hair\Technique;
use Core\Shelf\Line;
use Core\Shelf\Shelf;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What an instrument is set to, from the address: every setting has a sound default, so that a link always opens. */
final class InstrumentRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $level = ['nullable', 'numeric', 'between:1,12', 'decimal:0,1'];

        return [
            'line' => ['nullable', 'string', 'max:30'],
            'code' => ['nullable', 'string', 'max:20'],
            'text' => ['nullable', 'string', 'max:40'],
            'grams' => ['nullable', 'string', 'max:40'],
            'level' => $level, 'wishLevel' => $level, 'target' => $level,
            'wish' => ['nullable', Rule::enum(ToneFamily::class)],
            'history' => ['nullable', Rule::enum(HairHistory::class)],
            'porosity' => ['nullable', Rule::enum(Porosity::class)],
            'span' => ['nullable', Rule::enum(Span::class)],
            'technique' => ['nullable', Rule::enum(Technique::class)],
            'damp' => [
                'nullable',
                'boolean',
            ], 'banded' => ['nullable', 'boolean'], 'onScalp' => ['nullable', 'boolean'],
            'onePass' => ['nullable', 'boolean'], 'resistant' => ['nullable', 'boolean'],
            'minutes' => ['nullable', 'integer', 'between:0,120'],
            'percent' => ['nullable', 'integer', 'between:0,100'],
            'job' => ['nullable', Rule::enum(Job::class)],
            'density' => ['nullable', Rule::enum(Density::class)],
            'length' => ['nullable', Rule::enum(Length::class)],
            'regrowth' => ['nullable', 'numeric', 'between:0,40', 'decimal:0,1'],
            'foils' => ['nullable', 'integer', 'between:0,300'],
        ];
    }

    public function salon(): Salon
    {
        $member = $this->user();
        assert($member instanceof TeamMember);

        return $member->salon;
    }

    public function shelf(): Shelf
    {
        return resolve(SalonShelf::class)->of($this->salon());
    }

    public function line(): Line
    {
        return $this->shelf()->line($this->string('line')->value()) ?? abort(404);
    }

    public function text(string $name): string
    {
        return $this->string($name)->trim()->value();
    }

    /** An amount as people type it; the default where nothing is typed. */
    public function grams(string $default): Grams
    {
        return $this->shelf()
            ->readingFor(null)
            ->withOunce($this->salon()->rules()->plainOunce())
            ->read($this->text('grams') === '' ? $default : $this->text('grams'));
    }

    public function number(string $name, string $default): Fraction
    {
        return Fraction::parse($this->filled($name) ? $this->string($name)->value() : $default);
    }

    public function optionalNumber(string $name): ?Fraction
    {
        return $this->filled($name) ? Fraction::parse($this->string($name)->value()) : null;
    }

    public function wish(): ?ToneMix
    {
        return $this->filled('wish') ? ToneMix::only(ToneFamily::from($this->string('wish')->value())) : null;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  E  $default
     * @return E
     */
    public function choice(string $name, BackedEnum $default): BackedEnum
    {
        return $this->filled($name) ? $default::from($this->string($name)->value()) : $default;
    }
}

<?php

declare(strict_types=1);

namespace Core\Rules;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\Ounce;
use Core\Units\ScaleStep;

/** Where good people disagree: what this house does. Every judgement takes it; nothing reads a default of its own. */
final readonly class HouseRules
{
    /**
     * @param  int  $depositVolume  strength for pure deposit, 10 or 20 vol
     * @param  int  $fillFromLevels  going this many levels darker asks for a filler, 2 or 3
     * @param  Fraction  $primaryWeight  primary tone against secondary, where a legend does not say
     * @param  Fraction  $dampDeeper  levels to go deeper for a toner on damp hair
     * @param  Grams  $stepDown  colour taken off a bowl at a time
     * @param  int  $goodVisitsBeforeStepDown  verdicts in a row
     * @param  int  $freshnessMinutes  mixed oxidative colour should be on the hair within
     * @param  int  $skinTestDays  a clear skin test holds this long after it was read; every service needs its own
     * @param  bool  $waivers  whether a named licensed person may record a reason instead of a skin test; local rules decide
     * @param  Fraction  $regrowthPerMonth  centimetres hair grows in a month
     */
    private function __construct(
        public LevelSchool $levelSchool,
        public ScaleStep $step,
        public Ounce $ounce,
        public int $depositVolume,
        public OpenAir $openAir,
        public Filling $filling,
        public int $fillFromLevels,
        public GreyBreakpoints $grey,
        public Fraction $primaryWeight,
        public Fraction $dampDeeper,
        public Grams $stepDown,
        public int $goodVisitsBeforeStepDown,
        public int $freshnessMinutes,
        public ClockStart $clockStart,
        public int $skinTestDays,
        public bool $waivers,
        public Fraction $regrowthPerMonth,
    ) {
    }

    public static function standard(): self
    {
        return new self(
            LevelSchool::Linear, ScaleStep::TenthGram, Ounce::Ask, 10, OpenAir::StrengthUp, Filling::Fill, 2,
            GreyBreakpoints::of(25, 50, 75), Fraction::of(2), Fraction::of(1, 2), Grams::ofCentigrams(500), 3, 30,
            ClockStart::Complete, 7, true, Fraction::of(5, 4),
        );
    }

    private function with(
        ?LevelSchool $levelSchool = null,
        ?ScaleStep $step = null,
        ?Ounce $ounce = null,
        ?int $depositVolume = null,
        ?OpenAir $openAir = null,
        ?Filling $filling = null,
        ?int $fillFromLevels = null,
        ?GreyBreakpoints $grey = null,
        ?ClockStart $clockStart = null,
        ?int $skinTestDays = null,
        ?bool $waivers = null,
    ): self {
        return new self(
            $levelSchool ?? $this->levelSchool, $step ?? $this->step, $ounce ?? $this->ounce, $depositVolume ?? $this->depositVolume,
            $openAir ?? $this->openAir, $filling ?? $this->filling, $fillFromLevels ?? $this->fillFromLevels, $grey ?? $this->grey,
            $this->primaryWeight, $this->dampDeeper, $this->stepDown, $this->goodVisitsBeforeStepDown, $this->freshnessMinutes,
            $clockStart ?? $this->clockStart, $skinTestDays ?? $this->skinTestDays, $waivers ?? $this->waivers, $this->regrowthPerMonth,
        );
    }

    public function withLevelSchool(LevelSchool $school): self
    {
        return $this->with(levelSchool: $school);
    }

    public function withStep(ScaleStep $step): self
    {
        return $this->with(step: $step);
    }

    public function withOunce(Ounce $ounce): self
    {
        return $this->with(ounce: $ounce);
    }

    /** @throws InvalidRule unless 10 or 20 */
    public function withDepositVolume(int $volume): self
    {
        return in_array($volume, [10, 20], true) ? $this->with(depositVolume: $volume) : throw InvalidRule::notOneOf('deposit strength', (string) $volume, ['10', '20']);
    }

    public function withOpenAir(OpenAir $openAir): self
    {
        return $this->with(openAir: $openAir);
    }

    public function withFilling(Filling $filling): self
    {
        return $this->with(filling: $filling);
    }

    /** @throws InvalidRule unless 2 or 3 */
    public function withFillFromLevels(int $levels): self
    {
        return in_array($levels, [2, 3], true) ? $this->with(fillFromLevels: $levels) : throw InvalidRule::notOneOf('levels darker that ask for a filler', (string) $levels, ['2', '3']);
    }

    public function withGrey(GreyBreakpoints $grey): self
    {
        return $this->with(grey: $grey);
    }

    public function withClockStart(ClockStart $start): self
    {
        return $this->with(clockStart: $start);
    }

    /** @throws InvalidRule unless 2 to 60 days */
    public function withSkinTestDays(int $days): self
    {
        return $days >= 2 && $days <= 60 ? $this->with(skinTestDays: $days) : throw InvalidRule::notOneOf('days a skin test holds', (string) $days, ['2', '7', '14']);
    }

    public function withWaivers(bool $allowed): self
    {
        return $this->with(waivers: $allowed);
    }

    /** @return list<RuleText> every rule, as shown where it bites */
    public function texts(): array
    {
        $standard = self::standard();
        $rows = [];
        foreach ([
            ['level-school', 'Level of a mix', static fn (self $r): string => $r->levelSchool->value, ['linear', 'dye-weighted'], 'Linear is the mean by weight; dye-weighted holds that the darker shade dominates because it carries more dye.'],
            ['scale-step', 'Scale step', static fn (self $r): string => $r->step->show(), ['0.1 g', '0.5 g', '1 g'], 'Plans are rounded to it, so that every target can be hit.'],
            ['ounce', 'A plain “oz” means', static fn (self $r): string => $r->ounce->value, ['ask', 'weight', 'us-fluid', 'imperial-fluid'], 'The three ounces differ; asking costs a moment, guessing a bowl.'],
            ['deposit', 'Strength for pure deposit', static fn (self $r): string => "{$r->depositVolume} vol", ['10 vol', '20 vol'], '10 vol only deposits; some take 20 for a firmer hold.'],
            ['open-air', 'Lightener in open air', static fn (self $r): string => $r->openAir->value, ['strength-up', 'slow-and-low'], 'It misses a foil’s heat: one strength up, or the same and more time.'],
            ['filling', 'Going darker on lightened hair', static fn (self $r): string => $r->filling->value, ['fill', 'skip'], 'A filler puts warm pigment back; skipping saves a step and risks fading and a green or hollow cast.'],
            ['fill-from', 'Filler from', static fn (self $r): string => "{$r->fillFromLevels} levels", ['2 levels', '3 levels'], 'How far down hair may go before it needs its pigment back.'],
            ['grey-shares', 'Natural for grey: none, a third, half up to', static fn (self $r): string => $r->grey->words(), [], 'Grey has no warmth of its own; the more of it, the more natural the colour needs.'],
            ['primary-weight', 'Primary tone weighs', static fn (self $r): string => $r->primaryWeight->decimal(1).' times the secondary', [], 'Where a line’s legend does not say.'],
            ['damp', 'Toner on damp hair', static fn (self $r): string => $r->dampDeeper->decimal(1).' level deeper', [], 'Water dilutes it; or dry first.'],
            ['step-down', 'Step down', static fn (self $r): string => "{$r->stepDown->text()} after {$r->goodVisitsBeforeStepDown} good visits", [], 'A little at a time, so that grey and fading show before they hurt.'],
            ['clock', 'The clock starts', static fn (self $r): string => $r->clockStart->words(), [ClockStart::Complete->words(), ClockStart::FirstTouch->words()], 'From completion every strand gets its full time; from first touch none gets too much. Both are shown.'],
            ['skin-test', 'A clear skin test holds', static fn (self $r): string => "{$r->skinTestDays} days", [], 'Counted from its reading at 48 hours; each oxidative service needs its own, of the lines planned.'],
            ['waivers', 'A skin test may be waived', static fn (self $r): string => $r->waivers ? 'by a licensed person' : 'by nobody', ['by a licensed person', 'by nobody'], 'Where local rules permit, with name and reason on record; never after a reaction.'],
            ['freshness', 'Mixed colour is fresh for', static fn (self $r): string => "{$r->freshnessMinutes} min", [], 'Oxidative colour works from the moment it is mixed.'],
        ] as [$key, $label, $value, $alternatives, $reason]) {
            $rows[] = new RuleText($key, $label, $value($this), $value($standard), array_values(array_diff($alternatives, [$value($this)])), $reason);
        }

        return $rows;
    }
}

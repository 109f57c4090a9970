<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\CoreException;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\InvalidNumber;
use Core\Units\MassesShown;
use Core\Units\MassReading;
use Core\Units\Ounce;
use Core\Units\Rounding;
use Core\Units\ScaleStep;

/** The house rules as text, rule by rule: for documents, for the database, and for people. */
final class Schools
{
    /** @return list<RuleText> every rule, in the order of work */
    public static function texts(HouseRules $rules): array
    {
        $standard = HouseRules::standard();

        return array_map(
            static fn (School $school): RuleText => new RuleText(
                $school->key,
                $school->group,
                $school->label,
                $school->value($rules),
                $school->value($standard),
                $school->options,
                $school->unit,
                $school->reason,
            ),
            self::all(),
        );
    }

    /**
     * The rules with one of them set.
     *
     * @throws CoreException when there is no such rule, or it cannot be set so
     */
    public static function set(HouseRules $rules, string $key, string $text): HouseRules
    {
        foreach (self::all() as $school) {
            if ($school->key === $key) {
                return $school->set($rules, $text);
            }
        }
        throw InvalidRule::unknown($key, array_map(static fn (School $school): string => $school->key, self::all()));
    }

    /**
     * The standard rules with these set.
     *
     * @param  array<string, string>  $settings  key => text
     *
     * @throws CoreException when one is unknown or cannot be set so
     */
    public static function read(array $settings): HouseRules
    {
        $rules = HouseRules::standard();
        foreach ($settings as $key => $text) {
            $rules = self::set($rules, $key, $text);
        }

        return $rules;
    }

    /** @return array<string, string> only what differs from the standard, as `read` takes it */
    public static function differing(HouseRules $rules): array
    {
        $settings = [];
        foreach (self::texts($rules) as $rule) {
            if (! $rule->isStandard()) {
                $settings[$rule->key] = $rule->value;
            }
        }

        return $settings;
    }

    /** @return list<School> */
    private static function all(): array
    {
        return [...self::safety(), ...self::judging(), ...self::amounts(), ...self::weighing(), ...self::time()];
    }

    /** @return list<School> */
    private static function safety(): array
    {
        return [
            School::number('skin-test', RuleGroup::Safety, 'A clear skin test holds', 'days',
                'Counted from its reading at 48 hours; each oxidative service needs its own, of the lines planned.',
                static fn (HouseRules $r): string => (string) $r->skinTestDays,
                static fn (HouseRules $r, string $text): HouseRules => $r->withSkinTestDays(self::whole($text))),
            School::choice('waivers', RuleGroup::Safety, 'A skin test may be waived', [
                'licensed' => 'by a licensed person',
                'nobody' => 'by nobody',
            ], 'Where local rules permit, with name and reason on record; never after a reaction.',
                static fn (HouseRules $r): string => $r->waivers ? 'licensed' : 'nobody',
                static fn (HouseRules $r, string $text): HouseRules => $r->withWaivers($text === 'licensed')),
            School::choice('test-readers', RuleGroup::Safety, 'A skin test is read clear by', [
                'licensed' => 'a licensed person',
                'colourists' => 'a colourist',
                'everybody' => 'anybody on the team',
            ], 'Not before its 48 hours; a reaction may be recorded by anybody, at any time.',
                static fn (HouseRules $r): string => $r->testReaders->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withTestReaders(TestReaders::from($text))),
            School::choice('weigh-ahead', RuleGroup::Safety, 'Weighing before the gate is open', [
                'no' => 'not done',
                'yes' => 'done, with the gate’s words on the bench',
            ], 'A bowl may stand ready while a test is read; it never goes on while the gate is shut.',
                static fn (HouseRules $r): string => $r->weighAhead ? 'yes' : 'no',
                static fn (HouseRules $r, string $text): HouseRules => $r->withWeighAhead($text === 'yes')),
            School::number('idle-lock', RuleGroup::Safety, 'A device locks itself after', 'min untouched',
                'A shared tablet shows health notes; the person’s password opens it again, and nothing typed is lost.',
                static fn (HouseRules $r): string => (string) $r->idleMinutes,
                static fn (HouseRules $r, string $text): HouseRules => $r->withIdleMinutes(self::whole($text))),
        ];
    }

    /** @return list<School> */
    private static function judging(): array
    {
        return [
            School::choice('level-school', RuleGroup::Judging, 'Level of a mix', [
                'linear' => 'mean by weight',
                'dye-weighted' => 'the darker shade weighs more',
            ],
                'By weight, a 6 and an 8 in equal parts make a 7; the other school holds that the darker shade dominates because it carries more dye.',
                static fn (HouseRules $r): string => $r->levelSchool->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withLevelSchool(LevelSchool::from($text))),
            School::choice('deposit', RuleGroup::Judging, 'Strength for pure deposit', [
                10 => '10 vol',
                20 => '20 vol',
            ], '10 vol only deposits; some take 20 for a firmer hold.',
                static fn (HouseRules $r): string => (string) $r->depositVolume,
                static fn (HouseRules $r, string $text): HouseRules => $r->withDepositVolume((int) $text)),
            School::choice('open-air', RuleGroup::Judging, 'Lightener in open air', [
                'strength-up' => 'one strength up',
                'slow-and-low' => 'same strength, more time',
            ], 'It misses a foil’s heat: one strength up, or low and slow.',
                static fn (HouseRules $r): string => $r->openAir->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withOpenAir(OpenAir::from($text))),
            School::choice('second-batch', RuleGroup::Judging, 'A later batch of lightener is', [
                'stronger' => 'one strength up',
                'equal' => 'equal, with its own time',
            ], 'Up, to reach the same lift by the same rinse; never at the scalp, on porous hair, or beyond the line.',
                static fn (HouseRules $r): string => $r->secondBatch->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withSecondBatch(SecondBatch::from($text))),
            School::choice('root-order', RuleGroup::Judging, 'Colour that lifts roots and lengths', [
                'roots-first' => 'roots first, deeper or weaker',
                'mids-first' => 'mids and ends first, roots later',
            ],
                'A warm scalp lifts its first centimetre about a level more: the root gets a bowl of its own, or less time.',
                static fn (HouseRules $r): string => $r->rootOrder->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withRootOrder(RootOrder::from($text))),
            School::choice('refresh-ends', RuleGroup::Judging, 'Root colour and coloured lengths', [
                'every-time' => 'taken through the last minutes, every time',
                'judged' => 'looked at each time',
                'never' => 'never combed through',
            ],
                'Taken through, the lengths shine again; each coat also darkens and dulls them. A gloss of their own does not.',
                static fn (HouseRules $r): string => $r->refreshEnds->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withRefreshEnds(RefreshEnds::from($text))),
            School::choice('filling', RuleGroup::Judging, 'Going darker on lightened hair', [
                'fill' => 'fill first',
                'skip' => 'deeper and warmer in one step',
            ], 'A filler puts warm pigment back; skipping saves a step and risks fading and a green or hollow cast.',
                static fn (HouseRules $r): string => $r->filling->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withFilling(Filling::from($text))),
            School::choice('fill-from', RuleGroup::Judging, 'Filler from', [
                2 => '2 levels darker',
                3 => '3 levels darker',
            ], 'How far down hair may go before it needs its pigment back.',
                static fn (HouseRules $r): string => (string) $r->fillFromLevels,
                static fn (HouseRules $r, string $text): HouseRules => $r->withFillFromLevels((int) $text)),
            School::number('grey-shares', RuleGroup::Judging, 'Natural for grey: none, a third, half up to', '% grey',
                'Grey has no warmth of its own; the more of it, the more natural the colour needs.',
                static fn (HouseRules $r): string => "{$r->grey->none}, {$r->grey->third}, {$r->grey->half}",
                static fn (HouseRules $r, string $text): HouseRules => $r->withGrey(GreyBreakpoints::parse($text))),
            School::number('grey-parts', RuleGroup::Judging, 'Natural that grey asks for', '% of the colour',
                'At least and at most for a little grey, then for half, then for much.',
                static fn (HouseRules $r): string => $r->greyParts->text(),
                static fn (HouseRules $r, string $text): HouseRules => $r->withGreyParts(GreyParts::parse($text))),
            School::number('filler-parts', RuleGroup::Judging, 'A filler for a brown is', 'gold : copper',
                'For a vivid red or copper it is the other way round.',
                static fn (HouseRules $r): string => $r->fillerParts->text(),
                static fn (HouseRules $r, string $text): HouseRules => $r->withFillerParts(FillerParts::parse($text))),
            School::number('filler-minutes', RuleGroup::Judging, 'A filler works', 'min',
                'Then the shade goes over it.',
                static fn (HouseRules $r): string => (string) $r->fillerMinutes,
                static fn (HouseRules $r, string $text): HouseRules => $r->withFillerMinutes(self::whole($text))),
            School::choice('keep-warmth', RuleGroup::Judging, 'A toner leaves of the bare warmth', [
                'little' => 'a little',
                'half' => 'about half',
                'keep' => 'what is there',
            ], 'Natural hair keeps some warmth; a full cancel looks flat.',
                static fn (HouseRules $r): string => $r->keepWarmth->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withKeepWarmth(KeepWarmth::from($text))),
            School::number('primary-weight', RuleGroup::Judging, 'Primary tone weighs', 'times the secondary',
                'Where a line’s legend does not say.',
                static fn (HouseRules $r): string => $r->primaryWeight->decimal(2),
                static fn (HouseRules $r, string $text): HouseRules => $r->withPrimaryWeight(self::fraction($text))),
            School::number('damp', RuleGroup::Judging, 'Toner on damp hair', 'levels deeper',
                'Water dilutes it; or dry first, and write 0.',
                static fn (HouseRules $r): string => $r->dampDeeper->decimal(2),
                static fn (HouseRules $r, string $text): HouseRules => $r->withDampDeeper(self::fraction($text))),
        ];
    }

    /** @return list<School> */
    private static function amounts(): array
    {
        return [
            School::choice('amounts', RuleGroup::Amounts, 'Bowls that keep coming back', [
                'step-down' => 'stepped down, a little at a time',
                'generous' => 'stay generous',
            ], 'Less is wasted, or never a patch: skimping shows as patches, as fading, and as grey.',
                static fn (HouseRules $r): string => $r->amounts->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withAmounts(AmountSchool::from($text))),
            School::number('step-down', RuleGroup::Amounts, 'Step down by', 'g colour',
                'A little at a time, so that grey and fading show before they hurt.',
                static fn (HouseRules $r): string => self::grams($r->stepDown),
                static fn (HouseRules $r, string $text): HouseRules => $r->withStepDown(self::mass($text))),
            School::number('good-visits', RuleGroup::Amounts, 'Step down after', 'good visits',
                'Lasting, covering and bright each time, before anything comes off.',
                static fn (HouseRules $r): string => (string) $r->goodVisitsBeforeStepDown,
                static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withGoodVisitsBeforeStepDown(self::whole($text))),
            School::choice(
                'grams-mean', RuleGroup::Amounts, 'Grams less or more, without a word, are', [
                    'ask' => 'asked about, once',
                    'colour' => 'of the colour',
                    'mixture' => 'of the mixture',
                ],
                'The developer follows the colour, so five grams are not the same of both; the first answer is kept here.',
                static fn (HouseRules $r): string => $r->gramsMean->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withGramsMean(GramsMean::from($text)),
            ),
            School::number('regrowth', RuleGroup::Amounts, 'Hair grows', 'cm a month',
                'For the regrowth expected since last time; what was measured wins.',
                static fn (HouseRules $r): string => $r->regrowthPerMonth->decimal(2),
                static fn (HouseRules $r, string $text): HouseRules => $r->withRegrowthPerMonth(self::fraction($text))),
        ];
    }

    /** @return list<School> */
    private static function weighing(): array
    {
        return [
            School::choice('step', RuleGroup::Weighing, 'Scale step', [
                '0.1 g' => '0.1 g',
                '0.5 g' => '0.5 g',
                '1 g' => '1 g',
            ], 'Plans are rounded to it, so that every target can be hit.',
                static fn (HouseRules $r): string => $r->step->show(),
                static fn (HouseRules $r, string $text): HouseRules => $r->withStep(self::step($text))),
            School::number('miss-small', RuleGroup::Weighing, 'A pour below 10 g may miss by', 'g',
                'A small amount of a strong shade turns a bowl.',
                static fn (HouseRules $r): string => self::grams($r->pourMiss->below10),
                static fn (HouseRules $r, string $text): HouseRules => $r->withPourMiss(
                    $r->pourMiss->withBelow10(self::mass($text)),
                )),
            School::number('miss-medium', RuleGroup::Weighing, 'A pour to 60 g may miss by', 'g',
                'A tighter band is slower to pour.',
                static fn (HouseRules $r): string => self::grams($r->pourMiss->to60),
                static fn (HouseRules $r, string $text): HouseRules => $r->withPourMiss(
                    $r->pourMiss->withTo60(self::mass($text)),
                )),
            School::number('miss-large', RuleGroup::Weighing, 'A pour above 60 g may miss by', '%',
                'In proportion, as a big bowl forgives more.',
                static fn (HouseRules $r): string => $r->pourMiss->above60->times(Fraction::of(100))->decimal(1),
                static fn (HouseRules $r, string $text): HouseRules => $r->withPourMiss(
                    $r->pourMiss->withAbove60(self::fraction($text)->times(Fraction::of(1, 100))),
                )),
            School::choice('ounce', RuleGroup::Weighing, 'A plain “oz” means', [
                'ask' => 'ask each time',
                'weight' => 'weight ounce, 28.35 g',
                'us-fluid' => 'US fluid ounce, 29.57 ml',
                'imperial-fluid' => 'imperial fluid ounce, 28.41 ml',
            ], 'The three ounces differ; asking costs a moment, guessing a bowl.',
                static fn (HouseRules $r): string => $r->ounce->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withOunce(Ounce::from($text))),
            School::choice('masses', RuleGroup::Weighing, 'Masses are read in', [
                'grams' => 'grams',
                'ounces' => 'weight ounces, with the grams beside them',
            ],
                'Grams are what is weighed and kept: a tenth of a gram is finer than any ounce on a scale. Ounces are what some hands know.',
                static fn (HouseRules $r): string => $r->masses->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withMasses(MassesShown::from($text))),
        ];
    }

    /** @return list<School> */
    private static function time(): array
    {
        return [
            School::choice('clock', RuleGroup::Time, 'The clock starts', [
                'complete' => 'when the application is complete',
                'first-touch' => 'at the first touch',
            ], 'From completion every strand gets its full time; from first touch none gets too much. Both are shown.',
                static fn (HouseRules $r): string => $r->clockStart->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withClockStart(ClockStart::from($text))),
            School::number('freshness', RuleGroup::Time, 'Mixed colour is fresh for', 'min',
                'Oxidative colour works from the moment it is mixed.',
                static fn (HouseRules $r): string => (string) $r->freshnessMinutes,
                static fn (HouseRules $r, string $text): HouseRules => $r->withFreshnessMinutes(self::whole($text))),
            School::choice('shadow-time', RuleGroup::Time, 'A root shadow under a toner', [
                'full' => 'has its full time',
                'toner' => 'is timed with the toner',
            ], 'Either way nobody rinses it before the toner; its own full time holds longer, the toner’s is sheerer.',
                static fn (HouseRules $r): string => $r->shadowTime->value,
                static fn (HouseRules $r, string $text): HouseRules => $r->withShadowTime(ShadowTime::from($text))),
        ];
    }

    private static function step(string $shown): ScaleStep
    {
        foreach (ScaleStep::cases() as $step) {
            if ($step->show() === $shown) {
                return $step;
            }
        }
        throw InvalidRule::notOneOf(
            'Scale step',
            $shown,
            array_map(static fn (ScaleStep $step): string => $step->show(), ScaleStep::cases()),
        );
    }

    /** @throws InvalidNumber */
    private static function fraction(string $text): Fraction
    {
        return Fraction::parse($text);
    }

    /** @throws CoreException when it is no whole number */
    private static function whole(string $text): int
    {
        $number = Fraction::parse($text);

        return $number->isWhole() ? $number->rounded(1, Rounding::HalfUp) : throw InvalidRule::notWhole($text);
    }

    /** @throws CoreException when it is no mass in grams */
    private static function mass(string $text): Grams
    {
        return MassReading::plain()->read($text);
    }

    private static function grams(Grams $mass): string
    {
        return $mass->exactly()->times(Fraction::of(1, 100))->decimal(2);
    }
}

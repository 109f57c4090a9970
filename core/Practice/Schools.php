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
                key: $school->key,
                group: $school->group,
                label: $school->label,
                value: $school->value($rules),
                default: $school->value($standard),
                options: $school->options,
                unit: $school->unit,
                reason: $school->reason,
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
            School::number(key: 'skin-test', group: RuleGroup::Safety, label: 'A clear skin test holds', unit: 'days',
                reason: 'Counted from its reading at 48 hours; each oxidative service needs its own, of the lines planned.',
                read: static fn (HouseRules $r): string => (string) $r->skinTestDays,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withSkinTestDays(self::whole($text))),
            School::choice(key: 'waivers', group: RuleGroup::Safety, label: 'A skin test may be waived', options: [
                'licensed' => 'by a licensed person',
                'nobody' => 'by nobody',
            ], reason: 'Where local rules permit, with name and reason on record; never after a reaction.',
                read: static fn (HouseRules $r): string => $r->waivers ? 'licensed' : 'nobody',
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withWaivers($text === 'licensed')),
            School::choice(key: 'test-readers', group: RuleGroup::Safety, label: 'A skin test is read clear by', options: [
                'licensed' => 'a licensed person',
                'colourists' => 'a colourist',
                'everybody' => 'anybody on the team',
            ], reason: 'Not before its 48 hours; a reaction may be recorded by anybody, at any time.',
                read: static fn (HouseRules $r): string => $r->testReaders->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withTestReaders(TestReaders::from($text))),
            School::choice(key: 'weigh-ahead', group: RuleGroup::Safety, label: 'Weighing before the gate is open', options: [
                'no' => 'not done',
                'yes' => 'done, with the gate’s words on the bench',
            ], reason: 'A bowl may stand ready while a test is read; it never goes on while the gate is shut.',
                read: static fn (HouseRules $r): string => $r->weighAhead ? 'yes' : 'no',
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withWeighAhead($text === 'yes')),
            School::number(key: 'idle-lock', group: RuleGroup::Safety, label: 'A device locks itself after',
                unit: 'min untouched',
                reason: 'A shared tablet shows health notes; the person’s password opens it again, and nothing typed is lost.',
                read: static fn (HouseRules $r): string => (string) $r->idleMinutes,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withIdleMinutes(self::whole($text))),
            School::choice(key: 'owner-code', group: RuleGroup::Safety, label: 'A code beside the owner’s password', options: [
                'own' => 'as each owner likes',
                'always' => 'before what only an owner may do',
            ], reason: 'Who works here, and all that is held on somebody: a password alone can be read over a shoulder.',
                read: static fn (HouseRules $r): string => $r->ownerCode ? 'always' : 'own',
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withOwnerCode($text === 'always')),
        ];
    }

    /** @return list<School> */
    private static function judging(): array
    {
        return [
            School::choice(key: 'level-school', group: RuleGroup::Judging, label: 'Level of a mix', options: [
                'linear' => 'mean by weight',
                'dye-weighted' => 'the darker shade weighs more',
            ],
                reason: 'By weight, a 6 and an 8 in equal parts make a 7; the other school holds that the darker shade dominates because it carries more dye.',
                read: static fn (HouseRules $r): string => $r->levelSchool->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withLevelSchool(LevelSchool::from($text))),
            School::choice(key: 'deposit', group: RuleGroup::Judging, label: 'Strength for pure deposit', options: [
                10 => '10 vol',
                20 => '20 vol',
            ], reason: '10 vol only deposits; some take 20 for a firmer hold.',
                read: static fn (HouseRules $r): string => (string) $r->depositVolume,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withDepositVolume((int) $text)),
            School::choice(key: 'open-air', group: RuleGroup::Judging, label: 'Lightener in open air', options: [
                'strength-up' => 'one strength up',
                'slow-and-low' => 'same strength, more time',
            ], reason: 'It misses a foil’s heat: one strength up, or low and slow.',
                read: static fn (HouseRules $r): string => $r->openAir->value,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withOpenAir(OpenAir::from($text))),
            School::choice(key: 'second-batch', group: RuleGroup::Judging, label: 'A later batch of lightener is', options: [
                'stronger' => 'one strength up',
                'equal' => 'equal, with its own time',
            ],
                reason: 'Up, to reach the same lift by the same rinse; never at the scalp, on porous hair, or beyond the line.',
                read: static fn (HouseRules $r): string => $r->secondBatch->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withSecondBatch(SecondBatch::from($text))),
            School::choice(key: 'root-order', group: RuleGroup::Judging, label: 'Colour that lifts roots and lengths', options: [
                'roots-first' => 'roots first, deeper or weaker',
                'mids-first' => 'mids and ends first, roots later',
            ],
                reason: 'A warm scalp lifts its first centimetre about a level more: the root gets a bowl of its own, or less time.',
                read: static fn (HouseRules $r): string => $r->rootOrder->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withRootOrder(RootOrder::from($text))),
            School::choice(key: 'refresh-ends', group: RuleGroup::Judging, label: 'Root colour and coloured lengths', options: [
                'every-time' => 'taken through the last minutes, every time',
                'judged' => 'looked at each time',
                'never' => 'never combed through',
            ],
                reason: 'Taken through, the lengths shine again; each coat also darkens and dulls them. A gloss of their own does not.',
                read: static fn (HouseRules $r): string => $r->refreshEnds->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withRefreshEnds(RefreshEnds::from($text))),
            School::choice(key: 'filling', group: RuleGroup::Judging, label: 'Going darker on lightened hair', options: [
                'fill' => 'fill first',
                'skip' => 'deeper and warmer in one step',
            ],
                reason: 'A filler puts warm pigment back; skipping saves a step and risks fading and a green or hollow cast.',
                read: static fn (HouseRules $r): string => $r->filling->value,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withFilling(Filling::from($text))),
            School::choice(key: 'fill-from', group: RuleGroup::Judging, label: 'Filler from', options: [
                2 => '2 levels darker',
                3 => '3 levels darker',
            ], reason: 'How far down hair may go before it needs its pigment back.',
                read: static fn (HouseRules $r): string => (string) $r->fillFromLevels,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withFillFromLevels((int) $text)),
            School::number(key: 'grey-shares', group: RuleGroup::Judging,
                label: 'Natural for grey: none, a third, half up to', unit: '% grey',
                reason: 'Grey has no warmth of its own; the more of it, the more natural the colour needs.',
                read: static fn (HouseRules $r): string => "{$r->grey->none}, {$r->grey->third}, {$r->grey->half}",
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withGrey(
                    GreyBreakpoints::parse($text),
                )),
            School::number(key: 'grey-parts', group: RuleGroup::Judging, label: 'Natural that grey asks for',
                unit: '% of the colour',
                reason: 'At least and at most for a little grey, then for half, then for much.',
                read: static fn (HouseRules $r): string => $r->greyParts->text(),
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withGreyParts(GreyParts::parse($text))),
            School::number(key: 'filler-parts', group: RuleGroup::Judging, label: 'A filler for a brown is',
                unit: 'gold : copper',
                reason: 'For a vivid red or copper it is the other way round.',
                read: static fn (HouseRules $r): string => $r->fillerParts->text(),
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withFillerParts(
                    FillerParts::parse($text),
                )),
            School::number(key: 'filler-minutes', group: RuleGroup::Judging, label: 'A filler works', unit: 'min',
                reason: 'Then the shade goes over it.',
                read: static fn (HouseRules $r): string => (string) $r->fillerMinutes,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withFillerMinutes(self::whole($text))),
            School::choice(key: 'keep-warmth', group: RuleGroup::Judging, label: 'A toner leaves of the bare warmth', options: [
                'little' => 'a little',
                'half' => 'about half',
                'keep' => 'what is there',
            ], reason: 'Natural hair keeps some warmth; a full cancel looks flat.',
                read: static fn (HouseRules $r): string => $r->keepWarmth->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withKeepWarmth(KeepWarmth::from($text))),
            School::number(key: 'primary-weight', group: RuleGroup::Judging, label: 'Primary tone weighs',
                unit: 'times the secondary',
                reason: 'Where a line’s legend does not say.',
                read: static fn (HouseRules $r): string => $r->primaryWeight->decimal(2),
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withPrimaryWeight(self::fraction($text))),
            School::number(key: 'damp', group: RuleGroup::Judging, label: 'Toner on damp hair', unit: 'levels deeper',
                reason: 'Water dilutes it; or dry first, and write 0.',
                read: static fn (HouseRules $r): string => $r->dampDeeper->decimal(2),
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withDampDeeper(self::fraction($text))),
        ];
    }

    /** @return list<School> */
    private static function amounts(): array
    {
        return [
            School::choice(key: 'amounts', group: RuleGroup::Amounts, label: 'Bowls that keep coming back', options: [
                'step-down' => 'stepped down, a little at a time',
                'generous' => 'stay generous',
            ], reason: 'Less is wasted, or never a patch: skimping shows as patches, as fading, and as grey.',
                read: static fn (HouseRules $r): string => $r->amounts->value,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withAmounts(
                    AmountSchool::from($text),
                )),
            School::number(key: 'step-down', group: RuleGroup::Amounts, label: 'Step down by', unit: 'g colour',
                reason: 'A little at a time, so that grey and fading show before they hurt.',
                read: static fn (HouseRules $r): string => self::grams($r->stepDown),
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withStepDown(self::mass($text))),
            School::number(key: 'good-visits', group: RuleGroup::Amounts, label: 'Step down after', unit: 'good visits',
                reason: 'Lasting, covering and bright each time, before anything comes off.',
                read: static fn (HouseRules $r): string => (string) $r->goodVisitsBeforeStepDown,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withGoodVisitsBeforeStepDown(self::whole($text))),
            School::choice(
                key: 'grams-mean', group: RuleGroup::Amounts, label: 'Grams less or more, without a word, are', options: [
                    'ask' => 'asked about, once',
                    'colour' => 'of the colour',
                    'mixture' => 'of the mixture',
                ],
                reason: 'The developer follows the colour, so five grams are not the same of both; the first answer is kept here.',
                read: static fn (HouseRules $r): string => $r->gramsMean->value,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withGramsMean(GramsMean::from($text)),
            ),
            School::number(key: 'regrowth', group: RuleGroup::Amounts, label: 'Hair grows', unit: 'cm a month',
                reason: 'For the regrowth expected since last time; what was measured wins.',
                read: static fn (HouseRules $r): string => $r->regrowthPerMonth->decimal(2),
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withRegrowthPerMonth(self::fraction($text))),
        ];
    }

    /** @return list<School> */
    private static function weighing(): array
    {
        return [
            School::choice(key: 'step', group: RuleGroup::Weighing, label: 'Scale step', options: [
                '0.1 g' => '0.1 g',
                '0.5 g' => '0.5 g',
                '1 g' => '1 g',
            ], reason: 'Plans are rounded to it, so that every target can be hit.',
                read: static fn (HouseRules $r): string => $r->step->show(),
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withStep(self::step($text))),
            School::number(key: 'miss-small', group: RuleGroup::Weighing, label: 'A pour below 10 g may miss by',
                unit: 'g',
                reason: 'A small amount of a strong shade turns a bowl.',
                read: static fn (HouseRules $r): string => self::grams($r->pourMiss->below10),
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withPourMiss(
                    $r->pourMiss->withBelow10(self::mass($text)),
                )),
            School::number(key: 'miss-medium', group: RuleGroup::Weighing, label: 'A pour to 60 g may miss by',
                unit: 'g',
                reason: 'A tighter band is slower to pour.',
                read: static fn (HouseRules $r): string => self::grams($r->pourMiss->to60),
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withPourMiss(
                    $r->pourMiss->withTo60(self::mass($text)),
                )),
            School::number(key: 'miss-large', group: RuleGroup::Weighing, label: 'A pour above 60 g may miss by',
                unit: '%',
                reason: 'In proportion, as a big bowl forgives more.',
                read: static fn (HouseRules $r): string => $r->pourMiss->above60->times(Fraction::of(100))->decimal(1),
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withPourMiss(
                    $r->pourMiss->withAbove60(self::fraction($text)->times(Fraction::of(1, 100))),
                )),
            School::choice(key: 'ounce', group: RuleGroup::Weighing, label: 'A plain “oz” means', options: [
                'ask' => 'ask each time',
                'weight' => 'weight ounce, 28.35 g',
                'us-fluid' => 'US fluid ounce, 29.57 ml',
                'imperial-fluid' => 'imperial fluid ounce, 28.41 ml',
            ], reason: 'The three ounces differ; asking costs a moment, guessing a bowl.',
                read: static fn (HouseRules $r): string => $r->ounce->value,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withOunce(Ounce::from($text))),
            School::choice(key: 'masses', group: RuleGroup::Weighing, label: 'Masses are read in', options: [
                'grams' => 'grams',
                'ounces' => 'weight ounces, with the grams beside them',
            ],
                reason: 'Grams are what is weighed and kept: a tenth of a gram is finer than any ounce on a scale. Ounces are what some hands know.',
                read: static fn (HouseRules $r): string => $r->masses->value,
                write: static fn (HouseRules $r, string $text): HouseRules => $r->withMasses(MassesShown::from($text))),
        ];
    }

    /** @return list<School> */
    private static function time(): array
    {
        return [
            School::choice(key: 'clock', group: RuleGroup::Time, label: 'The clock starts', options: [
                'complete' => 'when the application is complete',
                'first-touch' => 'at the first touch',
            ],
                reason: 'From completion every strand gets its full time; from first touch none gets too much. Both are shown.',
                read: static fn (HouseRules $r): string => $r->clockStart->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withClockStart(ClockStart::from($text))),
            School::number(key: 'freshness', group: RuleGroup::Time, label: 'Mixed colour is fresh for', unit: 'min',
                reason: 'Oxidative colour works from the moment it is mixed.',
                read: static fn (HouseRules $r): string => (string) $r->freshnessMinutes,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withFreshnessMinutes(self::whole($text))),
            School::choice(key: 'shadow-time', group: RuleGroup::Time, label: 'A root shadow under a toner', options: [
                'full' => 'has its full time',
                'toner' => 'is timed with the toner',
            ],
                reason: 'Either way nobody rinses it before the toner; its own full time holds longer, the toner’s is sheerer.',
                read: static fn (HouseRules $r): string => $r->shadowTime->value,
                write: static fn (
                    HouseRules $r,
                    string $text,
                ): HouseRules => $r->withShadowTime(ShadowTime::from($text))),
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

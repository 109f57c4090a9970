<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassesShown;
use Core\Units\Ounce;
use Core\Units\ScaleStep;

/**
 * Where good people disagree: what this house does. Every judgement takes it; nothing reads a default of its own.
 * `Schools` reads and writes it as text, rule by rule, each with its reason.
 */
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
     * @param  bool  $waivers  whether a named licensed person may record a reason instead of a skin test; local rules
     *     decide
     * @param  bool  $weighAhead  whether a bowl may be weighed while its gate is shut; it never goes on then
     * @param  TestReaders  $testReaders  who may read a skin test as clear
     * @param  int  $fillerMinutes  a filler works before the shade goes over it
     * @param  GramsMean  $gramsMean  what grams less or more are of, where it is not said
     * @param  SecondBatch  $secondBatch  whether a later batch of lightener goes a strength up
     * @param  ShadowTime  $shadowTime  whether a coat that stays under the next has its own full time
     * @param  RootOrder  $rootOrder  roots or lengths first, where colour lifts both
     * @param  RefreshEnds  $refreshEnds  whether root colour is taken through coloured lengths
     * @param  AmountSchool  $amounts  whether anything comes off a bowl that keeps coming back
     * @param  MassesShown  $masses  what masses are read in; grams are what is weighed and kept
     * @param  int  $idleMinutes  untouched for this long, a device asks for the password again
     * @param  bool  $ownerCode  whether an owner without a code beside the password may do less
     * @param  Fraction  $regrowthPerMonth  centimetres hair grows in a month
     * @param  PourMiss  $pourMiss  how far a pour may miss its target
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
        public PourMiss $pourMiss,
        public bool $weighAhead,
        public TestReaders $testReaders,
        public int $idleMinutes,
        public bool $ownerCode,
        public GramsMean $gramsMean,
        public GreyParts $greyParts,
        public FillerParts $fillerParts,
        public int $fillerMinutes,
        public KeepWarmth $keepWarmth,
        public SecondBatch $secondBatch,
        public ShadowTime $shadowTime,
        public RootOrder $rootOrder,
        public RefreshEnds $refreshEnds,
        public AmountSchool $amounts,
        public MassesShown $masses,
    ) {
    }

    public static function standard(): self
    {
        return new self(
            levelSchool: LevelSchool::Linear, step: ScaleStep::TenthGram, ounce: Ounce::Ask, depositVolume: 10,
            openAir: OpenAir::StrengthUp, filling: Filling::Fill, fillFromLevels: 2,
            grey: GreyBreakpoints::of(25, 50, 75), primaryWeight: Fraction::of(2), dampDeeper: Fraction::of(1, 2),
            stepDown: Grams::ofCentigrams(500), goodVisitsBeforeStepDown: 3, freshnessMinutes: 30,
            clockStart: ClockStart::Complete, skinTestDays: 7, waivers: true, regrowthPerMonth: Fraction::of(
                5,
                4,
            ), pourMiss: PourMiss::standard(), weighAhead: false, testReaders: TestReaders::Colourists,
            idleMinutes: 15, ownerCode: false, gramsMean: GramsMean::Ask,
            greyParts: GreyParts::standard(), fillerParts: FillerParts::standard(), fillerMinutes: 20,
            keepWarmth: KeepWarmth::Half, secondBatch: SecondBatch::Stronger,
            shadowTime: ShadowTime::Full,
            rootOrder: RootOrder::RootsFirst, refreshEnds: RefreshEnds::Judged, amounts: AmountSchool::StepDown,
            masses: MassesShown::Grams,
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
        ?Fraction $primaryWeight = null,
        ?Fraction $dampDeeper = null,
        ?Grams $stepDown = null,
        ?int $goodVisitsBeforeStepDown = null,
        ?int $freshnessMinutes = null,
        ?ClockStart $clockStart = null,
        ?int $skinTestDays = null,
        ?bool $waivers = null,
        ?Fraction $regrowthPerMonth = null,
        ?PourMiss $pourMiss = null,
        ?bool $weighAhead = null,
        ?TestReaders $testReaders = null,
        ?int $idleMinutes = null,
        ?bool $ownerCode = null,
        ?GramsMean $gramsMean = null,
        ?GreyParts $greyParts = null,
        ?FillerParts $fillerParts = null,
        ?int $fillerMinutes = null,
        ?KeepWarmth $keepWarmth = null,
        ?SecondBatch $secondBatch = null,
        ?ShadowTime $shadowTime = null,
        ?RootOrder $rootOrder = null,
        ?RefreshEnds $refreshEnds = null,
        ?AmountSchool $amounts = null,
        ?MassesShown $masses = null,
    ): self {
        return new self(
            levelSchool: $levelSchool ?? $this->levelSchool,
            step: $step ?? $this->step,
            ounce: $ounce ?? $this->ounce,
            depositVolume: $depositVolume ?? $this->depositVolume,
            openAir: $openAir ?? $this->openAir,
            filling: $filling ?? $this->filling,
            fillFromLevels: $fillFromLevels ?? $this->fillFromLevels,
            grey: $grey ?? $this->grey,
            primaryWeight: $primaryWeight ?? $this->primaryWeight, dampDeeper: $dampDeeper
                ?? $this->dampDeeper, stepDown: $stepDown
                ?? $this->stepDown,
            goodVisitsBeforeStepDown: $goodVisitsBeforeStepDown
                ?? $this->goodVisitsBeforeStepDown, freshnessMinutes: $freshnessMinutes
                ?? $this->freshnessMinutes,
            clockStart: $clockStart ?? $this->clockStart, skinTestDays: $skinTestDays
                ?? $this->skinTestDays, waivers: $waivers
                ?? $this->waivers,
            regrowthPerMonth: $regrowthPerMonth ?? $this->regrowthPerMonth, pourMiss: $pourMiss ?? $this->pourMiss,
            weighAhead: $weighAhead ?? $this->weighAhead, testReaders: $testReaders
                ?? $this->testReaders, idleMinutes: $idleMinutes
                ?? $this->idleMinutes, ownerCode: $ownerCode ?? $this->ownerCode,
            gramsMean: $gramsMean ?? $this->gramsMean, greyParts: $greyParts
                ?? $this->greyParts, fillerParts: $fillerParts
                ?? $this->fillerParts,
            fillerMinutes: $fillerMinutes ?? $this->fillerMinutes, keepWarmth: $keepWarmth ?? $this->keepWarmth,
            secondBatch: $secondBatch ?? $this->secondBatch, shadowTime: $shadowTime ?? $this->shadowTime,
            rootOrder: $rootOrder ?? $this->rootOrder, refreshEnds: $refreshEnds ?? $this->refreshEnds,
            amounts: $amounts ?? $this->amounts, masses: $masses ?? $this->masses,
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

    /** What a plain “oz” means: where nobody said, the ounce that this house reads. */
    public function plainOunce(): Ounce
    {
        return $this->ounce === Ounce::Ask && $this->masses === MassesShown::Ounces ? Ounce::Weight : $this->ounce;
    }

    /** @throws InvalidRule unless 10 or 20 */
    public function withDepositVolume(int $volume): self
    {
        return in_array($volume, [10, 20], true) ? $this->with(depositVolume: $volume) : throw InvalidRule::notOneOf(
            'strength for pure deposit',
            (string) $volume,
            ['10', '20'],
        );
    }

    public function withSecondBatch(SecondBatch $secondBatch): self
    {
        return $this->with(secondBatch: $secondBatch);
    }

    public function withShadowTime(ShadowTime $shadowTime): self
    {
        return $this->with(shadowTime: $shadowTime);
    }

    public function withRootOrder(RootOrder $order): self
    {
        return $this->with(rootOrder: $order);
    }

    public function withRefreshEnds(RefreshEnds $refresh): self
    {
        return $this->with(refreshEnds: $refresh);
    }

    public function withAmounts(AmountSchool $amounts): self
    {
        return $this->with(amounts: $amounts);
    }

    public function withMasses(MassesShown $masses): self
    {
        return $this->with(masses: $masses);
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
        return in_array($levels, [2, 3], true) ? $this->with(fillFromLevels: $levels) : throw InvalidRule::notOneOf(
            'filler from',
            (string) $levels,
            ['2', '3'],
        );
    }

    public function withGrey(GreyBreakpoints $grey): self
    {
        return $this->with(grey: $grey);
    }

    /** @throws InvalidRule unless 1 to 5 times */
    public function withPrimaryWeight(Fraction $times): self
    {
        return $this->with(primaryWeight: self::within(
            'primary tone weighs',
            $times,
            Fraction::of(1),
            Fraction::of(5),
            'times the secondary',
        ));
    }

    /** @throws InvalidRule unless 0 to 2 levels */
    public function withDampDeeper(Fraction $levels): self
    {
        return $this->with(dampDeeper: self::within(
            'toner on damp hair',
            $levels,
            Fraction::zero(),
            Fraction::of(2),
            'levels deeper',
        ));
    }

    /** @throws InvalidRule unless 1 to 20 g */
    public function withStepDown(Grams $colour): self
    {
        return $colour->centigrams >= 100 && $colour->centigrams <= 2000
            ? $this->with(stepDown: $colour)
            : throw InvalidRule::outOfRange('step down by', $colour->text(), '1', '20', 'g');
    }

    /** @throws InvalidRule unless 1 to 10 visits */
    public function withGoodVisitsBeforeStepDown(int $visits): self
    {
        return $this->with(goodVisitsBeforeStepDown: self::whole('step down after', $visits, 1, 10, 'good visits'));
    }

    /** @throws InvalidRule unless 5 to 90 minutes */
    public function withFreshnessMinutes(int $minutes): self
    {
        return $this->with(freshnessMinutes: self::whole('mixed colour is fresh for', $minutes, 5, 90, 'min'));
    }

    public function withClockStart(ClockStart $start): self
    {
        return $this->with(clockStart: $start);
    }

    /** @throws InvalidRule unless 2 to 60 days */
    public function withSkinTestDays(int $days): self
    {
        return $this->with(skinTestDays: self::whole('a clear skin test holds', $days, 2, 60, 'days'));
    }

    public function withWaivers(bool $allowed): self
    {
        return $this->with(waivers: $allowed);
    }

    /** @throws InvalidRule unless 0.5 to 3 cm */
    public function withRegrowthPerMonth(Fraction $centimetres): self
    {
        return $this->with(regrowthPerMonth: self::within(
            'hair grows',
            $centimetres,
            Fraction::of(1, 2),
            Fraction::of(3),
            'cm a month',
        ));
    }

    public function withPourMiss(PourMiss $miss): self
    {
        return $this->with(pourMiss: $miss);
    }

    public function withWeighAhead(bool $allowed): self
    {
        return $this->with(weighAhead: $allowed);
    }

    public function withTestReaders(TestReaders $readers): self
    {
        return $this->with(testReaders: $readers);
    }

    public function withGramsMean(GramsMean $of): self
    {
        return $this->with(gramsMean: $of);
    }

    /** @throws InvalidRule unless 2 to 240 minutes */
    public function withIdleMinutes(int $minutes): self
    {
        return $this->with(idleMinutes: self::whole('a device locks itself after', $minutes, 2, 240, 'min'));
    }

    public function withOwnerCode(bool $asked): self
    {
        return $this->with(ownerCode: $asked);
    }

    /** @throws InvalidRule */
    private static function whole(string $rule, int $given, int $least, int $most, string $unit): int
    {
        return $given >= $least && $given <= $most ? $given : throw InvalidRule::outOfRange(
            $rule,
            (string) $given,
            (string) $least,
            (string) $most,
            $unit,
        );
    }

    /** @throws InvalidRule */
    private static function within(
        string $rule,
        Fraction $given,
        Fraction $least,
        Fraction $most,
        string $unit,
    ): Fraction {
        return $given->compare($least) >= 0 && $given->compare($most) <= 0 ? $given : throw InvalidRule::outOfRange(
            $rule,
            $given->decimal(2),
            $least->decimal(1),
            $most->decimal(1),
            $unit,
        );
    }

    public function withGreyParts(GreyParts $parts): self
    {
        return $this->with(greyParts: $parts);
    }

    public function withFillerParts(FillerParts $parts): self
    {
        return $this->with(fillerParts: $parts);
    }

    public function withFillerMinutes(int $minutes): self
    {
        return $minutes >= 1 && $minutes <= 60
            ? $this->with(fillerMinutes: $minutes)
            : throw InvalidRule::outOfRange('Filler minutes', (string) $minutes, '1', '60', 'min');
    }

    public function withKeepWarmth(KeepWarmth $keep): self
    {
        return $this->with(keepWarmth: $keep);
    }
}

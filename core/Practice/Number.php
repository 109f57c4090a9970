<?php

declare(strict_types=1);

namespace Core\Practice;

use Core\Units\Fraction;
use Core\Units\Rounding;

/**
 * The trade's single numbers, each with its name, unit, mark and who may say otherwise. Tables (undertones, lift, parts
 * of head and strand, amounts to start with) stand where they are read.
 */
enum Number: string
{
    case RatioFarAbove = 'ratio-far-above';
    case RatioFarBelow = 'ratio-far-below';
    case ScalpMost = 'scalp-most';
    case LiftsFrom = 'lifts-from';
    case DepositsUpTo = 'deposits-up-to';
    case HotRootLift = 'hot-root-lift';
    case WarmRoot = 'warm-root';
    case DampLift = 'damp-lift';
    case OpenAirLift = 'open-air-lift';
    case DyeTop = 'dye-top';
    case HoldDemi = 'hold-demi';
    case HoldDirect = 'hold-direct';
    case HoldLightener = 'hold-lightener';
    case GrabLow = 'grab-low';
    case GrabHigh = 'grab-high';
    case WetHold = 'wet-hold';
    case FlatBelow = 'flat-below';
    case LevelMiss = 'level-miss';
    case RednessMiss = 'redness-miss';
    case GreyShows = 'grey-shows';
    case WarmthMiss = 'warmth-miss';
    case SameLevel = 'same-level';
    case RemixAt = 'remix-at';
    case WarmWish = 'warm-wish';
    case PearlViolet = 'pearl-violet';
    case PearlAsh = 'pearl-ash';
    case VividWish = 'vivid-wish';
    case ResistantMore = 'resistant-more';
    case AmountSunk = 'amount-sunk';
    case WeaveTakes = 'weave-takes';
    case BetweenLeast = 'between-least';
    case LiftScatter = 'lift-scatter';
    case HoldScatter = 'hold-scatter';
    case WarmthScatter = 'warmth-scatter';
    case HouseWorth = 'house-worth';
    case ClientWorth = 'client-worth';
    case UnlikeCounts = 'unlike-counts';
    case LeastSeen = 'least-seen';
    case FillerHold = 'filler-hold';
    case BowlWorth = 'bowl-worth';
    case ContrastWide = 'contrast-wide';
    case ContrastSeen = 'contrast-seen';
    case ContrastNarrow = 'contrast-narrow';
    case RunsInto = 'runs-into';
    case NearColour = 'near-colour';
    case SameColour = 'same-colour';
    case FoilTakes = 'foil-takes';
    case StrandCounts = 'strand-counts';
    case TelltaleTone = 'telltale-tone';
    case ChinLength = 'chin-length';
    case MidBackLength = 'mid-back-length';
    case FineHair = 'fine-hair';
    case ThickHair = 'thick-hair';
    case MonthDays = 'month-days';
    case TrendDrift = 'trend-drift';
    case LeastOfBowl = 'least-of-bowl';
    case ToneStep = 'tone-step';
    case NearLevel = 'near-level';
    case BoosterMiss = 'booster-miss';
    case StandInPigment = 'stand-in-pigment';
    case SameTone = 'same-tone';
    case RootCentimetres = 'root-centimetres';
    case InchCentimetres = 'inch-centimetres';
    case EmptyPan = 'empty-pan';
    case SameBowl = 'same-bowl';
    case SameContent = 'same-content';
    case BackMiss = 'back-miss';
    case HouseLeast = 'house-least';
    case CardParts = 'card-parts';
    case SteerRatio = 'steer-ratio';
    case SteerStrength = 'steer-strength';
    case SteerLevel = 'steer-level';
    case SteerTone = 'steer-tone';
    case PanJump = 'pan-jump';
    case UnlikelyTimes = 'unlikely-times';
    case UnlikelyLeast = 'unlikely-least';
    case CatchUpFrom = 'catch-up-from';
    case MixingMinutes = 'mixing-minutes';
    case FoilMinutes = 'foil-minutes';
    case LookEvery = 'look-every';
    case ResistantMinutes = 'resistant-minutes';
    case WashMinutes = 'wash-minutes';
    case RefreshMinutes = 'refresh-minutes';
    case NoChangeMinutes = 'no-change-minutes';
    case RootDeeper = 'root-deeper';
    case EarlyRinse = 'early-rinse';
    case FollowUpDays = 'follow-up-days';
    case FollowUpPatience = 'follow-up-patience';
    case TestNoticeDays = 'test-notice-days';
    case ReadingPatience = 'reading-patience';
    case VisitNoticeDays = 'visit-notice-days';
    case VisitNoticeLeast = 'visit-notice-least';
    case LowStock = 'low-stock';
    case UsualRegrowth = 'usual-regrowth';
    case DarkBelow = 'dark-below';
    case DeepToner = 'deep-toner';
    case TonerLean = 'toner-lean';

    /** Value over, value under, unit, mark, who may override it, and what it says. */
    private const TABLE = [
        'ratio-far-above' => [
            3,
            2,
            'times the line’s developer',
            Mark::Model,
            Override::Nobody,
            'more than this is asked about as a slip',
        ],
        'ratio-far-below' => [
            2,
            3,
            'times the line’s developer',
            Mark::Model,
            Override::Nobody,
            'less than this is asked about as a slip',
        ],
        'scalp-most' => [30, 1, 'vol', Mark::Practice, Override::Nobody, 'above it nothing goes on the scalp'],
        'lifts-from' => [
            20,
            1,
            'vol',
            Mark::Practice,
            Override::Line,
            'from here a developer lifts, and the root runs hot',
        ],
        'deposits-up-to' => [10, 1, 'vol', Mark::Practice, Override::House, 'up to here a developer only deposits'],
        'hot-root-lift' => [
            1,
            2,
            'levels',
            Mark::Model,
            Override::Nobody,
            'from so much lift a pass from scalp to ends is cautioned',
        ],
        'warm-root' => [1, 2, 'levels', Mark::Practice, Override::Nobody, 'what a warm scalp adds at the root at most'],
        'root-deeper' => [
            1,
            2,
            'levels',
            Mark::Practice,
            Override::Nobody,
            'a root bowl is at least so much deeper than the lengths’, or weaker',
        ],
        'refresh-minutes' => [
            15,
            1,
            'min',
            Mark::Practice,
            Override::Nobody,
            'root colour is taken through to refresh the lengths',
        ],
        'no-change-minutes' => [
            5,
            1,
            'min',
            Mark::Practice,
            Override::Nobody,
            'root colour is taken through where nothing is to change',
        ],
        'damp-lift' => [9, 10, 'of the lift', Mark::Model, Override::House, 'on damp hair, which dilutes'],
        'open-air-lift' => [4, 5, 'of the lift', Mark::Model, Override::House, 'without a foil’s heat'],
        'dye-top' => [
            12,
            1,
            'level',
            Mark::Model,
            Override::House,
            'where a gram carries no dye, in the school that weighs by dye',
        ],
        'hold-demi' => [
            4,
            5,
            'of its tone',
            Mark::Model,
            Override::Line,
            'what a demi-permanent line leaves in the hair',
        ],
        'hold-direct' => [7, 10, 'of its tone', Mark::Model, Override::Line, 'what a direct dye leaves'],
        'hold-lightener' => [1, 5, 'of its tone', Mark::Model, Override::Line, 'what a toning lightener leaves'],
        'grab-low' => [4, 5, 'of the tone', Mark::Model, Override::Nobody, 'hair of low porosity takes'],
        'grab-high' => [6, 5, 'of the tone', Mark::Model, Override::Nobody, 'porous hair takes'],
        'wet-hold' => [4, 5, 'of the tone', Mark::Model, Override::House, 'what damp hair takes of it'],
        'warmth-miss' => [
            13,
            1,
            'CIELAB units',
            Mark::Model,
            Override::Nobody,
            'further off the wish is too warm or too cool',
        ],
        'redness-miss' => [
            12,
            1,
            'CIELAB units',
            Mark::Model,
            Override::Nobody,
            'further off the wish is too red or too golden',
        ],
        'flat-below' => [
            8,
            1,
            'CIELAB units',
            Mark::Model,
            Override::Nobody,
            'so much less vivid than the wish is flat or muddy',
        ],
        'grey-shows' => [
            2,
            1,
            'levels',
            Mark::Model,
            Override::Nobody,
            'white hair that stays so much lighter than the rest shows',
        ],
        'level-miss' => [3, 5, 'levels', Mark::Model, Override::Nobody, 'further off is too deep or too light'],
        'same-level' => [1, 4, 'levels', Mark::Model, Override::Nobody, 'nearer is deposit at its level'],
        'remix-at' => [2, 3, 'of the bowl', Mark::Practice, Override::Nobody, 'used up, the next batch is planned'],
        'warm-wish' => [
            3,
            10,
            'of the way from cool to warm',
            Mark::Model,
            Override::Nobody,
            'from here the bare pigment is an ally',
        ],
        'pearl-violet' => [2, 3, 'of its tone', Mark::Practice, Override::Line, 'what pearl neutralises as violet'],
        'pearl-ash' => [1, 3, 'of its tone', Mark::Practice, Override::Line, 'and as ash'],
        'vivid-wish' => [
            1,
            2,
            'of the wish',
            Mark::Model,
            Override::Nobody,
            'red and copper from here are filled the other way round',
        ],
        'resistant-more' => [6, 5, 'times', Mark::Model, Override::House, 'colour for resistant grey'],
        'amount-sunk' => [
            2,
            3,
            'of the first amount',
            Mark::Model,
            Override::House,
            'below it, with fading or grey, the amount is the suspect',
        ],
        'weave-takes' => [1, 2, 'of its region', Mark::Model, Override::Nobody, 'hair that a weave takes'],
        'lift-scatter' => [
            3,
            20,
            'of the lift',
            Mark::Model,
            Override::Nobody,
            'standard deviation of one visit around what a head does',
        ],
        'hold-scatter' => [3, 10, 'levels', Mark::Model, Override::Nobody, 'the same, of how deep colour holds'],
        'warmth-scatter' => [
            6,
            1,
            'CIELAB units',
            Mark::Model,
            Override::Nobody,
            'the same, of how much warmer it stays',
        ],
        'house-worth' => [
            12,
            1,
            'visits',
            Mark::Model,
            Override::Nobody,
            'what the table is worth against the house’s visits',
        ],
        'client-worth' => [
            1,
            2,
            'visits',
            Mark::Model,
            Override::Nobody,
            'what the house is worth against the client’s own',
        ],
        'unlike-counts' => [
            1,
            5,
            'of a visit',
            Mark::Model,
            Override::Nobody,
            'what other hair of the same head, or line, says',
        ],
        'least-seen' => [
            1,
            2,
            'levels',
            Mark::Model,
            Override::Nobody,
            'less expected of a bowl says nothing of what it did',
        ],
        'filler-hold' => [
            1,
            2,
            'of the colour',
            Mark::Model,
            Override::Nobody,
            'a filler is laid sheer: what follows covers it',
        ],
        'bowl-worth' => [
            3,
            2,
            'CIEDE2000',
            Mark::Model,
            Override::Nobody,
            'so much nearer to the wish must a further bowl bring it',
        ],
        'contrast-wide' => [1, 1, 'levels', Mark::Practice, Override::Nobody, 'so much apart is seen in wide sections'],
        'contrast-seen' => [
            3,
            2,
            'levels',
            Mark::Practice,
            Override::Nobody,
            'less between two bowls needs wide sections to be seen',
        ],
        'contrast-narrow' => [
            2,
            1,
            'levels',
            Mark::Model,
            Override::Nobody,
            'so much is seen in narrow sections: one level vanishes there, three show',
        ],
        'runs-into' => [
            3,
            1,
            'levels',
            Mark::Model,
            Override::Nobody,
            'so much darker, rinsed over lightened strands, stains them',
        ],
        'near-colour' => [8, 1, 'CIEDE2000', Mark::Model, Override::Nobody, 'nearer is close to the wish'],
        'same-colour' => [
            3,
            1,
            'CIEDE2000',
            Mark::Model,
            Override::Nobody,
            'nearer is the same colour from some steps away',
        ],
        'foil-takes' => [
            1,
            80,
            'of the head',
            Mark::Model,
            Override::House,
            'hair that one foil takes, as far as nobody counted its width',
        ],
        'strand-counts' => [1, 20, 'of its zone', Mark::Model, Override::Nobody, 'fewer strands are not drawn apart'],
        'between-least' => [
            1,
            10,
            'of its region',
            Mark::Model,
            Override::Nobody,
            'hair that is left between foils, however many there are',
        ],
        'telltale-tone' => [1, 4, 'of a tone', Mark::Model, Override::Nobody, 'less does not name it'],
        'chin-length' => [7, 10, 'times', Mark::Model, Override::House, 'amount to the chin'],
        'mid-back-length' => [3, 2, 'times', Mark::Model, Override::House, 'amount to the middle of the back'],
        'fine-hair' => [4, 5, 'times', Mark::Model, Override::House, 'amount for fine hair'],
        'thick-hair' => [7, 5, 'times', Mark::Model, Override::House, 'amount for thick hair'],
        'month-days' => [487, 16, 'days', Mark::Published, Override::Nobody, '365.25 / 12, the Julian year'],
        'trend-drift' => [
            15,
            100,
            'of the first',
            Mark::Model,
            Override::Nobody,
            'from here a trend is called a drift',
        ],
        'least-of-bowl' => [1, 50, 'of the bowl', Mark::Model, Override::Nobody, 'less is nothing'],
        'tone-step' => [1, 4, 'of the rest', Mark::Model, Override::Nobody, 'what goes to the turning shade'],
        'near-level' => [1, 2, 'levels', Mark::Model, Override::Nobody, 'still the bowl’s level'],
        'booster-miss' => [1, 4, 'levels', Mark::Model, Override::Nobody, 'what a booster, which has none, counts as'],
        'stand-in-pigment' => [1, 2, 'of the wanted pigment', Mark::Model, Override::Nobody, 'less is no stand-in'],
        'same-tone' => [
            1,
            10,
            'of the tone',
            Mark::Model,
            Override::Nobody,
            'what differs less is the same shade in another line',
        ],
        'inch-centimetres' => [
            254,
            100,
            'cm',
            Mark::Published,
            Override::Nobody,
            'an inch (International Yard and Pound Agreement, 1959)',
        ],
        'empty-pan' => [10, 1, 'g', Mark::Model, Override::Nobody, 'less on the scale is no bowl'],
        'same-bowl' => [1, 2, 'g', Mark::Model, Override::Nobody, 'nearer to a bowl’s weight is that bowl'],
        'same-content' => [1, 2, 'g', Mark::Model, Override::Nobody, 'nearer to the record is what is recorded'],
        'back-miss' => [3, 1, 'g', Mark::Model, Override::Nobody, 'a scale may be off by the end of a service'],
        'house-least' => [5, 1, 'bowls', Mark::Model, Override::Nobody, 'fewer say nothing of a house'],
        'card-parts' => [
            5,
            1,
            'parts',
            Mark::Model,
            Override::Nobody,
            'bare whole numbers up to here, on a card, are parts: nobody weighs three grams of each',
        ],
        'steer-ratio' => [
            1,
            20,
            'of the developer',
            Mark::Model,
            Override::Nobody,
            'an over-pour may be steered back so near',
        ],
        'steer-strength' => [1, 1, 'vol', Mark::Model, Override::Nobody, 'and so near in strength'],
        'steer-level' => [1, 10, 'levels', Mark::Model, Override::Nobody, 'and so near in level'],
        'steer-tone' => [1, 20, 'of the tone', Mark::Model, Override::Nobody, 'and so near in each tone family'],
        'pan-jump' => [
            35,
            1,
            'g within a third of a second',
            Mark::Model,
            Override::Nobody,
            'faster is no pour: something was put on or taken off',
        ],
        'unlikely-times' => [2, 1, 'times the target', Mark::Model, Override::Nobody, 'more is asked about'],
        'unlikely-least' => [5, 1, 'g beyond it', Mark::Model, Override::Nobody, 'and so much at least'],
        'catch-up-from' => [
            10,
            1,
            'min',
            Mark::Model,
            Override::Nobody,
            'a further batch of lightener that starts so much later is behind',
        ],
        'mixing-minutes' => [
            3,
            1,
            'min',
            Mark::Model,
            Override::Nobody,
            'to weigh and mix a bowl before its first touch',
        ],
        'foil-minutes' => [
            3,
            2,
            'min a foil',
            Mark::Model,
            Override::Nobody,
            'to lay foils, where no minutes are said',
        ],
        'look-every' => [5, 1, 'min', Mark::Model, Override::Nobody, 'between looks, where a bowl ends by eye'],
        'resistant-minutes' => [
            10,
            1,
            'min',
            Mark::Practice,
            Override::Nobody,
            'longer on resistant grey, within the line’s longest time; the trade says 5 to 10',
        ],
        'wash-minutes' => [
            5,
            1,
            'min',
            Mark::Model,
            Override::Nobody,
            'from the rinse of a round to the first touch of the next, where nothing else is said',
        ],
        'early-rinse' => [1, 2, 'of the least time', Mark::Model, Override::Nobody, 'a rinse before it is asked about'],
        'low-stock' => [
            1,
            2,
            'of a pack',
            Mark::Model,
            Override::House,
            'so much or less of a product is low, where it has no mark of its own',
        ],
        'follow-up-days' => [
            14,
            1,
            'days',
            Mark::Practice,
            Override::House,
            'after a visit somebody asks how the colour wears',
        ],
        'follow-up-patience' => [
            14,
            1,
            'days',
            Mark::Model,
            Override::Nobody,
            'and longer after that nobody is asked any more',
        ],
        'test-notice-days' => [
            2,
            1,
            'days',
            Mark::Practice,
            Override::House,
            'before the last moment for a skin test somebody is asked to come for it',
        ],
        'reading-patience' => [
            7,
            1,
            'days',
            Mark::Model,
            Override::Nobody,
            'after its 48 hours a test that nobody read is not asked about any more',
        ],
        'visit-notice-days' => [
            1,
            1,
            'day',
            Mark::Practice,
            Override::House,
            'before a visit somebody is reminded of it',
        ],
        'visit-notice-least' => [
            3,
            1,
            'hours',
            Mark::Model,
            Override::Nobody,
            'nearer to a visit nobody is reminded of it any more',
        ],
        'root-centimetres' => [3, 2, 'cm from the scalp', Mark::Practice, Override::Nobody, 'as far as the root goes'],
        'usual-regrowth' => [2, 1, 'cm', Mark::Practice, Override::Nobody, 'grown out, what a root bowl is reckoned for'],
        'dark-below' => [
            7,
            1,
            'level',
            Mark::Practice,
            Override::Nobody,
            'deeper hair is dark: its strength is too much for what was lightened',
        ],
        'deep-toner' => [
            2,
            1,
            'times',
            Mark::Model,
            Override::Nobody,
            'a toner that is too deep stains: worse than one as much too light',
        ],
        'toner-lean' => [1, 2, 'of a level', Mark::Model, Override::Nobody, 'a toner that leans wholly the wrong way is off by'],
    ];

    public function value(): Fraction
    {
        return Fraction::of(self::TABLE[$this->value][0], self::TABLE[$this->value][1]);
    }

    /** Of one that is a mass: whole centigrams. */
    public function centigrams(): int
    {
        return $this->value()->times(Fraction::of(100))->rounded(1, Rounding::HalfUp);
    }

    /** Of one that is counted in whole units: minutes, days. */
    public function whole(): int
    {
        return $this->value()->rounded(1, Rounding::HalfUp);
    }

    public function unit(): string
    {
        return self::TABLE[$this->value][2];
    }

    public function mark(): Mark
    {
        return self::TABLE[$this->value][3];
    }

    public function override(): Override
    {
        return self::TABLE[$this->value][4];
    }

    public function says(): string
    {
        return self::TABLE[$this->value][5];
    }
}

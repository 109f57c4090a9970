<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Formula\BowlDetails;
use Core\Formula\FollowFrom;
use Core\Formula\HeatPhase;
use Core\Formula\Purpose;
use Core\Hair\Covering;
use Core\Hair\HairState;
use Core\Practice\ClockStart;

/** Reads what is said around a bowl, and writes it back. */
final class ReadDetails
{
    private const MOST_PHASES = 8;

    public static function from(JsonNode $node): BowlDetails
    {
        $rinse = $node->at('rinse')->text(10);
        $rinse = in_array($rinse, ['', 'round', 'own', 'not'], true) ? $rinse : $node->at('rinse')->letter();
        $after = $node->at('after')->letter();
        $heat = [];
        foreach ($node->at('heat')->records(self::MOST_PHASES) as $phase) {
            $minutes = $phase->at('minutes')->wholeNumber(1, 120, Fact::of('nouns.minutes-heat-phase'));
            if (! $phase->at('minutes')->isGiven()) {
                $phase->at('minutes')->problem(Fact::of('documents.not-said-how-long'));
            }
            if ($minutes !== null) {
                $heat[] = new HeatPhase($phase->at('with')->flag(), $minutes);
            }
        }

        [$plus, $plusMost] = self::range(
            $node->at('plus'),
            0,
            240,
            Fact::of('nouns.minutes-after-other-bowl'),
            Fact::of('documents.range-of-minutes'),
        );
        $meant = [];
        foreach ($node->at('meant')->items(40) as $key) {
            $meant[] = $key->text(60);
        }

        return new BowlDetails(
            purpose: ReadStrokes::choice(
                $node->at('purpose'),
                Purpose::class,
                Fact::of('documents.no-purpose-bowl'),
            ) ?? Purpose::Service,
            mark: $node->at('mark')->text(60),
            hair: ReadStrokes::choice($node->at('hair'), HairState::class, Fact::of('documents.no-state-hair')),
            covering: ReadStrokes::choice($node->at('covering'), Covering::class, Fact::of('documents.no-covering')),
            heat: $heat,
            applying: $node->at('applying')->wholeNumber(1, 240, Fact::of('nouns.minutes-applying')),
            clock: ReadStrokes::choice($node->at('clock'), ClockStart::class, Fact::of('documents.no-start-clock')),
            after: $after,
            plus: $plus,
            rinse: $rinse === '' ? 'round' : $rinse,
            emulsify: $node->at('emulsify')->wholeNumber(1, 30, Fact::of('nouns.minutes-emulsifying')),
            until: $node->at('until')->text(80),
            treatment: $node->at('treatment')->text(200),
            meant: array_values(array_unique(array_filter($meant, static fn (string $key): bool => $key !== ''))),
            from: ReadStrokes::choice(
                $node->at('afterFrom'),
                FollowFrom::class,
                Fact::of('documents.no-moment-of-bowl'),
            ),
            plusMost: $plusMost,
            through: $node->at('through')->wholeNumber(0, 240, Fact::of('nouns.minutes-taken-through')),
            lookFrom: $node->at('lookFrom')->wholeNumber(1, 240, Fact::of('nouns.minute-to-look-from')),
            starts: $node->at('starts')->wholeNumber(0, 480, Fact::of('nouns.minutes-into-round')),
        );
    }

    /**
     * Reads 35, and a range: 25 to 35.
     *
     * @return array{?int, ?int} planned, and the longest of a range; both null where nothing is said
     */
    public static function minutes(JsonNode $node): array
    {
        return self::range(
            $node,
            1,
            600,
            Fact::of('nouns.processing-time'),
            Fact::of('documents.processing-time-from-shorter-longer'),
        );
    }

    /** @return array{?int, ?int} */
    private static function range(JsonNode $node, int $least, int $most, Fact $noun, Fact $wrong): array
    {
        $text = is_string($node->value()) ? $node->text(40) : '';
        if (preg_match('/^\s*(\d{1,3})\s*(?:to|–|-)\s*(\d{1,3})(?:\s*min(?:utes)?)?\s*$/u', $text, $m) !== 1) {
            return [$node->wholeNumber($least, $most, $noun), null];
        }
        if ((int) $m[1] < $least || (int) $m[2] > $most || (int) $m[1] >= (int) $m[2]) {
            $node->problem($wrong);

            return [null, null];
        }

        return [(int) $m[1], (int) $m[2]];
    }

    /** @return array<string, mixed> only what is said */
    public static function write(BowlDetails $details): array
    {
        return array_filter([
            'purpose' => $details->purpose === Purpose::Service ? null : $details->purpose->value,
            'mark' => $details->mark === '' ? null : $details->mark,
            'hair' => $details->hair?->value,
            'covering' => $details->covering?->value,
            'heat' => $details->heat === [] ? null : array_map(
                static fn (HeatPhase $phase): array => ['with' => $phase->with, 'minutes' => $phase->minutes],
                $details->heat,
            ),
            'applying' => $details->applying,
            'clock' => $details->clock?->value,
            'after' => $details->after === '' ? null : $details->after,
            'afterFrom' => $details->from?->value,
            'plus' => $details->plusMost === null ? $details->plus : "{$details->plus} to {$details->plusMost}",
            'rinse' => $details->rinse === 'round' ? null : $details->rinse,
            'emulsify' => $details->emulsify,
            'through' => $details->through,
            'lookFrom' => $details->lookFrom,
            'starts' => $details->starts,
            'until' => $details->until === '' ? null : $details->until,
            'treatment' => $details->treatment === '' ? null : $details->treatment,
            'meant' => $details->meant === [] ? null : $details->meant,
        ], static fn (mixed $value): bool => $value !== null);
    }
}

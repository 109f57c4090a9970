<?php

declare(strict_types=1);

namespace App\Messages;

use App\Enums\MessageMode;
use App\Models\Salon;
use App\Words\Say;
use Core\Fact;
use Core\Service\MessageKind;

/**
 * What a house says of each kind of message: whether it goes out, how many days before or after, and in which words.
 */
final readonly class HouseMessages
{
    /** What the words may name; each stands as a colon and its name. */
    public const PLACES = ['first', 'name', 'day', 'time', 'service', 'salon', 'colourist'];

    public function __construct(private Salon $salon)
    {
    }

    public function mode(MessageKind $kind): MessageMode
    {
        return MessageMode::tryFrom((string) ($this->own($kind)['mode'] ?? '')) ?? MessageMode::Offer;
    }

    /** @return array<string, int> by kind, where the house says a number */
    public function days(): array
    {
        $days = [];
        foreach (MessageKind::cases() as $kind) {
            if (is_int($this->own($kind)['days'] ?? null)) {
                $days[$kind->value] = $this->own($kind)['days'];
            }
        }

        return $days;
    }

    public function subject(MessageKind $kind): string
    {
        return $this->text($kind, 'subject') ?? Say::words(match ($kind) {
            MessageKind::SkinTest => Fact::of('messages.skin-test.subject', day: ':day'),
            MessageKind::Reading => Fact::of('messages.reading.subject'),
            MessageKind::Appointment => Fact::of('messages.appointment.subject', day: ':day', time: ':time'),
            MessageKind::FollowUp => Fact::of('messages.follow-up.subject'),
        });
    }

    public function words(MessageKind $kind): string
    {
        return $this->text($kind, 'words') ?? Say::words(match ($kind) {
            MessageKind::SkinTest => Fact::of(
                'messages.skin-test.words',
                first: ':first',
                day: ':day',
                time: ':time',
                colourist: ':colourist',
                salon: ':salon',
            ),
            MessageKind::Reading => Fact::of(
                'messages.reading.words',
                first: ':first',
                colourist: ':colourist',
                salon: ':salon',
            ),
            MessageKind::Appointment => Fact::of(
                'messages.appointment.words',
                first: ':first',
                day: ':day',
                time: ':time',
                colourist: ':colourist',
                salon: ':salon',
            ),
            MessageKind::FollowUp => Fact::of(
                'messages.follow-up.words',
                first: ':first',
                colourist: ':colourist',
                salon: ':salon',
            ),
        });
    }

    /**
     * In the place of the usual words, where a skin test cannot be had in time any more.
     *
     * @return array{string, string} subject and words
     */
    public static function tooLate(): array
    {
        return [
            Say::words(Fact::of('messages.too-late.subject', day: ':day')),
            Say::words(
                Fact::of(
                    'messages.too-late.words',
                    first: ':first',
                    day: ':day',
                    time: ':time',
                    colourist: ':colourist',
                    salon: ':salon',
                ),
            ),
        ];
    }

    /** @return list<array{kind: string, mode: string, days: int, usualDays: int, subject: string, words: string, own: bool}> */
    public function all(): array
    {
        return array_map(fn (MessageKind $kind): array => [
            'kind' => $kind->value,
            'mode' => $this->mode($kind)->value,
            'days' => $this->days()[$kind->value] ?? $kind->usualDays(),
            'usualDays' => $kind->usualDays(),
            'subject' => $this->subject($kind),
            'words' => $this->words($kind),
            'own' => $this->text($kind, 'words') !== null || $this->text($kind, 'subject') !== null,
        ], MessageKind::cases());
    }

    /** @return list<string> places in the words that nothing fills */
    public static function strangePlaces(string $words): array
    {
        preg_match_all('/:([a-z]+)/', $words, $found);

        return array_values(array_unique(array_diff($found[1], self::PLACES)));
    }

    private function text(MessageKind $kind, string $which): ?string
    {
        $text = $this->own($kind)[$which] ?? null;

        return is_string($text) && $text !== '' ? $text : null;
    }

    /** @return array<string, mixed> */
    private function own(MessageKind $kind): array
    {
        return $this->salon->message_rules[$kind->value] ?? [];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Messages\PostMessage;
use App\Enums\ConsentKind;
use App\Messages\DueRows;
use App\Messages\HouseMessages;
use App\Messages\MessageToSend;
use App\Models\Client;
use App\Models\Message;
use App\Models\Salon;
use App\Words\Say;
use Carbon\CarbonImmutable;
use Core\Fact;

/** A salon's outbox: what is due, what somebody wrote of it, and what went out lately. */
final class MessagesResource
{
    private const PAST_DAYS = 60;

    private const PAST_MOST = 100;

    /** @return array<string, mixed> */
    public static function of(Salon $salon, CarbonImmutable $now): array
    {
        $due = resolve(DueRows::class)->of($salon, $now);
        $here = array_map(
            static fn (MessageToSend $each): string => "{$each->due->kind->value}/{$each->due->about}",
            $due,
        );
        $past = Message::query()
            ->where('salon_id', $salon->id)
            ->where('updated_at', '>', $now->subDays(self::PAST_DAYS))
            ->with(['client.consents', 'decider'])->orderByDesc('updated_at')->limit(self::PAST_MOST)->get()
            ->reject(fn (Message $row): bool => in_array("{$row->kind->value}/{$row->about}", $here, true));

        return [
            'canMail' => PostMessage::canMail(),
            'rules' => (new HouseMessages($salon))->all(),
            'version' => $salon->version,
            'due' => array_map(self::due(...), $due),
            'past' => array_values($past->map(fn (Message $row): array => [
                'key' => "{$row->kind->value}/{$row->about}", 'kind' => $row->kind->value, 'about' => $row->about,
                'visit' => null, 'startsAt' => null,
                'dueAt' => null, 'late' => false, 'client' => self::client($row->client), ...self::row(
                    $row,
                    $row->subject,
                    $row->words,
                ),
            ])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function due(MessageToSend $each): array
    {
        return [
            'key' => "{$each->due->kind->value}/{$each->due->about}",
            'kind' => $each->due->kind->value,
            'about' => $each->due->about,
            'visit' => $each->visit,
            'startsAt' => $each->startsAt?->toIso8601String(),
            'dueAt' => CarbonImmutable::createFromTimestamp($each->due->due)->toIso8601String(),
            'late' => $each->due->late,
            'client' => self::client($each->client),
            ...self::row($each->row, $each->subject, $each->words),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(?Message $row, string $subject, string $words): array
    {
        // Handed over long ago, and nobody has said what became of it.
        $lost = $row?->isLost(CarbonImmutable::now()) === true;

        return [
            'subject' => $row->subject ?? $subject,
            'words' => $row->words ?? $words,
            'state' => $lost ? 'open' : $row->state->value ?? 'open',
            'way' => $row->way ?? '',
            'reached' => $row->reached ?? '',
            'trouble' => $lost ? Say::words(Fact::of('messages.lost')) : $row->trouble ?? '',
            'by' => $row?->decider?->name,
            'at' => $row?->decided_at?->toIso8601String(),
            'version' => $row->version ?? 0,
        ];
    }

    /** @return array{id: int, name: string, phone: string, email: string, by: string, agrees: ?bool} */
    private static function client(Client $client): array
    {
        return [
            'id' => $client->id,
            'name' => $client->name,
            'phone' => $client->phone,
            'email' => $client->email,
            'by' => $client->contact_by,
            'agrees' => $client->agreesTo(ConsentKind::Messages),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Actions\Messages;

use App\Enums\ConsentKind;
use App\Enums\MessageState;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\MessageRefused;
use App\Messages\DueRows;
use App\Messages\MessageToSend;
use App\Models\Message;
use App\Models\Salon;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Service\MessageKind;
use Illuminate\Support\Str;

/**
 * What somebody makes of a due message: keeps other words, says that it was told, hands it to the mail server, leaves
 * it, takes it up again. Of each thing there is one message of a kind; whoever saw an older one is shown the newer.
 */
final readonly class SettleMessage
{
    public function __construct(private DueRows $due, private PostMessage $post)
    {
    }

    /**
     * @param  string  $do  keep, said, mail, left, again
     * @param  int  $version  of the message that was looked at; 0 where nobody had touched it
     * @param  string  $way  how it was said: phone, message, mail
     */
    public function __invoke(
        TeamMember $by,
        Salon $salon,
        MessageKind $kind,
        string $about,
        string $do,
        int $version,
        string $subject,
        string $words,
        string $way,
        CarbonImmutable $now,
    ): Message {
        $due = $this->find($salon, $kind, $about, $now);
        // Under the salon's lock: two who press at once make one message.
        Salon::query()->lockForUpdate()->findOrFail($salon->id);
        $row = Message::query()
            ->where('salon_id', $salon->id)
            ->where('kind', $kind)
            ->where('about', $about)
            ->lockForUpdate()
            ->first();
        if (($row->version ?? 0) !== $version) {
            throw $row === null ? MessageRefused::notDue() : EditedElsewhere::message($row);
        }
        if ($row !== null && in_array($row->state, [MessageState::Sent], true)) {
            throw MessageRefused::gone();
        }
        // Two presses on one “Send” are one mail; one that nobody has heard of for a while may be sent again.
        if ($do === 'mail' && $row?->state === MessageState::Sending && ! $row->isLost($now)) {
            throw MessageRefused::onItsWay();
        }
        $row ??= new Message(
            [
                'id' => (string) Str::uuid(),
                'salon_id' => $salon->id,
                'client_id' => $due->client->id,
                'kind' => $kind,
                'about' => $about,
                'version' => 0,
            ],
        );
        $row->fill(
            [
                'subject' => $subject,
                'words' => $words,
                'trouble' => '',
                'version' => $row->version + 1,
                ...$this->becomes($due, $by, $do, $way, $now),
            ],
        )->save();
        if ($row->state === MessageState::Sending) {
            ($this->post)($row);
        }

        return $row;
    }

    /** @return array<string, mixed> */
    private function becomes(MessageToSend $due, TeamMember $by, string $do, string $way, CarbonImmutable $now): array
    {
        $client = $due->client;
        $decided = ['decided_by' => $by->id, 'decided_at' => $now];

        return match ($do) {
            'keep', 'again' => [
                'state' => MessageState::Open,
                'way' => '',
                'reached' => '',
                'decided_by' => null,
                'decided_at' => null,
            ],
            'left' => ['state' => MessageState::Left, 'way' => '', 'reached' => '', ...$decided],
            'said' => [
                'state' => MessageState::Sent,
                'way' => $way,
                'reached' => $way === 'mail' ? $client->email : $client->phone,
                ...$decided,
            ],
            default => match (true) {
                ! PostMessage::canMail() => throw MessageRefused::noMail(),
                $client->email === '' => throw MessageRefused::noAddress($client->name),
                $client->contact_by === 'none',
                $client->agreesTo(ConsentKind::Messages) === false => throw MessageRefused::unwanted($client->name),
                default => [
                    'state' => MessageState::Sending,
                    'way' => 'mail',
                    'reached' => $client->email,
                    ...$decided,
                ],
            },
        };
    }

    private function find(Salon $salon, MessageKind $kind, string $about, CarbonImmutable $now): MessageToSend
    {
        foreach ($this->due->of($salon, $now) as $each) {
            if ($each->due->kind === $kind && $each->due->about === $about) {
                return $each;
            }
        }
        throw MessageRefused::notDue();
    }
}

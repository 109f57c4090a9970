<?php

declare(strict_types=1);

namespace App\Actions\Messages;

use App\Enums\ConsentKind;
use App\Enums\MessageMode;
use App\Enums\MessageState;
use App\Enums\Role;
use App\Messages\DueRows;
use App\Messages\HouseMessages;
use App\Models\Message;
use App\Models\Salon;
use App\Words\Speak;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;
use Illuminate\Support\Str;

/** Sends what the owner lets go out by itself: to whoever agreed to messages, by mail, once. */
final readonly class SendByRule
{
    public function __construct(
        private DatabaseManager $database,
        private DueRows $due,
        private PostMessage $post,
        private Speak $speak,
    ) {
    }

    /** @return int how many were handed over */
    public function __invoke(Salon $salon, CarbonImmutable $now): int
    {
        // Nobody asked: it is said as the owner would say it.
        $this->speak->to($salon->team()->where('role', Role::Owner)->whereNull('ended_at')->oldest('id')->first());
        $house = new HouseMessages($salon);
        $count = 0;
        foreach (PostMessage::canMail() ? $this->due->of($salon, $now) : [] as $each) {
            $client = $each->client;
            $goes = $each->row === null && ! $each->due->late && $house->mode($each->due->kind) === MessageMode::Send

                    && $client->email !== ''
                    && in_array($client->contact_by, ['', 'mail'], true)
                    && $client->agreesTo(ConsentKind::Messages) === true;
            if (! $goes) {
                continue;
            }
            $this->database->connection()->transaction(function () use ($salon, $each, $now, &$count): void {
                Salon::query()->lockForUpdate()->findOrFail($salon->id);
                if (Message::query()->where('kind', $each->due->kind)->where('about', $each->due->about)->exists()) {
                    return;
                }
                $row = Message::query()->create([
                    'id' => (string) Str::uuid(), 'salon_id' => $salon->id, 'client_id' => $each->client->id,
                    'kind' => $each->due->kind, 'about' => $each->due->about,
                    'subject' => $each->subject, 'words' => $each->words, 'state' => MessageState::Sending,
                    'way' => 'mail', 'reached' => $each->client->email, 'decided_at' => $now, 'version' => 1,
                ]);
                ($this->post)($row);
                $count++;
            });
        }

        return $count;
    }
}

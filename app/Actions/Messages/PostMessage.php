<?php

declare(strict_types=1);

namespace App\Actions\Messages;

use App\Enums\MessageState;
use App\Models\Message;
use App\Words\Say;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Database\DatabaseManager;
use Illuminate\Mail\Message as Mail;
use Throwable;

/**
 * Hands a message to the mail server, once it is on record that it is being handed over: one that fell between is seen
 * as such, and is never sent twice by itself.
 */
final readonly class PostMessage
{
    public function __construct(private DatabaseManager $database, private Mailer $mailer)
    {
    }

    public static function canMail(): bool
    {
        return config('mail.default') !== 'none';
    }

    public function __invoke(Message $row): void
    {
        $this->database->connection()->afterCommit(function () use ($row): void {
            try {
                $this->mailer->raw($row->words, static function (Mail $mail) use ($row): void {
                    $mail->to($row->reached)->subject($row->subject);
                });
                $is = ['state' => MessageState::Sent, 'trouble' => ''];
            } catch (Throwable $failure) {
                $is = [
                    'state' => MessageState::Open,
                    'trouble' => mb_substr(
                        Say::plain('The mail server did not take it: :why', ['why' => $failure->getMessage()]),
                        0,
                        200,
                    ),
                ];
            }
            Message::query()
                ->whereKey($row->id)
                ->where('state', MessageState::Sending)
                ->firstOrFail()
                ->fill([...$is, 'version' => $row->version + 1])
                ->save();
        });
    }
}

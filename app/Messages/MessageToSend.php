<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Client;
use App\Models\Message;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Service\DueMessage;

/** A due message with whom it is to, in the words it would go out in; and what somebody made of it. */
final readonly class MessageToSend
{
    public function __construct(
        public DueMessage $due,
        public Client $client,
        public TeamMember $from,
        public ?string $visit,
        public ?CarbonImmutable $startsAt,
        public string $subject,
        public string $words,
        public ?Message $row,
    ) {
    }
}

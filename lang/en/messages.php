<?php

declare(strict_types=1);

// What a client is told between two visits, where the house has no words of its own.

return [
    'skin-test' => [
        'subject' => 'A skin test before :day',
        'words' => 'Dear :first, before your colour on :day at :time we need a small skin test, at least 48 hours ahead. It takes five minutes. When can you come by? :colourist, :salon',
    ],
    'too-late' => [
        'subject' => 'Your colour on :day',
        'words' => 'Dear :first, before your colour on :day at :time a skin test would have needed 48 hours, and there is no time for it any more. May we find you another day, and place the test before? :colourist, :salon',
    ],
    'lost' => 'It was handed to the mail server, and nobody knows whether it went out: look there, then say so or send it again.',
    'reading' => [
        'subject' => 'Your skin test',
        'words' => 'Dear :first, your skin test has had its 48 hours. Is there any redness, itching or swelling? Please let us see it before we colour; if it troubles you, wash it off and ask a doctor. :colourist, :salon',
    ],
    'appointment' => [
        'subject' => 'See you :day at :time',
        'words' => 'Dear :first, we look forward to seeing you :day at :time. If anything has changed, your health or your plans, please tell us before. :colourist, :salon',
    ],
    'follow-up' => [
        'subject' => 'How is your colour?',
        'words' => 'Dear :first, it is two weeks since your colour. How does it wear, and is there anything you would change? :colourist, :salon',
    ],
];

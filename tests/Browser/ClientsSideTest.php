<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

it('asks before a photograph, makes one file of two, matches twins, and takes somebody out for good', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $one = $this->send(
        $page,
        'clients',
        ['name' => 'Tilda Marsh', 'phone' => '0555 4477 11', 'cautions' => 'Faints at the basin.'],
    );
    $two = $this->send($page, 'clients', ['name' => 'Tilda Marsch', 'phone' => '0555 447711']);

    // Photographs only of who agreed; taken back, it says what goes.
    $page->get($this->address("/clients/{$one['id']}"));
    $this->press($page, '#agree-photographs');
    $this->see($page, '.photo-file');
    $this->press($page, '[aria-label="They are written to: they do not agree"]');
    $this->see($page, '.consents .notice', 'Nothing is sent to them any more.');
    $this->press($page, '#refuse-messages');
    $this->see($page, '.consents', 'no, ');

    // The same telephone: one file of both, the name of the other chosen.
    $this->press($page, '.notice button', 'Make one file of both');
    $this->press($page, '.merge-table .chip', 'Tilda Marsch');
    $this->type($page, '[aria-label="Why the files become one"]', 'written twice at the desk');
    $this->press($page, '#merge');
    $this->see($page, 'h1', 'Tilda Marsch');
    $this->see($page, '.notice-warn', 'Faints at the basin.');
    $page->get($this->address("/clients/{$two['id']}"));
    $this->see($page, 'h1', 'Tilda Marsch');
    expect($page->getCurrentURL())->toEndWith("/clients/{$one['id']}");

    // Who changed what, of everything about them.
    $this->press($page, '.trail summary');
    $this->see($page, '.trail', 'written twice at the desk');

    // Taken out: the name typed, a reason, the password; nothing of them is left.
    $this->press($page, '.adjust summary', 'Take this person out of the record');
    $this->type($page, '#erase-name', 'Tilda Marsch');
    $this->type($page, '#erase-reason', 'asked for it by letter');
    $this->type($page, '#erase-password', 'not it');
    $this->press($page, '#erase');
    $this->see($page, '.adjust .notice-stop');
    $this->type($page, '#erase-password', 'harbour-light');
    $this->press($page, '#erase');
    $this->see($page, 'h1', 'Erased client');
    $page->get($this->address('/clients?search=Marsch'));
    $this->see($page, '.clients', 'Nobody by that.');
    expect(json_encode($this->ask($page, "clients/{$one['id']}/trail")))
        ->not->toContain('Marsch')
        ->not->toContain('basin');
});

it('reads the colour of a target off its photograph, takes it as the wish, and judges the result against it', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $client = $this->send($page, 'clients', ['name' => 'Maren Quist'])['id'];
    $this->send(
        $page,
        "clients/{$client}/consents",
        ['id' => (string) Ramsey\Uuid\Uuid::uuid4(), 'kind' => 'photographs', 'given' => true],
    );
    $visit = (string) Ramsey\Uuid\Uuid::uuid4();
    $this->send(
        $page,
        "clients/{$client}/visits",
        ['id' => $visit, 'service' => 'Like the picture', 'startsAt' => gmdate('c', time() + 3 * 86400)],
    );
    // A swatch, and a sheet of paper beside it.
    $picture = tempnam(sys_get_temp_dir(), 'tinta-target');
    $image = imagecreatetruecolor(800, 600);
    imagefilledrectangle($image, 0, 0, 799, 599, (int) imagecolorallocate($image, 176, 140, 100));
    imagefilledrectangle($image, 600, 0, 799, 599, (int) imagecolorallocate($image, 240, 240, 238));
    imagejpeg($image, "{$picture}.jpg", 95);
    $mark = function (string $kind) use ($page, $picture): void {
        (new WebDriverSelect($page->findElement(WebDriverBy::cssSelector('.photo-add select'))))->selectByValue($kind);
        $before = count($page->findElements(WebDriverBy::cssSelector('.photo-open')));
        $page->findElement(WebDriverBy::cssSelector('.photo-file input'))
            ->setFileDetector(new LocalFileDetector)
            ->sendKeys("{$picture}.jpg");
        for (
            $until = microtime(true) + 15; count(
                $page->findElements(WebDriverBy::cssSelector('.photo-open')),
            ) === $before
            && microtime(true) < $until;
        ) {
            usleep(100_000);
        }
        $page->executeScript(
            '[...document.querySelectorAll(".photo-open")].find((each) => each.parentElement.textContent.includes(arguments[0])).click()',
            [$kind],
        );
        $this->see($page, '.spot-picture img');
        // The middle is the swatch already; the paper by key: chosen, and moved to the right.
        $this->press($page, '.spot-said .chip', 'white paper beside it');
        $spot = $page->findElement(WebDriverBy::cssSelector('.spot-picture'));
        $spot->sendKeys(str_repeat(WebDriverKeys::ARROW_RIGHT, 36));
        $this->press($page, '#mark-spot');
        $this->see($page, '.photo-large .spot-read', 'Against the white beside it');
    };
    $page->get($this->address("/visits/{$visit}?at=read"));
    $this->see($page, '.photo-file');
    $mark('target');
    $spot = $this->ask($page, "clients/{$client}")['photos'][0]['spot'];
    $this->press($page, '#at-canvas');
    $this->press($page, '#start-canvas');
    $this->see($page, '.photographed-target', $spot['words']);
    $this->press($page, '#take-photographed', 'Wish it of Root');
    $this->see($page, '.desk-foot', 'Draft, kept on this device');
    $this->press($page, '#save-canvas');
    $this->see($page, '.desk-foot', 'Saved');
    $root = $this->ask($page, "visits/{$visit}")['canvas']['canvas']['zones'][0];
    expect([$root['wish']['level'], $root['wish']['tone']])->toBe([$spot['level'], $spot['tone']])
        ->and($page->findElements(WebDriverBy::cssSelector('#take-photographed')))->toBe([]);
    // The same colour at the end: as like as two photographs can tell.
    $page->get($this->address("/clients/{$client}"));
    $this->see($page, '.photo-file');
    $mark('after');
    $this->see($page, '.spot-match', 'as like as two photographs can tell');
    unlink("{$picture}.jpg");
});

it('takes over the twin’s target on the canvas', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $found = $this->ask($page, 'clients?search=Meera');
    $page->get($this->address("/clients/{$found[0]['id']}"));
    $this->see($page, '#looks-like');
    $this->press($page, '#repeat');
    $this->see($page, '#bowl-total');
    $this->press($page, '#at-canvas');
    $this->press($page, '#take-target');
    $this->see($page, '.notice-good', 'The same target as Anjali Rao.');
    $this->press($page, '#save-canvas');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    preg_match('#visits/([0-9a-f-]{36})#', $page->getCurrentURL(), $at);
    $visit = $this->ask($page, "visits/{$at[1]}");
    $twin = $this->ask($page, "visits/{$at[1]}/matched")[0];
    $wish = array_column($visit['canvas']['canvas']['zones'], 'wish', 'id');
    foreach ($twin['zones'] as $zone) {
        expect($wish[$zone['id']]['level'])
            ->toBe($zone['wish']['level'])
            ->and($wish[$zone['id']]['tone'])
            ->toBe($zone['wish']['tone']);
    }
});

it('shows whom to tell what, takes one’s own words, notes how it was told, and sends nothing by itself', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $this->press($page, '.day-walk a', 'wait');
    $this->see($page, '.message-list', 'Abena Owusu');
    $this->see($page, '.lead-line', 'Nothing goes out by itself');
    $this->type($page, '[aria-label="Words to Abena Owusu"]', 'Abena, nine thirty tomorrow, tea is on.');
    // Typed words outlast a reload.
    $page->navigate()->refresh();
    $this->see($page, '.message-list', 'Abena Owusu');
    expect(
        $page->findElement(WebDriverBy::cssSelector('[aria-label="Words to Abena Owusu"]'))->getAttribute('value'),
    )->toBe('Abena, nine thirty tomorrow, tea is on.');
    $card = $page->findElement(WebDriverBy::xpath("//li[contains(@class,'message')][.//a[.='Abena Owusu']]"));
    $card->findElement(WebDriverBy::xpath(".//button[contains(.,'Told by telephone')]"))->click();
    $this->see($page, '#messages-done + ul', 'Abena Owusu');
    $sent = array_values(
        array_filter(
            $this->ask($page, 'messages')['due'],
            fn (array $each): bool => $each['client']['name'] === 'Abena Owusu',
        ),
    );
    expect($sent[0])->toMatchArray(
        [
            'state' => 'sent',
            'way' => 'phone',
            'words' => 'Abena, nine thirty tomorrow, tea is on.',
            'by' => 'Tomasz Wilk',
        ],
    );

    // The owner's own words, with a place that nothing fills refused.
    $owner = $this->browser();
    $this->signIn($owner, 'ines');
    $owner->get($this->address('/messages'));
    $this->press($owner, '.message-rules summary', 'How the colour wears');
    $this->type($owner, '#words-follow-up', 'Dear :frist, how is it?');
    $this->press($owner, '#save-message-rules');
    $this->see($owner, '.field-problem', 'Nothing fills :frist');
    $this->type($owner, '#words-follow-up', 'Dear :first, how is it?');
    $this->press($owner, '#save-message-rules');
    $this->rest($owner);
    expect(
        array_column($this->ask($owner, 'messages')['rules'], 'words', 'kind')['follow-up'],
    )->toBe('Dear :first, how is it?');
});

it('runs no script and no style that did not come from here', function () {
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $visit = $this->ask($page, 'today')['visits'][0]['id'];
    foreach (
        [
            '/',
            '/messages',
            '/workbench',
            '/shelf/costs',
            '/house',
            '/wall',
            "/visits/{$visit}",
            "/visits/{$visit}/card",
        ] as $path
    ) {
        $page->get($this->address($path));
        $this->rest($page);
        $said = array_filter(
            $page->manage()->getLog('browser'),
            static fn (array $each): bool => stripos((string) $each['message'], 'content security policy') !== false,
        );
        expect(array_values($said))->toBe([], $path);
    }
    // What would be slipped in stays where it is.
    $page->executeScript(
        "const slipped = document.createElement('script'); slipped.textContent = 'window.slipped = true'; document.body.append(slipped)",
    );
    expect($page->executeScript('return window.slipped === true'))->toBeFalse();
});

it('asks for the password once more before all of a client leaves, and then goes on by itself', function () {
    // A tablet that was taken over by a PIN: its person has said no password on it for a while.
    $page = $this->browser();
    $this->signIn($page, 'tomasz');
    $tomasz = $this->ask($page, 'session')['id'];
    $this->send($page, 'session/pin', ['password' => 'harbour-light', 'pin' => '4719'], method: 'PUT');
    $this->send($page, 'session', [], method: 'DELETE');
    $this->signIn($page, 'ines');
    $this->send($page, 'session/take', ['member' => $tomasz, 'pin' => '4719']);
    $page->get($this->address('/clients/5'));
    $this->press($page, '#held-page');
    $this->see($page, '#say-again-title', 'Is it you?');
    // Who leaves it is told what was wanted, and nothing has left.
    $this->press($page, '.modal button', 'Leave it');
    $this->see($page, '.notice', 'Say once more that it is you');
    $this->press($page, '#held-page');
    $this->type($page, '#say-again-password', 'not this one');
    $this->press($page, '#say-again');
    $this->see($page, '.modal .notice');
    $this->type($page, '#say-again-password', 'harbour-light');
    $this->press($page, '#say-again');
    // What was asked goes on; the next one is not asked any more.
    $gone = fn (): bool => $page->findElements(WebDriverBy::cssSelector('.modal')) === [];
    for ($until = microtime(true) + 10; ! $gone() && microtime(true) < $until;) {
        usleep(100_000);
    }
    expect($gone())->toBeTrue();
    $this->press($page, '#held-file');
    $this->rest($page);
    expect($gone())
        ->toBeTrue()
        ->and($page->findElements(WebDriverBy::cssSelector('#held-on-them ~ .notice')))
        ->toBe([]);
});

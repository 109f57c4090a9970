<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

it('lets the owner set the house rules, keeps what is half set, and shows a newer version', function () {
    $page = $this->browser();
    $this->signIn($page, 'ines');
    $this->key($page, 'h');
    $this->type($page, '#rule-good-visits', 'often');
    $this->press($page, '[aria-label="Going darker on lightened hair"] .chip', 'deeper and warmer');
    $this->press($page, '#save-house');
    $this->see($page, '.rule .field-problem', '“often”');
    // What was set survives a reload, and is set right.
    $page->navigate()->refresh();
    $this->see($page, '.desk-foot [role=status]', 'Draft, kept here');
    expect($this->see($page, '#rule-good-visits')->getAttribute('value'))->toBe('often');
    $this->type($page, '#rule-good-visits', '4');
    $this->press($page, '#save-house');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $this->see($page, '.rule-own', 'ours; the standard is 3 good visits');

    // A colourist reads them and sets nothing.
    $reader = $this->browser(1024, 768);
    $this->signIn($reader, 'tomasz');
    $reader->get($this->address('/house'));
    $this->see($reader, '.rule-own', '4 good visits');
    expect(
        $reader->findElements(WebDriverBy::cssSelector('.house input:not([type=password]), .house select, #save-house')),
    )->toBe([]);

    // Two devices of the owner: the second sees the first's, and overwrites nothing unseen.
    $other = $this->browser();
    $this->signIn($other, 'ines');
    $other->get($this->address('/house'));
    $this->type($other, '#rule-good-visits', '5');
    $this->type($page, '#rule-good-visits', '3');
    $this->press($page, '#save-house');
    $this->see($page, '.desk-foot [role=status]', 'Saved');
    $this->press($other, '#save-house');
    $this->see($other, '.notice', 'changed on another device');
    $this->see($other, '.notice', 'Step down after: 3 good visits.');
    $this->press($other, '.notice button', 'Take the newer');
    $this->see($other, '.desk-foot [role=status]', 'Saved');
    expect($this->see($other, '#rule-good-visits')->getAttribute('value'))->toBe('3');
    // As it was, for the journeys after this one.
    $this->press($other, '.rule:has([aria-label="Going darker on lightened hair"]) .rule-standard .chip', 'standard');
    $this->press($other, '#save-house');
    $this->see($other, '.desk-foot [role=status]', 'Saved');
});

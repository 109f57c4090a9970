<?php

declare(strict_types=1);

it('lets an assistant practise on an invented head, and says what came of it', function () {
    $page = $this->browser();
    $this->signIn($page, 'noor');
    $page->get($this->address('/practice'));
    $this->press($page, '.practice .chip', 'Cover grey');
    $this->see($page, '.practice-bar', 'Practice head.');
    $this->press($page, '#at-formulate');
    $this->type($page, '[aria-label="A bowl in one line"], .write-bowl input', '5N, Tidewater, 20 vol, 1:1.5, 40 g of colour, 35 min, root regrowth');
    $this->press($page, '.write-bowl button', 'Add it');
    $this->see($page, '.visit-rail', 'planned');
    $this->press($page, '#put-on', 'Put them on');
    $this->see($page, '.practice-came', 'came to level');
    $page->get($this->address('/practice'));
    $this->see($page, '.practice-heads', 'one try');
    // Not in the salon's day.
    $page->get($this->address('/'));
    $this->see($page, '.page', 'Expected');
    expect($this->see($page, '.page')->getText())->not->toContain('Practice head');
});

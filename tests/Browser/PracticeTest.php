<?php

declare(strict_types=1);

it('lets an assistant practise on an invented head, and says what came of it', function () {
    $page = $this->browser();
    $this->signIn($page, 'noor');
    $page->get($this->address('/practice'));
    $this->press($page, '.practice .chip', 'Cover grey');
    $this->see($page, '.practice-bar', 'Practice head.');
    $this->press($page, '#at-formulate');
    $this->type(
        $page,
        '[aria-label="A bowl in one line"], .write-bowl input',
        '5N, Tidewater, 20 vol, 1:1.5, 40 g of colour, 35 min, root regrowth',
    );
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

it('stands beside somebody at their first bowl, step by step, by the simulated scale', function () {
    $page = $this->browser();
    $this->signIn($page, 'noor');
    $page->get($this->address('/guide'));
    $this->press($page, '#first-bowl', 'Weigh your first bowl');
    $this->see($page, '.first-bowl', '1 of 6');
    $this->press($page, '#first-hand', 'Put it on');
    $this->see($page, '.first-bowl', 'The bowl is on. Say that it is empty');
    $this->key($page, ' ');
    $this->see($page, '#stage-in, #pan-question');
    if ($page->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('#pan-question')) !== []) {
        $this->see($page, '.first-bowl', 'asks rather than guess');
        $this->key($page, '1');
    }
    // Three products, each poured by the hand that is lent; the second one too much, on purpose.
    foreach ([1, 2, 3] as $product) {
        $this->see($page, ".bench-lines li:nth-child({$product}).is-current");
        if ($product === 2) {
            $this->scale('pour 19');
            $this->see($page, '.first-bowl', 'That is too much. Record it as it is');
            $this->rest($page);
            $this->key($page, ' ');
            $this->see($page, '.first-bowl', '4 of 6');
            $this->see($page, '.over-choices');
            $this->key($page, '1');
            // In proportion it is a larger bowl: the first is topped up.
            $this->see($page, '.bench-lines li:nth-child(1).is-current');
            $this->press($page, '#first-hand', 'Pour it');
            $this->see($page, '.first-bowl', 'On target');
            $this->rest($page);
            $this->key($page, ' ');

            continue;
        }
        $this->press($page, '#first-hand', 'Pour it');
        $this->see($page, '.first-bowl', 'On target');
        $this->rest($page);
        $this->key($page, ' ');
    }
    $this->see($page, '.first-bowl', '5 of 6');
    $this->key($page, ' ');
    $this->see($page, '.first-bowl', 'That was a bowl');
    // The keys of this page, and the guide ended.
    $this->key($page, '?');
    $this->see($page, '#help-title', 'The bench: its keys');
    $this->see($page, '.shortcuts', 'Weigh back what is left');
    $this->press($page, '.modal .btn-close');
    $this->press($page, '#first-end');
    $this->see($page, '.stage-words', 'Bowl finished');
    expect($page->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('.first-bowl')))->toBe([]);
});

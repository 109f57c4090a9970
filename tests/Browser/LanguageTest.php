<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

/** What a page shows that is English: words which no other language of ours has. */
const ENGLISH = '/\b(the|with|and|not|bowl|weigh|save|close|hair|grey|shade|without|again)\b/i';

it('speaks Portuguese to who wants it, from the sign-in to the bench, and English to everybody else', function () {
    $page = $this->browser();
    $words = fn (): string => (string) $page->executeScript(
        'return document.querySelector("main, .sign-in")?.innerText ?? document.body.innerText',
    );
    $page->get($this->address());
    $this->press($page, '.languages button', 'Português');
    $this->see($page, '#sign-in', 'Entrar');
    expect($page->executeScript('return document.documentElement.lang'))
        ->toBe('pt')
        ->and($words())
        ->not->toMatch(ENGLISH);
    // A person has the language they chose, whatever the device was read in.
    $this->signIn($page, 'noor');
    $this->see($page, '.frame-head', 'Today');
    expect($page->executeScript('return document.documentElement.lang'))->toBe('en');
    $page->get($this->address('/house#house-own'));
    $this->press($page, '.own-language button', 'Português');
    $this->see($page, 'h1', 'Regras da casa');
    try {
        expect($words())->not->toMatch(ENGLISH);
        $page->get($this->address('/'));
        $this->see($page, '.frame-head', 'Hoje');
        // The bench: what is next, the scale, what the bowl takes, a decimal with a comma.
        $bowl = $this->visitOf($page, 'Philippa Thorne')['rounds'][0]['bowls'][0]['id'];
        $page->get($this->address("/bench/{$bowl}"));
        $this->see($page, '.bench-head', 'Sair da pesagem');
        $this->see($page, '#also-in', 'Também entra');
        expect(
            $page->findElement(WebDriverBy::cssSelector('.line-list, .bench-lines, main'))->getText(),
        )->toMatch('/\d,\d g/');
        // Another one on the same device is spoken to in theirs.
        $this->send($page, 'session', [], method: 'DELETE');
        $this->signIn($page, 'tomasz');
        $this->see($page, '.frame-head', 'Today');
        $this->send($page, 'session', [], method: 'DELETE');
        $this->signIn($page, 'noor');
        $this->see($page, '.frame-head', 'Hoje');
    } finally {
        $this->send($page, 'session/language', ['language' => 'en'], method: 'PUT');
    }
});

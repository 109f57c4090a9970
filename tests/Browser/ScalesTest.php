<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

it('weighs two bowls on two scales at once, each on its own', function () {
    $one = $this->browser();
    $this->signIn($one, 'ines');
    $this->toTheBench($one, 'Rosalind Peake', '30 g', ['6C'], '210');
    $this->begin($one);
    $two = $this->browser();
    $this->signIn($two, 'tomasz');
    // Its bench opens on the first scale, where the other bowl stands; the second is chosen.
    $this->toTheBench($two, 'Imogen Castellan', '30 g', ['7C'], '210');
    $this->scale('bowl 190', 2);
    $this->press($two, '#scale-badge');
    $this->see($two, '.scale-choice', '190.0 g');
    $this->press($two, '.scale-choice', 'Bench scale 2');
    $this->see($two, '.stage-number', '190.0 g');
    $this->begin($two);
    $this->scale('pour 12', 2);
    $this->see($two, '#stage-in', '12.0 g');
    expect($this->see($one, '#stage-in')->getText())->toContain('0.0 g');
    $this->scale('pour 30', 1);
    $this->see($one, '#stage-in', '30.0 g');
    expect($this->see($two, '#stage-in')->getText())->toContain('12.0 g');
    $this->key($one, ' ');
    $this->see($one, '.stage-label', '20 vol');
    $this->scale('pour 18', 2);
    $this->see($two, '#stage-in', '30.0 g');
    $this->key($two, ' ');
    $this->see($two, '.stage-label', '20 vol');
    // It stays with this device.
    $two->navigate()->refresh();
    $this->see($two, '#scale-badge', 'scale 220.0 g');
});

it('goes on in grams when the scale shows ounces, and takes nothing from one that is stuck', function () {
    $page = $this->browser();
    $this->signIn($page, 'amara');
    $this->toTheBench($page, 'Rosalind Peake', '30 g', ['6C'], '210');
    $this->begin($page);
    $this->pour($page, '12', '12.0 g');
    $this->scale('unit oz');
    usleep(700_000);
    $this->see($page, '#stage-in', '12.0 g');
    $this->pour($page, '3', '15.0 g');
    $this->scale('unit g');
    $this->scale('freeze 4');
    $this->scale('pour 15');
    $this->see($page, '#scale-badge', 'scale stands still');
    expect($this->see($page, '#act')->getText())->not->toContain('Record');
    $this->see($page, '#stage-in', '30.0 g', 15);
    // A slow cable shows it later, and the same.
    $this->scale('slow 500');
    usleep(1_200_000);
    $this->key($page, ' ');
    $this->see($page, '.stage-label', '20 vol', 30);
});

it('is taught how a scale writes, and weighs with it at the tablet’s own cable', function () {
    $page = $this->browser();
    // A port that says what the test says: the browser's own asks a person to choose.
    $page->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Page.addScriptToEvaluateOnNewDocument', 'params' => ['source' => <<<'JS'
        window.cable = { line: '0.0 g' };
        const port = { open: async () => { port.readable = new ReadableStream({ start(stream) { port.timer = setInterval(() => stream.enqueue(new TextEncoder().encode(window.cable.line + '\r\n')), 100) } }) }, close: async () => clearInterval(port.timer), readable: null };
        Object.defineProperty(navigator, 'serial', { value: { requestPort: async () => port, getPorts: async () => [port] } });
        JS]]);
    $this->signIn($page, 'ines');
    $this->toTheBench($page, 'Rosalind Peake', '30 g', ['6C'], '210');
    $this->press($page, '#scale-badge');
    $this->press($page, '#attach-scale');
    $page->executeScript("document.querySelector('.attach-scale details').open = true");
    $page->findElement(WebDriverBy::cssSelector('#scale-lines'))->sendKeys("0.0 g\n210.4 g\n~ 215.9 g");
    $this->see($page, '.tried-lines', '215.9 g, moving');
    $this->type($page, '[aria-label="Name of this way of writing"]', 'By the window');
    $this->press($page, '#keep-format');
    $this->see($page, '[aria-label="How it writes"]', 'By the window');
    $this->press($page, '#connect-scale');
    $says = fn (string $line) => $page->executeScript('window.cable.line = arguments[0]', [$line]);
    $says('~ 88.0 g');
    $this->see($page, '#scale-badge', 'scale 88.0 g');
    $says('200.0 g');
    $this->see($page, '#scale-badge', 'scale 200.0 g');
    $this->begin($page);
    foreach (['~ 205.1 g', '~ 221.9 g', '~ 229.6 g', '230.0 g'] as $line) {
        $says($line);
        usleep(300_000);
    }
    $this->see($page, '#stage-in', '30.0 g');
    $this->key($page, ' ');
    $this->see($page, '.stage-label', '20 vol');
    // What is damaged is no reading; a reload opens the cable again.
    $says('23?.0 g');
    $this->see($page, '#scale-badge', 'scale sends garbage');
    $page->navigate()->refresh();
    $page->executeScript("window.cable.line = '230.0 g'");
    $this->see($page, '#scale-badge', 'scale 230.0 g');
});

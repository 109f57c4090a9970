<?php

declare(strict_types=1);

use App\Accounts\OneTimeCode;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;

// Somebody sets a code up beside their password, signs in with it, loses the telephone, and takes it away again.

it('asks for a code beside the password from the moment it is set up until it is taken away', function () {
    $page = $this->browser();
    $this->signIn($page, 'leilani');
    $openOwn = function (RemoteWebDriver $page): void {
        $page->get($this->address('/house'));
        $this->press($page, '#own-second summary');
    };
    $enter = function (RemoteWebDriver $page): void {
        $this->type($page, '#email', 'leilani@sailcloth.example');
        $this->type($page, '#password', 'harbour-light');
        $this->press($page, '#sign-in');
    };
    $openOwn->call($this, $page);
    $this->see($page, '#own-second', 'It is not asked for.');
    $this->type($page, '#second-password', 'harbour-light');
    $this->press($page, '#second-begin');
    $this->see($page, '.second-qr');
    $makes = OneTimeCode::ofBase32($this->see($page, '#second-secret')->getText());
    // A slip of the finger is said, and typed again.
    $this->type($page, '#second-code', '12');
    $this->press($page, '#second-take');
    $this->see($page, '#own-second .field-problem, #own-second .invalid-feedback', 'This code is not right.');
    $this->type($page, '#second-code', $makes->at(time()));
    $this->press($page, '#second-take');
    $this->see($page, '#own-second', 'Write these down now');
    [$paper, $other] = array_map(
        static fn (RemoteWebElement $code): string => $code->getText(),
        $page->findElements(WebDriverBy::cssSelector('.second-paper code')),
    );
    $this->see($page, '#own-second', 'Codes on paper that are left: 8.');

    $this->send($page, 'session', [], method: 'DELETE');
    $page->get($this->address());
    $enter->call($this, $page);
    $this->type($page, '#code', '000000');
    $this->press($page, '#sign-in');
    $this->see($page, '.notice', 'This code is not right.');
    // The telephone is lost.
    $this->type($page, '#code', $paper);
    $this->press($page, '#sign-in');
    $this->see($page, '.frame-head');

    $openOwn->call($this, $page);
    $this->see($page, '#own-second', 'Codes on paper that are left: 7.');
    // With the password alone nothing is changed of it.
    $this->type($page, '#second-password', 'harbour-light');
    $this->type($page, '#second-now', '000000');
    $this->press($page, '#second-drop');
    $this->see($page, '#own-second .notice', 'This code is not right.');
    $this->type($page, '#second-now', $other);
    $this->press($page, '#second-drop');
    $this->see($page, '#own-second', 'It is not asked for.');
    $this->send($page, 'session', [], method: 'DELETE');
    $page->get($this->address());
    $enter->call($this, $page);
    $this->see($page, '.frame-head');
});

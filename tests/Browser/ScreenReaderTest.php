<?php

declare(strict_types=1);

use Tests\Browser\Heard;

it('is used by who only hears it: everything is found by kind and name, and the bench says what matters and no more', function () {
    $page = $this->browser();
    $heard = new Heard($page);
    // What is said, and when, goes by how a scale comes to rest.
    $this->scale('quick 1');
    $page->get($this->address());
    $heard->find('heading', 'Tinta');
    $stumbles = ['sign in' => $heard->stumbles()];
    $heard->type('textbox', 'Mail address', 'ines@sailcloth.example');
    $heard->type('textbox', 'Password', 'harbour-light');
    $heard->press('button', 'Sign in');
    $heard->find('heading', 'Today');
    $stumbles['today'] = $heard->stumbles();
    // A walk-in, a bowl in one line, weighed, finished.
    $heard->press('button', 'Walk-in');
    $heard->type('textbox', 'Who sits down', 'Ottoline Brisk');
    $heard->press('button', 'New: Ottoline Brisk');
    $heard->find('heading', 'Ottoline Brisk');
    $heard->type('textbox', 'A bowl in one line', 'Slack Water, 20 8B, 1:2 10 vol');
    $heard->press('button', 'Add it');
    $heard->find('button', 'Weigh');
    $stumbles['visit'] = $heard->stumbles();
    foreach (['Read', 'Canvas', 'Place', 'Run', 'Close', 'Formulate'] as $station) {
        $heard->press('tab', $station);
        $this->rest($page);
        $stumbles[$station] = $heard->stumbles();
    }
    $heard->press('button', 'Weigh');
    $heard->find('button', 'The empty bowl is on: begin');
    $stumbles['bench'] = $heard->stumbles();
    $heard->listen();
    $this->scale('bowl 214');
    $this->see($page, '#scale-badge', '214.0 g');
    $this->rest($page);
    $heard->press('button', 'The empty bowl is on: begin');
    $this->begun($page);
    foreach (['8B' => '20.0 g', '10 vol' => '40.0 g'] as $label => $grams) {
        $this->see($page, '.stage-label', (string) $label);
        $this->scale('pour '.(float) $grams);
        $this->rest($page);
        $heard->press('button', "Record {$grams}");
    }
    $this->see($page, '.stage-words', 'Everything is in');
    $this->rest($page);
    $heard->press('button', 'Finish the bowl');
    $heard->find('button', 'Another batch');
    $stumbles['bowl finished'] = $heard->stumbles();
    $said = $heard->said();
    // Told of each product that it is on target; the weight, which changes ten times a second, is not read out.
    foreach (['8B', '10 vol'] as $label) {
        expect(
            array_filter(
                $said,
                static fn (string $each): bool => str_contains($each, $label) && str_contains($each, 'On target'),
            ),
        )->not->toBe([], $label.' in '.implode(' | ', $said));
    }
    // Nothing passing: the bowl’s own weight is no pour, and what is in the last line is not in this one.
    expect(
        array_filter(
            $said,
            static fn (string $each): bool => str_contains($each, 'over') || str_starts_with(
                $each,
                '10 vol: On target, 20',
            ),
        ),
    )->toBe([])
        ->and(count($said))->toBeLessThan(15, implode(' | ', $said));
    $heard->press('button', 'Leave bench');
    $heard->find('heading', 'Ottoline Brisk');
    expect(array_filter($stumbles))->toBe([]);
});

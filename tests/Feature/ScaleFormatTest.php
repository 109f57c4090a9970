<?php

declare(strict_types=1);

use Tests\Feature\SmallSalon;

beforeEach(function () {
    $this->salon = new SmallSalon;
    $this->actingAs($this->salon->member());
});

const THREE = ['  0.00 g', '210.40 g', '215.91'];

it('tries what a scale sends before it is kept, and keeps it under its name', function () {
    $this->postJson('/api/scale/formats/tried', ['lines' => [...THREE, 'OL', 'noise 7']])->assertOk()->assertJson([
        'tellsStill' => true,
        'read' => [
            ['says' => '0.0 g, still'], ['says' => '210.4 g, still'], [
                'says' => '215.9 g, moving',
            ], ['says' => 'too heavy'],
            ['line' => 'noise 7', 'says' => 'The scale sent something that is not a reading.'],
        ],
    ]);
    $this->getJson('/api/scale/formats')->assertJsonPath('formats', []);
    $kept = $this->postJson('/api/scale/formats', ['name' => 'By the window', 'lines' => THREE])
        ->assertCreated()
        ->json();
    // The same name again is the same scale, taught anew.
    $this->postJson('/api/scale/formats', ['name' => 'By the window', 'lines' => ['0.0', '7.4', '7.5'], 'unit' => 'oz'])
        ->assertCreated()
        ->assertJsonPath('id', $kept['id']);
    $this->getJson('/api/scale/formats')->assertJsonCount(1, 'formats')->assertJsonPath('formats.0.format.in', 'oz');
    // Another house has its own.
    $this->actingAs((new SmallSalon)->member());
    $this->getJson('/api/scale/formats')->assertJsonPath('formats', []);
    $this->deleteJson("/api/scale/formats/{$kept['id']}")->assertNotFound();
});

it('says what is wrong with lines that teach nothing', function (array $body, string $message) {
    $this->postJson('/api/scale/formats/tried', $body)->assertUnprocessable()->assertJsonPath('message', $message);
})->with([
    'two lines' => [
        ['lines' => ['0.0 g', '1.0 g']],
        'Paste three lines: one with nothing on the scale, one with something on it, and one while something is poured.',
    ],
    'the same weight' => [['lines' => ['0.0 g', '0.0 g', '2.0 g']], 'The first two lines show the same weight.'],
    'not alike' => [['lines' => ['0.0 g', 'x 1.0 g', '2.0 g']], 'These lines are not written alike.'],
]);

it('lets the web server know of which salon a listener is', function () {
    $this->get('/api/scale/check')->assertNoContent()->assertHeader('X-Tinta-Salon', (string) $this->salon->salon->id);
});

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Core\Scale\PanWatch;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use LogicException;
use Random\Randomizer;
use Scale\Pan as SimulatedPan;
use Tests\TestCase;

/**
 * The bench behind its doors: a simulated scale, a hand that presses anything, writes that arrive twice or too late. It
 * keeps its own account of what is in the bowl, in true grams, and compares the server's record with it.
 */
final class HttpBench
{
    private const BOWL = 210.0;

    /** @var array<string, mixed> as the server last told it */
    private array $batch;

    private SimulatedPan $pan;

    private PanWatch $watch;

    private int $clock = 0;

    private int $session = 1;

    private bool $on = true;

    private string $zero = '';

    /** @var array<string, float> true grams in the bowl, by line */
    private array $in = [];

    /** @var array<string, float> of those, what the hand has not told */
    private array $untold = [];

    /** @var array<string, mixed> the last event that was taken, as it was sent */
    private array $last = [];

    public int $checks = 0;

    public int $doubled = 0;

    public int $late = 0;

    public function __construct(private readonly TestCase $test, string $bowl, private readonly Randomizer $chance)
    {
        $this->pan = new SimulatedPan($chance->getInt(1, 1_000_000));
        $this->watch = new PanWatch;
        $this->batch = $test->postJson("/api/bowls/{$bowl}/batches", ['id' => (string) Str::uuid()])
            ->assertCreated()
            ->json();
        $this->pan->put(self::BOWL);
        $this->pass(15);
        $this->say('empty');
    }

    public function isOpen(): bool
    {
        return in_array($this->batch['status'], ['weighing', 'over', 'complete'], true);
    }

    public function step(): void
    {
        match ($this->chance->getInt(0, 11)) {
            0 => $this->liftOrPutBack(),
            1 => $this->another(),
            2 => $this->cableOut(),
            3 => $this->twice(),
            4 => $this->tooLate(),
            5 => $this->undo(),
            6 => $this->type(),
            7, 8 => $this->record(),
            default => $this->goOn(),
        };
        $this->check();
    }

    /** The straight way to the end. */
    public function finish(): void
    {
        for ($i = 0; $i < 80 && $this->isOpen(); $i++) {
            $this->on || $this->liftOrPutBack();
            $this->goOn();
            $this->record();
            if ($this->batch['status'] === 'complete' && $this->untoldIn() === []) {
                $this->event(['kind' => 'finished']);
            } elseif ($this->batch['status'] === 'complete') {
                $this->undo();
            }
            $this->check();
        }
        if ($this->isOpen()) {
            throw new LogicException(
                "No way out of {$this->batch['status']}: ".json_encode(
                    [
                        $this->on,
                        $this->standsHere(),
                        $this->zero,
                        $this->word(),
                        $this->pan->reading(),
                        $this->in,
                        $this->untold,
                        $this->batch['bowlWeight'],
                        $this->batch['current'],
                        $this->poured(),
                    ],
                ),
            );
        }
    }

    private function goOn(): void
    {
        if ($this->batch['status'] === 'over') {
            $this->event(['kind' => $this->chance->getInt(0, 2) === 0 ? 'kept-proportion' : 'accepted-over']);
        } elseif ($this->isOpen() && ! $this->standsHere()) {
            $this->say($this->batch['bowlWeight'] === null ? 'empty' : 'same');
        } elseif ($this->batch['status'] === 'weighing' && $this->on && $this->untoldIn() === []) {
            $this->pour();
        }
    }

    private function pour(): void
    {
        $line = $this->current();
        if ($line === null) {
            return;
        }
        $grams = max(1.0, round((float) $line['left'] * $this->chance->getInt(40, 115) / 100, 1));
        $this->pan->pour($grams);
        $this->in[$line['key']] = ($this->in[$line['key']] ?? 0.0) + $grams;
        $this->untold[$line['key']] = ($this->untold[$line['key']] ?? 0.0) + $grams;
        $this->pass(40);
    }

    private function record(): void
    {
        $line = $this->current();
        if (
            $this->batch['status'] !== 'weighing'
            || $line === null
            || ! $this->on
            || ! $this->standsHere()
            || ! $this->pan->isStill()
            || array_keys($this->untoldIn()) !== [$line['key']]
        ) {
            return;
        }
        $net = $this->pan->reading() - $this->batch['live']['from'];
        if ($net > 0) {
            $this->event(
                [
                    'kind' => 'poured',
                    'line' => $line['key'],
                    'grams' => ($net / 100).' g',
                    'source' => 'scale',
                    'zero' => $this->word(),
                    'sure' => true,
                ],
            );
        }
    }

    private function type(): void
    {
        $line = $this->current();
        $grams = $line === null ? 0.0 : ($this->untold[$line['key']] ?? 0.0);
        if ($this->batch['status'] === 'weighing' && $grams > 0.05) {
            $this->event(
                [
                    'kind' => 'poured',
                    'line' => $line['key'],
                    'grams' => round($grams, 1).' g',
                    'source' => 'hand',
                    'sure' => true,
                ],
            );
        }
    }

    private function undo(): void
    {
        // The bowl's own weight is not taken back here: nobody could say then what is in it.
        if (
            $this->isOpen()
            && in_array('undo', $this->batch['presses'], true)
            && $this->batch['undoes'] !== 'empty bowl on the scale'
        ) {
            $this->event(['kind' => 'undone']);
        }
    }

    /** The network gave no answer, and it is sent again. */
    private function twice(): void
    {
        if ($this->last !== []) {
            $before = $this->poured();
            $answer = $this->test->postJson("/api/batches/{$this->batch['id']}/events", $this->last);
            if ($answer->status() >= 300 || array_diff_assoc($this->pouredOf($answer->json()), $before) !== []) {
                throw new LogicException("The same event again changed something ({$answer->status()}).");
            }
            $this->doubled++;
        }
    }

    /** Another device records against a state that is gone. */
    private function tooLate(): void
    {
        $line = $this->current();
        if ($line !== null && $this->batch['sequence'] > 0) {
            $this->test->postJson("/api/batches/{$this->batch['id']}/events", [
                'id' => (string) Str::uuid(), 'after' => $this->batch['sequence'] - 1, 'kind' => 'poured',
                'line' => $line['key'], 'grams' => '7 g', 'source' => 'hand',
            ])->assertConflict();
            $this->late++;
        }
    }

    private function liftOrPutBack(): void
    {
        $this->on ? $this->pan->lift() : $this->pan->return();
        $this->on = ! $this->on;
        $this->pass(15);
    }

    /** Another bowl stands there for a moment, and somebody presses in that moment. */
    private function another(): void
    {
        $this->pan->put(0.0);
        $this->pass($this->chance->getInt(4, 12));
        // Lighter than the own bowl, so that it never weighs the same by chance.
        $this->pan->put(150.0);
        $this->pass(15);
        $line = $this->current();
        if ($this->batch['status'] === 'weighing' && $line !== null) {
            // Its grams are nobody's: the word of this standing is not the batch's.
            $answer = $this->test->postJson("/api/batches/{$this->batch['id']}/events", [
                'id' => (string) Str::uuid(), 'after' => $this->batch['sequence'], 'kind' => 'poured',
                'line' => $line['key'], 'grams' => '12 g', 'source' => 'scale', 'zero' => $this->word(),
            ]);
            if ($answer->status() < 300) {
                throw new LogicException('Grams of another bowl were taken.');
            }
        }
        $this->pan->put(0.0);
        $this->pass($this->chance->getInt(4, 12));
        $this->pan->put(self::BOWL);
        $this->pan->hold(array_sum($this->in));
        $this->on = true;
        $this->pass(15);
    }

    private function cableOut(): void
    {
        $this->session++;
        $this->watch = new PanWatch;
        $this->pass(4);
    }

    /** Says what stands there; what is asked is answered by what is true, or looked at again. */
    private function say(string $stands): void
    {
        $this->pass(12);
        if (! $this->on || ! $this->pan->isStill() || $this->watch->isUnsettled()) {
            return;
        }
        $answer = $this->put(['stands' => $stands]);
        $about = $answer['question']['about'] ?? null;
        $untold = array_keys($this->untoldIn());
        $sure = match (true) {
            $about === null => null,
            $about === 'more-than-recorded' && count($untold) === 1 => ['stands' => $stands, 'line' => $untold[0]],
            $about === 'no-such-bowl' && array_sum($this->in) < 0.05 => ['stands' => $stands, 'sure' => true],
            $about === 'no-such-bowl-under' && $untold === [] => ['stands' => $stands, 'sure' => true],
            default => null,
        };
        if ($sure !== null) {
            $answer = $this->put($sure);
        }
        $this->take($answer['batch']);
        $this->zero = (string) ($answer['batch']['zero'] ?? '');
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private function put(array $said): array
    {
        $answer = $this->test->postJson("/api/batches/{$this->batch['id']}/pan", $said + [
            'id' => (string) Str::uuid(), 'after' => $this->batch['sequence'], 'reading' => $this->pan->reading(),
            'zero' => $this->word(),
        ]);

        return $answer->status() === 422
            ? ['batch' => $this->batch, 'question' => null]
            : $answer->assertSuccessful()->json();
    }

    /** @param  array<string, mixed>  $event */
    private function event(array $event): void
    {
        $sent = $event + ['id' => (string) Str::uuid(), 'after' => $this->batch['sequence']];
        /** @var TestResponse<\Symfony\Component\HttpFoundation\Response> $answer */
        $answer = $this->test->postJson("/api/batches/{$this->batch['id']}/events", $sent);
        if ($answer->status() < 300) {
            $this->last = $sent;
            $this->take($answer->json());
        }
    }

    /** @param  array<string, mixed>  $batch */
    private function take(array $batch): void
    {
        $before = $this->poured();
        $this->batch = $batch;
        // What came onto the record the hand has told; what was taken back is in the bowl still, and untold again.
        foreach ($this->poured() as $line => $grams) {
            $this->untold[$line] = max(0.0, ($this->untold[$line] ?? 0.0) - ($grams - ($before[$line] ?? 0.0)));
        }
        $this->untold = array_filter($this->untold, static fn (float $grams): bool => $grams > 0.45);
    }

    private function check(): void
    {
        foreach ($this->poured() as $line => $recorded) {
            $told = ($this->in[$line] ?? 0.0) - ($this->untold[$line] ?? 0.0);
            $this->checks++;
            if (abs($recorded - $told) >= 1.0) {
                throw new LogicException(
                    "{$line}: {$recorded} g on record, {$told} g told in {$this->batch['status']}.",
                );
            }
        }
    }

    /** @return array<string, float> */
    private function poured(): array
    {
        return $this->pouredOf($this->batch);
    }

    /**
     * @param  array<string, mixed>  $batch
     * @return array<string, float>
     */
    private function pouredOf(array $batch): array
    {
        return array_map(
            static fn (string $grams): float => (float) $grams,
            array_column($batch['lines'], 'poured', 'key'),
        );
    }

    /** @return array<string, float> */
    private function untoldIn(): array
    {
        return array_filter($this->untold, static fn (float $grams): bool => $grams > 0.05);
    }

    /** @return ?array<string, mixed> */
    private function current(): ?array
    {
        foreach ($this->batch['lines'] as $line) {
            if ($line['key'] === $this->batch['current']) {
                return $line;
            }
        }

        return null;
    }

    private function standsHere(): bool
    {
        return $this->zero !== '' && $this->zero === $this->word() && ! $this->watch->isUnsettled();
    }

    private function word(): string
    {
        return substr($this->batch['id'], 0, 8).".{$this->session}.{$this->watch->changes()}".(
            $this->watch->isUnsettled() ? '~' : ''
        );
    }

    private function pass(int $tenths): void
    {
        for ($i = 0; $i < $tenths; $i++) {
            $this->pan->pass(0.1);
            $this->clock += 100;
            $this->watch->see($this->pan->reading(), $this->pan->isStill(), $this->clock);
        }
    }
}

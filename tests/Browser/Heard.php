<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use PHPUnit\Framework\Assert;

/** A page as a screen reader has it: what each thing is and what it is called, and nothing of how it looks. */
final readonly class Heard
{
    /** What is pressed, filled in or chosen; each must have a name. */
    private const PRESSED = [
        'button',
        'link',
        'textbox',
        'searchbox',
        'combobox',
        'checkbox',
        'radio',
        'slider',
        'tab',
        'switch',
        'menuitem',
        'spinbutton',
    ];

    public function __construct(private RemoteWebDriver $page)
    {
    }

    /** Presses what is of that kind and called so, as a reader’s own key does. */
    public function press(string $role, string $name): void
    {
        $this->call($this->find($role, $name), 'function () { this.focus(); this.click() }');
    }

    public function type(string $role, string $name, string $text): void
    {
        $this->call($this->find($role, $name), 'function () { this.focus(); this.select?.() }');
        $this->say('Input.insertText', ['text' => $text]);
    }

    /** @return int the node of the first thing of that kind whose name begins so and that can be pressed; waited for */
    public function find(string $role, string $name): int
    {
        $until = microtime(true) + 20;
        do {
            foreach ($this->things() as $thing) {
                if ($thing['role'] === $role && str_starts_with($thing['name'], $name) && ! $thing['disabled']) {
                    return $thing['node'];
                }
            }
            usleep(80_000);
        } while (microtime(true) < $until);
        Assert::fail("No {$role} called “{$name}” is heard; there are: ".implode('; ', array_map(
            static fn (array $thing): string => "{$thing['role']} “{$thing['name']}”",
            array_filter(
                $this->things(),
                static fn (array $thing): bool => in_array(
                    $thing['role'],
                    [...self::PRESSED, 'heading', 'alert', 'status'],
                    true,
                ),
            ),
        )));
    }

    /**
     * @return list<string> what a reader stumbles over: things without a name, pictures without words, headings that
     *     skip
     */
    public function stumbles(): array
    {
        $found = [];
        $level = 0;
        $firsts = 0;
        $mains = 0;
        foreach ($this->things() as $thing) {
            if (
                $thing['name'] === ''
                && in_array($thing['role'], [...self::PRESSED, 'image', 'img', 'heading', 'dialog'], true)
            ) {
                $found[] = "a {$thing['role']} without a name";
            }
            $mains += (int) ($thing['role'] === 'main');
            if ($thing['role'] === 'heading') {
                if ($thing['level'] > $level + 1 && $level > 0) {
                    $found[] = "“{$thing['name']}” skips from heading {$level} to {$thing['level']}";
                }
                $firsts += (int) ($thing['level'] === 1);
                $level = $thing['level'];
            }
        }
        if ($firsts !== 1) {
            $found[] = "{$firsts} first headings";
        }
        if ($mains !== 1) {
            $found[] = "{$mains} main parts";
        }

        return $found;
    }

    /** From here on it is kept what the page says by itself. */
    public function listen(): void
    {
        $this->page->executeScript(<<<'JS'
            window.heard = []
            const lives = '[aria-live=polite], [aria-live=assertive], [role=status], [role=alert]'
            const last = new WeakMap()
            new MutationObserver((changes) => {
                const told = new Set()
                for (const change of changes) {
                    const from = change.target instanceof Element ? change.target : change.target.parentElement
                    for (const each of [from?.closest(lives), ...[...change.addedNodes].flatMap((node) => node instanceof Element ? [node.matches(lives) ? node : null, ...node.querySelectorAll(lives)] : [])]) if (each) told.add(each)
                }
                for (const each of told) {
                    const text = each.textContent.trim()
                    if (text !== '' && last.get(each) !== text) window.heard.push(text)
                    last.set(each, text)
                }
            }).observe(document.body, { subtree: true, childList: true, characterData: true })
            JS);
    }

    /** @return list<string> in the order in which it was said */
    public function said(): array
    {
        return $this->page->executeScript('return window.heard');
    }

    /** @return list<array{role: string, name: string, level: int, disabled: bool, node: int}> */
    private function things(): array
    {
        $things = [];
        foreach ($this->say('Accessibility.getFullAXTree', [])['nodes'] ?? [] as $node) {
            if (($node['ignored'] ?? false) === true || ! isset($node['backendDOMNodeId'])) {
                continue;
            }
            $is = array_column($node['properties'] ?? [], 'value', 'name');
            $things[] = [
                'role' => (string) ($node['role']['value'] ?? ''),
                'name' => trim((string) ($node['name']['value'] ?? '')),
                'level' => (int) ($is['level']['value'] ?? 0),
                'disabled' => ($is['disabled']['value'] ?? false) === true,
                'node' => (int) $node['backendDOMNodeId'],
            ];
        }

        return $things;
    }

    private function call(int $node, string $function): void
    {
        $object = $this->say('DOM.resolveNode', ['backendNodeId' => $node])['object']['objectId'] ?? null;
        Assert::assertIsString($object, 'It has gone from the page.');
        $this->say(
            'Runtime.callFunctionOn',
            ['objectId' => $object, 'functionDeclaration' => $function, 'userGesture' => true],
        );
    }

    /**
     * @param  array<string, mixed>  $what
     * @return array<string, mixed>
     */
    private function say(string $command, array $what): array
    {
        $answer = $this->page->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => $command, 'params' => (object) $what],
        );

        return is_array($answer) ? $answer : [];
    }
}

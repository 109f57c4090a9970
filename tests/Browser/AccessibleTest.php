<?php

declare(strict_types=1);

// WCAG 2.2 AA by axe-core, in both themes, on a desk, a tablet and a phone; and nothing that has to be pushed sideways.
it('has no accessibility violation on its main views', function () {
    $page = $this->browser();
    $axe = (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
    $devtools = function (string $say, array $what) use (&$page): void {
        $page->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => $say, 'params' => (object) $what],
        );
    };
    $all = [];
    $check = function (
        string $where,
        array $looks = [[1280, 800, ['light', 'dark']], [1024, 768, ['light']], [390, 844, ['dark']]],
    ) use (&$page, &$all, $axe, $devtools): void {
        // Nothing fades in while it is looked at.
        $devtools(
            'Emulation.setEmulatedMedia',
            ['features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']]],
        );
        $page->executeScript($axe);
        foreach ($looks as [$width, $height, $themes]) {
            $devtools(
                'Emulation.setDeviceMetricsOverride',
                ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
            );
            foreach ($themes as $at => $theme) {
                // The same page in the other theme is the same page in other colours.
                $found = $page->executeAsyncScript(<<<'JS'
                    const [theme, again, done] = arguments;
                    const what = again ? { type: 'rule', values: ['color-contrast', 'link-in-text-block'] } : ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'];
                    document.documentElement.dataset.bsTheme = theme;
                    requestAnimationFrame(() => requestAnimationFrame(async () => {
                        const found = await axe.run(document, { runOnly: what, resultTypes: ['violations'] });
                        const wide = document.documentElement.scrollWidth - window.innerWidth;
                        // What a bar at the edge of the window lies over for a moment is reached by moving the page.
                        const real = found.violations.map((each) => ({ ...each, nodes: each.nodes.filter((node) => !node.failureSummary.includes('partially obscured')) })).filter((each) => each.nodes.length > 0);
                        done([...real.map((each) => `${each.id}: ${each.nodes.map((node) => `${node.target} ${node.failureSummary}`).join('; ').slice(0, 600)}`), ...(wide > 1 ? [`${wide} pixels lie beside the page`] : [])]);
                    }));
                    JS, [$theme, $at > 0]);
                foreach ($found as $each) {
                    $all[] = "{$where}, {$theme}, {$width} × {$height}: {$each}";
                }
            }
            // What is pressed is as large as a wet finger; at the bench a hand that holds a bowl. Links in a sentence
            // and what opens a remark are text.
            foreach ($page->executeScript(<<<'JS'
                const small = []
                for (const each of document.querySelectorAll('button, a.btn, a.chip, select, input:not([type=hidden], [type=checkbox], [type=radio], [type=range], [type=file]), textarea, label.photo-file')) {
                    if (each.closest('[aria-hidden=true], svg, .linky') !== null || each.matches('.linky, .rung, .skip')) continue
                    const box = each.getBoundingClientRect()
                    const least = each.closest('.bench') === null ? 47.5 : 63.5
                    if (box.width > 0 && box.height > 0 && box.height < least) small.push(`${each.tagName.toLowerCase()}.${each.className} “${(each.textContent || each.getAttribute('aria-label') || '').trim().slice(0, 30)}” is ${Math.round(box.height)} high`)
                }
                return [...new Set(small)]
                JS) as $each) {
                $all[] = "{$where}, {$width} × {$height}: {$each}";
            }
        }
        $devtools('Emulation.clearDeviceMetricsOverride', []);
    };
    $page->get($this->address());
    $this->see($page, '#email');
    $check('sign in');
    $this->signIn($page, 'leilani');
    $this->see($page, '.visit-card');
    $check('today');
    $this->press($page, '.visit-card', 'Hana Kobayashi');
    $this->see($page, '#bowl-total');
    $unfold = fn () => $page->executeScript(
        "document.querySelectorAll('details').forEach((each) => { each.open = true })",
    );
    $unfold();
    $check('visit, formulate');
    foreach (
        [
            'read' => '.safety-states',
            'canvas' => '.zone-editor',
            'place' => '.pattern-list',
            'run' => '.lane',
            'close' => '#close-visit',
        ] as $station => $sign
    ) {
        $this->press($page, "#at-{$station}");
        $this->see($page, $sign);
        $unfold();
        $check("visit, {$station}");
    }
    $this->press($page, '.visit-head a', 'compare');
    $this->see($page, '.compare-heads');
    $check('compare');
    $page->navigate()->back();
    $this->press($page, '#card');
    $this->see($page, '.card-qr');
    $check('card');
    $page->navigate()->back();
    $this->press($page, '.visit-head h1 a');
    $this->see($page, '.lineage-card');
    $unfold();
    $check('client file');
    $page->get($this->address('/wall'));
    $this->see($page, '.wall-clock');
    $check('wall');
    $page->get($this->address('/?week=yes'));
    $this->see($page, '.day-row');
    $check('week');
    $page->get($this->address('/clients'));
    $this->see($page, '.client-list a');
    $check('clients');
    $page->get($this->address('/workbench'));
    $this->see($page, '.answer-headline');
    $check('workbench');
    foreach (
        [
            '/shelf' => '.shelf-lines',
            '/shelf/line-1' => '.shade-read',
            '/shelf/new' => '#line-codes',
            '/shelf/stock' => '.stock-state',
            '/shelf/order' => '.order-box',
            '/shelf/costs' => '.cost-chart canvas',
            '/shelf/developers' => '.plain-rows',
            '/shelf/measures' => '#measure-name',
            '/shelf/services' => '.services li',
            '/messages' => '.message',
            '/guide' => '.guide-words',
        ] as $address => $sign
    ) {
        $page->get($this->address($address));
        $this->see($page, $sign);
        $unfold();
        $check($address);
    }
    $page->get($this->address('/house'));
    $this->see($page, '.rule');
    $check('house, read');
    $page->get($this->address('/panel'));
    $this->see($page, '#panel-pour');
    $check('pour panel');
    $page->get($this->address());
    $this->press($page, '.next-hand', 'Weigh bowl A');
    $this->see($page, '.bench');
    usleep(500_000);
    $check('bench');
    $owner = $this->browser();
    $this->signIn($owner, 'ines');
    $owner->get($this->address('/house'));
    $this->see($owner, '#rule-freshness');
    $page = $owner;
    $check('house, set');
    $owner->get($this->address('/messages'));
    $this->see($owner, '.message-rules summary');
    $unfold();
    $check('messages, set');
    $owner->get($this->address('/clients/5'));
    $this->see($owner, '#held-on-them');
    $unfold();
    $check('client file of the owner');
    expect($all)->toBe([]);
});

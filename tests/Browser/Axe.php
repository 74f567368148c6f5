<?php

/** Asks axe of a page whether everybody can use it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

trait Axe
{
    /** Nothing moves any more and nothing is waited for. */
    private function rest(?Chrome $page = null): void
    {
        $page ??= $this->page;
        $page->until(
            static fn (): ?bool => true === $page->driver->executeScript(<<<'JS'
                return document.getAnimations().every((a) => a.playState !== 'running')
                  && !document.querySelector('[aria-busy=true]')
                JS) ? true : null,
            'the view does not come to rest',
        );
    }

    /**
     * @param list<string> $rules only these; none: all of WCAG 2.2 AA
     * @param Chrome|null $page null: the test's own
     *
     * @return list<string> what axe finds
     */
    protected function axe(array $rules = [], ?Chrome $page = null): array
    {
        $page ??= $this->page;
        $this->rest($page);
        static $source = null;
        $source ??= file_get_contents(\dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js');
        \assert(\is_string($source));
        if (true !== $page->driver->executeScript('return typeof axe !== "undefined"')) {
            $page->tools('Runtime.evaluate', ['expression' => $source]);
        }
        $found = $page->driver->executeAsyncScript(
            <<<'JS'
            const [rules, done] = arguments
            const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
            const said = v => v.nodes.slice(0, 3).map(n => n.html.slice(0, 160)).join(' | ')
            const runOnly = rules.length ? rules : all
            axe.run(document, { runOnly, resultTypes: ['violations'], preload: false })
              .then(
                r => done(r.violations.map(v => `${v.id}: ${said(v)} ${v.nodes[0].failureSummary}`)),
                e => done([String(e)]),
              )
            JS
            ,
            [$rules],
        );
        self::assertIsArray($found);

        return array_values(array_filter($found, is_string(...)));
    }
}

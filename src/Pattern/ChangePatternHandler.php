<?php

/** Changes a pattern; the cards that are named follow behind the scenes. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Work\Jobs;

/** @implements Handler<ChangePattern> */
final readonly class ChangePatternHandler implements Handler
{
    public function __construct(
        private PatternRows $rows,
        private Jobs $jobs,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $pattern = $this->scope->get($actor, Pattern::class, $command->pattern, $this->manager, 'pattern');
        if ($pattern->version !== $command->version) {
            throw Refused::stale('Somebody changed this pattern meanwhile.', [
                'version' => $pattern->version,
                'theirs_line' => $pattern->line,
            ]);
        }
        $before = ['line' => $pattern->line];
        $line = Notation::format(PatternRows::ways($command->form->line));
        $pattern->name = trim($command->form->name);
        $pattern->note = trim($command->form->note);
        if ($line !== $pattern->line) {
            $pattern->line = $line;
            ++$pattern->lineVersion;
        }
        PatternName::kept($this->manager);
        $follow = array_column($this->rows->followers($actor, $pattern), 'dog');
        $count = \count(array_intersect($follow, $command->form->spread));
        $words = \sprintf(
            'house pattern %s changed, %d %s',
            $pattern->name,
            $count,
            1 === $count ? 'card follows' : 'cards follow',
        );
        $after = ['line' => $line, 'line_version' => $pattern->lineVersion];
        $entry = new Entry(null, 'pattern', (string) $pattern->id, $words, $before, $after);

        if ([] === $command->form->spread) {
            return new Outcome(['change' => null], [$entry]);
        }
        $dogs = $command->form->spread;
        $this->jobs->begin(
            $actor,
            new SpreadPattern((string) $entry->id, $dogs),
            (string) $pattern->id,
            $words,
            \count($dogs),
        );

        return new Outcome(['change' => (string) $entry->id], [$entry]);
    }
}

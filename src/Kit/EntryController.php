<?php

/** What happens to a tool, written down as it happens: oiled, felt, disinfected, ground, run. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class EntryController
{
    public function __construct(private Commands $commands)
    {
    }

    #[Route('/api/kit/{id}/entries', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Write down what happened to a tool', gives: EntryView::class, status: 201)]
    public function add(Actor $actor, string $id, #[FromBody] ToolEntryForm $entry, Key $key): Response
    {
        $done = $this->commands->run(new NoteOnTool($id, $entry), $actor, $key);
        $celsius = $done->kept['celsius'] ?? null;

        return Answer::to(
            $done,
            new EntryView($done->id('entry'), $entry->kind, is_numeric($celsius) ? (float) $celsius : null),
            201,
        );
    }

    #[Route('/api/kit/entries/{id}', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take an entry back')]
    public function remove(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new TakeEntryBack($id), $actor, $key), null);
    }
}

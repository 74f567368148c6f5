<?php

/** What another salon knows of a dog, and who else sees what is known here. */

declare(strict_types=1);

namespace KeenThistle\Share;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Care\ElsewhereWords;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;

/** @phpstan-import-type Ask from Asks */
final readonly class Histories
{
    public function __construct(
        private Asks $asks,
        private HistoryReader $reader,
        private HistoryFile $file,
        private Actors $actors,
        private ChangeLog $log,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function view(Actor $actor, string $dog): HistoriesView
    {
        $dog = $this->dog($actor, $dog);
        $handsOver = $actor->may(May::PHONE);

        return new HistoriesView(
            array_map(
                static fn (array $a): AskView => self::ask($a, $a['named'], ''),
                $this->asks->by($actor, $dog),
            ),
            array_map(
                fn (array $a): AskView => self::ask(
                    $a,
                    $a['asking'],
                    $handsOver ? $this->asks->path($a['id'], $dog->household->id) : '',
                ),
                $this->asks->of($actor, $dog),
            ),
        );
    }

    /** @throws Refused 404 for what may not be seen (any more) */
    public function open(Actor $actor, string $id): HistoryView
    {
        $ask = $this->asks->get($actor, $id);
        if (!$ask['salon']->equals($actor->salon)) {
            throw Refused::notFound('history');
        }
        if ('file' === $ask['state']) {
            return $this->file->read($this->asks->copy($id));
        }
        if ('allowed' !== $ask['state'] || null === $ask['from_salon'] || null === $ask['from_dog']) {
            throw Refused::gone('This history may not be seen, or not any more.');
        }
        $there = $this->actors->inNameOf($ask['from_salon']);
        if ($this->asks->seen($id, $this->scope->today($there)->format('Y-m-d'))) {
            $this->log->write($there, [
                new Entry(new DogOfAsk($ask['from_dog']), 'history', $id, "$ask[asking] looked at its history"),
            ]);
            $this->log->write($actor, [
                new Entry(new DogOfAsk($ask['dog']), 'history', $id, "its history at $ask[named] was looked at"),
            ]);
        }
        $dog = $this->dog($there, (string) $ask['from_dog']);
        try {
            return $this->reader->of($there, $dog, $ask['parts']);
        } finally {
            $this->scope->apply($actor, $this->manager);
        }
    }

    /** For whoever has the dog before them: what others who know it warn of. */
    public function warnings(Actor $actor, string $dog): WarningsView
    {
        $out = [];
        foreach ($this->asks->by($actor, $this->dog($actor, $dog)) as $ask) {
            $isLive = 'allowed' === $ask['state'] && \in_array('cautions', $ask['parts'], true);
            if (!$isLive && 'file' !== $ask['state']) {
                continue;
            }
            $history = $this->open($actor, $ask['id']);
            foreach ($history->cautions ?? [] as $says) {
                $code = "elsewhere-$ask[id]-".\count($out);
                $out[] = ElsewhereWords::caution($code, $history->salon, $says)->toArray();
            }
        }

        return new WarningsView($out);
    }

    /** All that may go along, sealed. */
    public function copy(Actor $actor, string $dog): string
    {
        return $this->file->write($this->reader->of($actor, $this->dog($actor, $dog), array_keys(Parts::WORDS)));
    }

    private function dog(Actor $actor, string $id): Dog
    {
        return $this->scope->get($actor, Dog::class, $id, $this->manager, 'dog');
    }

    /** @param Ask $a */
    private static function ask(array $a, string $salon, string $path): AskView
    {
        return new AskView(
            $a['id'],
            $salon,
            $a['state'],
            $a['asked_at'],
            $a['since'],
            $a['ended_at'],
            $a['parts'],
            $a['seen_on'],
            $path,
        );
    }
}

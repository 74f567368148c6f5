<?php

/** What people may ask for: everything that is kept of their home, or to be forgotten. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Household;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\InOut\SalonFormat;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PrivacyController
{
    public function __construct(
        private HomeRows $rows,
        private Erasure $erasure,
        private Scope $scope,
        private EntityManagerInterface $manager,
        private Commands $commands,
        private ChangeLog $log,
    ) {
    }

    #[Route('/api/homes/{id}/everything', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Everything that is kept of a home, as a file of JSON in the salon\'s open format')]
    public function everything(Actor $actor, string $id): Response
    {
        $home = $this->home($actor, $id);

        $this->noted($actor, null, (string) $home->id, 'everything of a home was given out as a file');

        return self::file('home', $this->rows->of($actor, (string) $home->id));
    }

    #[Route('/api/dogs/{id}/everything', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Everything that is kept of a dog but its people and money, as JSON in the salon\'s open format')]
    public function ofDog(Actor $actor, string $id): Response
    {
        $dog = $this->scope->get($actor, Dog::class, $id, $this->manager, 'dog');

        $this->noted($actor, $dog, $id, 'everything of this dog was given out as a file');

        return self::file('dog', $this->rows->ofDog($actor, (string) $dog->id));
    }

    /** A look that is kept: who took what along can be asked later. */
    private function noted(Actor $actor, ?Dog $dog, string $id, string $what): void
    {
        $this->log->write($actor, [new Entry($dog, 'export', $id, $what)]);
    }

    /** @param array<string, list<array<string, mixed>>> $tables */
    private static function file(string $of, array $tables): Response
    {
        $response = new JsonResponse(
            ['format' => SalonFormat::NAME."/$of", 'version' => SalonFormat::VERSION, 'tables' => $tables],
            200,
            ['Content-Disposition' => "attachment; filename=\"$of.json\"", 'Cache-Control' => 'private, no-store'],
        );

        return $response->setEncodingOptions(\JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    #[Route('/api/homes/{id}/erasure', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('What an erasure of a home takes, what stays and why', gives: ErasureView::class)]
    public function look(Actor $actor, string $id): Response
    {
        return Json::response($this->erasure->of($actor, $this->home($actor, $id)));
    }

    #[Route('/api/homes/{id}/erasure', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Erase who is of a home; the record of the work on its dogs stays', gives: ErasureView::class)]
    public function erase(Actor $actor, string $id, #[FromBody] EraseForm $form, Key $key): Response
    {
        $done = $this->commands->run(new EraseHome($id, $form->asked), $actor, $key);
        $this->manager->clear();

        return Answer::to($done, $this->erasure->of($actor, $this->home($actor, $id)));
    }

    private function home(Actor $actor, string $id): Household
    {
        return $this->scope->get($actor, Household::class, $id, $this->manager, 'home');
    }
}

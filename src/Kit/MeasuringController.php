<?php

/** Measuring a tool: what readings say, what the calliper reads, what a measurement changed. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Device\Calliper;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class MeasuringController
{
    public function __construct(
        private KitReader $kit,
        private Derive $derive,
        private Calliper $calliper,
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/kit/{id}/measurement/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What readings of a tool say together, before they are kept', gives: MeasuredView::class)]
    public function answer(Actor $actor, string $id, #[FromBody] MeasureForm $measure): Response
    {
        $row = $this->kit->row($actor, $id);
        $measured =
            $measure->judge($row['kind'], $row['label'], $row['nominal_um']) ??
            throw InvalidInput::missing('readings_mm', 'at least one reading');

        return Json::response(MeasuredView::of($measured, $this->derive->named($actor, $row)));
    }

    #[Route('/api/kit/{id}/calliper/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What the calliper reads', gives: ReadingView::class)]
    public function read(Actor $actor, string $id, #[FromBody] StrokeForm $stroke): Response
    {
        $row = $this->kit->row($actor, $id);
        $likely = Expected::length($row['kind'], $row['label'], $row['nominal_um'], $stroke->base, $stroke->lay);

        return Json::response(
            new ReadingView($this->calliper->read($row['id'].$row['label'], $likely?->mm() ?? 1.0, $stroke->stroke)),
        );
    }

    #[Route('/api/kit/{id}/measurement', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint(
        'Measure a tool: every card\'s length follows at once, and what changed is found out behind the scenes',
        gives: DerivationView::class,
    )]
    public function measure(
        Actor $actor,
        string $id,
        #[FromBody] MeasureForm $measure,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new MeasureTool($id, $version, $measure), $actor, $key);
        $this->kit->reset();

        return Answer::to($done, $this->view($actor, $done->id('derivation')));
    }

    #[Route('/api/kit/derivations/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What a measurement changed, as far as that is known', gives: DerivationView::class)]
    public function derivation(Actor $actor, string $id): Response
    {
        return Json::response($this->view($actor, $id));
    }

    private function view(Actor $actor, string $id): DerivationView
    {
        return $this->derive->view(
            $actor,
            $this->scope->get($actor, Derivation::class, $id, $this->manager, 'measurement'),
        );
    }
}

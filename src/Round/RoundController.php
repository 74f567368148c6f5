<?php

/** The van's round: its day, how it is set up, where homes are, roads that are shut, the times that are told. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Book\HomeReader;
use KeenThistle\Book\HomeView;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class RoundController
{
    public function __construct(
        private RoundReader $rounds,
        private HomeReader $homes,
        private Commands $commands,
        private Scope $scope,
    ) {
    }

    #[Route('/api/round', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A van’s day: the order of its homes that costs least, with times, water, power, and what breaks it',
        gives: RoundView::class,
        query: [
            'on' => 'the day, today by default',
            'van' => 'its id; one’s own or the first by default',
            'order' => 'ids of homes with a comma between them: what that order costs and breaks',
            'afresh' => '1: as if no owner had been told a time',
            'behind' => 'minutes that it is behind, today',
            'water' => 'litres left, as somebody saw',
            'power' => 'minutes of power left, as somebody saw',
            'dog' => 'id of one that might be fitted in',
            'kind' => 'of that visit, a full groom by default',
        ],
    ),]
    public function round(Actor $actor, Request $request): Response
    {
        $on = $request->query->getString('on');
        $day = '' === $on ? $this->scope->today($actor) : Shape::date()->read($on, 'on');
        \assert($day instanceof \DateTimeImmutable);
        $asked = RoundAsked::of(array_filter($request->query->all(), is_string(...)));

        return Json::response($this->rounds->of($actor, $day, $request->query->getString('van'), $asked));
    }

    #[Route('/api/vans/{id}', methods: ['PUT'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Say what a van holds and how its day goes', gives: RoundView::class)]
    public function setUp(
        Actor $actor,
        string $id,
        #[FromBody] VanForm $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new SetUpVan($id, $version, $form), $actor, $key);

        return Answer::to($done, $this->today($actor, $id));
    }

    #[Route('/api/homes/{id}/spot', methods: ['PUT'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('Say where the van finds a home, and whether it may take water and power there', gives: HomeView::class)]
    public function putOnMap(
        Actor $actor,
        string $id,
        #[FromBody] HomeSpotForm $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new PutHomeOnMap($id, $version, $form), $actor, $key);

        return Answer::to($done, $this->homes->of($actor, $id));
    }

    #[Route('/api/roads/shut', methods: ['POST'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('A road is shut on a day', status: 201)]
    public function shut(Actor $actor, #[FromBody] ShutForm $form, Key $key): Response
    {
        return Answer::to($this->commands->run(new ShutRoad($form), $actor, $key), new \stdClass(), 201);
    }

    #[Route('/api/roads/shut/{id}', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('It is open after all')]
    public function open(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new ShutRoad(null, $id), $actor, $key), new \stdClass());
    }

    #[Route('/api/round/times', methods: ['PUT'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint(
        'Give the stops of a round their times, all or none; owners who hear another one are written to',
        gives: TimesTold::class,
    )]
    public function tell(Actor $actor, #[FromBody] TimesForm $form, Key $key): Response
    {
        $done = $this->commands->run(new TellTimes($form), $actor, $key);
        $written = $done->kept['written'] ?? 0;

        return Answer::to($done, new TimesTold(\is_int($written) ? $written : 0));
    }

    private function today(Actor $actor, string $van): RoundView
    {
        return $this->rounds->of($actor, $this->scope->today($actor), $van, RoundAsked::of([]));
    }
}

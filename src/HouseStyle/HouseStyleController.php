<?php

/** House style: schools, prices, limits. What a school breaks is said before it is kept. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\Example;
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

final readonly class HouseStyleController
{
    public function __construct(private Scope $scope, private Commands $commands)
    {
    }

    #[Route('/api/house', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('House style and settings, with what each school says for itself', gives: HouseStyleView::class)]
    public function read(Actor $actor): Response
    {
        return Json::response(HouseStyleView::of($this->scope->salon($actor)));
    }

    #[Route('/api/house/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What a choice of schools would break, before it is saved', gives: BreaksView::class)]
    public function breaks(#[FromBody] SchoolsForm $form): Response
    {
        try {
            Schools::hold(Schools::chosen($form->schools));
        } catch (InvalidInput $e) {
            return Json::response(new BreaksView($e->all()));
        }

        return Json::response(new BreaksView([]));
    }

    #[Route('/api/house/example/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What the sides of a school do to an example dog', gives: ExampleView::class)]
    public function example(#[FromBody] ExampleForm $form): Response
    {
        return Json::response(ExampleView::of(Example::of($form->point, Schools::chosen($form->schools))));
    }

    #[Route('/api/house', methods: ['PUT'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint(
        'Change house style and settings; 422 names the must that a school breaks',
        gives: HouseStyleView::class,
    ),]
    public function change(Actor $actor, #[FromBody] HouseForm $house, #[FromIfMatch] int $version, Key $key): Response
    {
        $done = $this->commands->run(new ChangeHouse($version, $house), $actor, $key);

        return Answer::to($done, HouseStyleView::of($this->scope->salon($actor)));
    }
}

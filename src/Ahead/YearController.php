<?php

/** The year ahead: as it is booked, as the salon would, as the owner asks; and what another day would do. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Book\Dogs;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class YearController
{
    public function __construct(private YearReader $years, private Dogs $dogs)
    {
    }

    #[Route('/api/dogs/{id}/year', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A dog’s year: its clocks, what is booked, the cheapest visits that keep every clock',
        gives: YearView::class,
        query: ['wish' => 'weeks between full grooms that the owner asks for, 1 to 52'],
    ),]
    public function year(Actor $actor, string $id, Request $request): Response
    {
        $asked = $request->query->getString('wish');
        if ('' !== $asked && 1 !== preg_match('/^([1-9]|[1-4]\d|5[0-2])$/', $asked)) {
            throw InvalidInput::at('wish', 'must be 1 to 52 weeks');
        }
        $wish = '' === $asked ? null : (int) $asked;

        return Json::response($this->years->of($actor, $this->dogs->get($actor, $id), $wish));
    }

    #[Route('/api/dogs/{id}/year/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What visits on these days would do to the clocks; nothing is written', gives: YearCheckView::class)]
    public function answer(Actor $actor, string $id, #[FromBody] YearForm $form): Response
    {
        return Json::response($this->years->check($actor, $this->dogs->get($actor, $id), $form));
    }
}

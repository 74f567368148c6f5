<?php

/** The till: what is to be paid, bills, what goes back, the drawer. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Diary\BookingView;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class TillController
{
    public function __construct(private TillReader $till, private Commands $commands)
    {
    }

    #[Route('/api/places/{id}/till', methods: ['GET'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('The till of a place on a day', gives: TillView::class, query: ['on' => 'the day, today by default'])]
    public function till(Actor $actor, string $id, Request $request): Response
    {
        $on = $request->query->getString('on');
        $day = '' === $on ? null : Shape::date()->read($on, 'on');
        \assert(null === $day || $day instanceof \DateTimeImmutable);

        return Json::response($this->till->view($actor, $id, $day));
    }

    #[Route('/api/arrivals/{id}/bill', methods: ['GET'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('What is to be paid for a dog that is done', gives: DraftView::class)]
    public function ofArrival(Actor $actor, string $id, Drafts $drafts): Response
    {
        return Json::response($this->till->draft($drafts->ofArrival($actor, $id)));
    }

    #[Route('/api/bookings/{id}/bill', methods: ['GET'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('What is to be paid for a visit nobody came to, or as its deposit', gives: DraftView::class)]
    public function ofBooking(Actor $actor, string $id, Drafts $drafts): Response
    {
        return Json::response($this->till->draft($drafts->ofBooking($actor, $id)));
    }

    #[Route('/api/bills/answer', methods: ['POST'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('What a bill comes to while it is typed; nothing is written', gives: SumView::class)]
    public function sum(Actor $actor, #[FromBody] SaleForm $form, OnTop $bill): Response
    {
        return Json::response($bill->sum($actor, $form));
    }

    #[Route('/api/bills', methods: ['POST'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('Settle a bill', gives: SaleView::class, status: 201)]
    public function settle(Actor $actor, #[FromBody] SaleForm $form, Key $key): Response
    {
        $done = $this->commands->run(new SettleBill($form), $actor, $key);

        return Answer::to($done, $this->till->sale($actor, $done->id('sale')), 201);
    }

    #[Route('/api/bills/{id}/back', methods: ['POST'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('Take lines of a bill back, by a bill of their own', gives: SaleView::class, status: 201)]
    public function back(Actor $actor, string $id, #[FromBody] BackForm $form, Key $key): Response
    {
        $done = $this->commands->run(new TakeBillBack($id, $form), $actor, $key);

        return Answer::to($done, $this->till->sale($actor, $done->id('sale')), 201);
    }

    #[Route('/api/bills/{id}/receipt', methods: ['POST'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('Send the owner the link to a receipt', gives: SaleView::class)]
    public function receipt(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new SendReceipt($id), $actor, $key);

        return Answer::to($done, $this->till->sale($actor, $id));
    }

    #[Route('/api/bookings/{id}/charge', methods: ['PUT'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('Let go what house terms ask for a visit', gives: BookingView::class)]
    public function letGo(
        Actor $actor,
        string $id,
        #[FromIfMatch] int $version,
        #[FromBody] LetGoForm $form,
        Key $key,
    ): Response {
        $done = $this->commands->run(new LetGo($id, $version, $form->why), $actor, $key);

        return Answer::to($done, $this->till->booking($actor, $id));
    }

    #[Route('/api/bookings/{id}/deposit', methods: ['DELETE'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('Give back what is still held for a visit', gives: SaleView::class)]
    public function depositBack(Actor $actor, string $id, #[FromBody] DepositBackForm $form, Key $key): Response
    {
        $done = $this->commands->run(new GiveDepositBack($id, $form), $actor, $key);

        return Answer::to($done, $this->till->sale($actor, $done->id('sale')));
    }

    #[Route('/api/drawer', methods: ['POST'])]
    #[IsGranted(May::MONEY)]
    #[Endpoint('Count the drawer of a place', gives: TillView::class)]
    public function count(Actor $actor, #[FromBody] CountForm $form, Key $key): Response
    {
        $done = $this->commands->run(new CountDrawer($form), $actor, $key);

        return Answer::to($done, $this->till->view($actor, $form->place));
    }
}

<?php

/** The page at which an owner answers about a date, by its link; needs no sign-in and no script. */

declare(strict_types=1);

namespace KeenThistle\Confirm;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Owner\Http\OwnerPages;
use KeenThistle\Owner\Secret;
use KeenThistle\Refusal\Refused;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

final readonly class OwnerDateController
{
    private const ANSWERS = ['yes', 'ring', 'move'];
    private const TOLD = 500;

    public function __construct(
        private OwnerDate $dates,
        private Commands $commands,
        private Environment $twig,
        private OwnerPages $pages,
    ) {
    }

    #[Route('/date/{token}', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function page(string $token): Response
    {
        $booking = $this->dates->openedBy($token);

        return null === $booking ? $this->pages->missing() : $this->pages->page($this->html($booking, $token));
    }

    #[Route('/date/{token}', requirements: ['token' => Secret::PATTERN], methods: ['POST'])]
    public function answer(string $token, Request $request): Response
    {
        $booking = $this->dates->openedBy($token);
        if (null === $booking) {
            return $this->pages->missing();
        }
        $answer = $request->request->getString('answer');
        $told = trim($request->request->getString('told'));
        try {
            if (!\in_array($answer, self::ANSWERS, true)) {
                throw Refused::badRequest('Choose one of the buttons.');
            }
            if (mb_strlen($told) > self::TOLD) {
                throw Refused::badRequest('That is too long: at most 500 letters.');
            }
            $this->commands->run(
                new AnswerDate((string) $booking->id, $answer, $told, $request->request->getString('to')),
                $this->dates->actor($booking),
                new Key($request->request->getString('key')),
            );
        } catch (Refused $e) {
            $now = $this->dates->openedBy($token);

            return null === $now
                ? $this->pages->missing()
                : $this->pages->page($this->html($now, $token, $e->getMessage(), $told), 409);
        }

        return new RedirectResponse("/date/$token", 303);
    }

    private function html(Booking $b, string $token, string $wrong = '', string $told = ''): string
    {
        $isBooked = 'booked' === $b->state;
        $why = $isBooked ? $this->dates->whyNotMoved($b) : '';

        return $this->twig->render('date.html.twig', [
            'b' => $b,
            'token' => $token,
            'what' => (Service::tryFrom($b->kind) ?? Service::Full)->words(),
            'terms' => $b->salon->pricesOn($b->day)->terms()->words($b->salon->currency),
            'proof' => $b->proofMissing(),
            'why' => $why,
            'others' => $isBooked && '' === $why ? $this->dates->others($b) : [],
            'key' => bin2hex(random_bytes(16)),
            'wrong' => $wrong,
            'told' => $told,
        ]);
    }
}

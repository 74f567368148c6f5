<?php

/** The page at which an owner says what another salon may see, by its link; needs no sign-in and no script. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Owner\Http\OwnerPages;
use KeenThistle\Owner\Secret;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actors;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

final readonly class OwnerHistoryController
{
    public function __construct(
        private Asks $asks,
        private Actors $actors,
        private Commands $commands,
        private Environment $twig,
        private OwnerPages $pages,
    ) {
    }

    #[Route('/history/{token}', requirements: ['token' => Secret::PATTERN], methods: ['GET'])]
    public function page(string $token): Response
    {
        return $this->show($token, '', 200);
    }

    #[Route('/history/{token}', requirements: ['token' => Secret::PATTERN], methods: ['POST'])]
    public function answer(string $token, Request $request): Response
    {
        $ask = $this->asks->openedBy($token);
        if (null === $ask || null === $ask['from_salon']) {
            return $this->pages->missing();
        }
        $answer = $request->request->getString('answer');
        $parts = 'allow' === $answer ? Parts::of((array) ($request->request->all()['parts'] ?? [])) : [];
        try {
            if (!\in_array($answer, ['allow', 'nothing'], true)) {
                throw Refused::badRequest('Choose one of the buttons.');
            }
            if ('allow' === $answer && [] === $parts) {
                throw Refused::badRequest('Tick what they may see, or choose “Nothing”.');
            }
            $this->commands->run(
                new AnswerHistory($ask['id'], $parts, true),
                $this->actors->inNameOf($ask['from_salon']),
                new Key($request->request->getString('key')),
            );
        } catch (Refused $e) {
            return $this->show($token, $e->getMessage(), 409);
        }

        return new RedirectResponse("/history/$token", 303);
    }

    private function show(string $token, string $wrong, int $status): Response
    {
        $ask = $this->asks->openedBy($token);

        return null === $ask
            ? $this->pages->missing()
            : $this->pages->page(
                $this->twig->render('history.html.twig', [
                    'ask' => $ask,
                    'words' => Parts::WORDS,
                    'token' => $token,
                    'key' => bin2hex(random_bytes(16)),
                    'wrong' => $wrong,
                ]),
                $status,
            );
    }
}

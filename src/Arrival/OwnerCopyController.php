<?php

/** The owner's copy of an agreement, by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Owner\Http\OwnerPages;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class OwnerCopyController
{
    public function __construct(
        private Agreements $agreements,
        private AgreementPaper $paper,
        private OwnerPages $pages,
    ) {
    }

    #[Route('/agreement/{token}', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function page(string $token): Response
    {
        $agreement = $this->agreements->openedBy($token);

        return null === $agreement
            ? $this->pages->missing()
            : $this->pages->page($this->paper->html($agreement, false));
    }

    #[Route('/agreement/{token}.pdf', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $agreement = $this->agreements->openedBy($token);
        if (null === $agreement) {
            return $this->pages->missing();
        }

        return $this->pages->pdf(
            $agreement->id,
            fn (): string => $this->paper->html($agreement, true),
            "agreement-$agreement->number.pdf",
        );
    }
}

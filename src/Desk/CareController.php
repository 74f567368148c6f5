<?php

/** The owner's home-care sheet, by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use KeenThistle\Owner\Http\OwnerPages;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class CareController
{
    public function __construct(
        private CareSheets $sheets,
        private CarePaper $paper,
        private OwnerPages $pages,
    ) {
    }

    #[Route('/care/{token}', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function page(string $token): Response
    {
        $groom = $this->sheets->openedBy($token);

        return null === $groom ? $this->pages->missing() : $this->pages->page($this->paper->html($groom, false));
    }

    #[Route('/care/{token}.pdf', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $groom = $this->sheets->openedBy($token);

        return null === $groom
            ? $this->pages->missing()
            : $this->pages->pdf($groom->id, fn (): string => $this->paper->html($groom, true), 'home-care.pdf');
    }
}

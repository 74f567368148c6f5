<?php

/** The owner's copy of an agreement, by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Zone\Zone;
use KeenThistle\Owner\Http\OwnerPages;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

final readonly class OwnerCopyController
{
    public function __construct(
        private Agreements $agreements,
        private Environment $twig,
        private Seal $seal,
        private OwnerPages $pages,
    ) {
    }

    #[Route('/agreement/{token}', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function page(string $token): Response
    {
        $agreement = $this->agreements->openedBy($token);

        return null === $agreement ? $this->pages->missing() : $this->pages->page($this->html($agreement, false));
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
            fn (): string => $this->html($agreement, true),
            "agreement-$agreement->number.pdf",
        );
    }

    private function html(Agreement $a, bool $print): string
    {
        $terms = json_decode($a->terms, true);
        $terms = \is_array($terms) ? $terms : [];
        foreach (\is_array($terms['zones'] ?? null) ? $terms['zones'] : [] as $i => $z) {
            if (\is_array($z) && \is_string($z['zone'] ?? null) && \is_array($terms['zones'])) {
                $terms['zones'][$i] = $z + ['label' => Zone::of($z['zone'])->label];
            }
        }
        $signature =
            '<svg xmlns="http://www.w3.org/2000/svg" width="600" height="200" viewBox="0 0 600 200"><path d="'.
            $a->signature.
            '" fill="none" stroke="#241c26" stroke-width="3"/></svg>';

        return $this->twig->render('agreement.html.twig', [
            'a' => $a,
            'terms' => $terms,
            'print' => $print,
            'intact' => $this->seal->holds($this->agreements->chain($a)),
            'signature' => '' === $a->signature ? null : 'data:image/svg+xml;base64,'.base64_encode($signature),
        ]);
    }
}

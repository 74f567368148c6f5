<?php

/** The owner's copy of an agreement, by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Owner\OwnerPages;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

final readonly class OwnerCopyController
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Environment $twig,
        private Seal $seal,
        private OwnerPages $pages,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/agreement/{token}', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function page(string $token): Response
    {
        $agreement = $this->find($token);

        return null === $agreement ? $this->pages->missing() : $this->pages->page($this->html($agreement, false));
    }

    #[Route('/agreement/{token}.pdf', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $agreement = $this->find($token);
        if (null === $agreement) {
            return $this->pages->missing();
        }

        return $this->pages->pdf(
            $agreement->id,
            fn (): string => $this->html($agreement, true),
            "agreement-$agreement->number.pdf",
        );
    }

    private function find(string $token): ?Agreement
    {
        $found = $this->manager
            ->createQuery(
                'SELECT a, r, d, s FROM '.
                    Agreement::class.
                    ' a JOIN a.arrival r JOIN r.dog d JOIN a.staff s WHERE a.token = :token',
            )
            ->setParameter('token', $token)
            ->getOneOrNullResult();

        return $found instanceof Agreement && OwnerLink::isOpen($found->linkUntil, $this->clock->now()) ? $found : null;
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
        $chain = $this->manager
            ->createQuery('SELECT a FROM '.Agreement::class.' a WHERE a.arrival = :arrival ORDER BY a.number')
            ->setParameter('arrival', $a->arrival->id, 'uuid')
            ->getResult();
        $signature =
            '<svg xmlns="http://www.w3.org/2000/svg" width="600" height="200" viewBox="0 0 600 200"><path d="'.
            $a->signature.
            '" fill="none" stroke="#241c26" stroke-width="3"/></svg>';

        return $this->twig->render('agreement.html.twig', [
            'a' => $a,
            'terms' => $terms,
            'print' => $print,
            'intact' => \is_array($chain)
                && $this->seal->holds(
                    array_values(array_filter($chain, static fn (mixed $one): bool => $one instanceof Agreement)),
                ),
            'signature' => '' === $a->signature ? null : 'data:image/svg+xml;base64,'.base64_encode($signature),
        ]);
    }
}

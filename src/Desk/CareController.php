<?php

/** The owner's home-care sheet, by its link, as a page or a PDF; needs no sign-in. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Owner\OwnerPages;
use KeenThistle\Table\Groom;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

final readonly class CareController
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Environment $twig,
        private OwnerPages $pages,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/care/{token}', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function page(string $token): Response
    {
        $groom = $this->find($token);

        return null === $groom ? $this->pages->missing() : $this->pages->page($this->html($groom, false));
    }

    #[Route('/care/{token}.pdf', requirements: ['token' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function pdf(string $token): Response
    {
        $groom = $this->find($token);

        return null === $groom
            ? $this->pages->missing()
            : $this->pages->pdf($groom->id, fn (): string => $this->html($groom, true), 'home-care.pdf');
    }

    private function find(string $token): ?Groom
    {
        $found = $this->manager
            ->createQuery(
                'SELECT g, d, a, s FROM '.
                    Groom::class.
                    ' g JOIN g.dog d JOIN g.arrival a JOIN g.salon s WHERE g.careToken = :token',
            )
            ->setParameter('token', $token)
            ->getOneOrNullResult();

        return $found instanceof Groom && OwnerLink::isOpen($found->linkUntil, $this->clock->now()) ? $found : null;
    }

    private function html(Groom $groom, bool $print): string
    {
        return $this->twig->render('care.html.twig', [
            'g' => $groom,
            'sections' => $groom->care['sections'] ?? [],
            'print' => $print,
        ]);
    }
}

<?php

/** Pages that an owner opens by a link, without signing in: as a page, as a PDF, or missing. */

declare(strict_types=1);

namespace KeenThistle\Owner\Http;

use Doctrine\DBAL\Connection;
use KeenThistle\Owner\Pdf;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Uid\Uuid;
use Twig\Environment;

final readonly class OwnerPages
{
    public function __construct(private Environment $twig, private Connection $db, private ClockInterface $clock)
    {
    }

    public function page(string $html, int $status = 200): Response
    {
        return self::private(new Response($html, $status));
    }

    /**
     * Made once and kept: making one takes a second of a worker's time.
     *
     * @param callable(): string $html
     */
    public function pdf(Uuid $id, callable $html, string $name): Response
    {
        $kept = $this->db->fetchOne('SELECT pdf FROM owner_pdf WHERE id = ?', [$id->toBinary()]);
        if (!\is_string($kept)) {
            $kept = Pdf::of($html());
            $this->db->executeStatement(
                'INSERT INTO owner_pdf (id, pdf, made_at) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE made_at = made_at',
                [$id->toBinary(), $kept, $this->clock->now()->format('Y-m-d H:i:s')],
            );
        }

        return self::private(
            new Response($kept, 200, [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => "inline; filename=\"$name\"",
            ]),
        );
    }

    public function missing(): Response
    {
        return new Response($this->twig->render('owner_missing.html.twig'), 404);
    }

    /** Neither kept by others nor found by search. */
    private static function private(Response $response): Response
    {
        $response->headers->set('Cache-Control', 'private, no-store');
        $response->headers->set('X-Robots-Tag', 'noindex');

        return $response;
    }
}
